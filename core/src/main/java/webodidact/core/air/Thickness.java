package webodidact.core.air;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Risk;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/** How thick what is cooked is, in millimetres: as the words have it, else as pieces of such a food usually are. */
final class Thickness {
    /** Of a bun, or of what nobody knows. */
    private static final int USUAL = 25;

    private static final int LEAST = 5;
    private static final int MOST = 150;
    private static final Pattern SAID = Pattern.compile(
            "(\\d{1,3}(?:[.,]\\d)?) ?(mm|millimetres?|cm|centimetres?|in|inch(?:es)?)[- ](?:thick|deep|high)\\b",
            Pattern.CASE_INSENSITIVE);

    private Thickness() {}

    static int of(Step step, Lesson lesson, Knowledge knowledge) {
        var lines = step.uses().stream()
                .flatMap(u -> lesson.food(u.line()).stream())
                .toList();
        for (var line : lines) {
            int said = said(List.of(line.described(), line.note()));
            if (said > 0) return said;
        }
        int said = said(List.of(step.say(), step.doing()));
        if (said > 0) return said;
        return lines.stream()
                .flatMap(l -> knowledge.food(l.cooked()).stream())
                .filter(f -> f.risk().soilsHands())
                .mapToInt(f -> usual(f.risk()))
                .max()
                .orElse(USUAL);
    }

    /** Estimates of ours: a breast, a chop or small joint, a patty, a fillet. */
    private static int usual(Risk risk) {
        return switch (risk) {
            case RAW_POULTRY -> 30;
            case RAW_MEAT -> 40;
            case RAW_MINCE -> 20;
            default -> USUAL;
        };
    }

    private static int said(List<String> texts) {
        for (var text : texts) {
            var m = SAID.matcher(text);
            if (!m.find()) continue;
            var figure = Ratio.parseDecimal(m.group(1).replace(',', '.'));
            var unit = m.group(2).toLowerCase(Locale.ROOT);
            var one = unit.startsWith("m") ? Ratio.ONE : unit.startsWith("c") ? Ratio.of(10) : Ratio.of(254, 10);
            return (int) Math.clamp(figure.times(one).nearest(), LEAST, MOST);
        }
        return 0;
    }
}
