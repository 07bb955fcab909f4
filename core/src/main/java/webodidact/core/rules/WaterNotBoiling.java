package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.script.Told;
import webodidact.core.script.WaterWords;

/** Boiling water is used and nobody has put any on: a kettle takes minutes, a pan more. */
final class WaterNotBoiling implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(WaterWords.uses(s.told()))
                .limit(1)
                .filter(x -> !WaterWords.isPutOnBefore(s.told(), x))
                .map(x -> at(s, x.step().id(), x.words(), s.number(x.step())).mending(mends(s, x)));
    }

    private List<Mend> mends(Situation s, Told.Said said) {
        int at = said.number() - 2;
        while (at > 0 && !s.lesson().steps().get(at).kind().isHandsOn()) at--;
        if (at < 0) return List.of();
        var step = s.lesson().steps().get(at);
        return List.of(sayAlso(step));
    }
}
