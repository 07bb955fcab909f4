package webodidact.core.list;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.food.Tool;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.ToolLine;
import webodidact.core.swap.CookedAmount;
import webodidact.core.swap.InUse;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;
import webodidact.core.time.Clock;

/** The gather list of one home, in its own words and measures, with what it uses instead. */
public record HomeList(String alias, List<Entry> entries, List<String> tools) {
    /** AGREED: settled with this home; OFFERED: the best there is, not yet settled; STOPS: it has no answer yet. */
    public enum Stand {
        HAS,
        LABEL,
        AGREED,
        OFFERED,
        STOPS
    }

    /**
     * @param take in that home's measures, kitchen-rounded; "some" where no amount is given
     * @param item in that home's words
     * @param from what the lesson calls it, where that differs, or ""; of what comes along with a stand-in, the stand-in
     * @param along the stand-in needs it besides: without baking powder, plain flour does not rise
     * @param beforehand what this home has to do before class, or ""
     * @param contains allergens of what it uses, "check the label" where that decides, or ""
     */
    public record Entry(
            String line,
            String take,
            String item,
            String from,
            boolean along,
            Stand stand,
            String beforehand,
            String contains) {
        /** It is the lesson's own food under another name, or nothing else stands for it. */
        public boolean isSame() {
            return !along && (stand == Stand.HAS || stand == Stand.LABEL);
        }
    }

