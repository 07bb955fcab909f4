package webodidact.core.rules;

import java.util.Locale;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.swap.Accepting;

/** A stand-in that homes hear of after the step that would have needed it. */
final class SwapAnnouncedLate implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().foods().stream().allMatch(f -> f.mentioned().isEmpty())) return Stream.empty();
        return s.answers().substitutions().entries().stream()
                .filter(SubstitutionSheet.Entry::isLate)
                .map(e -> finding(s, e));
    }

    private Finding finding(Situation s, SubstitutionSheet.Entry entry) {
        var name = entry.offer().title();
        int into = sayIn(s.lesson(), entry.announceBy());
        return about(
                        new About.OfOffer(entry.line(), entry.mentioned()),
                        entry.announceBy(),
                        name,
                        entry.item(),
                        entry.announceBy(),
                        entry.saidIn())
                .as(entry.saidIn() == 0 ? "never" : "late")
                .mending(
                        mend("say", l -> said(l, into - 1, entry.offer().rule().words(), name), into),
                        mend("not", l -> Accepting.mention(l, entry.line(), entry.mentioned(), false)));
    }

    /** The gather check if it comes first, else the step itself. */
    private static int sayIn(Lesson lesson, int by) {
        for (int i = 0; i < by; i++) if (lesson.steps().get(i).kind() == Kind.RUN_THROUGH) return i + 1;
        return by;
    }

    private static Lesson said(Lesson lesson, int at, String words, String name) {
        var named = words.toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT))
                ? words
                : "Or " + name + ". " + words;
        var step = lesson.steps().get(at);
        return Operations.sayAlso(step.id(), named).apply(lesson);
    }
}
