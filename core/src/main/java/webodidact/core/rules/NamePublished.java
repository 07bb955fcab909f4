package webodidact.core.rules;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** Somebody's name in words that go out to everybody. */
final class NamePublished implements Check {
    private static final String NAME =
            "([A-Z]\\p{Ll}{2,})(?= (?:(?:owes|brought|lent|gave|eats|loves|likes|says|said|makes|made|helps|helped|taught)\\b|that['’]s\\b|that is\\b|yours\\b|and [A-Z]\\p{Ll}+|who\\b|asked\\b|asks\\b|wants\\b|sent\\b|wrote\\b|has\\b|at\\b|for\\b|from\\b|is\\b|in\\b|I\\b|you\\b)|[,.!?]|$|'s|’s)";
    private static final Phrase NAMED = Phrase.exactly(
            "(?:\\b(?:[Ss]o|[Rr]ight|[Oo]h|[Nn]ow) (?=[A-Z]\\p{Ll}{2,},(?: [A-Z]\\p{Ll}{2,},)* (?:and [A-Z]\\p{Ll}{2,},? )?(?:brilliant|amazing|great|lovely|fantastic|super|good|well done|thank|nice|you))|\\b(?:[Ww]ell done|[Tt]hanks?(?: you)?(?: to)?|[Hh]ello(?: to)?|[Hh]i(?: to)?|[Hh]ey|[Gg]ood (?:job|question|work|evening|morning)|[Hh]appy birthday|[Oo]ver to|[Nn]ice one|[Gg]reat (?:question|work|job)|[Bb]rilliant|[Ss]hout ?out to|[Bb]less you|[Ss]orry|[Cc]ome on|[Bb]ravo|(?:kiss|love|wave|hello|hi|thanks|shout ?out) (?:to|from)|[Dd]edicated to|[Tt]his (?:one )?is for|[Gg]reetings (?:to|from)|[Mm]y (?:little |eldest |youngest |best )?(?:daughter|son|niece|nephew|granddaughter|grandson|eldest|oldest|youngest|little one|middle one|lad|little girl|little boy)),? )"
                    + NAME
                    + "|\\b(?:[Ii]t's|[Ii]t’s|I'm here with|[Tt]his is|[Ww]e're|and) me and [A-Z]\\p{Ll}{2,}|\\b[Mm]y (?:little |eldest |youngest |oldest )?(?:daughter|son|niece|nephew|granddaughter|grandson|eldest|oldest|youngest|lad|girl|boy)(?:,| is called| is)? [A-Z]\\p{Ll}{2,} [A-Z]\\p{Ll}{2,}\\b|\\b"
                    + NAME
                    + " (?:that's|that’s|that is|yours is) (?:so |really |just |absolutely )?(?:brilliant|lovely|great|beautiful|perfect|amazing|super|fab|fantastic|wonderful)\\b|\\b"
                    + NAME
                    + "(?<=\\p{Ll}), (?:thanks|thank you|well done|happy birthday|welcome|good to see you|lovely to see you)(?! (?:to )?[A-Z])\\b|\\b"
                    + NAME
                    + " (?:owes|brought|lent|gave|asked|asks|wants to know|is asking|sent (?:me|us|in)|wrote|has (?:asked|sent|written)|in the (?:corner|back|front row)|at number|from (?:class|year|group))\\b");
    private static final Set<String> NOBODY = Set.of(
            "Everyone",
            "Everybody",
            "All",
            "Chefs",
            "Chef",
            "Bakers",
            "Cooks",
            "Cook",
            "Folks",
            "Team",
            "Class",
            "Children",
            "Kids",
            "There",
            "Again",
            "Mum",
            "Dad",
            "Guys",
            "Ladies",
            "Evening",
            "Morning",
            "Afternoon",
            "For",
            "You",
            "The",
            "And",
            "Welcome",
            "Friends",
            "Today",
            "Grown",
            "Right",
            "Okay",
            "Oh",
            "Yes",
            "Well",
            "Good",
            "Great",
            "Lovely",
            "Brilliant",
            "Perfect",
            "Fantastic",
            "Wonderful",
            "Amazing",
            "Super",
            "Excellent",
            "Nice",
            "Cheers",
            "Thanks",
            "Bye",
            "Hello",
            "Brownies",
            "Cubs",
            "Scouts",
            "Guides",
            "Beavers",
            "Rainbows",
            "Squirrels",
            "Parents",
            "Teachers",
            "Saltmarsh",
            "This",
            "That",
            "Now",
            "Let",
            "Year",
            "Group",
            "Home",
            "Homes",
            "Then",
            "Just",
            "Who",
            "Nobody",
            "Somebody",
            "Someone",
            "She",
            "They",
            "People",
            "Adults",
            "Little",
            "Young",
            "Families",
            "Anyone",
            "One",
            "What",
            "Have",
            "Are");

    @Override
    public Stream<Finding> find(Situation s) {
        var own = Set.of(s.course().instructor().split("\\s+"));
        return Told.oncePerStep(s.told()
                        .all(NAMED)
                        .filter(x -> name(x.words())
                                .filter(n -> !NOBODY.contains(n) && !own.contains(n) && !isGroup(s, n))
                                .isPresent()))
                .map(x -> at(s, x.step().id(), name(x.words()).orElseThrow())
                        .mending(mend(
                                "out",
                                Operations.reword(
                                        x.step().id(),
                                        t -> t.replace(
                                                x.words(),
                                                x.words()
                                                        .replaceFirst(
                                                                ",? ?"
                                                                        + name(x.words())
                                                                                .orElseThrow(),
                                                                ""))))));
    }

    /** "Hello Beavers" of a lesson "with the Beavers": a group, and nobody of it. */
    private static boolean isGroup(Situation s, String name) {
        var the = "the " + name;
        return s.lesson().title().contains(the)
                || s.lesson().steps().stream()
                        .anyMatch(step ->
                                step.say().contains(the + " ") || step.say().contains(the + "."));
    }

    private static final Pattern CAPITAL = Pattern.compile("[A-Z]\\p{Ll}{2,}");

    private static Optional<String> name(String words) {
        var m = CAPITAL.matcher(words);
        String last = null;
        boolean leads = !words.matches(
                "^[A-Z]\\p{Ll}+(?:, (?:thank|well|happy|welcome|good|lovely)| (?:that['’]s|that is|yours|owes|brought|lent|gave|asked|asks|wants|is asking|sent|wrote|has|in the|at number|from)).*");
        while (m.find()) {
            last = m.group();
            if (!leads) break;
        }
        return Optional.ofNullable(last);
    }
}
