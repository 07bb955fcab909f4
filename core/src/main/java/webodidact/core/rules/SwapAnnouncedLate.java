package webodidact.core.rules;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.swap.Accepting;
import webodidact.core.swap.Swaps;

/** A stand-in that homes hear of after the step that would have needed it. */
final class SwapAnnouncedLate implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        var named = Stream.of(said(s), announced(s), without(s)).flatMap(f -> f).toList();
        return named.isEmpty() ? owned(s) : named.stream();
    }

    /** "If you're off dairy use oil, I should have said that": the instructor says herself that it is late. */
    private static final Phrase OWNED = Phrase.of(
            "(?:if you|swap|instead|those of you|anyone)\\b[^.!?]{0,90}\\b(?:should(?:'ve| have|a) (?:said|told|mentioned)|(?:forgot|meant) to (?:say|tell|mention))");

    private Stream<Finding> owned(Situation s) {
        return Told.oncePerStep(s.told().all(OWNED))
                .filter(x -> x.step().kind() != Kind.WELCOME && x.step().kind() != Kind.RUN_THROUGH)
                .map(x -> at(s, x.step().id(), x.words()).as("owned"));
    }

    /** "If you have no milk you could have used oat milk": told after the step that took it. */
    private Stream<Finding> said(Situation s) {
        var told = new HashSet<String>();
        return s.lesson().steps().stream()
                .flatMap(step -> s.mentions().get(step.id()).stream()
                        .filter(m -> m.kind() == Mentions.Kind.STAND_IN)
                        .flatMap(m -> late(s, step, m).stream()))
                .filter(f -> told.add(f.where()));
    }

    /** The line it is said for; where the words name none, the only one of the list that it is known to stand in for. */
    private static Optional<FoodLine> instead(Situation s, Mentions.Mention m) {
        if (!m.right().isEmpty()) return s.lesson().food(m.right());
        var lines = s.lesson().foods().stream()
                .filter(l ->
                        s.food(l).filter(f -> Swaps.standsIn(m.id(), f.id())).isPresent())
                .toList();
        return lines.size() == 1 ? Optional.of(lines.getFirst()) : Optional.empty();
    }

    private Optional<Finding> late(Situation s, Step step, Mentions.Mention m) {
        var line = instead(s, m);
        int used = line.map(l -> firstUse(s, l)).orElse(0);
        boolean before = s.lesson().steps().subList(0, Math.max(0, used)).stream()
                .anyMatch(x -> s.mentions().get(x.id()).stream()
                        .anyMatch(o -> o.kind() == Mentions.Kind.STAND_IN
                                && (o.right().equals(line.get().id()) || o.id().equals(m.id()))));
        if (line.isEmpty() || used == 0 || used >= s.number(step) || before || LEFT_OVER.isIn(step.say()))
            return Optional.empty();
        return Optional.of(about(
                        new About.OfOffer(line.get().id(), m.id()),
                        s.number(step),
                        m.words(),
                        line.get().item(),
                        used,
                        s.number(step))
                .as("late")
                .alsoIn(List.of(used, s.number(step))));
    }

    /** "If you can't have dairy use a dairy-free yoghurt", after the yoghurt went in: the same food, of another make. */
    private static final Phrase OF_ANOTHER_MAKE = Phrase.of(
            "if (?:you|anyone|somebody|someone)\\b[^.!?]{0,60}\\b(?:use|take|get|go for|have) (?:an? |some |the |your )?(?:dairy|gluten|lactose|milk|egg|wheat|nut)[- ]free (?:\\p{L}+ ?){1,2}");

    private Stream<Finding> without(Situation s) {
        return Told.oncePerStep(s.told().all(OF_ANOTHER_MAKE))
                .flatMap(x -> s.lesson().foods().stream()
                        .filter(line -> Content.of(line.item()).stream().anyMatch(Content.of(x.words())::contains))
                        .filter(line -> firstUse(s, line) > 0 && firstUse(s, line) < x.number())
                        .limit(1)
                        .map(line -> at(s, x.step().id(), x.words().strip()).as("owned")));
    }

    /** Number of the step that takes it first, 0 where none does. */
    private static int firstUse(Situation s, FoodLine line) {
        return s.lesson().steps().stream()
                .filter(x -> x.usesLine(line.id()))
                .findFirst()
                .map(s::number)
                .orElse(0);
    }

    private static final Phrase LEFT_OVER = Phrase.of("next (?:time|week)", "left[- ]?over");

    private Stream<Finding> announced(Situation s) {
        if (s.lesson().foods().stream().allMatch(f -> f.mentioned().isEmpty())) return Stream.empty();
        return s.answers().substitutions().entries().stream()
                .filter(SubstitutionSheet.Entry::isLate)
                .filter(e -> said(s).noneMatch(f -> f.where().startsWith(e.line() + "/")))
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
                .alsoIn(entry.saidIn() == 0 ? List.of() : List.of(entry.announceBy(), entry.saidIn()))
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
