package webodidact.core.rules;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Mentions;

/** Honey may carry spores that make a child under one year ill: NHS, foods to avoid giving babies and young children. */
final class HoneyUnderOne implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        long homes = s.answers().question().homes().stream()
                .filter(h -> h.ages().contains(0))
                .count();
        if (homes == 0 && !Ages.areBabiesFed(s)) return Stream.empty();
        return Stream.concat(listed(s, homes), said(s, homes));
    }

    /** "A drop of honey", on no list. */
    private Stream<Finding> said(Situation s, long homes) {
        if (s.lesson().foods().stream()
                .anyMatch(l -> l.cooked() != null && l.cooked().startsWith("honey"))) return Stream.empty();
        return s.lesson().steps().stream()
                .flatMap(step -> s.mentions().get(step.id()).stream()
                        .filter(m -> m.kind() != Mentions.Kind.TOOL && isHoney(m))
                        .limit(1)
                        .map(m -> at(s, step.id(), m.words(), homes).as(homes == 0 ? "words" : "")))
                .limit(1);
    }

    /** By its name too: as a stand-in that the list has taken up it goes by the line it stands in for. */
    private static boolean isHoney(Mentions.Mention m) {
        return m.id().startsWith("honey")
                || m.kind() == Mentions.Kind.LISTED && HONEY.matcher(m.words()).find();
    }

    private static final Pattern HONEY = Pattern.compile("\\bhoney(?:['’]s)?$", Pattern.CASE_INSENSITIVE);

    private Stream<Finding> listed(Situation s, long homes) {
        return s.lesson().foods().stream()
                .filter(line -> line.cooked() != null && line.cooked().startsWith("honey"))
                .map(line -> homes == 0
                        ? about(new About.OfFood(line.id()), 0, line.item()).as("words")
                        : about(new About.OfFood(line.id()), 0, line.item(), homes));
    }
}
