package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** Water spreads what is on raw meat over sink and worktop: advice of food safety bodies everywhere. */
final class RawMeatRinsed implements Check {
    private static final String MEAT =
            "(?:chicken|turkey|duck|poultry|thighs?|drumsticks?|breasts?|wings?|mince|meat|pork|beef|lamb|bird)";
    private static final Phrase RINSED = Phrase.of(
            "(?:rinse|wash)(?:es|ing|ed)? (?:off )?(?:the |your |our |that |those |my )?(?:raw |whole )?(?:chicken )?"
                    + MEAT + "\\b(?! (?:board|knife|off your))",
            "(?:give|gives|giving) (?:the |your |our |that |those |my )?(?:raw |whole )?(?:chicken )?" + MEAT
                    + " (?:pieces )?an? (?:quick |good |little )?(?:rinse|wash)\\b",
            MEAT + "\\b[^.!?;]{0,50}\\brinse (?:out )?(?:the |its )?(?:inside|cavity)\\b",
            MEAT + "\\b[^.!?,;]{0,25}\\b(?:rinsed|under the (?:cold )?tap|rinse (?:it|them))\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().meant(RINSED));
    }
}
