package webodidact.core.swap;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.Facts;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.ToolLine;
import webodidact.core.reading.LineReader;
import webodidact.core.time.Clock;

/** One line of one lesson, while its offers are worked out. */
final class OfferWork {
    /** Less salt in a portion than this is not worth a word; grams. */
    private static final Ratio SALT_MATTERS = Ratio.of(3, 10);
    /** Grams of fat in a portion that make a dish richer or leaner. */
    private static final Ratio FAT_MATTERS = Ratio.of(5);

    private final Lesson lesson;
    private final FoodLine line;
    private final Food food;
    private final InUse use;
    private final List<Household> homes;
    private final Knowledge knowledge;
    private final Course course;
    /** A stand-in lists nothing that the steps name. */
    private final List<String> unlisted;

    private final DishLabels before;

    OfferWork(
            Lesson lesson,
            FoodLine line,
            Food food,
            InUse use,
            List<Household> homes,
            Knowledge knowledge,
            Course course) {
        this.lesson = lesson;
        this.line = line;
        this.food = food;
        this.use = use;
        this.homes = homes;
        this.knowledge = knowledge;
        this.course = course;
        unlisted = DishLabels.unlisted(lesson, knowledge);
        before = DishLabels.of(lesson.withFood(line.id(), f -> f.but(d -> d.chosen = null)), knowledge, unlisted);
    }

    Offer offer(SwapRule rule, Fitness fitness) {
        var standIn = knowledge.food(rule.standIn()).orElseThrow();
        var exact = line.amount() == null
                ? null
                : CookedAmount.of(rule.howMuch(), line, line.amount(), food).orElse(null);
        var needs = needs(rule);
        // What it needs besides counts as much as the stand-in itself.
        var contains = EnumSet.noneOf(Allergen.class);
        contains.addAll(standIn.allergens());
        needs.forEach(n -> knowledge.food(n.cooked()).ifPresent(f -> contains.addAll(f.allergens())));
        var added = minus(contains, food.allergens());
        var covers = homes.stream()
                .filter(h -> !Swaps.canUse(h, food) && canUse(h, standIn, needs))
                .map(Household::alias)
                .toList();
        return new Offer(
                rule,
                standIn,
                exact == null ? "" : shown(exact) + pieces(standIn, exact),
                exact,
                needs,
                String.join(" + ", needs.stream().map(this::needText).toList()),
                knockOns(rule, fitness, standIn, exact, needs, added),
                missingTools(rule),
                added,
                minus(food.allergens(), contains),
                covers,
                announceBy(standIn),
                refusal(fitness, standIn),
                fitness.isToBeTried());
    }

    private boolean canUse(Household home, Food standIn, List<FoodLine> needs) {
        return Swaps.canUse(home, standIn)
                && needs.stream()
                        .allMatch(n -> knowledge
                                .food(n.cooked())
                                .map(f -> Swaps.canUse(home, f))
                                .orElse(true));
    }

    /** The instructor's own stand-in, in her words; what the table knows of a food she names is told, and nothing is worked out. */
    Offer own(String words) {
        var named = new LineReader(knowledge, course.house()).read(words).food();
        var standIn = knowledge.food(named).orElse(null);
        var knock = new ArrayList<KnockOn>();
        if (standIn == null) add(knock, KnockOn.Kind.SAFETY, Words.OURS.say("own.unknown"));
        else safety(standIn, knock);
        var added = standIn == null ? Set.<Allergen>of() : minus(standIn.allergens(), food.allergens());
        notFor(added, knock);
        return new Offer(
                Swaps.own(food, words),
                standIn,
                "",
                null,
                List.of(),
                "",
                List.copyOf(knock),
                List.of(),
                added,
                standIn == null ? Set.of() : minus(food.allergens(), standIn.allergens()),
                List.of(),
                standIn == null ? firstUse() : announceBy(standIn),
                "",
                true);
    }

    /** That nothing does its job here, and why. */
    Offer nothing(SwapRule rule) {
        return noFood(rule, List.of(), Set.of(), rule.change());
    }

