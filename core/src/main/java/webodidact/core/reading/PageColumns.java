package webodidact.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Two lists side by side, parted by spaces or a tab, are two lists one after the other. */
final class PageColumns {
    private static final Pattern TWO = Pattern.compile("^\\s*(\\S.*?)(?:\\s{3,}|\\t+)(\\S.*)$");
    /** "Oats      100 g" is one line of one list. */
    private static final Pattern ONLY_AMOUNT = Pattern.compile("[\\d½¼¾⅓⅔⅛.,/–x× -]+\\s*\\p{L}{0,8}\\.?");

    private static final Pattern AMOUNT = Pattern.compile("^[-•*\\s]*[\\d½¼¾⅓⅔⅛].*\\p{L}{3}.*");

    private PageColumns() {}

    static List<String> inTurn(List<String> page) {
        var all = new ArrayList<String>();
        for (int i = 0; i < page.size(); ) {
            int end = i;
            while (end < page.size() && TWO.matcher(page.get(end)).matches()) end++;
            if (end - i > 1 && isTwoLists(page.subList(i, end))) {
                for (int column = 1; column <= 2; column++) {
                    all.add("");
                    for (var line : page.subList(i, end)) all.add(cell(line, column));
                }
                all.add("");
                i = end;
            } else {
                all.add(page.get(i++));
            }
        }
        return all;
    }

    /** Amounts begin the cells of both sides. */
    private static boolean isTwoLists(List<String> lines) {
        long both = lines.stream()
                .filter(l -> AMOUNT.matcher(cell(l, 1)).matches()
                        && AMOUNT.matcher(cell(l, 2)).matches())
                .filter(l -> !ONLY_AMOUNT.matcher(cell(l, 2)).matches())
                .count();
        return both * 2 >= lines.size();
    }

    private static String cell(String line, int column) {
        var m = TWO.matcher(line);
        return m.matches() ? m.group(column).strip() : line;
    }
}
