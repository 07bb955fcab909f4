package webodidact.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
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
            welcome("welcomeLive", LIVE, OLDER),
            welcome("welcomeRecorded", RECORDED, OLDER),
            welcome("welcomeChildrenLive", LIVE, CHILDREN),
            welcome("welcomeChildrenRecorded", RECORDED, CHILDREN),
            hygiene("wash", OLDER),
            hygiene("washChildren", CHILDREN),
            gather("gatherCookAlong", Set.of(Delivery.COOK_ALONG), OLDER, 120),
            gather("gatherCookAlongChildren", Set.of(Delivery.COOK_ALONG), CHILDREN, 180),
            gather("gatherNeeds", Set.of(Delivery.RECORDED, Delivery.DEMONSTRATION), Set.of(), 45),
            goodbye("goodbye", OLDER),
            goodbye("goodbyeChildren", CHILDREN));

    private LessonPattern() {}

    private static String name(String code) {
        return Words.OURS.say("pattern." + code);
    }

    private static StepPattern welcome(String code, Set<Delivery> how, Set<Audience> whom) {
        return new StepPattern(
                name(code),
                how,
                whom,
                true,
                Step.blank("p", Kind.WELCOME, name("welcome")).but(d -> {
                    d.say = Words.OURS.say("pattern." + code + ".say");
                    d.camera = name("welcome.camera");
                    d.fixed = true;
                }));
    }

    private static StepPattern hygiene(String code, Set<Audience> whom) {
        return new StepPattern(
                name(code),
                Set.of(),
                whom,
                true,
                Step.blank("p", Kind.HYGIENE, name("hygiene")).but(d -> {
                    d.say = Words.OURS.say("pattern." + code + ".say");
                    d.hands = TimeRange.of(40);
                    d.acts = Set.of(Act.WASH_HANDS);
                    d.who = Who.LEARNER;
                    d.fixed = true;
                }));
    }

    private static StepPattern gather(String code, Set<Delivery> how, Set<Audience> whom, int seconds) {
        return new StepPattern(
                name(code),
                how,
                whom,
                true,
                Step.blank("p", Kind.RUN_THROUGH, name("gather")).but(d -> {
                    d.say = Words.OURS.say("pattern." + code + ".say");
                    d.hands = TimeRange.of(seconds);
                    d.who = Who.LEARNER;
                    d.fixed = true;
                }));
    }

    private static StepPattern goodbye(String code, Set<Audience> whom) {
        return new StepPattern(
                name(code),
                Set.of(),
                whom,
                true,
                Step.blank("p", Kind.TASK, name("task")).but(d -> {
                    d.say = Words.OURS.say("pattern." + code + ".say");
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
    public static StepPattern keep(
            String name, Lesson lesson, Step step, Set<Delivery> deliveries, Set<Audience> audiences, boolean first) {
        return new StepPattern(name, deliveries, audiences, first, step.but(d -> {
            d.id = "p";
            d.say = lesson.title().isBlank() ? d.say : d.say.replace(lesson.title(), DISH);
            d.uses = List.of();
            d.declined = Set.of();
            d.part = "";
            d.reachBy = 0;
            if (d.waiting != null && d.waiting.cover() instanceof Cover.CarryOn)
                d.waiting = d.waiting.covered(new Cover.CarryOn(""));
        }));
    }

    public static Lesson start(
            String id, int number, String title, Delivery delivery, Audience audience, int slot, Course course) {
        var steps = new ArrayList<Step>();
        for (var pattern : suiting(course, delivery, audience)) {
            if (pattern.first()) steps.add(step(pattern, "s" + (steps.size() + 1), title));
        }
        // The goodbye comes last, whatever the course has added.
        steps.sort(Comparator.comparing(s -> s.kind() == Kind.TASK));
        return Lesson.blank(id, number, title).but(d -> {
            d.delivery = delivery;
            d.audience = audience;
            d.slot = slot;
            d.steps = steps;
        });
    }
}
