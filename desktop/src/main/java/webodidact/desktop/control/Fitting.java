package webodidact.desktop.control;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** As many whole words of a text as there is room for: half a word says less than none. */
final class Fitting {
    private record Asked(String text, Font font) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Asked(var t, var f) && t.equals(text) && f.equals(font);
        }

        @Override
        public int hashCode() {
            return Objects.hash(text, font.getName(), font.getSize());
        }
    }

    /** Words measured before; on the interface thread alone. */
    private static final Map<Asked, Double> WIDTHS = new HashMap<>();

    private static final int MOST = 5000;

    private Fitting() {}

    /** @param room pixels; "" where not even the first word fits */
    static String words(String text, Font font, double room) {
        if (room < 6 || text.isEmpty()) return "";
        if (width(text, font) <= room) return text;
        int end = text.lastIndexOf(' ');
        while (end > 0) {
            var part = text.substring(0, end).strip();
            if (width(part, font) <= room) return ended(part);
            end = text.lastIndexOf(' ', end - 1);
        }
        return "";
    }

    /** "Over the" leaves one waiting: little words at the end go. */
    private static String ended(String part) {
        var text = part.replaceFirst("[,;:·–→]+$", "").strip();
        while (true) {
            int space = text.lastIndexOf(' ');
            if (space < 0 || !LITTLE.contains(text.substring(space + 1).toLowerCase(Locale.ROOT))) return text;
            text = text.substring(0, space).replaceFirst("[,;:·–→]+$", "").strip();
        }
    }

    private static final Set<String> LITTLE =
            Set.of("the", "a", "an", "and", "of", "in", "on", "to", "for", "with", "over", "at", "by", "or", "from");

    private static double width(String text, Font font) {
        if (WIDTHS.size() > MOST) WIDTHS.clear();
        return WIDTHS.computeIfAbsent(new Asked(text, font), Fitting::measured);
    }

    private static double measured(Asked asked) {
        var text = new Text(asked.text());
        text.setFont(asked.font());
        return Math.ceil(text.getLayoutBounds().getWidth());
    }
}
