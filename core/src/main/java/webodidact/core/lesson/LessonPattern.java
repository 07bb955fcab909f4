package webodidact.core.lesson;

import java.util.List;
import java.util.Set;
import webodidact.core.time.TimeRange;

/** What a new lesson starts with: welcome, hands, gather check, and the goodbye, in words to be changed. */
public final class LessonPattern {
    private LessonPattern() {}

    public static Lesson start(String id, int number, String title, Delivery delivery, Audience audience, int slot) {
        var welcome = Step.blank("s1", Kind.WELCOME, "Welcome").but(d -> {
            d.say = "Hello, and welcome. Today we make " + title + ".";
            d.camera = "wide";
        });
        var wash = Step.blank("s2", Kind.HYGIENE, "Wash hands").but(d -> {
            d.say = "Sleeves up, hair tied. Soap, warm water, twenty seconds, and dry well.";
            d.hands = TimeRange.of(40);
            d.acts = Set.of(Act.WASH_HANDS);
            d.who = Who.LEARNER;
        });
        var gather = Step.blank("s3", Kind.RUN_THROUGH, "Gather check").but(d -> {
            d.say = "Hold things up as I name them." + (audience.needsAdult() ? " Grown-ups, stay with us, please." : "");
            d.hands = TimeRange.of(delivery.homesCookAlong() ? 120 : 45);
            d.who = Who.LEARNER;
        });
        var goodbye = Step.blank("s4", Kind.TASK, "Task and goodbye").but(d -> d.say = "Try it again this week, and tell me what you changed. Goodbye.");
        return Lesson.blank(id, number, title).but(d -> {
            d.delivery = delivery;
            d.audience = audience;
            d.slot = slot;
            d.steps = List.of(welcome, wash, gather, goodbye);
        });
    }
}
