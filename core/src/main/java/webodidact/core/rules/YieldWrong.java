package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Shaping;
import webodidact.core.lesson.Yield;
import webodidact.core.list.Makes;
import webodidact.core.script.Phrase;
import webodidact.core.words.NumberWords;

/** The number the recipe says is not the number its spoon, scoop or cutter makes. */
final class YieldWrong implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().shaping() == null) return told(s).stream();
        var makes = s.answers().makes();
        var found = new ArrayList<Finding>();
        if (makes.isWrong()) found.add(wrong(s, makes));
        else if (makes.over() < 0) found.add(few(s, makes));
        return found.stream();
    }

    private static final String N =
            "(\\d+|six|eight|ten|twelve|fifteen|sixteen|eighteen|twenty(?:[- ]four)?|thirty|thirty[- ]six|forty|fifty|sixty)";

    private static final String PEOPLE = "(\\d+|two|three|four|five|six|eight|ten|twelve)";

    /** What a mixture gives, as it is said in the steps. */
    private static final Phrase GIVES = Phrase.of(
            "(?:you(?:'ll| should| will| ought to)?|it|this|that|we(?:'ll| should)?) (?:should )?(?:get|end up with|have|makes?) (?:about |around |roughly |exactly )?"
                    + N
                    + "\\b(?: (?:little |small |big |of )?(?:them|of them|ones|balls|biscuits|cookies|scones|rolls|pieces|dumplings|parcels|rounds))?(?= ?[.,!?]|$| out of)",
            "(?:cut|roll|shape|divide)\\b[^.!?]{0,40}\\binto " + N
                    + " (?:\\p{L}+ )?(?:balls|biscuits|cookies|scones|rolls|dumplings|parcels|rounds|straws|strips)",
            "cut (?:it|them)[^.!?]{0,16}?\\b" + N + " (?:squares|slices|bars|wedges|fingers)\\b");

    /** "Cut it in eight", for ten: who cuts more has small ones. */
    private static final Phrase CUT_IN = Phrase.of("cut (?:it|them) (?:up )?(?:in|into) " + N + "(?= ?[.,!?]|$)");

    /** The lesson is for so many pieces, and hands are told to make another number of them. */
    private Optional<Finding> told(Situation s) {
        var makes = s.lesson().makes();
        if (makes.assumed() || !makes.count().isWhole()) return Optional.empty();
        int stated = (int) makes.count().floor();
        var serves = serves(s, makes.serves());
        if (serves.isPresent()) return serves;
        var announced = announced(s);
        if (announced.isPresent()) return announced;
        // As many pieces as people, or a portion of several: how many each is theirs to say.
        if (s.told().says(EACH)) return Optional.empty();
        boolean pieces = s.told().all(MAKES).anyMatch(x -> figure(x.words()) == stated);
        return Stream.concat(s.told().meant(GIVES), s.told().meant(CUT_IN).filter(x -> figure(x.words()) < stated))
                .filter(x -> x.step().kind().isHandsOn())
                .filter(x -> figure(x.words()) > 0)
                .filter(x -> pieces ? figure(x.words()) != stated : !goesInto(figure(x.words()), stated))
                .findFirst()
                .map(x -> at(s, x.step().id(), x.words().strip(), stated, makes.what())
                        .as("told"));
    }

    /** "Eight little ones" at the start, and later "cut it into ten". */
    private static final Phrase ONES = Phrase.of(
            N
                    + " (?:lovely |nice |big |fat |little |small |good )*(?:ones|of them|burgers|fishcakes|squares|bars|slices|buns|muffins"
                    + "|biscuits|cookies|rolls|scones|parcels|patties|fritters|flapjacks|brownies|wedges)\\b",
            "\\beach for " + PEOPLE + "(?: people| of (?:us|you))?,? so " + N + "(?= ?[.,!?]|$)");

    private static final Phrase INTO = Phrase.of(
            "(?:(?:cut|roll|divide|split) (?:it|them|the dough|your dough|the mixture|that|this) (?:up )?|(?:then|and) cut )into "
                    + N + "\\b(?= ?[.,!?]|$| (?:equal|even|pieces|balls|bits|and|roll)\\b)",
            N + " (?:of (?:those|these)|like that)(?= ?[.,!?]|$)",
            "(?:shape|form|pat out|roll) " + N
                    + " (?:\\p{L}+ )?(?:burgers|patties|cakes|fishcakes|koftas|buns|rolls|balls|meatballs)\\b");

    private Optional<Finding> announced(Situation s) {
        var ones =
                s.told().meant(ONES).filter(x -> !x.step().kind().isHandsOn()).findFirst();
        if (ones.isEmpty()) return Optional.empty();
        // Of "two each for four, so eight" the last.
        int promised = figure(ones.get().words().replaceFirst("(?i)^.*\\bso ", ""));
        return s.told()
                .meant(INTO)
                .filter(x -> x.step().kind().isHandsOn() && !goesInto(figure(x.words()), promised))
                .findFirst()
                .map(x -> at(s, x.step().id(), x.words().strip(), promised).as("announced"));
    }

    private static final Phrase SERVES = Phrase.of(
            "(?:it|this|that|these|they)(?:'ll| will| should)? (?:serves?|feeds?) (?:about )?" + PEOPLE
                    + "\\b(?! or| to|-)",
            "\\b" + PEOPLE
                    + " (?:\\p{L}+ )?(?:portions|helpings|scoops|servings|bowls|plates|bowlfuls|platefuls) (?:out of|from|in) (?:it|this|that|there|the (?:pot|pan|dish))\\b",
            "(?:that's|that is|that makes|you get|gives you) " + PEOPLE
                    + " (?:\\p{L}+ )?(?:portions|helpings|servings|platefuls|bowlfuls)\\b(?! (?:of|each|in each)\\b)",
            "\\b(?:enough|plenty) for (?:about )?" + PEOPLE + "(?: people| of (?:us|you))?(?= ?[.,!?]|$| with\\b)");

    /** "It serves four", and the lesson is for two. */
    private Optional<Finding> serves(Situation s, int people) {
        var all = s.told().meant(SERVES).toList();
        boolean right = all.isEmpty() || people < 1 || all.stream().anyMatch(x -> people(x.words()) == people);
        return right
                ? Optional.empty()
                : Optional.of(
                        at(s, all.getFirst().step().id(), all.getFirst().words().strip(), people, "")
                                .as("serves"));
    }

    private static final Pattern SAID_PEOPLE = Pattern.compile("\\b" + PEOPLE + "\\b", Pattern.CASE_INSENSITIVE);

    private static int people(String words) {
        var m = SAID_PEOPLE.matcher(words);
        return m.find() ? NumberWords.value(m.group(1)).orElse(0) : 0;
    }

    /** "Makes twenty": the yield is one of pieces, not of people. */
    private static final Phrase MAKES = Phrase.of("(?:makes?|making) (?:about |around )?" + N + "\\b");

    private static final Phrase EACH =
            Phrase.of("(?<!one |in |into |on |onto )each\\b", "a person\\b", "apiece\\b", "per (?:person|head)");

    /** Three pieces each are three times the people. */
    private static boolean goesInto(int pieces, int people) {
        return pieces % people == 0 || people % pieces == 0;
    }

    private static final Pattern FIGURE = Pattern.compile("\\b" + N + "\\b", Pattern.CASE_INSENSITIVE);

    private static int figure(String words) {
        var m = FIGURE.matcher(words);
        return m.find() ? NumberWords.value(m.group(1)).orElse(0) : 0;
    }

    private Finding wrong(Situation s, Makes makes) {
        var size = s.lesson().shaping().portion();
        return about(new About.OfLesson(), 0, makes.stated(), makes.pieces(), size == null ? "" : AmountText.of(size))
                .as(size == null ? "cutter" : "portion")
                .mending(mend(
                        "makes",
                        l -> l.but(d -> d.makes = new Yield(
                                Ratio.of(Math.max(1, makes.pieces())),
                                l.makes().what(),
                                l.makes().serves())),
                        makes.pieces()));
    }

    private Finding few(Situation s, Makes makes) {
        int each = (int)
                Math.max(1, (makes.served() + makes.over()) / s.lesson().makes().serves());
        return about(new About.OfLesson(), 0, makes.served(), s.lesson().makes().what(), makes.served() + makes.over())
                .as("few")
                .mending(mend(
                        "serve",
                        l -> l.but(d -> d.shaping = new Shaping(
                                l.shaping().mixture(),
                                l.shaping().portion(),
                                l.shaping().sheet(),
                                l.shaping().load(),
                                each,
                                l.shaping().partners())),
                        each));
    }
}
