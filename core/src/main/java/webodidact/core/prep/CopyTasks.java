package webodidact.core.prep;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import webodidact.core.amount.OvenScale;
import webodidact.core.answer.Answers;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Risk;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.safety.Profile;
import webodidact.core.script.Phrase;
import webodidact.core.swap.InUse;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** Ready copies: what is made before air as the lesson makes it, up to the state that is shown. */
final class CopyTasks {
    /** Seconds of cooling on a cold surface in a shallow dish, of cutting one open: estimates of ours. */
    private static final int COOL = 30 * 60;

    private static final int CUTS = 2 * 60;
    /** Days. */
    private static final int WEEK = 7;

    private final Answers answers;
    private final Lesson lesson;
    private final List<Task> tasks;
    private final List<Link> links;

    CopyTasks(Answers answers, List<Task> tasks, List<Link> links) {
        this.answers = answers;
        lesson = answers.question().lesson();
        this.tasks = tasks;
        this.links = links;
    }

    void derive() {
        for (var placed : answers.schedule().steps()) if (isCopied(placed.step())) copy(placed);
    }

    static boolean isCopied(Step step) {
        return step.waiting() != null && step.waiting().cover() instanceof Cover.ReadyCopy;
    }

    /** A ready copy is made as the lesson makes it: the steps it comes from, each with its wait, up to the one that is shown. */
    private void copy(Placed placed) {
        var step = placed.step();
        var cover = (Cover.ReadyCopy) step.waiting().cover();
        int due = placed.busy().end();
        var before = "clean";
        for (int number : chain(placed.number())) {
            var earlier = lesson.steps().get(number - 1);
            before = made(earlier, number, placed, earlier.hands().high(), before, 4 * 3600, Task.ANY);
        }
        int hands = cover.make() > 0 ? cover.make() : Math.max(60, step.hands().high());
        var cooks = step.waiting().time();
        // It keeps from when it may be done, and is planned to be done when it must be.
        int done = due - cooks.low();
        int late = due - cooks.high();
        made(step, placed.number(), placed, hands, before, due, Math.min(done - cover.keeps(), late));
        var last = "copy/" + step.id() + "/" + step.id() + "/wait";
        if (!step.place().isCold() && spoils(placed)) {
            int safe = Math.min(done - Profile.OUT, late);
            tasks.replaceAll(t -> t.id().equals(last) ? t.but(d -> d.safe = safe) : t);
        }
        if (CUT.isIn(step.say() + "\n" + step.doing())) cutOpen(step, last, due);
    }

    /** The one that is shown from inside is cut when it has cooled: hot it tears, and its steam burns. */
    private void cutOpen(Step step, String last, int due) {
        var id = "copy/" + step.id() + "/cut";
        tasks.replaceAll(
                t -> t.id().equals(last) ? t.dueBy(due - CUTS - (step.place().isHot() ? COOL : 0)) : t);
        tasks.add(Task.hands(
                        id,
                        Task.Kind.COPY_HANDS,
                        Words.OURS.say("cut", step.title()),
                        Words.OURS.say(step.place().isHot() ? "cut.why.hot" : "cut.why"),
                        CUTS,
                        Person.Skill.BLADES)
                .of(step.id())
                .dueBy(due));
        links.add(new Link(last, id, step.place().isHot() ? COOL : 0, Link.ANY));
    }

    /** "Here is one I cut open earlier." */
    private static final Phrase CUT = Phrase.of(
            "(?:one|some|mine|this|it|loaf|cake)\\b[^.!?]{0,24}\\b(?:cut|sliced|halved)(?: it| them| one)?(?: open| in half| through| up)?(?: already| earlier| before)\\b",
            "(?:already|earlier) (?:cut|sliced|halved)(?: open| in half| through)?\\b",
            "(?:cut|sliced|halved) one(?: open| in half| through)? (?:earlier|before|already)\\b");

    /** Meat, fish, rice and, where the lesson has no flour that it is baked into, milk, cream and egg: two hours out of the cold. */
    private boolean spoils(Placed placed) {
        var steps = new ArrayList<Step>();
        for (int number : chain(placed.number())) steps.add(lesson.steps().get(number - 1));
        steps.add(placed.step());
        boolean dough = foods(lesson.steps()).anyMatch(f -> f.risk() == Risk.RAW_FLOUR);
        return foods(steps)
                .anyMatch(f -> f.risk().compareTo(Risk.RAW_EGG) > 0
                        || f.id().endsWith("rice")
                        || !dough && (f.risk() == Risk.RAW_EGG || isFreshDairy(f)));
    }

    private Stream<Food> foods(List<Step> steps) {
        return steps.stream()
                .flatMap(s -> s.uses().stream())
                .flatMap(u -> lesson.food(u.line()).stream())
                .flatMap(l -> answers.question().knowledge().food(l.cooked()).stream());
    }

    /** Not butter or a hard cheese, which keep their form and their days. */
    private static boolean isFreshDairy(Food food) {
        var keeps = food.facts().keeps();
        return food.group() == Group.DAIRY && food.shelf().isCold() && (keeps == null || keeps.time() <= WEEK);
    }

