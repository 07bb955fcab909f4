package webodidact.core.prep;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import webodidact.core.amount.OvenScale;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.answer.Answers;
import webodidact.core.food.Actions;
import webodidact.core.food.Hazard;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Helper;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.script.Told;
import webodidact.core.script.WaterWords;
import webodidact.core.swap.InUse;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/** What a lesson needs before air, read off its own steps: nothing is typed twice. */
public final class PrepTasks {
    /** Seconds of a wipe down, of camera and sound, of weighing a food, of fetching a tool, of a wash of hands and board. */
    private static final int CLEAN = 10 * 60;

    private static final int CAMERA = 10 * 60;
    private static final int WEIGH = 45;
    private static final int FETCH = 20;
    private static final int WASH = 90;
    /** Of what came hot, on a cold surface in a shallow dish; an estimate of ours. */
    private static final int COOL = 30 * 60;

    private static final int SHELVES = 2;
    public static final String YOU = "you";
    /** What the ids of jobs of the instructor's own begin with. */
    public static final String OWN = "own/";

    private final Answers answers;
    private final Lesson lesson;
    private final List<Task> tasks = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();

    private PrepTasks(Answers answers) {
        this.answers = answers;
        lesson = answers.question().lesson();
    }

    /** One lesson's tasks in the kitchen of its course. */
    public static Prep of(Answers answers) {
        return Decided.of(derived(answers), answers.question().lesson().benchEdits());
    }

    /** What a demand that was given up said; empty where the lesson no longer asks for it. */
    public static Optional<String> demand(Answers answers, String key) {
        return Demand.of(derived(answers)).stream()
                .filter(d -> d.key().equals(key))
                .map(Demand::relaxed)
                .findFirst();
    }

    /** Before anything that the instructor has decided of single jobs. */
    private static Prep derived(Answers answers) {
        var work = new PrepTasks(answers);
        work.derive();
        work.own();
        var room =
                room(answers.question().course().kitchen(), answers.schedule().planned(), work.lesson.air());
        return new Prep(work.tasks, work.links, room);
    }

    /** Jobs of the instructor's own: hands, by a time before air. */
    private void own() {
        if (lesson.steps().isEmpty()) return;
        for (var own : lesson.benchEdits().own()) {
            add(Task.hands(
                            OWN + own.id(),
                            Task.Kind.OWN,
                            own.what(),
                            own.before() == 0
                                    ? Words.OURS.say("own.why")
                                    : Words.OURS.say("own.why.before", Clock.text(own.before())),
                            own.takes())
                    .dueBy(-own.before()));
            links.add(Link.then(OWN + own.id(), "camera"));
        }
    }

    private static Room room(Kitchen kitchen, int planned, LocalDateTime air) {
        var people = new ArrayList<Person>();
        // On camera from 0 on: that is a task of theirs, so that a second lesson of the day finds them again.
        people.add(new Person(YOU, EnumSet.allOf(Person.Skill.class), Task.ANY, 24 * 3600));
        for (int i = 1; i <= kitchen.helpers(); i++)
            people.add(
                    i <= kitchen.crew().size()
                            ? person(kitchen.crew().get(i - 1), planned, i)
                            : new Person(
                                    Words.OURS.say(kitchen.helpers() == 1 ? "helper" : "helper.n", i),
                                    EnumSet.of(Person.Skill.BLADES),
                                    Task.ANY,
                                    Math.max(0, planned)));
        return new Room(
                people,
                kitchen.ovens(),
                SHELVES,
                kitchen.rings(),
                kitchen.microwave(),
                kitchen.blender(),
                kitchen.ovenHeats(),
                opens(kitchen, air),
                kitchen.fridge(),
                air);
    }

    private static Person person(Helper helper, int planned, int number) {
        var skills = EnumSet.noneOf(Person.Skill.class);
        if (helper.raw()) skills.add(Person.Skill.RAW_MEAT);
        if (helper.blades()) skills.add(Person.Skill.BLADES);
        if (helper.camera()) skills.add(Person.Skill.CAMERA);
        // Two of one name, or one called like the instructor, would be one pair of hands.
        var name = helper.name().equalsIgnoreCase(YOU) ? Words.OURS.say("helper.n", number) : helper.name();
        return new Person(name, skills, helper.hours() == 0 ? Task.ANY : -helper.hours(), Math.max(0, planned));
    }

    /** Second from which the kitchen may be used on the day of air; any where nobody has said, or there is no day. */
    private static int opens(Kitchen kitchen, LocalDateTime air) {
        if (kitchen.opens().isEmpty() || air == null) return Task.ANY;
        var opens = air.toLocalDate().atTime(LocalTime.parse(kitchen.opens()));
        return (int) Math.clamp(Duration.between(air, opens).getSeconds(), Task.ANY, 0);
    }

