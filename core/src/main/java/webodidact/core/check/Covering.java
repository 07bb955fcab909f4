package webodidact.core.check;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.CRC32;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/** Whether a finding is covered: by its check, its place, and what stood there when it was covered. It comes back when that changes. */
public final class Covering {
    private Covering() {}

    /** The cover that holds for it now. */
    public static Optional<Accepted> of(Finding f, Lesson lesson) {
        return lesson.accepted().stream()
                .filter(a -> a.check().equals(f.check()) && a.where().equals(f.where()))
                .filter(a -> a.stood().isEmpty() || a.stood().equals(stands(f, lesson)))
                .findFirst();
    }

    /** What stands there now, as a short sum: all that its steps and foods say and do, and what the finding says. */
    public static String stands(Finding f, Lesson lesson) {
        var all = new StringBuilder(f.form());
        for (int number : f.steps())
            if (number <= lesson.steps().size()) add(all, lesson.steps().get(number - 1));
        for (var food : f.concerns().foods())
            lesson.food(food)
                    .ifPresent(l -> all.append('|')
                            .append(l.described())
                            .append(l.cooked())
                            .append(l.amount() == null ? "" : l.amount()));
        if (f.steps().isEmpty()) all.append(f.args());
        var sum = new CRC32();
        sum.update(all.toString().getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue());
    }

    private static void add(StringBuilder all, Step step) {
        all.append('|')
                .append(step.say())
                .append(step.doing())
                .append(step.place())
                .append(step.acts())
                .append(step.hands().text())
                .append(step.who());
        if (step.waiting() != null)
            all.append(step.waiting().time().text()).append(step.waiting().cue());
        step.uses().forEach(u -> all.append(u.line()).append(u.amount() == null ? "" : u.amount()));
    }
}
