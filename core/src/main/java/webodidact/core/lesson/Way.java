package webodidact.core.lesson;

import java.util.List;
import webodidact.core.amount.Heat;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/**
 * Another way of doing a step: by knife, grater or processor; on the hob, in the microwave or air fryer; by weight or by spoon.
 *
 * @param name "by hand with a knife", unique in its step
 * @param hands the instructor's hands-on time that way
 * @param waits how long it is left to itself that way, or null where the step's own wait does not change
 * @param tools ids in the tool table
 * @param place where it is done
 * @param heat the oven's setting that way, or null
 * @param words what is done, in the instructor's words
 * @param from the youngest who may do it; null: anybody
 * @param offered whether homes are told of it
 */
public record Way(
        String name,
        TimeRange hands,
        TimeRange waits,
        List<String> tools,
        Place place,
        Heat heat,
        String words,
        Audience from,
        boolean offered) {
    public Way {
        if (name == null || name.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.way"));
        hands = Seconds.checked(hands == null ? TimeRange.ZERO : hands, Words.OURS.message("what.way", name));
        if (waits != null) Seconds.checked(waits, Words.OURS.message("what.way.2", name));
        tools = tools == null ? List.of() : List.copyOf(tools);
        place = place == null ? Place.BENCH : place;
        words = words == null ? "" : words;
    }

    public Way named(String other) {
        return new Way(other, hands, waits, tools, place, heat, words, from, offered);
    }

    public Way lasting(TimeRange other) {
        return new Way(name, other, waits, tools, place, heat, words, from, offered);
    }

    public Way offering(boolean on) {
        return new Way(name, hands, waits, tools, place, heat, words, from, on);
    }
}
