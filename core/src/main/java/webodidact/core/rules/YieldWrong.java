package webodidact.core.rules;

import java.util.ArrayList;
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

/** The number the recipe says is not the number its spoon, scoop or cutter makes. */
final class YieldWrong implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().shaping() == null) return Stream.empty();
        var makes = s.answers().makes();
        var found = new ArrayList<Finding>();
        if (makes.isWrong()) found.add(wrong(s, makes));
        else if (makes.over() < 0) found.add(few(s, makes));
        return found.stream();
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
