package webodidact.core.words;

/** How many words a text has when read aloud; figures count as they are spoken: 180 is "one hundred and eighty". */
public final class SpokenWords {
    private SpokenWords() {}

    public static int count(CharSequence text) {
        int words = 0;
        boolean inWord = false;
        int i = 0;
        while (i < text.length()) {
            char c = text.charAt(i);
            if (Character.isDigit(c)) {
                int start = i;
                while (i < text.length() && Character.isDigit(text.charAt(i))) i++;
                words += ofNumber(text.subSequence(start, i).toString());
                inWord = false;
                continue;
            }
            if ("½¼¾⅓⅔⅛".indexOf(c) >= 0) {
                words += c == '½' || c == '⅛' ? 1 : 2;
                inWord = false;
            } else if (c == '%' || c == '&' || c == '°') {
                words++;
                inWord = false;
            } else if (Character.isLetter(c)) {
                if (!inWord) words++;
                inWord = true;
            } else if (c != '\'' && c != '’') {
                inWord = false;
            }
            i++;
        }
        return words;
    }

    /** Words in a whole number: 7 has one, 42 two, 180 four ("and" is spoken), 2500 four. */
    static int ofNumber(String digits) {
        if (digits.length() > 6) return digits.length();
        int n = Integer.parseInt(digits);
        if (n >= 1000)
            return below1000(n / 1000) + 1 + (n % 1000 == 0 ? 0 : (n % 1000 < 100 ? 1 : 0) + below1000(n % 1000));
        return below1000(n);
    }

    private static int below1000(int n) {
        if (n >= 100) return 2 + (n % 100 == 0 ? 0 : 1 + below100(n % 100));
        return below100(n);
    }

    private static int below100(int n) {
        return n <= 20 || n % 10 == 0 ? 1 : 2;
    }
}
