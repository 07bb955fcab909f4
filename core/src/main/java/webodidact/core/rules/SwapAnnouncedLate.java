package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.swap.Accepting;

/** A stand-in that homes hear of after the step that would have needed it. */
final class SwapAnnouncedLate implements Check {
    @Override
    public String id() {
        return "swap-announced-late";
    }

    @Override
    public String summary() {
        return "A stand-in is announced before the step that uses it";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().foods().stream().allMatch(f -> f.mentioned().isEmpty())) return Stream.empty();
        return SubstitutionSheet.of(s.lesson(), s.course(), s.knowledge()).entries().stream().filter(SubstitutionSheet.Entry::isLate).map(e -> finding(s, e));
    }

    private Finding finding(Situation s, SubstitutionSheet.Entry entry) {
        var name = entry.offer().title();
        int into = sayIn(s.lesson(), entry.announceBy());
        var what = entry.saidIn() == 0 ? "“" + name + "” for " + entry.item() + " is never said; step " + entry.announceBy() + " needs it."
                : "“" + name + "” for " + entry.item() + " is said in step " + entry.saidIn() + ", after step " + entry.announceBy() + " has used it.";
        return new Finding(severity(), id(), entry.line() + "/" + entry.offer().food().id(), entry.announceBy(), what, "By then the home without has stopped.",
                java.util.List.of(new Mend("Say it in step " + into, l -> said(l, into - 1, entry.offer().rule().words(), name)),
                        new Mend("Do not announce it", l -> Accepting.mention(l, entry.line(), entry.offer().food().id(), false))));
    }

    /** The gather check if it comes first, else the step itself. */
    private static int sayIn(Lesson lesson, int by) {
        for (int i = 0; i < by; i++) if (lesson.steps().get(i).kind() == Kind.RUN_THROUGH) return i + 1;
        return by;
    }

    private static Lesson said(Lesson lesson, int at, String words, String name) {
        var named = words.toLowerCase(java.util.Locale.ROOT).contains(name.toLowerCase(java.util.Locale.ROOT)) ? words : "Or " + name + ". " + words;
        var step = lesson.steps().get(at);
        return lesson.withStep(step.id(), x -> x.but(d -> d.say = x.say().isBlank() ? named : x.say().strip() + " " + named));
    }
}
