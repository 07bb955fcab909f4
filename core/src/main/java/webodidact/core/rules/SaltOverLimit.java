package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Cheese, stock, soy sauce and the pinch on top: nobody adds them up. */
final class SaltOverLimit implements Check {
    /** Grams a day: Scientific Advisory Committee on Nutrition, Salt and Health, 2003: less than 1 g under one year. */
    private static final int UNDER_ONE = 1;

    private static final Phrase SALTED = Phrase.of(
            "(?:pinch|bit|touch|grind|little|shake) of salt\\b",
            "salt (?:it|them|the \\p{L}+)\\b",
            "season (?:it|them) with salt");
    /** What the baby eats is taken out first. */
    private static final Phrase BABYS_FIRST = Phrase.of(
            "baby's (?:portion|share|bit|bowl)",
            "for (?:the )?(?:grown[- ]ups|adults|rest of us|family)",
            "(?:take|lift|spoon) (?:the |your )?bab(?:y|ies)");

    @Override
    public Stream<Finding> find(Situation s) {
        boolean infant =
                s.answers().question().homes().stream().anyMatch(h -> h.ages().contains(0));
        return Stream.concat(worked(s, infant), Ages.areBabiesFed(s) ? said(s) : Stream.empty())
                .limit(1);
    }

    /** For a baby alone a pinch is much of a day's. */
    private Stream<Finding> said(Situation s) {
        int taken = s.told().all(BABYS_FIRST).mapToInt(Told.Said::number).min().orElse(Integer.MAX_VALUE);
        return Told.oncePerStep(s.told().meant(SALTED).filter(x -> !x.is(Asides.Kind.DENIED) && x.number() < taken))
                .limit(1)
                .map(x -> at(s, x.step().id(), x.words().strip()).as("words"));
    }

    private Stream<Finding> worked(Situation s, boolean infant) {
        var salt = infant ? s.answers().salt().against(UNDER_ONE) : s.answers().salt();
        if (!salt.isMuch()) return Stream.empty();
        var most = salt.carriers().stream()
                .limit(3)
                .map(c -> c.item() + " " + grams(c.grams()))
                .toList();
        var plain = salt.carriers().stream()
                .flatMap(c -> s.lesson().food(c.line()).stream())
                .filter(f -> "salt".equals(f.cooked()))
                .findFirst();
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        grams(salt.grams()),
                        salt.share().times(100).nearest(),
                        salt.limit(),
                        s.lesson().audience().title(),
                        most)
                .as(infant ? "infant" : "")
                .mending(plain.map(line -> List.of(mend("taste", Operations.toTaste(line.id()))))
                        .orElse(List.of())));
    }

    private static String grams(Ratio grams) {
        return AmountText.number(grams.toStep(Ratio.of(1, 10))) + " g";
    }
}
