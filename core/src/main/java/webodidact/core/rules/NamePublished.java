package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Lesson;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.table.TableFile;

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

    private static final Set<String> FIRST_NAMES = Set.copyOf(TableFile.lines(NamePublished.class, "names.txt").stream()
            .flatMap(line -> Stream.of(line.split(" ")))
            .toList());

    /** Beside a word that makes a dish or a thing of it: "Sally Lunn buns", "Anna potatoes", "tom yum". */
    private static final Phrase CAPITALS = Phrase.exactly(
            "\\b[A-Z]\\p{Ll}{1,}\\b(?! (?:sponge|sauce|salad|cake|cheese|pie|pudding|steak|tea|biscuits?|potatoes|buns?|Lunn|yum|kha|Street|Road|Lane)\\b)");

    @Override
    public Stream<Finding> find(Situation s) {
        var own = Set.of(s.course().instructor().split("\\s+"));
        var called = s.told().all(NAMED).flatMap(x -> name(x.words()).map(n -> new Named(x, n)).stream());
        var known = s.told()
                .all(CAPITALS)
                .filter(x -> FIRST_NAMES.contains(x.words()))
                .map(x -> new Named(x, x.words()));
        // A name that is called ten times is one matter.
        var byName = new LinkedHashMap<String, List<Named>>();
        Stream.concat(called, known)
                .filter(n -> !NOBODY.contains(n.name()) && !own.contains(n.name()) && !isGroup(s, n.name()))
                .forEach(n ->
                        byName.computeIfAbsent(n.name(), k -> new ArrayList<>()).add(n));
        return byName.values().stream().map(all -> finding(s, all));
    }

    private Finding finding(Situation s, List<Named> all) {
        var first = all.stream()
                .min(Comparator.comparingInt(n -> n.said().number()))
                .orElseThrow();
        return at(s, first.said().step().id(), first.name())
                .alsoIn(all.stream()
                        .map(n -> n.said().number())
                        .distinct()
                        .sorted()
                        .toList())
                .mending(mend("out", lesson -> {
                    var now = lesson;
                    for (var named : all) now = leaveOut(named).apply(now);
                    return now;
                }));
    }

    private record Named(Told.Said said, String name) {}

    /** Called to, the name goes; told of, it is somebody. */
    private static UnaryOperator<Lesson> leaveOut(Named named) {
        var name = Pattern.quote(named.name());
        var called = Pattern.compile(
                "(?<![.!?]),? \\b" + name + "\\b(?= ?[.,!?]|$)|(?:^|(?<=[.!?] ))" + name + ", (\\p{L})?");
        var told = Pattern.compile("\\b" + name + "\\b");
        var somebody = CheckTable.words().say("name-published.said");
        return Operations.reword(named.said().step().id(), text -> {
            var m = called.matcher(text);
            return m.find()
                    ? m.replaceFirst(m.group(1) == null ? "" : m.group(1).toUpperCase(Locale.ROOT))
                    : told.matcher(text).replaceFirst(somebody);
        });
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
