package webodidact.core.list;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.branch.Branches;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.swap.CookedAmount;

/** What one home must have, in the order of where it is kept. */
public record GatherList(Map<Shelf, List<Entry>> shelves, Ratio factor) {
    /**
     * @param take what to measure, kitchen-rounded, or "some" where no amount is given
     * @param also the same in another measure, where the food's density is known, or ""
     * @param steps numbers of the steps that use it, from 1
     * @param contains allergens in words, "check the label" where that decides
     * @param note of which branches alone it is, what does not simply scale, or ""
     */
    public record Entry(
            FoodLine line,
            Food food,
            String item,
            String take,
            String also,
            List<Integer> steps,
            String contains,
            String note) {
        /** On one line: "350 g new potatoes, scrubbed", "black pepper, to taste". */
        public String told() {
            var form = form();
            var said = form.isEmpty() ? item : item + ", " + form;
            return line.amount() == null ? said + ", " + take : take + " " + said;
        }

        /** How it is, where its name does not say so already; else "". */
        public String form() {
            return item.toLowerCase(Locale.ROOT).contains(line.form().toLowerCase(Locale.ROOT)) ? "" : line.form();
        }
    }

    /** More spoons than that are not counted out. */
    private static final Ratio MOST_SPOONS = Ratio.of(4);

    /** Measured by volume all the same where spoons are told. */
    private static final Set<Group> LIQUID = EnumSet.of(Group.FAT, Group.DAIRY, Group.SAUCE, Group.ACID);
    /** Foods whose ratio makes the dish: flour to fat, flour to liquid, sugar to egg. */
    private static final Set<Group> STRUCTURE = EnumSet.of(Group.GRAIN, Group.FAT, Group.DAIRY, Group.SUGAR, Group.EGG);