    Offer leftOut() {
        var missed = Words.OURS.say("left." + food.group().code().replace(' ', '-'));
        var change = use.steps().isEmpty()
                ? Words.OURS.say("unused")
                : Words.OURS.say("without", use.steps().size(), use.steps()) + " " + missed;
        var knock = new ArrayList<KnockOn>();
        diets(DishLabels.of(lesson.removingFood(line.id()), knowledge, unlisted), knock);
        return noFood(Swaps.leaveOut(food, change), knock, food.allergens(), "");
    }

    private Offer noFood(SwapRule rule, List<KnockOn> knock, Set<Allergen> removed, String refused) {
        return new Offer(
                rule,
                null,
                "",
                null,
                List.of(),
                "",
                List.copyOf(knock),
                List.of(),
                Set.of(),
                removed,
                List.of(),
                firstUse(),
                refused,
                false);
    }

    private int firstUse() {
        return use.steps().isEmpty() ? 0 : use.steps().getFirst();
    }

    /** What has to be soaked or thawed is too late to be said on air. */
    private int announceBy(Food standIn) {
        return standIn.facts().before().isEmpty() ? firstUse() : 0;
    }

    /** " (about 1½)" where the food was counted and its stand-in is too. */
    private String pieces(Food standIn, Amount exact) {
        if (line.amount().unit().dimension() != Dimension.COUNT
                || standIn.piece() == null
                || standIn.piece().isLessThan(Ratio.of(20))) return "";
        var count = exact.times(Scaling.forHome(lesson))
                .low()
                .dividedBy(standIn.piece())
                .toStep(Ratio.HALF)
                .max(Ratio.HALF);
        return " " + Words.OURS.say("about", AmountText.number(count));
    }

    private String shown(Amount exact) {
        return KitchenRounding.forList(exact.times(Scaling.forHome(lesson)), course.house())
                .text();
    }

    /** How much of the rule's own measure this line has; empty where nobody can say. */
    private Ratio share(Amount per) {
        if (line.amount() == null) return null;
        var amount = line.amount().unit().convertsTo(per.unit())
                ? line.amount()
                : CookedAmount.weighed(line, line.amount(), food);
        return Weighing.in(amount, per.unit(), food, line.described(), course.house(), course.house())
                .map(a -> a.low().dividedBy(per.low()))
                .orElse(null);
    }

    private List<FoodLine> needs(SwapRule rule) {
        var need = rule.need();
        if (need == null) return List.of();
        var share = share(need.per());
        var id = knowledge
                .match(need.item(), need.amount(), "", course.house())
                .food()
                .map(Food::id)
                .orElse(null);
        var extra = FoodLine.of(
                lesson.newFoodId(),
                need.item(),
                id,
                share == null ? null : need.amount().times(share));
        return List.of(extra.but(d -> d.because = line.id()));
    }

    private String needText(FoodLine need) {
        return need.amount() == null ? Words.OURS.say("some", need.item()) : shown(need.amount()) + " " + need.item();
    }

    private List<KnockOn> knockOns(
            SwapRule rule, Fitness fitness, Food standIn, Amount exact, List<FoodLine> needs, Set<Allergen> added) {
        var all = new ArrayList<KnockOn>();
        add(all, KnockOn.Kind.CHANGE, rule.change());
        if (fitness.isToBeTried()) add(all, KnockOn.Kind.CHANGE, fitness.reason());
        notFor(added, all);
        salt(standIn, exact, all);
        fat(standIn, exact, all);
        time(rule, standIn, all);
        tools(rule, all);
        wording(standIn, all);
        var after = lesson.withFood(
                line.id(),
                f -> f.but(d -> {
                    d.chosen = standIn.id();
                    d.labelSays = null;
                }));
        diets(DishLabels.of(with(after, needs), knowledge, unlisted), all);
        safety(standIn, all);
        breaks(standIn, all);
        return List.copyOf(all);
    }

    private static Lesson with(Lesson lesson, List<FoodLine> needs) {
        if (needs.isEmpty()) return lesson;
        var all = new ArrayList<>(lesson.foods());
        all.addAll(needs);
        return lesson.withFoods(all);
    }