    public static HomeList of(Lesson lesson, Household home, List<Household> all, Knowledge knowledge, Course course) {
        var entries = new ArrayList<Entry>();
        var swaps = new Swaps(knowledge, course);
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food != null && food.shelf() == Shelf.TAP) continue;
            entries.addAll(entries(lesson, home, all, line, food, swaps, knowledge, course));
        }
        var tools = lesson.tools().stream()
                .map(t -> (t.count() > 1 ? t.count() + " × " : "") + toolName(lesson, t, home, knowledge))
                .toList();
        return new HomeList(home.alias(), List.copyOf(entries), tools);
    }

    private static List<Entry> entries(
            Lesson lesson,
            Household home,
            List<Household> all,
            FoodLine line,
            Food food,
            Swaps swaps,
            Knowledge knowledge,
            Course course) {
        var agreed = knowledge.food(home.agreedFor(lesson.id(), line.id())).filter(f -> Swaps.canUse(home, f));
        var amount = CookedAmount.of(line, line.amount(), knowledge);
        if (agreed.isPresent()) return agreed(lesson, home, all, line, agreed.get(), swaps, knowledge, course);
        if (food == null) {
            boolean nothingToFear = home.allergies().isEmpty() && home.diets().isEmpty();
            return List.of(entry(lesson, home, line, null, amount, nothingToFear ? Stand.HAS : Stand.LABEL, course));
        }
        if (Swaps.canUse(home, food))
            return List.of(entry(
                    lesson, home, line, food, amount, Swaps.mustCheck(home, food) ? Stand.LABEL : Stand.HAS, course));
        return swaps.offers(lesson, line, all).stream()
                .filter(o -> o.helps(home, knowledge))
                .findFirst()
                .map(o -> offered(lesson, home, line, o, Stand.OFFERED, knowledge, course))
                .orElseGet(() -> List.of(entry(
                        lesson, home, line, food, amount, line.optional() ? Stand.OFFERED : Stand.STOPS, course)));
    }

    private static List<Entry> agreed(
            Lesson lesson,
            Household home,
            List<Household> all,
            FoodLine line,
            Food agreed,
            Swaps swaps,
            Knowledge knowledge,
            Course course) {
        return swaps.offers(lesson, line.but(d -> d.chosen = null), all).stream()
                .filter(o -> agreed.equals(o.food()))
                .findFirst()
                .map(o -> offered(lesson, home, line, o, Stand.AGREED, knowledge, course))
                .orElseGet(() -> List.of(entry(
                        lesson,
                        home,
                        line,
                        agreed,
                        CookedAmount.of(line, line.amount(), agreed.id(), knowledge),
                        Stand.AGREED,
                        course)));
    }

    /** The stand-in, and a line for all that it needs besides: without the baking powder, plain flour does not rise. */
    private static List<Entry> offered(
            Lesson lesson,
            Household home,
            FoodLine line,
            Offer offer,
            Stand stand,
            Knowledge knowledge,
            Course course) {
        var entries = new ArrayList<Entry>();
        entries.add(entry(lesson, home, line, offer.food(), offer.exact(), stand, course));
        for (var need : offer.added()) {
            var food = knowledge.food(need.cooked()).orElse(null);
            if (food != null && food.shelf() == Shelf.TAP) continue;
            var also = entry(lesson, home, need, food, need.amount(), stand, course);
            entries.add(new Entry(
                    line.id(), also.take(), also.item(), offer.food().name(), true, stand, "", also.contains()));
        }
        return List.copyOf(entries);
    }

    private static Entry entry(
            Lesson lesson, Household home, FoodLine line, Food food, Amount amount, Stand stand, Course course) {
        var exact = amount == null ? null : amount.times(Scaling.forHome(lesson));
        var take = exact == null
                ? Words.OURS.say(line.toTaste() ? "toTaste" : "some")
                : told(exact, food, line, home, course.house());
        boolean swapped = food != null && !food.id().equals(line.food());
        var item = swapped ? named(food, home, food.name()) : named(food, home, line.item());
        var first = food == null || food.facts().before().isEmpty()
                ? ""
                : Words.OURS.say(
                        "answer",
                        food.facts().before().getFirst().what(),
                        Clock.spell(food.facts().before().getFirst().seconds()));
        return new Entry(
                line.id(),
                take,
                item,
                item.equals(line.item()) ? "" : line.item(),
                false,
                stand,
                first,
                food == null ? Words.OURS.say("unknown") : food.contains());
    }

    private static String named(Food food, Household home, String otherwise) {
        if (food == null) return otherwise;
        var names = switch (home.system()) {
            case US -> food.usNames();
            case AU -> food.auNames();
            case METRIC, IMPERIAL -> List.<String>of();
        };
        if (names.isEmpty()) return otherwise;
        // "Courgettes" are "zucchini", but "green beans" are "string beans".
        boolean plural = otherwise.endsWith("s")
                && !names.getFirst().endsWith("s")
                && !names.getFirst().endsWith("i");
        return plural ? names.getFirst() + "s" : names.getFirst();
    }

    /** In measures that home has: its own spoons and cups; without scales, spoons for weights where the density is known. */
    public static String told(Amount exact, Food food, FoodLine line, Household home, MeasureSystem house) {
        var own = home.system();
        var form = food != null && food.id().equals(line.food()) ? line.described() : "";
        boolean noScales = home.missingTools().contains("scales");
        var dimension = exact.unit().dimension();
        if (dimension == Dimension.MASS && (own == MeasureSystem.US || noScales)) {
            var cups = Weighing.in(exact, Unit.CUP, food, form, house, own);
            if (cups.isPresent() && food != null && food.piece() == null)
                return KitchenRounding.forList(bySize(cups.get(), own), own).text();
        }
        if (dimension == Dimension.MASS && (own == MeasureSystem.US || own == MeasureSystem.IMPERIAL)) {
            var oz = exact.in(Unit.OZ, house, own);
            if (oz.low().isLessThan(Ratio.HALF))
                return KitchenRounding.forList(exact, own).text();
            boolean pounds = !oz.low().isLessThan(Ratio.of(24));
            return KitchenRounding.forList(pounds ? oz.in(Unit.LB, own) : oz, own)
                    .text();
        }
        if (dimension == Dimension.VOLUME) {
            boolean ml = exact.unit() == Unit.ML || exact.unit() == Unit.L || exact.unit() == Unit.DL;
            if (ml && own == MeasureSystem.US)
                return KitchenRounding.forList(bySize(exact.in(Unit.CUP, house, own), own), own)
                        .text();
            if (ml && own == MeasureSystem.IMPERIAL)
                return KitchenRounding.forList(exact.in(Unit.FLOZ, house, own), own)
                        .text();
            if (!ml)
                return KitchenRounding.forList(exact.in(exact.unit(), house, own), own)
                        .text();
        }
        boolean named = food == null || food.id().equals(line.food());
        var text = KitchenRounding.forList(exact, own).text(named ? line.item() : food.name());
        return line.size() == null || dimension != Dimension.COUNT
                ? text
                : Words.OURS.say("sized.each", text, AmountText.of(line.size()));
    }

    /** Less than a quarter cup is told in spoons. */
    private static Amount bySize(Amount cups, MeasureSystem system) {
        return cups.low().isLessThan(Ratio.of(1, 4)) ? cups.in(Unit.TBSP, system) : cups;
    }

    private static String toolName(Lesson lesson, ToolLine line, Household home, Knowledge knowledge) {
        if (line.tool() == null || !home.missingTools().contains(line.tool())) return line.name();
        return knowledge.tool(line.tool()).stream()
                .flatMap(t -> t.instead().stream())
                .filter(i -> !home.missingTools().contains(i.tool()) && stands(i, line, lesson))
                .findFirst()
                .map(i -> Words.OURS.say(
                        "instead", knowledge.tool(i.tool()).map(t -> t.name()).orElse(i.tool()), line.name()))
                .orElse(Words.OURS.say("missing", line.name()));
    }

    /** Scissors stand in for a knife where herbs are cut, not where an onion is diced. */
    private static boolean stands(Tool.Instead instead, ToolLine line, Lesson lesson) {
        return lesson.steps().stream()
                .filter(s -> s.tools().contains(line.tool()))
                .noneMatch(s -> instead.cannot().stream()
                        .flatMap(c -> c.verbs().stream())
                        .anyMatch(v -> InUse.says(s.title() + ". " + s.doing() + " " + s.say(), v)));
    }
}
