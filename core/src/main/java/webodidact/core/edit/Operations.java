package webodidact.core.edit;

import java.util.List;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.script.Suggestion;
import webodidact.core.time.TimeRange;

/**
 * What is done to a lesson, by name: mends, ways to fit, proposals, screens and terminal do the same by the same operation. Each
 * leaves a lesson as it is if the step or line is not there (any more).
 */
public final class Operations {
    private Operations() {}

    private static UnaryOperator<Lesson> step(String id, Consumer<Step.Draft> change) {
        return l -> l.withStep(id, s -> s.but(change));
    }

    private static UnaryOperator<Lesson> food(String line, Consumer<FoodLine.Draft> change) {
        return l -> l.withFood(line, f -> f.but(change));
    }

    public static UnaryOperator<Lesson> waiting(String step, UnaryOperator<Wait> change) {
        return step(step, d -> {
            if (d.waiting != null) d.waiting = change.apply(d.waiting);
        });
    }

    public static UnaryOperator<Lesson> cover(String step, Cover cover) {
        return waiting(step, w -> w.covered(cover));
    }

    public static UnaryOperator<Lesson> collectIn(String step, String collector) {
        return cover(step, new Cover.CarryOn(collector));
    }

    public static UnaryOperator<Lesson> act(String step, Act act) {
        return step(step, d -> {
            d.acts = new TreeSet<>(d.acts);
            d.acts.add(act);
        });
    }

    public static UnaryOperator<Lesson> noAct(String step, Act act) {
        return step(step, d -> {
            d.acts = new TreeSet<>(d.acts);
            d.acts.remove(act);
        });
    }

    public static UnaryOperator<Lesson> ovenBefore(boolean heated) {
        return l -> l.but(d -> d.ovenBefore = heated);
    }

    public static UnaryOperator<Lesson> place(String step, Place place) {
        return step(step, d -> d.place = place);
    }

    public static UnaryOperator<Lesson> heat(String step, Heat heat) {
        return step(step, d -> d.heat = heat);
    }

    /** @param seconds 0 or more */
    public static UnaryOperator<Lesson> hold(String step, int seconds) {
        return step(step, d -> d.hold = seconds);
    }

    /** @param seconds after the start of air, 0 for none */
    public static UnaryOperator<Lesson> reachBy(String step, int seconds) {
        return step(step, d -> d.reachBy = seconds);
    }

    /** @param seconds more than 0 */
    public static UnaryOperator<Lesson> slot(int seconds) {
        return l -> l.but(d -> d.slot = seconds);
    }

    /** Takes so much off the hands-on time, and off what else may go. */
    public static UnaryOperator<Lesson> trimHands(String step, int seconds) {
        return step(step, d -> {
            d.hands = new TimeRange(d.hands.low() - seconds, d.hands.high() - seconds);
            d.trim = Math.max(0, d.trim - seconds);
        });
    }

    /** Takes all that may go off a step: first its hold, then its hands-on time. */
    public static UnaryOperator<Lesson> trim(String step) {
        return step(step, d -> {
            int fromHold = Math.min(d.hold, d.trim);
            int fromHands = Math.min(d.hands.low(), d.trim - fromHold);
            d.hold -= fromHold;
            d.hands = new TimeRange(d.hands.low() - fromHands, d.hands.high() - fromHands);
            d.trim = 0;
        });
    }

    /** Changes what is said and what is done. */
    public static UnaryOperator<Lesson> reword(String step, UnaryOperator<String> change) {
        return step(step, d -> {
            d.say = change.apply(d.say);
            d.doing = change.apply(d.doing);
        });
    }

    /** Says that after what the step says already. */
    public static UnaryOperator<Lesson> sayAlso(String step, String sentence) {
        return step(step, d -> d.say = d.say.isBlank() ? sentence : d.say.strip() + " " + sentence);
    }

    public static UnaryOperator<Lesson> insertBefore(String step, Step inserted) {
        return l -> l.inserting(l.indexOf(step), inserted);
    }

    /** @param amount what the step takes, or null for all of it */
    public static UnaryOperator<Lesson> use(String step, String line, Amount amount) {
        return step(step, d -> d.uses = Stream.concat(d.uses.stream(), Stream.of(new Use(line, amount))).toList());
    }

    /** What the step takes of the line, or null for the rest; each of its uses of it. */
    public static UnaryOperator<Lesson> taking(String step, String line, Amount amount) {
        return step(step, d -> d.uses = d.uses.stream().map(u -> u.line().equals(line) ? new Use(line, amount) : u).toList());
    }

    /** Lists a food and uses it in that step. */
    public static UnaryOperator<Lesson> list(FoodLine line, String step) {
        return l -> use(step, line.id(), null).apply(l.but(d -> d.foods = Stream.concat(l.foods().stream(), Stream.of(line)).toList()));
    }

    public static UnaryOperator<Lesson> delist(String line) {
        return l -> l.removingFood(line);
    }

    /** The amount that is listed; what was stated beside it goes. */
    public static UnaryOperator<Lesson> amount(String line, Amount amount) {
        return food(line, d -> {
            d.amount = amount;
            d.also = null;
        });
    }

    public static UnaryOperator<Lesson> toTaste(String line) {
        return food(line, d -> {
            d.amount = null;
            d.toTaste = true;
        });
    }

    public static UnaryOperator<Lesson> note(String line, String note) {
        return food(line, d -> d.note = note);
    }

    public static UnaryOperator<Lesson> take(String step, Suggestion suggestion) {
        return l -> l.withStep(step, suggestion.change());
    }

    public static UnaryOperator<Lesson> decline(String step, String key) {
        return step(step, d -> {
            d.declined = new TreeSet<>(d.declined);
            d.declined.add(key);
        });
    }

    /** Covers a stop: it stays known, with the reason it is all right. */
    public static UnaryOperator<Lesson> accept(Accepted accepted) {
        return l -> l.but(d -> d.accepted = Stream.concat(l.accepted().stream(), Stream.of(accepted)).toList());
    }

    /** One after the other. */
    public static UnaryOperator<Lesson> all(List<UnaryOperator<Lesson>> operations) {
        return l -> {
            var now = l;
            for (var operation : operations) now = operation.apply(now);
            return now;
        };
    }
}
