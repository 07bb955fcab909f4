package webodidact.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Step;
import webodidact.core.trace.Touch;
import webodidact.core.trace.Trace;

/** Hands that touched raw meat, fish or egg reach food that nobody heats afterwards, with no wash between. */
final class NoWashAfterRaw implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        // Who eats the fish raw is not spared it by a wash; that it was frozen is another check's matter.
        var eaten = EatenRaw.names(s);
        return s.trace().touches().stream()
                .filter(t -> t.kind() == Touch.Kind.READY
                        && t.by().isHands()
                        && !eaten.contains(t.dirt().food()))
                .map(t -> finding(s, t));
    }

    private Finding finding(Situation s, Touch touch) {
        var ready = s.lesson().steps().get(touch.step() - 1);
        var mends = new ArrayList<Mend>();
        mends.add(mend("wash", l -> Washing.before(l, ready)));
        if (isFree(s, ready, touch))
            mends.add(mend(
                    "first",
                    l -> l.moving(ready.id(), touch.dirt().since() - 1),
                    touch.step(),
                    touch.dirt().since()));
        return at(s, ready.id(), touch.dirt().food(), touch.dirt().since(), touch.step())
                .alsoIn(List.of(touch.dirt().since(), touch.step()))
                .ofFoods(touch.line().isEmpty() ? List.of() : List.of(touch.line()))
                .mending(mends);
    }

    /** Nothing between needs it, it needs nothing between, and once it is first nothing else is reached: it can come first. */
    private static boolean isFree(Situation s, Step ready, Touch touch) {
        int since = touch.dirt().since();
        int at = s.lesson().indexOf(ready.id());
        boolean apart = ready.kind() == Kind.HANDS_ON
                && since >= 1
                && since <= at
                && s.lesson().steps().subList(since - 1, at).stream()
                        .allMatch(between -> between.kind() == Kind.HANDS_ON
                                && !between.carriesOn()
                                && between.uses().stream().noneMatch(u -> ready.usesLine(u.line())));
        if (!apart) return false;
        var first = s.lesson().moving(ready.id(), since - 1);
        return Trace.of(first, s.answers().finder(), s.knowledge()).touches().stream()
                .noneMatch(t -> t.kind() == Touch.Kind.READY
                        && t.dirt().food().equals(touch.dirt().food()));
    }
}
