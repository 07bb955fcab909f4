package webodidact.core.rules;

import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Shelf;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Cooked or raw food that spoils stands in the warm for longer than the profile's advice. */
final class LeftOutTooLong implements Check {
    private static final Phrase OUT = Phrase.of(
            "(?:leave|left|leaving|stand(?:s|ing)?|stays?|sit(?:s|ting)?|cool(?:s|ing)?|keeps?|lives?|be)\\b[^.!?]{0,50}\\b(?:out|on the (?:side|worktop|counter|bench|hob|stove|table)|at room temperature|in the (?:pan|pot)|to cool(?: down)?)\\b[^.!?]{0,50}?\\b(overnight|before (?:you go to |I go to )?bed\\b|(?:until|till)\\b[^.!?]{0,30}?\\b(?:bed ?time|go to bed|off to bed|(?:opens?|starts?|begins?|arrives?|gets? (?:here|home|in))|(?:five|six|seven|eight|nine) o.clock|morning|tomorrow|evening|tonight|dinner ?time|lunch ?time)|all (?:day|night|afternoon|evening|morning)|(?:\\d+|two|three|four|five|six|eight|several|a few|a couple of) hours?)\\b",
            "(?:leave|left|leaving|put|pop|stands?|stays?|sits?)\\b[^.!?]{0,30}\\b(?:on the (?:side|worktop|counter|bench|hob|stove|table)|in the (?:pan|pot|wok))\\b[^.!?]{0,30}\\b(?:tomorrow|next day|in the morning|for breakfast|for (?:your|their|my) (?:lunch|breakfast|tea))\\b",
            "(?:fine|ok|okay|all right|alright|good|happy|safe)\\b[^.!?]{0,20}\\b(?:out|on the (?:side|worktop|counter|bench|hob|stove|table)|in the (?:pan|pot))\\b[^.!?]{0,20}\\b(?:overnight|(?:until|till)\\b[^.!?]{0,20}?\\b(?:morning|tomorrow|evening|tonight|bed ?time)|all (?:day|night|afternoon))\\b",
            "(?:fine|ok|okay|all right|alright|good|happy|safe)\\b[^.!?]{0,15}\\bin (?:your|the|a|their) (?:school )?(?:bag|rucksack|backpack|lunch ?box|car|locker)s?\\b[^.!?]{0,20}\\b(?:overnight|tomorrow|(?:until|till)\\b[^.!?]{0,20}?\\b(?:lunch ?(?:time)?|tea ?time|home ?time|tomorrow|evening|tonight)|all (?:day|morning))\\b(?![^.!?]{0,30}\\b(?:ice|cool))",
            "\\bon (?:warm|keep[- ]warm)\\b[^.!?]{0,60}\\b(?:tomorrow|overnight|next day|all night|in the morning)\\b",
            "keep(?:s|ing)? (?:it )?(?:for )?(?:a|one|two|three|four|five|\\d) (?:whole |good )?(?:weeks?|days)\\b[^.!?]{0,20}\\bin (?:a|the|its) (?:cake )?tin\\b[^.!?]{0,30}\\b(?:cream|custard|mousse)\\b",
            "keep (?:it|them|that|this|the \\p{L}+(?: \\p{L}+)?) warm\\b[^.!?]{0,40}\\b(?:tomorrow|overnight|all (?:day|night|evening|afternoon))",
            "(?:turned|switched)[- ]off (?:oven|cooker|slow cooker|pan|hob)\\b[^.!?]{0,50}\\b(?:\\d+|two|three|four|five|six|eight|several|a few) hours?",
            "(?:in|into) the fridge (?:by|before|at|come) (?:bed ?time|bed\\b|tonight|the end of the day|the evening)",
            "(?:overnight|all (?:day|night|afternoon))\\b[^.!?]{0,30}\\b(?:on the (?:side|worktop|counter|bench|hob|stove)|out of the fridge|at room temperature)");
    private static final Phrase HARMLESS = Phrase.of(
            "dough",
            "ris(?:e|ing|en)",
            "prov(?:e|ing)",
            "soak",
            "butter",
            "ferment",
            "starter",
            "bread\\b",
            "biscuits?",
            "meringue",
            "dry out",
            "ripen",
            "pickl",
            "jam\\b",
            "sponge",
            "to soften",
            "icing",
            "buns?\\b",
            "loaf",
            "in the fridge");
    /** What comes after it was out: "and pop it in the fridge before bed". */
    private static final Pattern PUT_AWAY =
            Pattern.compile("(?:and|then) (?:\\p{L}+ ){1,3}in(?:to)? the fridge", Pattern.CASE_INSENSITIVE);

    private static final Pattern NOT =
            Pattern.compile("(?:never|not|n['’]t)(?: \\p{L}+)?\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern HOURS = Pattern.compile(
            "(\\d+|two|three|four|five|six|eight|several|a few|a couple of) hours?", Pattern.CASE_INSENSITIVE);

    @Override
    public Stream<Finding> find(Situation s) {
        if (!hasWhatSpoils(s)) return Stream.empty();
        return Told.oncePerStep(s.told()
                        .all(OUT)
                        .filter(x -> !NOT.matcher(x.before()).find()
                                && !HARMLESS.isIn(PUT_AWAY.matcher(x.words())
                                        .replaceAll("")
                                        .replaceFirst("(?i)^in(?:to)? the fridge", ""))
                                && isLong(x.words())))
                .map(x -> at(s, x.step().id(), x.words(), s.course().profile().coolWithin())
                        .as(rice(s) ? "rice" : ""));
    }

    private static boolean rice(Situation s) {
        return s.foods().anyMatch(f -> f.id().endsWith("rice") || f.id().equals("basmati"));
    }

    private static final Phrase BY_NAME = Phrase.of(
            "fish\\b",
            "chicken\\b",
            "meat\\b",
            "mince\\b",
            "prawns?\\b",
            "turkey\\b",
            "pork\\b",
            "beef\\b",
            "lamb\\b",
            "sausages?\\b");

    /** The list has such a food, by the table or by its name. */
    static boolean hasWhatSpoils(Situation s) {
        return s.foods().anyMatch(LeftOutTooLong::spoils)
                || s.lesson().foods().stream().anyMatch(l -> l.cooked() == null && BY_NAME.isIn(l.item()));
    }

    /** What germs grow on once it is cooked, or while it is raw. */
    static boolean spoils(Food food) {
        return food.risk().soilsHands()
                || food.group() == Group.MEAT
                || food.group() == Group.FISH
                || food.group() == Group.DAIRY && food.shelf() == Shelf.FRIDGE
                || food.group() == Group.PULSE
                || food.id().endsWith("rice")
                || food.id().equals("basmati");
    }

    /** All rules agree from two hours on. */
    private static boolean isLong(String words) {
        return !HOURS.matcher(words).find() || !words.toLowerCase(Locale.ROOT).matches(".*\\b(?:1|one) hours?");
    }
}
