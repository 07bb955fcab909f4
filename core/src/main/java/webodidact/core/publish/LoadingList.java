package webodidact.core.publish;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.answer.Question;
import webodidact.core.food.Food;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.list.KitList;
import webodidact.core.list.ShootList;
import webodidact.core.safety.Profile;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;

/** What is carried to where the lesson is given, crate by crate, and how long what is cold may be out. */
public record LoadingList(Map<Crate, List<Item>> crates) {
    /** In the order of packing: what is cold goes in last and comes out first. */
    public enum Crate {
        TOOLS,
        DRY,
        FRESH,
        COLD,
        RAW,
        COPIES;

        public String title() {
            return Words.OURS.title(this);
        }

        /** Goes in a cold box with ice packs. */
        public boolean isCold() {
            return this == COLD || this == RAW;
        }
    }

    /**
     * @param out seconds after the start of air at which it is first used, or -1 where no step uses it or it is not cold
     * @param outAt the same on the clock, or null
     * @param backBy when it has to be used up or cold again, or null
     */
    public record Item(String take, String what, int out, LocalDateTime outAt, LocalDateTime backBy) {}

    public static LoadingList of(Question question, ShootList shoot, KitList kit, Schedule schedule) {
        var lesson = question.lesson();
        var all = new EnumMap<Crate, List<Item>>(Crate.class);
        boolean groups = lesson.sets().groups() > 0;
        if (groups) for (var tool : kit.tools()) put(all, Crate.TOOLS, plain(tool.there() + " ×", tool.name()));
        else for (var tool : shoot.tools()) put(all, Crate.TOOLS, plain(tool.count() + " ×", tool.name()));
        for (var line : lesson.foods()) {
            var food = question.knowledge().food(line.cooked()).orElse(null);
            if (food != null && food.shelf() == Shelf.TAP) continue;
            var take = groups
                    ? kit.totals().stream()
                            .filter(t -> t.line().equals(line.id()))
                            .map(KitList.Total::take)
                            .findFirst()
                    : shoot.entries().stream()
                            .filter(e -> e.line().id().equals(line.id()))
                            .map(ShootList.Entry::take)
                            .findFirst();
            var name = line.chosen() == null || food == null ? line.item() : food.name();
            var crate = crate(food);
            put(
                    all,
                    crate,
                    item(
                            take.orElse(""),
                            name,
                            crate.isCold() ? first(line, schedule) : Optional.empty(),
                            lesson.air()));
        }
        for (var placed : schedule.steps()) {
            var wait = placed.step().waiting();
            if (wait != null && wait.cover() instanceof Cover.ReadyCopy)
                put(
                        all,
                        Crate.COPIES,
                        plain(
                                "1 ×",
                                Words.OURS.say(
                                        "load.copy",
                                        placed.number(),
                                        placed.step().title())));
        }
        return new LoadingList(all);
    }

    private static Crate crate(Food food) {
        if (food == null) return Crate.FRESH;
        boolean cold = food.shelf().isCold();
        if (food.risk().soilsHands() && cold) return Crate.RAW;
        if (cold) return Crate.COLD;
        return food.shelf() == Shelf.CUPBOARD || food.shelf() == Shelf.SPICE ? Crate.DRY : Crate.FRESH;
    }

    private static Optional<Placed> first(FoodLine line, Schedule schedule) {
        return schedule.steps().stream()
                .filter(p -> p.step().usesLine(line.id()))
                .findFirst();
    }

    private static Item item(String take, String what, Optional<Placed> first, LocalDateTime air) {
        if (first.isEmpty()) return plain(take, what);
        int out = first.get().span().start();
        var at = air == null ? null : air.plusSeconds(out);
        return new Item(take, what, out, at, at == null ? null : at.plusSeconds(Profile.OUT));
    }

    private static Item plain(String take, String what) {
        return new Item(take, what, -1, null, null);
    }

    private static void put(Map<Crate, List<Item>> all, Crate crate, Item item) {
        all.computeIfAbsent(crate, k -> new ArrayList<>()).add(item);
    }
}
