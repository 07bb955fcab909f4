package webodidact.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Ids;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.reading.LineReader;
import webodidact.core.reading.RecipeReader;
import webodidact.core.script.Suggestion;
import webodidact.core.script.Suggestions;
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

    /** A line more among the step's teaching notes; one that is there already is not written again. */
    public static UnaryOperator<Lesson> teach(String step, String more) {
        return step(step, d -> {
            if (!d.teaching.contains(more)) d.teaching = d.teaching.isBlank() ? more : d.teaching + " · " + more;
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

    public static UnaryOperator<Lesson> sayFirst(String step, String sentence) {
        return step(step, d -> d.say = d.say.isBlank() ? sentence : sentence + " " + d.say.strip());
    }

    public static UnaryOperator<Lesson> insertBefore(String step, Step inserted) {
        return l -> l.inserting(l.indexOf(step), inserted);
    }

    /** @param amount what the step takes, or null for all of it */
    public static UnaryOperator<Lesson> use(String step, String line, Amount amount) {
        return step(
                step,
                d -> d.uses = Stream.concat(d.uses.stream(), Stream.of(new Use(line, amount)))
                        .toList());
    }

    /** What the step takes of the line, or null for the rest; each of its uses of it. */
    public static UnaryOperator<Lesson> taking(String step, String line, Amount amount) {
        return step(
                step,
                d -> d.uses = d.uses.stream()
                        .map(u -> u.line().equals(line) ? new Use(line, amount) : u)
                        .toList());
    }

    public static UnaryOperator<Lesson> useTool(String step, String tool) {
        return step(
                step,
                d -> d.tools = Stream.concat(d.tools.stream(), Stream.of(tool))
                        .distinct()
                        .toList());
    }

    public static UnaryOperator<Lesson> unuse(String step, String line) {
        return step(
                step,
                d -> d.uses =
                        d.uses.stream().filter(u -> !u.line().equals(line)).toList());
    }

    public static UnaryOperator<Lesson> unuseTool(String step, String tool) {
        return step(
                step,
                d -> d.tools = d.tools.stream().filter(t -> !t.equals(tool)).toList());
    }

    /** The likely hands-on time becomes that; a range keeps its width as far as it can. */
    public static UnaryOperator<Lesson> stretchHands(String step, int seconds) {
        return step(step, d -> {
            int width = d.hands.high() - d.hands.low();
            int low = Math.max(0, seconds - width / 2);
            d.hands = d.hands.isRange() ? new TimeRange(low, low + width) : TimeRange.of(seconds);
        });
    }

    public static UnaryOperator<Lesson> hands(String step, TimeRange hands) {
        return step(step, d -> d.hands = hands);
    }

    /** The latest end of a wait becomes that; one in rounds stays as it is. */
    public static UnaryOperator<Lesson> stretchWait(String step, int seconds) {
        return waiting(
                step,
                w -> w.rounds() != null
                        ? w
                        : w.lasting(new TimeRange(
                                w.time().isRange() ? Math.min(w.time().low(), seconds) : seconds, seconds)));
    }

    public static UnaryOperator<Lesson> list(FoodLine line) {
        return l ->
                l.withFoods(Stream.concat(l.foods().stream(), Stream.of(line)).toList());
    }

    public static UnaryOperator<Lesson> listTool(ToolLine line) {
        return l -> l.but(d ->
                d.tools = Stream.concat(l.tools().stream(), Stream.of(line)).toList());
    }

    public static UnaryOperator<Lesson> changeTool(ToolLine to) {
        return l -> l.but(d -> d.tools =
                l.tools().stream().map(t -> t.id().equals(to.id()) ? to : t).toList());
    }

    public static UnaryOperator<Lesson> delistTool(String line) {
        return l -> l.but(d ->
                d.tools = l.tools().stream().filter(t -> !t.id().equals(line)).toList());
    }

    /** The food of a line is named anew; what was chosen and doubted of the old one goes, what is doubted of the new one comes. */
    public static UnaryOperator<Lesson> rename(String line, String item, Knowledge knowledge) {
        var read = new LineReader(knowledge).read(item);
        return food(line, d -> {
            d.item = item;
            d.food = read.food();
            d.chosen = null;
            d.unsure = read.unsure().stream()
                    .filter(u -> u.kind() != Doubt.Kind.NO_AMOUNT)
                    .toList();
        });
    }

    /** Which food a line means is told: its name stays, what was doubted of its food goes. @param food id in the table */
    public static UnaryOperator<Lesson> means(String line, String food) {
        return food(line, d -> {
            d.food = food;
            d.chosen = null;
            d.unsure = d.unsure.stream().filter(u -> !u.kind().isOfFood()).toList();
        });
    }

    /**
     * All lines of a recipe: foods go to the food list, things of the kitchen to the kit. Amounts are those of the recipe as written; the
     * first recipe of a lesson brings its own yield.
     */
    public static UnaryOperator<Lesson> paste(RecipeReader.Recipe recipe, Knowledge knowledge) {
        return lesson -> {
            var foods = new ArrayList<>(lesson.foods());
            var tools = new ArrayList<>(lesson.tools());
            for (int i = 0; i < recipe.lines().size(); i++) {
                var line = recipe.lines().get(i);
                var part = recipe.parts().get(i).toLowerCase(Locale.ROOT);
                var tool = line.food() == null ? knowledge.toolNamed(line.item()) : Optional.<Tool>empty();
                if (tool.isPresent()) {
                    int count = line.amount() == null
                            ? 1
                            : (int) line.amount().high().ceiling();
                    tools.add(new ToolLine(
                            Ids.next("t", tools.stream().map(ToolLine::id).toList()),
                            line.item(),
                            tool.get().id(),
                            count,
                            line.note(),
                            0));
                } else {
                    foods.add(line.toFoodLine(Ids.next(
                                    "f", foods.stream().map(FoodLine::id).toList()))
                            .but(d ->
                                    d.note = d.note.isEmpty() ? part : part.isEmpty() ? d.note : part + "; " + d.note));
                }
            }
            for (var needed : recipe.tools())
                if (tools.stream().noneMatch(t -> needed.tool().id().equals(t.tool())))
                    tools.add(new ToolLine(
                            Ids.next("t", tools.stream().map(ToolLine::id).toList()),
                            needed.name(),
                            needed.tool().id(),
                            needed.count(),
                            "",
                            0));
            return lesson.but(d -> {
                d.foods = foods;
                if (lesson.foods().isEmpty()) recipe.makes().ifPresent(m -> d.makes = m);
                if (lesson.title().isBlank() && !recipe.title().isEmpty()) d.title = recipe.title();
                d.tools = tools;
            });
        };
    }

    /** Lists a food and uses it in that step. */
    public static UnaryOperator<Lesson> list(FoodLine line, String step) {
        return all(List.of(list(line), use(step, line.id(), null)));
    }

    public static UnaryOperator<Lesson> delist(String line) {
        return l -> l.removingFood(line);
    }

    /** The amount that is listed; what was stated beside it goes. */
    public static UnaryOperator<Lesson> amount(String line, Amount amount) {
        return food(line, d -> {
            d.amount = amount;
            d.also = null;
            d.unsure = d.unsure.stream()
                    .filter(u -> u.kind() != Doubt.Kind.NO_AMOUNT)
                    .toList();
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
        return l -> suggestion.beyond().apply(l.withStep(step, suggestion.change()));
    }

    /** All that the words of those steps say at once. @param hands by verb, of the table's time, what takes have shown */
    public static UnaryOperator<Lesson> takeAll(List<String> steps, Knowledge knowledge, Map<String, Ratio> hands) {
        return l -> Suggestions.takingAll(l, steps, knowledge, hands);
    }

    public static UnaryOperator<Lesson> decline(String step, String key) {
        return step(step, d -> {
            d.declined = new TreeSet<>(d.declined);
            d.declined.add(key);
        });
    }

    /** Covers a stop: it stays known, with the reason it is all right. */
    public static UnaryOperator<Lesson> accept(Accepted accepted) {
        return l -> l.but(d ->
                d.accepted = Stream.concat(others(l, accepted.check(), accepted.where()), Stream.of(accepted))
                        .toList());
    }

    /** It is looked at again. */
    public static UnaryOperator<Lesson> unaccept(String check, String where) {
        return l -> l.but(d -> d.accepted = others(l, check, where).toList());
    }

    private static Stream<Accepted> others(Lesson lesson, String check, String where) {
        return lesson.accepted().stream()
                .filter(a -> !a.check().equals(check) || !a.where().equals(where));
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