    public static GatherList of(Lesson lesson, MeasureSystem house, Knowledge knowledge) {
        var factor = Scaling.forHome(lesson);
        var takes = takes(lesson, factor, house, knowledge);
        var steps = steps(lesson);
        boolean forked = Branches.isForked(lesson);
        var shelves = new EnumMap<Shelf, List<Entry>>(Shelf.class);
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            var shelf = food == null ? Shelf.OTHER : food.shelf();
            shelves.computeIfAbsent(shelf, s -> new ArrayList<>())
                    .add(entry(
                            steps.getOrDefault(line.id(), List.of()),
                            line,
                            food,
                            line.amount() == null ? null : exact(line, factor, knowledge),
                            factor,
                            house,
                            takes.get(line.id()),
                            forked ? Branches.only(lesson, line.id()) : List.of()));
        }
        shelves.remove(Shelf.TAP);
        return new GatherList(shelves, factor);
    }

    /** Numbers of the steps that use each line, from 1. */
    private static Map<String, List<Integer>> steps(Lesson lesson) {
        var all = new HashMap<String, List<Integer>>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            for (var use : lesson.steps().get(i).uses()) {
                var numbers = all.computeIfAbsent(use.line(), k -> new ArrayList<>());
                if (numbers.isEmpty() || numbers.getLast() != i + 1) numbers.add(i + 1);
            }
        }
        return all;
    }

    /** Where it could not be worked out. */
    public static GatherList none() {
        return new GatherList(Map.of(), Ratio.ONE);
    }

    /** All entries, shelf by shelf. */
    public List<Entry> entries() {
        return shelves.values().stream().flatMap(List::stream).toList();
    }

    /** What to measure of each line, by its id; those that hold the dish up are rounded together. */
    static Map<String, KitchenRounding.Rounded> takes(
            Lesson lesson, Ratio factor, MeasureSystem house, Knowledge knowledge) {
        var takes = new HashMap<String, KitchenRounding.Rounded>();
        var structure = new ArrayList<FoodLine>();
        for (var line : lesson.foods()) {
            if (line.amount() == null) continue;
            boolean measured = line.amount().unit().dimension() == Dimension.MASS
                    || line.amount().unit().dimension() == Dimension.VOLUME;
            boolean carries = knowledge
                    .food(line.cooked())
                    .map(f -> STRUCTURE.contains(f.group()))
                    .orElse(false);
            if (measured && carries && !line.amount().isRange()) structure.add(line);
            else takes.put(line.id(), KitchenRounding.forList(exact(line, factor, knowledge), house));
        }
        var together = KitchenRounding.together(
                structure.stream().map(l -> exact(l, factor, knowledge)).toList(), house);
        for (int i = 0; i < structure.size(); i++) takes.put(structure.get(i).id(), together.get(i));
        return takes;
    }

    /** What is cooked with: the stand-in's own amount where one is chosen. */
    static Amount exact(FoodLine line, Ratio factor, Knowledge knowledge) {
        return CookedAmount.of(line, line.amount(), knowledge).times(factor);
    }

    private static Entry entry(
            List<Integer> steps,
            FoodLine line,
            Food food,
            Amount exact,
            Ratio factor,
            MeasureSystem house,
            KitchenRounding.Rounded rounded,
            List<String> branches) {
        var take =
                exact == null ? Words.OURS.say(line.toTaste() ? "toTaste" : "some") : take(line, exact, rounded, food);
        var also = exact == null ? "" : also(line, exact, food, house);
        var item = line.chosen() == null || food == null ? line.item() : food.name();
        var whole = exact == null ? Optional.<Ratio>empty() : whole(line, exact, food);
        if (whole.isPresent()) {
            also = take;
            take = AmountText.of(Amount.of(whole.get(), Unit.PIECE));
        }
        boolean scaled = !factor.equals(Ratio.ONE);
        var notes = new ArrayList<String>();
        if (!branches.isEmpty()) notes.add(Words.OURS.say("branch", String.join(", ", branches)));
        if (scaled && food != null && food.cautious()) notes.add(Words.OURS.say("cautious"));
        return new Entry(
                line,
                food,
                item,
                take,
                also,
                List.copyOf(steps),
                food == null ? Words.OURS.say("unknown") : food.contains(),
                String.join("; ", notes));
    }

    /** Wedges and slices are cut from whole fruit, and that is what is bought. */
    private static Optional<Ratio> whole(FoodLine line, Amount exact, Food food) {
        var symbol = exact.unit().symbol();
        boolean cut = symbol.equals("wedge") || exact.unit() == Unit.SLICE;
        if (!cut
                || food == null
                || food.piece() == null
                || food.facts().weighs().get(symbol) == null) return Optional.empty();
        var pieces = exact.high().times(food.facts().weighs().get(symbol)).dividedBy(food.piece());
        return Optional.of(Ratio.of(pieces.ceiling()));
    }

    private static String take(FoodLine line, Amount exact, KitchenRounding.Rounded rounded, Food food) {
        var text = rounded.text(line.chosen() == null || food == null ? line.item() : food.name());
        return line.size() == null || exact.unit().dimension() != Dimension.COUNT || exact.unit() == Unit.PIECE
                ? text
                : Words.OURS.say("sized", text, AmountText.of(line.size()));
    }

    /** Spoons for a weight, a weight for spoons; "" where the density or piece weight is not known. */
    static String also(FoodLine line, Amount exact, Food food, MeasureSystem house) {
        if (line.size() != null && exact.unit().dimension() == Dimension.COUNT && exact.unit() == Unit.PIECE) {
            return Words.OURS.say("each", AmountText.of(line.size()));
        }
        if (food == null) return "";
        var unit = exact.unit();
        var given = unit == Unit.PIECE ? given(line, food) : "";
        if (!given.isEmpty()) {
            var one = food.facts().gives().get(given);
            return Words.OURS.say(
                    "gives",
                    KitchenRounding.forList(one.times(exact.low()), house).text(),
                    given);
        }
        if (unit == Unit.PIECE && food.piece() != null) {
            var one = food.weightOf(unit, line.described()).orElse(food.piece());
            return Words.OURS.say(
                    "about",
                    KitchenRounding.forList(Amount.of(exact.low().times(one), Unit.G), house)
                            .text());
        }
        if (unit.dimension() == Dimension.INFORMAL)
            return Words.OURS.say(
                    "about",
                    KitchenRounding.forList(exact.unit().usualSize().times(exact.low()), house)
                            .text());
        var density = food.densityIn(line.described());
        if (density.isEmpty()) return unit == Unit.TBSP || unit == Unit.TSP ? millilitres(exact, house) : "";
        if (unit.dimension() == Dimension.MASS) {
            var ml = exact.in(Unit.G, house).low().dividedBy(density.get());
            return ml.isMoreThan(Ratio.of(400)) ? "" : spoons(ml, house);
        }
        if (unit.dimension() == Dimension.VOLUME) {
            var ml = exact.in(Unit.ML, house);
            if (LIQUID.contains(food.group())) return millilitres(exact, house);
            return KitchenRounding.forList(Amount.of(ml.low().times(density.get()), Unit.G), house)
                    .text();
        }
        return "";
    }

    /** The one part that is taken of a fruit, "juice"; "" for both, or the whole fruit. */
    private static String given(FoodLine line, Food food) {
        var parts = food.facts().gives().keySet().stream()
                .filter(line.described()::contains)
                .toList();
        return parts.size() == 1 ? parts.getFirst() : "";
    }

    private static String millilitres(Amount exact, MeasureSystem house) {
        return exact.unit() == Unit.ML
                ? spoons(exact.low(), house)
                : KitchenRounding.forList(Amount.of(exact.in(Unit.ML, house).low(), Unit.ML), house)
                        .text();
    }

    private static String spoons(Ratio ml, MeasureSystem house) {
        var spoons = ml.dividedBy(Unit.TBSP.base(house));
        if (!spoons.isMoreThan(MOST_SPOONS))
            return KitchenRounding.forList(Amount.of(spoons, Unit.TBSP), house).text();
        // Nobody counts twelve spoons: cups where kitchens have them, else millilitres.
        boolean cups = house == MeasureSystem.US || house == MeasureSystem.AU;
        return KitchenRounding.forList(
                        cups ? Amount.of(ml.dividedBy(Unit.CUP.base(house)), Unit.CUP) : Amount.of(ml, Unit.ML), house)
                .text();
    }
}
