package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;

/** Honey may carry spores that make a child under one year ill: NHS, foods to avoid giving babies and young children. */
final class HoneyUnderOne implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        long homes = s.answers().question().homes().stream()
                .filter(h -> h.ages().contains(0))
                .count();
        if (homes == 0 && !Ages.areBabiesFed(s)) return Stream.empty();
        return s.lesson().foods().stream()
                .filter(line -> line.cooked() != null && line.cooked().startsWith("honey"))
                .map(line -> homes == 0
                        ? about(new About.OfFood(line.id()), 0, line.item()).as("words")
                        : about(new About.OfFood(line.id()), 0, line.item(), homes));
    }
}
