package webodidact.core.rules;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Act;
import webodidact.core.trace.Touch;

/** Hands that worked on raw food go on to a handle, a jar or the next job with no wash between. */
final class SoiledHandsGoOn implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        var told = new HashSet<Integer>();
        return s.trace().touches().stream()
                .filter(t -> t.kind() != Touch.Kind.READY)
                .sorted(Comparator.comparing(Touch::step).thenComparing(Touch::kind))
                .filter(t -> told.add(t.dirt().since()))
                .map(t -> finding(s, t));
    }

    private Finding finding(Situation s, Touch t) {
        var soiling = s.lesson().steps().get(t.dirt().since() - 1);
        var found = at(
                        s,
                        s.lesson().steps().get(t.step() - 1).id(),
                        t.dirt().food(),
                        t.dirt().since(),
                        t.step(),
                        t.what())
                .as(t.kind() == Touch.Kind.HANDLE ? "handle" : "")
                .alsoIn(List.of(t.dirt().since(), t.step()));
        return t.step() > t.dirt().since()
                ? found.mending(mend(
                        "wash",
                        Operations.act(soiling.id(), Act.WASH_HANDS),
                        t.dirt().since()))
                : found;
    }
}
