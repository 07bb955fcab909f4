package webodidact.core.rules;

import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.food.Action;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** The words give small children what their age does not do alone. */
final class TaskOverAge implements Check {
    private static final Set<String> NOT_YET = Set.of(
            "chop", "peel", "grate", "dice", "slice", "fry", "boil", "drain", "bake", "roast", "grill", "blend",
            "blitz", "core", "fillet", "toast");
    private static final Set<String> SOFT = Set.of(
            "banana",
            "strawberry",
            "mushroom",
            "avocado",
            "butter",
            "mozzarella",
            "pear",
            "raspberry",
            "soft-cheese",
            "egg",
            "cooked-beetroot",
            "kiwi",
            "melon",
            "bread");
    private static final Phrase TABLE_KNIFE =
            Phrase.of("table knife", "butter knife", "plastic knife", "with (?:your|their) hands", "scissors");

    /** Whoever else is in the step. */
    private static final Phrase ALONE = Phrase.of(
            "(?:do|try) (?:this|that|it|this one|this bit) (?:all )?(?:yourselves|yourself|on your own)\\b",
            "(?:all )?by (?:yourselves|themselves|yourself)\\b",
            "(?:children|kids|you lot|everyone) on (?:your|their) own\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var audience = s.lesson().audience();
        boolean small = audience == Audience.EARLY_YEARS || audience == Audience.AGES_5_7;
        if (!small && audience != Audience.AGES_7_11) return Stream.empty();
        return s.handsOn()
                .filter(step -> (step.who() == Who.LEARNER && !Ages.callsAdult(step)) || Told.says(step, ALONE))
                .flatMap(step -> (small ? verb(s, step) : oven(s, step))
                        .map(v -> at(s, step.id(), s.number(step), v, audience.title(), audience.blades())
                                .mending(mend(
                                        "adult",
                                        l -> l.withStep(step.id(), x -> x.but(d -> d.who = Who.ADULT)),
                                        s.number(step)))));
    }

    /** Told once for all of the lesson. */
    private static final Phrase STAYS = Phrase.of(
            "(?:grown[- ]?ups?|adults?|parents?|families)\\b[^.!?]{0,30}\\b(?:together|with (?:you|them|the children|their)|beside|stays?|near(?:by)?|next to|throughout|the whole time|sits?)\\b",
            "with (?:a|your|their) (?:grown[- ]?up|adult|parent)s? (?:beside|near|next|there|all)\\b",
            "together with (?:a|your|their) (?:grown[- ]?up|adult|parent)");

    /** From seven on their hands cut and stir; what is hot inside is an adult's. */
    private static Stream<String> oven(Situation s, Step step) {
        boolean hot = step.place() == Place.OVEN || step.place() == Place.GRILL;
        return hot && (Told.says(step, ALONE) || !s.told().says(STAYS))
                ? Stream.of(CheckTable.words().say("said.use", step.place().title()))
                : Stream.empty();
    }

    private static Stream<String> verb(Situation s, Step step) {
        boolean soft = s.foods(step).allMatch(f -> SOFT.contains(f.id()))
                && s.foods(step).findAny().isPresent();
        if (step.place().isHot() && step.place() != Place.MICROWAVE)
            return Stream.of(CheckTable.words().say("said.use", step.place().title()));
        return s.deeds(step)
                .map(Action::verb)
                .filter(NOT_YET::contains)
                .filter(v -> !(v.equals("slice") || v.equals("chop")) || !soft && !Told.says(step, TABLE_KNIFE))
                .limit(1);
    }
}
