package webodidact.core.prep;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.answer.Answers;
import webodidact.core.food.Actions;
import webodidact.core.food.Hazard;
import webodidact.core.food.Risk;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Helper;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.script.Phrase;
import webodidact.core.time.Clock;

/** What a lesson needs before air, read off its own steps: nothing is typed twice. */
public final class PrepTasks {
    /** Seconds of a wipe down, of camera and sound, of weighing a food, of fetching a tool, of a wash of hands and board. */
    private static final int CLEAN = 10 * 60;

    private static final int CAMERA = 10 * 60;
    private static final int WEIGH = 45;
    private static final int FETCH = 20;
    static final int WASH = 90;
    /** Of a food that is cut or said to be washed: an estimate of ours, like the others. */
    private static final int RINSE = 30;

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
        return of(answers, Errands.of(answers));
    }

    static Prep of(Answers answers, Errands errands) {
        return Decided.of(derived(answers, errands), answers.question().lesson().benchEdits());
    }

    /** What a demand that was given up said; empty where the lesson no longer asks for it. */
    public static Optional<String> demand(Answers answers, String key) {
        return Demand.of(derived(answers, Errands.of(answers))).stream()
                .filter(d -> d.key().equals(key))
                .map(Demand::relaxed)
                .findFirst();
    }

    /** Before anything that the instructor has decided of single jobs. */
    private static Prep derived(Answers answers, Errands errands) {
        var work = new PrepTasks(answers);
        work.derive(errands);
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
                kitchen.freezer(),
                1,
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

    private void derive(Errands errands) {
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
        new AheadTasks(answers, errands, tasks, links).derive();
        new CopyTasks(answers, tasks, links).derive();
        new AirTasks(answers, tasks).derive();
    }

    private void add(Task task) {
        tasks.add(task);
    }

    /** The mise en place: food that an earlier step has out is not weighed again. */
    private void setOut() {
        var out = new HashSet<String>();
        for (var placed : answers.schedule().steps()) {
            var step = placed.step();
            int takes = 0;
            int rinses = 0;
            var skills = EnumSet.noneOf(Person.Skill.class);
            int foods = 0;
            int tools = 0;
            for (var use : step.uses()) {
                var line = lesson.food(use.line()).orElse(null);
                if (line == null || !out.add(line.id())) continue;
                foods++;
                takes += ready(line, skills);
                if (isRinsed(line)) rinses += RINSE;
            }
            for (var tool : step.tools()) {
                if (!out.add("tool/" + tool)) continue;
                tools++;
                takes += FETCH;
            }
            if (takes == 0) continue;
            var id = "set-out/" + step.id();
            boolean raw = skills.contains(Person.Skill.RAW_MEAT);
            int atSink = rinses;
            add(Task.hands(
                            id,
                            Task.Kind.SET_OUT,
                            Words.OURS.say("set-out", placed.number()),
                            Words.OURS.say(raw ? "set-out.raw" : "set-out.why", step.title(), foods, tools),
                            // Who had raw food on their hands washes them before anything else: one job, not two.
                            takes + rinses + (raw ? WASH : 0),
                            skills.toArray(Person.Skill[]::new))
                    .but(d -> {
                        d.step = step.id();
                        d.rinses = atSink;
                        d.washes = raw ? WASH : 0;
                    }));
            links.add(Link.then("clean", id));
            links.add(Link.then(id, "camera"));
        }
    }

    /** Soil comes off before it is cut; what is only weighed may be washed on air. */
    private boolean isRinsed(FoodLine line) {
        boolean soiled = answers.question()
                .knowledge()
                .food(line.cooked())
                .filter(f -> f.risk() == Risk.UNWASHED)
                .isPresent();
        if (!soiled || READY.isIn(line.described() + " " + line.note())) return false;
        return RINSED.isIn(line.form())
                || Stream.of(line.form().split("[^\\p{L}-]+"))
                        .filter(word -> !word.isEmpty())
                        .flatMap(word -> Actions.shipped().named(word).stream())
                        .anyMatch(a -> a.byHand());
    }

    private static final Phrase RINSED = Phrase.of("(?:washed|rinsed|scrubbed)\\b");
    private static final Phrase READY = Phrase.of(
            "(?:ready[- ]|pre-?)(?:washed|cut|chopped)\\b", "tinned\\b", "frozen\\b", "dried\\b", "of a bag\\b");

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
}
