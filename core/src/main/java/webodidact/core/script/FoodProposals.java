package webodidact.core.script;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;

/** What a text says about the list: what its step takes, how much of it, and what may stand in for it. */
final class FoodProposals {
    private FoodProposals() {}

    /** "Potatoes: peel, cut into halves": a title that is a food of the list is what the first deed without one is done to. */
    static void addOfTitle(
            Step step, Mentions finder, Lesson lesson, Knowledge knowledge, Map<String, Suggestion> all) {
        if (step.kind() != Kind.HANDS_ON) return;
        var named = finder.in(step.title());
        if (named.size() != 1
                || named.getFirst().kind() != Mentions.Kind.LISTED
                || named.getFirst().start() > 0
                || named.getFirst().end() < step.title().strip().length()) return;
        var line = lesson.food(named.getFirst().id()).orElseThrow();
        if (step.usesLine(line.id())
                || all.containsKey("use/" + line.id())
                || Stream.of(step.say(), step.doing())
                        .anyMatch(t -> finder.in(t).stream().anyMatch(m -> m.id().equals(line.id())))
                || Stream.of(step.say(), step.doing()).noneMatch(t -> isDoneToTitle(t, finder, knowledge))) return;
        Suggestions.add(
                all,
                Suggestion.Kind.USE,
                line.id(),
                line.item(),
                s -> s.usesLine(line.id())
                        ? s
                        : s.but(d -> d.uses = Stream.concat(s.uses().stream(), Stream.of(new Use(line.id(), null)))
                                .toList()));
    }

    /** A sentence begins with what hands or heat do to food, and names none. */
    private static boolean isDoneToTitle(String text, Mentions finder, Knowledge knowledge) {
        var asides = Asides.of(text);
        var foods = finder.in(text).stream()
                .filter(m -> m.kind() != Mentions.Kind.TOOL)
                .toList();
        return knowledge.actionsIn(text).stream()
                .filter(a -> !asides.covers(a.start())
                        && (a.action().byHand() || !a.action().waits().isEmpty())
                        && HeatWords.sentenceBefore(text, a.start(), REACH).isBlank())
                .anyMatch(a -> {
                    int end = a.start()
                            + HeatWords.sentenceAround(text, a.start()).length();
                    return foods.stream().noneMatch(m -> m.start() >= a.start() && m.start() < end);
                });
    }

    /** Letters of a sentence that are looked back over. */
    private static final int REACH = 120;

    static void add(
            Step step,
            String text,
            List<Mentions.Mention> mentions,
            Lesson lesson,
            Set<String> drawn,
            Map<String, Suggestion> all) {
        var scale = Scaling.forHome(lesson);
        for (var use : FoodWords.uses(text, mentions, lesson, drawn)) {
            var line = lesson.food(use.line()).orElseThrow();
            var shown = use.amount() == null ? "" : AmountText.of(use.amount().times(scale)) + " ";
            if (!step.usesLine(line.id())) {
                var words = use.rest() ? Words.OURS.say("rest", line.item()) : shown + line.item();
                var key = "use/" + line.id();
                UnaryOperator<Lesson> beyond =
                        use.prepared() ? l -> FoodWords.again(l, step.id(), line.id()) : UnaryOperator.identity();
                all.putIfAbsent(
                        key,
                        new Suggestion(
                                Suggestion.Kind.USE,
                                key,
                                words,
                                s -> s.usesLine(line.id())
                                        ? s
                                        : s.but(d -> d.uses = Stream.concat(
                                                        s.uses().stream(), Stream.of(new Use(line.id(), use.amount())))
                                                .toList()),
                                beyond));
            } else if (use.amount() != null
                    && step.uses().stream().anyMatch(u -> u.line().equals(line.id()) && u.amount() == null)) {
                Suggestions.add(
                        all,
                        Suggestion.Kind.AMOUNT,
                        line.id() + "=" + use.amount(),
                        Words.OURS.say("only", shown + line.item()),
                        s -> s.but(d -> d.uses = s.uses().stream()
                                .map(u -> u.line().equals(line.id()) ? new Use(u.line(), use.amount()) : u)
                                .toList()));
            }
        }
        for (var mention : mentions) {
            if (mention.kind() != Mentions.Kind.STAND_IN || mention.right().isEmpty()) continue;
            var line = lesson.food(mention.right()).orElse(null);
            if (line == null
                    || line.mentioned().contains(mention.id())
                    || mention.id().equals(line.food())) continue;
            var key = "stand_in/" + line.id() + "=" + mention.id();
            all.putIfAbsent(
                    key,
                    new Suggestion(
                            Suggestion.Kind.STAND_IN,
                            key,
                            Words.OURS.say("standIn", mention.words(), line.item()),
                            s -> s,
                            l -> l.withFood(
                                    line.id(),
                                    f -> f.mentioned().contains(mention.id())
                                            ? f
                                            : f.but(d -> d.mentioned = Stream.concat(
                                                            f.mentioned().stream(), Stream.of(mention.id()))
                                                    .toList()))));
        }
    }
}