    /** What one home must not have is no reason to keep it from the others, but they are told apart. */
    private void notFor(Set<Allergen> added, List<KnockOn> all) {
        for (var allergen : added) {
            long hurt =
                    homes.stream().filter(h -> h.allergies().contains(allergen)).count();
            if (hurt > 0) add(all, KnockOn.Kind.SAFETY, Words.OURS.say("notFor", hurt, allergen.title()));
        }
    }

    private static void add(List<KnockOn> all, KnockOn.Kind kind, String text) {
        if (!text.isEmpty()) all.add(new KnockOn(kind, text));
    }

    private void salt(Food standIn, Amount exact, List<KnockOn> all) {
        if (exact == null || line.amount() == null) return;
        var more = saltIn(standIn, exact, "")
                .minus(saltIn(food, line.amount(), line.described()))
                .dividedBy(Ratio.of(lesson.makes().serves()));
        if (more.abs().isLessThan(SALT_MATTERS)) return;
        var grams = more.abs().toStep(Ratio.of(1, 10));
        add(
                all,
                KnockOn.Kind.CHANGE,
                Words.OURS.say(more.isNegative() ? "salt.less" : "salt.more", AmountText.number(grams)));
    }

    /** Richer or leaner by so much is told where both are known. */
    private void fat(Food standIn, Amount exact, List<KnockOn> all) {
        if (exact == null || standIn.facts().fat() == null || food.facts().fat() == null) return;
        var its = per100(standIn, standIn.facts().fat(), exact, "");
        var own = per100(food, food.facts().fat(), line.amount(), line.described());
        // What cannot be weighed is not compared.
        if (its.isEmpty() || own.isEmpty()) return;
        var more = its.get().minus(own.get()).dividedBy(Ratio.of(lesson.makes().serves()));
        if (more.abs().isLessThan(FAT_MATTERS)) return;
        add(
                all,
                KnockOn.Kind.CHANGE,
                Words.OURS.say(
                        more.isNegative() ? "fat.less" : "fat.more",
                        AmountText.number(more.abs().toStep(Ratio.ONE))));
    }

    private Ratio saltIn(Food of, Amount amount, String form) {
        return of.facts().salt() == null
                ? Ratio.ZERO
                : per100(of, of.facts().salt(), amount, form).orElse(Ratio.ZERO);
    }

    private Optional<Ratio> per100(Food of, Ratio grams, Amount amount, String form) {
        return Weighing.in(amount, Unit.G, of, form, course.house(), course.house())
                .map(a -> a.low().times(grams).dividedBy(Ratio.of(100)));
    }

    private void time(SwapRule rule, Food standIn, List<KnockOn> all) {
        int s = rule.seconds();
        if (s != 0) {
            int home = (int) lesson.audience().handsFactor().times(Math.abs(s)).nearest();
            add(all, KnockOn.Kind.TIME, Words.OURS.say("atHome", (s > 0 ? "+" : "−") + Clock.text(home)));
        }
        for (var task : standIn.facts().before()) {
            if (!food.facts().before().contains(task))
                add(all, KnockOn.Kind.TIME, Words.OURS.say("before", task(task)));
        }
        for (var task : food.facts().before()) {
            if (!standIn.facts().before().contains(task))
                add(all, KnockOn.Kind.TIME, Words.OURS.say("noNeed", task(task)));
        }
    }

    private static String task(Facts.Before task) {
        return Words.OURS.say(
                "task",
                Character.toLowerCase(task.what().charAt(0)) + task.what().substring(1),
                Clock.spell(task.seconds()));
    }

    private void tools(SwapRule rule, List<KnockOn> all) {
        for (var id : missingTools(rule))
            add(
                    all,
                    KnockOn.Kind.TOOL,
                    Words.OURS.say("tool", knowledge.tool(id).orElseThrow().name()));
    }

    /** Tools of the rule that neither the kit list nor the steps have. */
    private List<String> missingTools(SwapRule rule) {
        if (rule.tools().isEmpty()) return List.of();
        var there = new HashSet<>(lesson.tools().stream().map(ToolLine::tool).toList());
        // What the steps already do to the food, they have the tool for.
        use.later().forEach(l -> knowledge.toolsImpliedBy(l.text()).forEach(f -> there.add(f.id())));
        return rule.tools().stream().filter(id -> !there.contains(id)).toList();
    }

