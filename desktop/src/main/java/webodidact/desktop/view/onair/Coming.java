package webodidact.desktop.view.onair;

import java.util.LinkedHashSet;
import java.util.Set;
import webodidact.core.air.AirRun;
import webodidact.core.lesson.Act;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.desktop.words.Words;

/** What a coming step needs in hand, in one line. */
final class Coming {
    private static final int MOST = 4;

    private Coming() {}

    static String note(Placed placed, AirRun run) {
        var step = placed.step();
        Set<String> all = new LinkedHashSet<>();
        for (var act : step.acts()) if (act != Act.HOT_ALREADY && act != Act.KEEPS_HOT) all.add(act.title());
        for (var use : step.uses()) run.plan().lesson().food(use.line()).ifPresent(f -> all.add(f.item()));
        for (var tool : step.tools())
            run.plan().lesson().tools().stream()
                    .filter(t -> tool.equals(t.tool()))
                    .findFirst()
                    .ifPresent(t -> all.add(t.name()));
        if (run.behind() > 0 && step.trim() > 0) return Words.of("air.trim", Clock.text(step.trim()));
        if (all.isEmpty())
            return step.camera().isBlank() ? step.who().title() : step.who().title() + " · " + step.camera();
        var few = String.join(", ", all.stream().limit(MOST).toList());
        return all.size() > MOST ? Words.of("air.andMore", few, all.size() - MOST) : few;
    }
}
