package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.list.SaltShare;

/** Cheese, stock, soy sauce and the pinch on top: nobody adds them up. */
final class SaltOverLimit implements Check {
    @Override
    public String id() {
        return "salt-over-limit";
    }

    @Override
    public String summary() {
        return "A portion has at most half of the salt its audience should have in a day";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var salt = SaltShare.of(s.lesson(), s.course(), s.knowledge());
        if (!salt.isMuch()) return Stream.empty();
        var most = salt.carriers().stream().limit(3).map(c -> c.item() + " " + grams(c.grams())).toList();
        var plain = salt.carriers().stream().flatMap(c -> s.lesson().food(c.line()).stream()).filter(f -> "salt".equals(f.cooked())).findFirst();
        return Stream.of(new Finding(severity(), id(), "", 0, "A portion has about " + grams(salt.grams()) + " of salt: " + salt.share().times(100).nearest() + " % of a day's "
                + salt.limit() + " g for " + s.lesson().audience().title() + ".", "Most of it: " + String.join(", ", most) + ". Household figures; labels come first.",
                plain.map(line -> List.of(mend(line))).orElse(List.of())));
    }

    private static Mend mend(FoodLine line) {
        return new Mend("Salt only to taste", l -> l.withFood(line.id(), f -> f.but(d -> {
            d.amount = null;
            d.toTaste = true;
        })));
    }

    private static String grams(Ratio grams) {
        return AmountText.number(grams.toStep(Ratio.of(1, 10))) + " g";
    }
}