    private void wording(Food standIn, List<KnockOn> all) {
        var said = Wording.naming(lesson, food, knowledge);
        if (said.isEmpty()) return;
        add(all, KnockOn.Kind.WORDING, Words.OURS.say("wording", said.size(), List.copyOf(said), standIn.name()));
    }

    private void diets(DishLabels after, List<KnockOn> all) {
        for (var diet : List.of(Diet.VEGETARIAN, Diet.VEGAN)) {
            var was = before.of(diet).truth();
            var now = after.of(diet).truth();
            if (was == now) continue;
            add(
                    all,
                    KnockOn.Kind.DIET,
                    switch (now) {
                        case YES -> Words.OURS.say("becomes", diet.title());
                        case NO -> Words.OURS.say("noLonger", diet.title());
                        case UNKNOWN ->
                            Words.OURS.say(
                                    "unknown",
                                    diet.title(),
                                    after.of(diet).because().size(),
                                    List.copyOf(after.of(diet).because()));
                    });
        }
    }

    private void safety(Food standIn, List<KnockOn> all) {
        int was = course.profile().core(food.risk());
        int now = course.profile().core(standIn.risk());
        if (now > was) {
            add(
                    all,
                    KnockOn.Kind.SAFETY,
                    was == 0
                            ? Words.OURS.say("core", course.profile().degrees(now))
                            : Words.OURS.say(
                                    "core.changed",
                                    course.profile().degrees(now),
                                    course.profile().degrees(was)));
        }
        if (standIn.risk().soilsHands() && !food.risk().soilsHands()) {
            add(all, KnockOn.Kind.SAFETY, Words.OURS.say(firstUse() == 0 ? "raw" : "raw.step", firstUse()));
        }
    }

    private void breaks(Food standIn, List<KnockOn> all) {
        var same =
                food.facts().cannot().stream().flatMap(c -> c.verbs().stream()).toList();
        for (var cannot : standIn.facts().cannot()) {
            var verbs = cannot.verbs().stream().filter(v -> !same.contains(v)).toList();
            for (var verb : verbs) {
                int step = use.firstSaying(List.of(verb));
                if (step == 0) continue;
                add(all, KnockOn.Kind.BREAKS, Words.OURS.say("breaks", step, verb, standIn.name(), cannot.because()));
                break;
            }
        }
    }

    /** Only what hurts and what does another job is refused; all else is for the instructor to try. */
    private String refusal(Fitness fitness, Food standIn) {
        boolean heated =
                use.contexts().stream().anyMatch(c -> c.isHeated() && c != Context.MELTED && c != Context.TOASTED);
        if (standIn.risk().soilsHands()
                && !food.risk().soilsHands()
                && !heated
                && !use.contexts().isEmpty()) {
            return Words.OURS.say(firstUse() == 0 ? "uncooked" : "uncooked.step", firstUse());
        }
        return fitness.isRefused() ? fitness.reason() : "";
    }

    /** Exact price of what this lesson needs of it, in the smallest coin; dear where nobody knows. */
    Ratio price(Offer offer) {
        if (offer.isLeaveOut() || offer.exact() == null) return Ratio.ZERO;
        return course.prices().stream()
                .filter(p -> p.food().equals(offer.food().id()))
                .map(p -> Weighing.in(offer.exact(), p.holds().unit(), offer.food(), "", course.house(), course.house())
                        .map(a -> a.low().dividedBy(p.holds().low()).times(p.coins()))
                        .orElse(Ratio.of(Long.MAX_VALUE / 2)))
                .min(Comparator.naturalOrder())
                .orElse(Ratio.of(Long.MAX_VALUE / 2));
    }

    private static Set<Allergen> minus(Collection<Allergen> all, Collection<Allergen> less) {
        var set = EnumSet.noneOf(Allergen.class);
        set.addAll(all);
        set.removeAll(less);
        return set;
    }
}
