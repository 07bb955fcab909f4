package webodidact.core.reading;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;

/**
 * A line that names several foods: "salt and pepper", "1 tsp each cumin and turmeric", "1 onion and 2 carrots". It is only taken apart
 * where each part is a food for sure or has an amount of its own; "macaroni and cheese" and "sage and onion stuffing" stay whole.
 */
final class ManyFoods {
    private static final Pattern EACH =
            Pattern.compile("^(.*?\\S)\\s+each\\b(?:\\s+of)?\\s*[,:]?\\s+(?:of\\s+)?(.+)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern AND =
            Pattern.compile("\\s+(?:and|plus|with)\\s+|\\s*[&+]\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern AND_OR_COMMA =
            Pattern.compile("\\s*,\\s*(?:and\\s+)?|\\s+(?:and|plus)\\s+|\\s*[&+]\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern TASTE = Pattern.compile(
            "[,;]?\\s*\\b(?:or )?(?:to taste|to season|as needed|to serve)\\b\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern LONE_PEPPER =
            Pattern.compile("(?:(?:freshly|ground|cracked|milled)\\s+)*pepper", Pattern.CASE_INSENSITIVE);

    /** More foods stand in no line that anybody reads. */
    private static final int MOST = 20;

    private final LineReader reader;
    private final Knowledge knowledge;

    ManyFoods(LineReader reader, Knowledge knowledge) {
        this.reader = reader;
        this.knowledge = knowledge;
    }

    List<ReadLine> read(String line) {
        var whole = reader.read(line);
        // A comma alone tells what is done to one food far more often than it parts two.
        if (!mayBeMany(line)) return List.of(whole);
        return each(line)
                .or(() -> parted(line, AND_OR_COMMA, whole))
                .or(() -> parted(line, AND, whole))
                .orElse(List.of(whole));
    }

    private static boolean mayBeMany(String line) {
        var lower = line.toLowerCase(Locale.ROOT);
        return lower.contains(" and ")
                || lower.contains("&")
                || lower.contains(" plus ")
                || lower.contains("+")
                || lower.contains(" each ");
    }

    private Optional<List<ReadLine>> each(String line) {
        var m = EACH.matcher(line.strip());
        if (!m.matches()) return Optional.empty();
        var start = AmountReader.start(m.group(1).replaceFirst("^[-–—*•·▢☐□■]\\s+", ""));
        if (start.isEmpty()) return Optional.empty();
        var parts = new ArrayList<String>();
        for (var part : AND_OR_COMMA.split(m.group(2))) parts.add(m.group(1) + " " + part);
        return parts.size() < 2 || parts.size() > MOST ? Optional.empty() : Optional.of(all(line, parts, ""));
    }

    private Optional<List<ReadLine>> parted(String line, Pattern by, ReadLine whole) {
        var taste = TASTE.matcher(line);
        var ending = taste.find() ? line.substring(taste.start()) : "";
        var parts = List.of(
                by.split(line.substring(0, line.length() - ending.length()).strip()));
        if (parts.size() < 2 || parts.size() > MOST) return Optional.empty();
        // A food whose own name has an "and" in it is one.
        if (whole.food() != null && whole.form().isEmpty() && whole.note().isEmpty()) return Optional.empty();
        boolean first = true;
        for (var part : parts) {
            if (part.isBlank() || !isOne(part, first)) return Optional.empty();
            first = false;
        }
        var all = all(line, parts, ending);
        // "Rice and peas" is a dish; two things to season with are two.
        boolean dish = all.size() == 2
                && all.stream().allMatch(r -> r.amount() == null)
                && !all.stream().allMatch(this::isSeasoning);
        return dish ? Optional.empty() : Optional.of(all);
    }

    private boolean isSeasoning(ReadLine line) {
        var seasonings = EnumSet.of(Group.SEASONING, Group.HERB, Group.ACID, Group.FAT, Group.SAUCE, Group.SUGAR);
        return knowledge
                .food(line.food())
                .filter(f -> seasonings.contains(f.group()))
                .isPresent();
    }

    /** A food for sure; behind the first, one with an amount of its own may also be asked about. */
    private boolean isOne(String part, boolean first) {
        if (LONE_PEPPER.matcher(part.strip()).matches()) return !first;
        var read = reader.read(part);
        if (read.item().isEmpty()) return false;
        return read.food() != null && !read.form().contains(read.item())
                || !first
                        && read.amount() != null
                        && !knowledge.nearest(read.item(), 1).isEmpty();
    }

    private List<ReadLine> all(String line, List<String> parts, String ending) {
        var all = new ArrayList<ReadLine>();
        for (var part : parts) {
            boolean besideSalt =
                    !all.isEmpty() && LONE_PEPPER.matcher(part.strip()).matches();
            var read = reader.read(
                    besideSalt ? part.strip().replaceFirst("(?i)pepper$", "black pepper") + ending : part + ending);
            all.add(read.of(line));
        }
        return List.copyOf(all);
    }
}
