package webodidact.core.rules;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Food;
import webodidact.core.food.Risk;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** A core temperature is named that is below what the safety profile asks for that food. */
final class CoreTooLow implements Check {
    private static final Phrase SAID = Phrase.of(
            "(?:probe|thermometer|core|inside|in the middle|centre|center|thickest(?: part| bit)?|internal(?: temperature)?)\\b[^.!?\\d]{0,40}?(\\d{2,3})\\b(?!\\s*(?:min|g\\b|ml|sec))",
            "(\\d{2,3})\\s*(?:°\\s*[cf]?|degrees(?: celsius| fahrenheit)?|[cf]\\b)?[^.!?\\d]{0,25}\\b(?:in the (?:middle|centre|center|thickest)|on the probe|on the thermometer|inside|in the core|internal)");
    /** "One forty five in the middle". */
    private static final Phrase SPOKEN = Phrase.of(
            "(?:probe|thermometer|core|inside|in the middle|centre|center|thickest(?: part| bit)?|internal(?: temperature)?)\\b[^.!?\\d]{0,40}?\\b"
                    + CoreSaid.FIGURE,
            CoreSaid.FIGURE
                    + "(?: degrees)?(?:, ?|[^.!?,\\d]{0,25}\\b)(?:in the (?:middle|centre|center|thickest)|on the probe|on the thermometer|inside|in the core|internal)");

    private static final Phrase HELD = Phrase.of("(?:for|hold)\\b[^.!?]{0,25}\\b(?:two|2) minutes");
    /** Above this nobody means Celsius inside of food. */
    private static final int CELSIUS_MOST = 105;

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(
                        Stream.concat(s.told().all(SAID), s.told().all(SPOKEN)).filter(x -> !x.is(Asides.Kind.DENIED)))
                .flatMap(x -> risk(s, x.number()).stream().flatMap(risk -> finding(s, x, risk)));
    }

    /** The most demanding raw food that is on the heat by then. */
    private static Optional<Risk> risk(Situation s, int number) {
        return s.lesson().steps().subList(0, number).stream()
                .flatMap(s::foods)
                .map(Food::risk)
                .filter(r -> r.soilsHands() && s.course().profile().core(r) > 0)
                .max(Comparator.comparingInt(r -> s.course().profile().core(r)));
    }

    /** The most that the profile asks of anything raw that is in it by that step, in its own scale. */
    static int asked(Situation s, int number) {
        return risk(s, number).map(s.course().profile()::core).orElse(0);
    }

    private Stream<Finding> finding(Situation s, Told.Said said, Risk risk) {
        int figure = CoreSaid.of(said.words());
        int asked = s.course().profile().core(risk);
        boolean fahrenheit = s.course().profile().degrees(asked).endsWith("F");
        double stated = figure > CELSIUS_MOST == fahrenheit
                ? figure
                : fahrenheit ? figure * 9 / 5.0 + 32 : (figure - 32) * 5 / 9.0;
        boolean held = HELD.isIn(said.sentence()) && stated >= asked - 5;
        if (figure < LEAST || stated >= asked || held) return Stream.empty();
        return Stream.of(at(
                        s,
                        said.step().id(),
                        figure,
                        s.course().profile().degrees(asked),
                        s.course().profile().title())
                .mending(mend(
                        "say",
                        Operations.reword(
                                said.step().id(),
                                t -> t.replace(
                                        said.words(),
                                        CoreSaid.corrected(
                                                said.words(),
                                                s.course().profile().degrees(asked)))),
                        s.course().profile().degrees(asked))));
    }

    /** Lower figures are of rooms, fridges and minutes. */
    private static final int LEAST = 40;
}
