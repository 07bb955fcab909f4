package webodidact.core;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.core.timing.Schedule;
import webodidact.core.words.Message;

/** Small lessons for tests, in plain words. */
public final class Lessons {
    public static final Course COURSE = Course.named("Saltmarsh Supper School");

    private Lessons() {}

    public static Lesson of(Step... steps) {
        return Lesson.blank("test", 1, "Test").withSteps(List.of(steps));
    }

    public static Lesson of(List<FoodLine> foods, Step... steps) {
        return of(steps).withFoods(foods);
    }

    /** A hands-on step of so many seconds. */
    public static Step hands(String id, int seconds) {
        return Step.blank(id, Kind.HANDS_ON, id).but(d -> d.hands = TimeRange.of(seconds));
    }

    public static Step hands(String id, int low, int high) {
        return Step.blank(id, Kind.HANDS_ON, id).but(d -> d.hands = new TimeRange(low, high));
    }

    public static Step using(Step step, String... lines) {
        return step.but(
                d -> d.uses = Arrays.stream(lines).map(l -> new Use(l, null)).toList());
    }

    public static Step waits(Step step, int low, int high, Cover cover) {
        return step.but(d -> d.waiting = new Wait(new TimeRange(low, high), "simmers", "soft", cover));
    }

    public static Step at(Step step, Place place) {
        return step.but(d -> {
            d.place = place;
            if (place == Place.OVEN) d.heat = new Heat(200, 200, Heat.Mode.FAN);
        });
    }

    public static Step acts(Step step, Act... acts) {
        return step.but(d -> d.acts = Set.of(acts));
    }

    public static FoodLine food(String id, String food, String amount) {
        var name = Knowledge.shipped().food(food).orElseThrow().name();
        return FoodLine.of(id, name, food, amount == null ? null : Amount.parse(amount));
    }

    public static Lesson recorded(Lesson lesson) {
        return lesson.but(d -> d.delivery = Delivery.RECORDED);
    }

    public static Schedule plan(Lesson lesson) {
        return Planner.plan(lesson, new Pace(Audience.ADULTS, Map.of()));
    }

    public static Outcome outcome(Lesson lesson) {
        return Outcome.of(lesson, COURSE, Knowledge.shipped());
    }

    /** What a finding says, whatever the language: which of its check's sentences, and what that is filled with. */
    public static String facts(Finding finding) {
        return said(finding.form(), finding.args());
    }

    /** What a mend says it does, whatever the language. */
    public static String facts(Mend mend) {
        return said(mend.said().key(), mend.said().args());
    }

    private static String said(String key, List<?> args) {
        return key + args.stream().map(Lessons::said).collect(Collectors.joining("; ", "(", ")"));
    }

    private static String said(Object arg) {
        return switch (arg) {
            case Message m -> said(m.key(), m.args());
            case List<?> each -> each.stream().map(Lessons::said).collect(Collectors.joining(", ", "[", "]"));
            default -> arg.toString();
        };
    }
}
