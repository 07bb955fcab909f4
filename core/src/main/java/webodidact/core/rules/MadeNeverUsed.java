package webodidact.core.rules;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.Word;

/** Something is put aside for later and never comes back. */
final class MadeNeverUsed implements Check {
    private static final Phrase ASIDE = Phrase.of(
            "(?:put|set|keep|leave|save|pop|place)\\b[^.!?]{0,50}\\b(?:aside|to one side|(?:back )?for (?:later|the end|the top|the garnish|serving|decoration))\\b",
            "(?:save|reserve|keep back|hold back)\\b (?:the |your |some |a few |a little |half |that )*(?:of the )?(?:\\p{L}+)(?: \\p{L}+)?");
    private static final Phrase BACK = Phrase.of(
            "(?:you|we|I) (?:set aside|put aside|kept|saved|reserved)",
            "reserved\\b",
            "(?:kept|saved|set|put) (?:back|aside|by|earlier)",
            "the rest\\b",
            "remaining\\b",
            "everything\\b");
    private static final Phrase OTHER_DAY =
            Phrase.of("tomorrow", "next (?:week|time|lesson)", "another day", "in the fridge", "freez", "soup\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told()
                        .all(ASIDE)
                        .filter(x -> x.step().kind() == Kind.HANDS_ON
                                && !x.is(Asides.Kind.OTHER_TIME)
                                && !x.is(Asides.Kind.DENIED)
                                && !OTHER_DAY.isIn(x.sentence())))
                .flatMap(x -> lost(s, x).stream().map(what -> at(s, x.step().id(), what, x.number())));
    }

    /** The name of what never comes back; nothing where it does, or where nobody knows what it is. */
    private static Optional<String> lost(Situation s, Told.Said said) {
        var later = s.lesson().steps().subList(said.number(), s.lesson().steps().size());
        if (BACK.isIn(said.after()) || later.stream().anyMatch(step -> Told.says(step, BACK))) return Optional.empty();
        var names = new LinkedHashSet<>(Content.of(said.words()));
        NOISE.forEach(names::remove);
        if (names.isEmpty()) names.addAll(lastNamed(s, said));
        if (names.isEmpty()) return Optional.empty();
        var words = new HashSet<>(Content.of(said.after()));
        later.forEach(step -> {
            words.addAll(Content.of(step));
            step.uses().forEach(u -> s.lesson().food(u.line()).ifPresent(l -> words.addAll(Content.of(l.item()))));
        });
        return names.stream().anyMatch(words::contains)
                ? Optional.empty()
                : Optional.of(String.join(" ", plain(said, names)));
    }

    private static final Set<String> NOISE = Set.of(
            "aside",
            "portion",
            "piece",
            "slice",
            "side",
            "set",
            "keep",
            "save",
            "pop",
            "place",
            "bowl",
            "plate",
            "board",
            "few",
            "half",
            "garnish",
            "serving",
            "reserve",
            "top",
            "hold",
            "decoration");

    private static Set<String> lastNamed(Situation s, Told.Said said) {
        return s.answers().finder().in(said.before()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .reduce((a, b) -> b)
                .map(m -> Content.of(m.words()))
                .orElse(Set.of());
    }

    /** As it is written, where it stands in the words. */
    private static List<String> plain(Told.Said said, Set<String> stems) {
        return Word.of(said.text()).stream()
                .filter(w -> w.start() < said.hit().end() && stems.contains(w.stem()))
                .map(w -> said.text().substring(w.start(), w.end()))
                .distinct()
                .toList();
    }
}
