package webodidact.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Unit;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.ToolLine;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.NumberWords;
import webodidact.core.words.Word;

/** So many each for so many people is more than there are. */
final class PiecesNotEnough implements Check {
    private static final String N =
            "(\\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|sixteen|eighteen|twenty(?:[- ]four)?|thirty|forty)";
    private static final Phrase SAID = Phrase.of(N
            + " (?:\\p{L}+ )?each\\b[^.!?]{0,60}?\\b(?:for|of|all) (?:your |the |a |our |you )*(?:table of |party of |family of |group of |class of )?"
            + N + "\\b");
    private static final Pattern FIGURE = Pattern.compile("\\b" + N + "\\b", Pattern.CASE_INSENSITIVE);

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(
                Stream.of(
                                Told.oncePerStep(s.told().all(SAID)).flatMap(x -> finding(s, x)),
                                Told.oncePerStep(s.told().all(SERVED)).flatMap(x -> finding(s, x)),
                                Told.oncePerStep(s.told().all(ON_EACH)).flatMap(x -> onEach(s, x)),
                                Told.oncePerStep(s.told().all(APIECE)).flatMap(x -> apiece(s, x)))
                        .flatMap(f -> f),
                Stream.concat(
                        Told.oncePerStep(s.told().all(TOTAL)).flatMap(x -> total(s, x)),
                        Stream.concat(
                                Told.oncePerStep(s.told().all(OF_THE_DISH)).flatMap(x -> otherwise(s, x)),
                                Told.oncePerStep(s.told().all(BARE)).flatMap(x -> served(s, x)))));
    }

    /** "It feeds four, two each", and later "three tacos each". */
    private static final Phrase ANNOUNCED = Phrase.of(
            "(?:feeds?|serves?|makes?|for|that's|so)\\b[^.!?]{0,30}?\\b" + N + " each\\b", N + " each\\b(?= for\\b)");

    /** Words for a whole one of whatever the dish is. */
    private static final Set<String> PORTIONS = Set.of("wrap", "parcel", "portion", "piece", "roll", "slice");

    private static final Phrase OF_THE_DISH = Phrase.of(N + " \\p{L}+ each\\b");

    private Stream<Finding> otherwise(Situation s, Told.Said said) {
        var words = said.words().strip().split("\\s+");
        boolean dish = PORTIONS.contains(Word.stem(words[1]))
                || Word.of(s.lesson().title()).stream().anyMatch(w -> w.stem().equals(Word.stem(words[1])));
        var first =
                s.told().all(ANNOUNCED).filter(x -> x.number() < said.number()).findFirst();
        if (!dish || first.isEmpty()) return Stream.empty();
        var announced = first.get().words().strip().split("\\s+");
        return beyond(s, said, figure(words[0]), figure(announced[announced.length - 2]));
    }

    /** More for each than was announced, of as many as are served. */
    private Stream<Finding> beyond(Situation s, Told.Said said, int each, int announced) {
        var makes = s.lesson().makes();
        return makes.assumed() || makes.serves() < 1 || announced < 1 || each <= announced
                ? Stream.empty()
                : Stream.of(at(
                        s, said.step().id(), said.words().strip(), each * makes.serves(), announced * makes.serves()));
    }

    /** "Three each and you'll be stuffed", where "two wraps each" was announced. */
    private static final Phrase BARE = Phrase.of(N + " each\\b(?= ?[.,!?]| and\\b|$)");

    private Stream<Finding> served(Situation s, Told.Said said) {
        if (said.step().kind() != Kind.PLATE) return Stream.empty();
        var first = Stream.concat(s.told().all(OF_THE_DISH), s.told().all(BARE))
                .filter(x -> x.number() < said.number() && !x.step().kind().isHandsOn())
                .findFirst();
        return first.isEmpty()
                ? Stream.empty()
                : beyond(s, said, figures(said).getFirst(), figures(first.get()).getFirst());
    }

    /** "You'll get about twelve, that's four each", for four. */
    private static final Phrase TOTAL = Phrase.of("(?:get|makes?|have|that's) (?:about |around |you )?" + N
            + "(?: of them)?,? (?:so )?(?:that's|so|which is) " + N + " each\\b");

    private Stream<Finding> total(Situation s, Told.Said said) {
        var figures = figures(said);
        int serves = s.lesson().makes().serves();
        if (figures.size() != 2 || s.lesson().makes().assumed() || serves < 1) return Stream.empty();
        int wanted = figures.getLast() * serves;
        return wanted > figures.getFirst()
                ? Stream.of(at(s, said.step().id(), said.words().strip(), wanted, figures.getFirst()))
                : Stream.empty();
    }

    /** "Three tortillas each", of eight for four. */
    private static final Phrase APIECE = Phrase.of(N + " (?:\\p{L}+ ){0,2}(?:each|apiece|a person|per person)\\b");

    private Stream<Finding> apiece(Situation s, Told.Said said) {
        var makes = s.lesson().makes();
        var line = s.answers().finder().in(said.words()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .flatMap(m -> s.lesson().food(m.id()).stream())
                .filter(l -> l.amount() != null && l.amount().unit() == Unit.PIECE)
                .findFirst();
        if (line.isEmpty()) line = sliced(s, said).or(() -> wrapped(s, said));
        else if (isCut(s, said, line.get())) return Stream.empty();
        if (makes.assumed()) return Stream.empty();
        int there = line.map(l -> (int) l.amount().high().floor()).orElseGet(() -> threaded(s, said));
        int wanted = there < 1 ? 0 : figure(said.words().split(" ")[0]) * makes.serves();
        return wanted > there
                ? Stream.of(at(s, said.step().id(), said.words().strip(), wanted, there))
                : Stream.empty();
    }

    /** "Two burritos each", of the tortillas that there are. */
    private static Optional<FoodLine> wrapped(Situation s, Told.Said said) {
        return WRAPPED.isIn(said.words()) && !CUT.isIn(said.sentence())
                ? s.lesson().foods().stream()
                        .filter(l -> l.amount() != null && l.amount().unit() == Unit.PIECE)
                        .filter(l -> s.food(l)
                                .filter(f -> f.id().endsWith("tortilla"))
                                .isPresent())
                        .findFirst()
                : Optional.empty();
    }

    private static final Phrase WRAPPED = Phrase.of("(?:burritos?|tacos?|fajitas?|enchiladas?|wraps?)\\b");

    /** "Three skewers each", of as many skewers as the list of tools has; 0 where it has none. */
    private static int threaded(Situation s, Told.Said said) {
        return SKEWERS.isIn(said.words())
                ? s.lesson().tools().stream()
                        .filter(t -> SKEWERS.isIn(t.name()) && t.count() > 1)
                        .mapToInt(ToolLine::count)
                        .sum()
                : 0;
    }

    private static final Phrase SKEWERS = Phrase.of("skewers?\\b");

    /** In the sentence, or in another that names the food. */
    private static boolean isCut(Situation s, Told.Said said, FoodLine line) {
        return CUT.isIn(said.sentence())
                || CUT.in(said.text()).stream()
                        .anyMatch(h ->
                                s.answers().finder().in(h.sentence()).stream().anyMatch(m -> m.id().equals(line.id())));
    }

    /** "Two slices each", where one line is measured in slices. */
    private static Optional<FoodLine> sliced(Situation s, Told.Said said) {
        var lines = s.lesson().foods().stream()
                .filter(l -> l.amount() != null && l.amount().unit().symbol().equals("slice"))
                .toList();
        return lines.size() == 1 && SLICES.isIn(said.words()) ? Optional.of(lines.getFirst()) : Optional.empty();
    }

    private static final Phrase SLICES = Phrase.of(N + " slices\\b");

    /** "Four bowls, ten meatballs in each." */
    private static final Phrase SERVED =
            Phrase.of(N + " (?:bowls|plates|boxes|dishes|wraps|jars|glasses),? (?:and |with )?" + N
                    + "(?: \\p{L}+){0,2} (?:in|on|for) each\\b");

    /** "Two for the eyes, one for the nose, that's three on each", of eight for four. */
    private static final Phrase ON_EACH = Phrase.of("that's " + N + " (?:\\p{L}+ )?(?:on|in|for) each\\b");

    private Stream<Finding> onEach(Situation s, Told.Said said) {
        var makes = s.lesson().makes();
        var line = s.answers().finder().in(said.sentence()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .flatMap(m -> s.lesson().food(m.id()).stream())
                .findFirst()
                .filter(l -> l.amount() != null && l.amount().unit() == Unit.PIECE);
        if (line.isEmpty() || makes.assumed() || CUT.isIn(said.sentence())) return Stream.empty();
        int wanted = figures(said).getFirst() * (int) makes.count().floor();
        int there = (int) line.get().amount().high().floor();
        return wanted > there
                ? Stream.of(at(s, said.step().id(), said.words().strip(), wanted, there))
                : Stream.empty();
    }

    private static List<Integer> figures(Told.Said said) {
        return FIGURE.matcher(said.words())
                .results()
                .map(m -> figure(m.group()))
                .toList();
    }

    /** Of what is cut there are more than the list has. */
    private static final Phrase CUT = Phrase.of("halve", "half", "cut", "slice", "tear", "quarter", "piece");

    private Stream<Finding> finding(Situation s, Told.Said said) {
        var each = figures(said);
        if (each.size() != 2) return Stream.empty();
        int wanted = each.getFirst() * each.getLast();
        // "Two each for four" of eight wraps on the list.
        boolean there = s.lesson().foods().stream()
                .anyMatch(l -> l.amount() != null
                        && l.amount().unit() == Unit.PIECE
                        && l.amount().high().floor() == wanted);
        int makes = there ? 0 : pieces(s, said);
        return makes > 0 && wanted > makes
                ? Stream.of(at(s, said.step().id(), said.words().strip(), wanted, makes))
                : Stream.empty();
    }

    private static final Phrase MADE = Phrase.of(
            N
                    + " (?:even |big |little |small |of them |nice )?(?:slices|pieces|balls|rounds|scones|tarts|cakes|biscuits|parcels|wraps|rolls|fritters|dumplings|meatballs|pancakes|flatbreads|skewers|patties|bites)\\b");

    /** What the same sentence says is made, else what the lesson does, else what the Brief has. */
    private static int pieces(Situation s, Told.Said said) {
        var here = MADE.in(said.sentence()).stream()
                .filter(h -> !said.words().contains(h.words()))
                .toList();
        var any = here.isEmpty()
                ? s.told()
                        .all(MADE)
                        .map(Told.Said::words)
                        .filter(w -> !said.words().contains(w))
                        .findFirst()
                : Optional.of(here.getFirst().words());
        return any.map(w -> figure(w.split(" ")[0]))
                .orElseGet(() -> listed(s, said) > 0
                        ? listed(s, said)
                        : s.lesson().makes().assumed()
                                ? 0
                                : (int) s.lesson().makes().count().floor());
    }

    /** Pieces of a food that the step names: "warm your tortillas". */
    private static int listed(Situation s, Told.Said said) {
        return s.answers().finder().in(said.text()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .flatMap(m -> s.lesson().food(m.id()).stream())
                .filter(l -> l.amount() != null && l.amount().unit() == Unit.PIECE)
                .mapToInt(l -> (int) l.amount().low().floor())
                .findFirst()
                .orElse(0);
    }

    private static int figure(String word) {
        return NumberWords.value(word).orElse(0);
    }
}