    private void derive() {
        if (lesson.steps().isEmpty()) return;
        add(Task.hands("clean", Task.Kind.CLEAN, Words.OURS.say("clean"), Words.OURS.say("clean.why"), CLEAN));
        add(Task.hands(
                "camera",
                Task.Kind.CAMERA,
                Words.OURS.say("camera"),
                Words.OURS.say("camera.why"),
                CAMERA,
                Person.Skill.CAMERA));
        links.add(Link.then("clean", "camera"));
        setOut();
        new AheadTasks(answers, tasks, links).derive();
        for (var placed : answers.schedule().steps()) if (isCopied(placed.step())) copy(placed);
        onAir();
    }

    private void add(Task task) {
        tasks.add(task);
    }

    private static boolean isCopied(Step step) {
        return step.waiting() != null && step.waiting().cover() instanceof Cover.ReadyCopy;
    }

    /** The mise en place: food that an earlier step has out is not weighed again. */
    private void setOut() {
        var out = new HashSet<String>();
        for (var placed : answers.schedule().steps()) {
            var step = placed.step();
            int takes = 0;
            var skills = EnumSet.noneOf(Person.Skill.class);
            int foods = 0;
            int tools = 0;
            for (var use : step.uses()) {
                var line = lesson.food(use.line()).orElse(null);
                if (line == null || !out.add(line.id())) continue;
                foods++;
                takes += ready(line, skills);
            }
            for (var tool : step.tools()) {
                if (!out.add("tool/" + tool)) continue;
                tools++;
                takes += FETCH;
            }
            if (takes == 0) continue;
            var id = "set-out/" + step.id();
            boolean raw = skills.contains(Person.Skill.RAW_MEAT);
            add(Task.hands(
                            id,
                            Task.Kind.SET_OUT,
                            Words.OURS.say("set-out", placed.number()),
                            Words.OURS.say(raw ? "set-out.raw" : "set-out.why", step.title(), foods, tools),
                            // Who had raw food on their hands washes them before anything else: one job, not two.
                            takes + (raw ? WASH : 0),
                            skills.toArray(Person.Skill[]::new))
                    .of(step.id()));
            links.add(Link.then("clean", id));
            links.add(Link.then(id, "camera"));
        }
    }

    /** Seconds to have a food ready in its form: weighed, and chopped where it is to be chopped. */
    private int ready(FoodLine line, Set<Person.Skill> skills) {
        var knowledge = answers.question().knowledge();
        var food = knowledge.food(line.cooked()).orElse(null);
        if (food != null && food.risk().soilsHands()) skills.add(Person.Skill.RAW_MEAT);
        int takes = WEIGH;
        Ratio pieces = null;
        Ratio grams = null;
        if (line.amount() != null) {
            if (line.amount().unit() == Unit.PIECE) pieces = line.amount().high();
            var house = answers.question().course().house();
            grams = food == null
                    ? null
                    : Weighing.in(line.amount(), Unit.G, food, line.described(), house, house)
                            .map(a -> a.high())
                            .orElse(null);
        }
        for (var word : line.form().split("[^\\p{L}-]+")) {
            var action = word.isEmpty() ? null : Actions.shipped().named(word).orElse(null);
            if (action == null || !action.byHand() && !action.sustained()) continue;
            takes += action.time().of(food, line.item(), pieces, grams).high();
            if (action.hazard() == Hazard.BLADE) skills.add(Person.Skill.BLADES);
        }
        return takes;
    }

