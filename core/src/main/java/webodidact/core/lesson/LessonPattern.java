package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import webodidact.core.time.TimeRange;

/** What a new lesson starts with: welcome, hands, gather check, and the goodbye, in words to be changed. */
public final class LessonPattern {
    /** Stands for the lesson's title in the words of a pattern. */
    public static final String DISH = "{dish}";
    private static final Set<Audience> CHILDREN = Set.of(Audience.EARLY_YEARS, Audience.AGES_5_7, Audience.AGES_7_11);
    private static final Set<Audience> OLDER = Set.of(Audience.AGES_11_16, Audience.ADULTS);
    private static final Set<Delivery> LIVE = Set.of(Delivery.COOK_ALONG, Delivery.DEMONSTRATION);
    private static final Set<Delivery> RECORDED = Set.of(Delivery.RECORDED);

    /** Those that ship with the application, in the order in which a lesson has them. */
    public static final List<StepPattern> SHIPPED = List.of(
            welcome("Welcome, live", LIVE, OLDER, "Hello, and welcome. Today we make {dish}. Say hello if you can hear me."),
            welcome("Welcome, recorded", RECORDED, OLDER, "Hello, and welcome. Today we make {dish}. Stop the picture whenever you need longer."),
            welcome("Welcome, children, live", LIVE, CHILDREN, "Hello, cooks! Today we make {dish}. Grown-ups, stay with us, please: some of it is hot or sharp."),
            welcome("Welcome, children, recorded", RECORDED, CHILDREN, "Hello, cooks! Today we make {dish}. Fetch your grown-up: some of it is hot or sharp. Stop the picture whenever you need longer."),
            hygiene("Wash hands", OLDER, "Sleeves up, hair tied. Soap, warm water, twenty seconds, and dry well."),
            hygiene("Wash hands, children", CHILDREN, "Sleeves up, hair back, apron on. Soap and warm water while we count slowly to twenty. Thumbs too! Then dry them well."),
            gather("Gather check, cook-along", Set.of(Delivery.COOK_ALONG), OLDER, 120, "Hold things up as I name them."),
            gather("Gather check, cook-along, children", Set.of(Delivery.COOK_ALONG), CHILDREN, 180, "Hold each thing up when I say its name. Grown-ups, help them find it, please."),
            gather("What you need", Set.of(Delivery.RECORDED, Delivery.DEMONSTRATION), Set.of(), 45, "This is what you need. Everything is on the list."),
            goodbye("Task and goodbye", OLDER, "Try it again this week, and tell me what you changed. Goodbye."),
            goodbye("Task and goodbye, children", CHILDREN, "This week, make it for somebody, and draw what they said. Help with the washing-up, and goodbye!"));

    private LessonPattern() {}

    private static StepPattern welcome(String name, Set<Delivery> how, Set<Audience> whom, String say) {
        return new StepPattern(name, how, whom, true, Step.blank("p", Kind.WELCOME, "Welcome").but(d -> {
            d.say = say;
            d.camera = "wide";
            d.fixed = true;
        }));
    }

    private static StepPattern hygiene(String name, Set<Audience> whom, String say) {
        return new StepPattern(name, Set.of(), whom, true, Step.blank("p", Kind.HYGIENE, "Wash hands").but(d -> {
            d.say = say;
            d.hands = TimeRange.of(40);
            d.acts = Set.of(Act.WASH_HANDS);
            d.who = Who.LEARNER;
            d.fixed = true;
        }));
    }

    private static StepPattern gather(String name, Set<Delivery> how, Set<Audience> whom, int seconds, String say) {
        return new StepPattern(name, how, whom, true, Step.blank("p", Kind.RUN_THROUGH, "Gather check").but(d -> {
            d.say = say;
            d.hands = TimeRange.of(seconds);
            d.who = Who.LEARNER;
            d.fixed = true;
        }));
    }

    private static StepPattern goodbye(String name, Set<Audience> whom, String say) {
        return new StepPattern(name, Set.of(), whom, true, Step.blank("p", Kind.TASK, "Task and goodbye").but(d -> {
            d.say = say;
            d.fixed = true;
        }));
    }

    /** The shipped ones, each as the course has changed it, then those of the course's own. */
    public static List<StepPattern> all(Course course) {
        var all = new LinkedHashMap<String, StepPattern>();
        SHIPPED.forEach(p -> all.put(p.name(), p));
        course.patterns().forEach(p -> all.put(p.name(), p));
        return List.copyOf(all.values());
    }

    /** Those that suit the lesson. */
    public static List<StepPattern> suiting(Course course, Delivery delivery, Audience audience) {
        return all(course).stream().filter(p -> p.suits(delivery, audience)).toList();
    }

    /** The pattern as a step of a lesson, in its words. */
    public static Step step(StepPattern pattern, String id, String dish) {
        return pattern.step().but(d -> {
            d.id = id;
            d.title = d.title.replace(DISH, dish);
            d.say = d.say.replace(DISH, dish);
            d.doing = d.doing.replace(DISH, dish);
            d.uses = List.of();
        });
    }

    /** A step kept for other lessons: without what only its lesson has. */
    public static StepPattern keep(String name, Lesson lesson, Step step, Set<Delivery> deliveries, Set<Audience> audiences, boolean first) {
        return new StepPattern(name, deliveries, audiences, first, step.but(d -> {
            d.id = "p";
            d.say = lesson.title().isBlank() ? d.say : d.say.replace(lesson.title(), DISH);
            d.uses = List.of();
            d.declined = Set.of();
            d.part = "";
            d.reachBy = 0;
            if (d.waiting != null && d.waiting.cover() instanceof Cover.CarryOn) d.waiting = d.waiting.covered(new Cover.CarryOn(""));
        }));
    }

    public static Lesson start(String id, int number, String title, Delivery delivery, Audience audience, int slot, Course course) {
        var steps = new ArrayList<Step>();
        for (var pattern : suiting(course, delivery, audience)) {
            if (pattern.first()) steps.add(step(pattern, "s" + (steps.size() + 1), title));
        }
        // The goodbye comes last, whatever the course has added.
        steps.sort(java.util.Comparator.comparing(s -> s.kind() == Kind.TASK));
        return Lesson.blank(id, number, title).but(d -> {
            d.delivery = delivery;
            d.audience = audience;
            d.slot = slot;
            d.steps = steps;
        });
    }
}