    /** Numbers of the steps that what is copied comes from, in their order. */
    private List<Integer> chain(int number) {
        var all = new TreeSet<Integer>();
        for (var line : lesson.foods()) {
            var into = InUse.madeInto(lesson, line);
            if (into.contains(number)) for (int each : into) if (each < number) all.add(each);
        }
        return List.copyOf(all);
    }

    /** Hands on a step of a copy, and its wait; gives the id of what comes last. */
    private String made(Step step, int number, Placed shown, int hands, String before, int due, int earliest) {
        var of = shown.step();
        boolean spoils = spoils(shown);
        var id = "copy/" + of.id() + "/" + step.id();
        if (step.place().isCold() && step.waiting() != null && !step.waiting().unsaid()) before = cooled(id, before);
        var skills = EnumSet.noneOf(Person.Skill.class);
        for (var use : step.uses())
            lesson.food(use.line())
                    .flatMap(l -> answers.question().knowledge().food(l.cooked()))
                    .filter(f -> f.risk().soilsHands())
                    .ifPresent(f -> skills.add(Person.Skill.RAW_MEAT));
        int washes = skills.isEmpty() ? 0 : PrepTasks.WASH;
        var last = before;
        if (hands > 0) {
            tasks.add(Task.hands(
                            id,
                            Task.Kind.COPY_HANDS,
                            Words.OURS.say("copy", step.title()),
                            Words.OURS.say(skills.isEmpty() ? "copy.why" : "copy.why.raw", number, of.title()),
                            hands + washes,
                            skills.toArray(Person.Skill[]::new))
                    .but(d -> {
                        d.step = step.id();
                        d.due = Math.max(1, answers.schedule().planned());
                        d.washes = washes;
                    }));
            links.add(new Link(last, id, 0, most(last, spoils)));
            last = id;
        }
        var wait = step.waiting();
        if (wait == null || wait.unsaid()) return last;
        var heat = step.place() == Place.OVEN && step.heat() != null ? OvenScale.conventional(step.heat()) : 0;
        var what = wait.what().isBlank() ? step.title() : wait.what();
        tasks.add(Task.waits(
                        id + "/wait",
                        Task.Kind.COPY_WAIT,
                        Words.OURS.say("copy.wait", what),
                        step.id().equals(of.id())
                                ? Words.OURS.say("copy.wait.why", wait.time().text(), Clock.text(due))
                                : Words.OURS.say("copy.wait.on", wait.time().text(), of.title()),
                        wait.time().high(),
                        AirTasks.occupied(step.place()),
                        heat)
                .of(step.id())
                .dueBy(due)
                .notBefore(earliest));
        // What was begun hot or shaped goes on at once; what rests may rest a little longer.
        links.add(new Link(
                last,
                id + "/wait",
                0,
                last.equals(before) ? Link.ANY : step.place().isHot() ? 60 : 1800));
        if (step.place() == Place.OVEN) preheat(id, heat, step);
        return id + "/wait";
    }

    /** What comes hot from the ring or the oven cools before it is chilled: never longer than the guidance of the place has it. */
    private String cooled(String id, String before) {
        if (!isHot(before)) return before;
        int most = answers.question().course().profile().coolWithin() * 60;
        tasks.add(Task.waits(
                id + "/cool",
                Task.Kind.COPY_WAIT,
                Words.OURS.say("cool"),
                Words.OURS.say("cool.why", most / 60),
                COOL,
                null,
                0));
        links.add(new Link(before, id + "/cool", 0, 600));
        links.add(new Link(before, id + "/wait", 0, most));
        return id + "/cool";
    }

    /** Seconds that it may wait for the next step: what spoils not long in the warm, what keeps for a while not longer. */
    private int most(String last, boolean spoils) {
        int most = isHot(last) && spoils ? Profile.OUT : Link.ANY;
        return tasks.stream()
                .filter(t -> t.id().equals(last) && t.kind() == Task.Kind.COPY_WAIT)
                .flatMap(t -> lesson.step(t.step()).stream())
                .filter(CopyTasks::isCopied)
                .mapToInt(s -> ((Cover.ReadyCopy) s.waiting().cover()).keeps())
                .reduce(most, Math::min);
    }

    private boolean isHot(String job) {
        return tasks.stream()
                .anyMatch(t ->
                        t.id().equals(job) && t.place() != null && t.place().isHot());
    }

    private void preheat(String copy, int heat, Step step) {
        var id = copy + "/heat";
        int takes = answers.question().course().kitchen().ovenHeats();
        tasks.add(Task.waits(
                        id,
                        Task.Kind.HEAT,
                        step.heat() == null
                                ? Words.OURS.say("oven")
                                : Words.OURS.say("oven.at", step.heat().text()),
                        Words.OURS.say("oven.why", step.title()),
                        takes,
                        Place.OVEN,
                        heat)
                .of(step.id()));
        links.add(new Link(id, copy + "/wait", 0, 1800));
    }
}