    /** A ready copy is made as the lesson makes it: the steps it comes from, each with its wait, up to the one that is shown. */
    private void copy(Placed placed) {
        var step = placed.step();
        var cover = (Cover.ReadyCopy) step.waiting().cover();
        int due = placed.busy().end();
        var before = "clean";
        for (int number : chain(placed.number())) {
            var earlier = lesson.steps().get(number - 1);
            if (isCopied(earlier)) continue;
            before = made(earlier, number, step, earlier.hands().high(), before, 4 * 3600, Task.ANY);
        }
        int hands = cover.make() > 0 ? cover.make() : Math.max(60, step.hands().high());
        int cooks = step.waiting().time().high();
        made(step, placed.number(), step, hands, before, due, due - cover.keeps() - cooks);
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
    private String made(Step step, int number, Step of, int hands, String before, int due, int earliest) {
        var id = "copy/" + of.id() + "/" + step.id();
        if (step.place() == Place.COLD
                && step.waiting() != null
                && !step.waiting().unsaid()) before = cooled(id, before);
        var skills = EnumSet.noneOf(Person.Skill.class);
        for (var use : step.uses())
            lesson.food(use.line())
                    .flatMap(l -> answers.question().knowledge().food(l.cooked()))
                    .filter(f -> f.risk().soilsHands())
                    .ifPresent(f -> skills.add(Person.Skill.RAW_MEAT));
        var last = before;
        if (hands > 0) {
            add(Task.hands(
                            id,
                            Task.Kind.COPY_HANDS,
                            Words.OURS.say("copy", step.title()),
                            Words.OURS.say(skills.isEmpty() ? "copy.why" : "copy.why.raw", number, of.title()),
                            hands + (skills.isEmpty() ? 0 : WASH),
                            skills.toArray(Person.Skill[]::new))
                    .of(step.id())
                    .dueBy(Math.max(1, answers.schedule().planned())));
            links.add(Link.then(last, id));
            last = id;
        }
        var wait = step.waiting();
        if (wait == null || wait.unsaid()) return last;
        var heat = step.place() == Place.OVEN && step.heat() != null ? OvenScale.conventional(step.heat()) : 0;
        var what = wait.what().isBlank() ? step.title() : wait.what();
        add(Task.waits(
                        id + "/wait",
                        Task.Kind.COPY_WAIT,
                        Words.OURS.say("copy.wait", what),
                        Words.OURS.say("copy.wait.why", wait.time().text(), Clock.text(due)),
                        wait.time().high(),
                        occupied(step.place()),
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
        boolean hot = tasks.stream()
                .anyMatch(t ->
                        t.id().equals(before) && t.place() != null && t.place().isHot());
        if (!hot) return before;
        int most = answers.question().course().profile().coolWithin() * 60;
        add(Task.waits(
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

    private static Place occupied(Place place) {
        return place == Place.BENCH ? null : place;
    }

    private void preheat(String copy, int heat, Step step) {
        var id = copy + "/heat";
        int takes = answers.question().course().kitchen().ovenHeats();
        add(Task.waits(
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

    /** What the lesson itself occupies is not there for copies; an oven that it finds hot has been heated before. */
    private void onAir() {
        int planned = Math.max(1, answers.schedule().planned());
        add(new Task(
                "air",
                Task.Kind.AIR,
                Words.OURS.say("air", lesson.title()),
                "",
                "",
                planned,
                true,
                Set.of(),
                null,
                0,
                Task.ANY,
                planned,
                0,
                YOU));
        for (var placed : answers.schedule().steps()) {
            var step = placed.step();
            var place = occupied(step.place());
            // Where a ready copy comes out of the fridge, what was made on air goes in: the same room.
            if (place == null || place == Place.COLD && isCopied(step)) continue;
            var run = placed.waiting();
            int end = run == null ? placed.span().end() : Math.max(placed.span().end(), run.latest());
            if (isCopied(step)) end = placed.busy().end();
            int takes = Math.max(1, end - placed.span().start());
            int heat = place == Place.OVEN && step.heat() != null ? OvenScale.conventional(step.heat()) : 0;
            add(new Task(
                    "air/" + step.id(),
                    Task.Kind.AIR,
                    step.title(),
                    Words.OURS.say("air.why", placed.number()),
                    step.id(),
                    takes,
                    false,
                    Set.of(),
                    place,
                    heat,
                    Task.ANY,
                    placed.span().start() + takes,
                    placed.span().start(),
                    ""));
        }
        firstOven();
        water();
    }

    /** Boiling water that a step near the beginning uses and that nobody puts on on air. */
    private void water() {
        var told = Told.of(lesson);
        var use = WaterWords.uses(told)
                .filter(x -> !WaterWords.isPutOnBefore(told, x))
                .min(Comparator.comparingInt(Told.Said::number));
        if (use.isEmpty()) return;
        var placed = answers.schedule().steps().get(use.get().number() - 1);
        int boils = LITRES * BOILS;
        // What comes later on air is put on there: the check says that nobody does.
        if (placed.span().start() >= boils) return;
        add(Task.waits(
                        "water/air",
                        Task.Kind.HEAT,
                        Words.OURS.say("water", LITRES),
                        Words.OURS.say(
                                "water.why",
                                placed.number(),
                                Clock.text(placed.span().start())),
                        boils,
                        Place.RING,
                        0)
                .of(placed.step().id())
                .dueBy(placed.span().start()));
    }

    /** Seconds a litre from the tap takes to boil on a ring of 2 kW that gives six tenths of it to the pan: 4.19 kJ a degree. */
    private static final int BOILS = 5 * 60;

    /** Of a pan for pasta or dumplings, where nobody says how much. */
    private static final int LITRES = 2;

    private void firstOven() {
        boolean onAir = lesson.steps().stream().anyMatch(s -> s.acts().contains(Act.OVEN_ON));
        var first = answers.schedule().steps().stream()
                .filter(p -> p.step().place() == Place.OVEN)
                .findFirst();
        if (!lesson.ovenBefore() || onAir || first.isEmpty()) return;
        var step = first.get().step();
        int heat = step.heat() == null ? 0 : OvenScale.conventional(step.heat());
        add(Task.waits(
                        "heat/air",
                        Task.Kind.HEAT,
                        step.heat() == null
                                ? Words.OURS.say("oven")
                                : Words.OURS.say("oven.at", step.heat().text()),
                        Words.OURS.say(
                                "oven.air",
                                first.get().number(),
                                Clock.text(first.get().busy().end())),
                        answers.question().course().kitchen().ovenHeats(),
                        Place.OVEN,
                        heat)
                .of(step.id())
                // Somebody switches it on before air: on camera nobody does.
                .dueBy(Math.min(
                        first.get().busy().end(),
                        answers.question().course().kitchen().ovenHeats() - 60)));
    }
}
