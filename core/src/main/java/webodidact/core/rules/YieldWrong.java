package webodidact.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Yield;
import webodidact.core.list.Makes;

/** The number the recipe says is not the number its spoon, scoop or cutter makes. */
final class YieldWrong implements Check {
    @Override
    public String id() {
        return "yield-wrong";
    }

    @Override
    public String summary() {
        return "The stated yield is what the size worked with makes, and enough is served";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().shaping() == null) return Stream.empty();
        var makes = Makes.of(s.lesson(), s.course(), s.knowledge());
        var found = new ArrayList<Finding>();
        if (makes.isWrong()) found.add(wrong(s, makes));
        else if (makes.over() < 0) found.add(few(s, makes));
        return found.stream();
    }

    private Finding wrong(Situation s, Makes makes) {
        var size = s.lesson().shaping().portion();
        var by = size == null ? "this cutter and sheet" : "portions of " + AmountText.of(size);
        return new Finding(severity(), id(), "", 0, "“Makes " + makes.stated() + "”, but " + by + " make " + makes.pieces() + ".",
                "Homes shape other sizes than they bake for, or run out.", List.of(new Mend("It makes " + makes.pieces(), l -> l.but(d ->
                        d.makes = new Yield(Ratio.of(Math.max(1, makes.pieces())), l.makes().what(), l.makes().serves())))));
    }

    private Finding few(Situation s, Makes makes) {
        int each = (int) Math.max(1, (makes.served() + makes.over()) / s.lesson().makes().serves());
        return new Finding(severity(), id(), "", 0, makes.served() + " " + s.lesson().makes().what() + " are served, " + (makes.served() + makes.over()) + " are made.",
                "Somebody goes without.", List.of(new Mend("Serve " + each + " each", l -> l.but(d -> d.shaping = new webodidact.core.lesson.Shaping(l.shaping().mixture(),
                        l.shaping().portion(), l.shaping().sheet(), l.shaping().load(), each, l.shaping().partners())))));
    }
}
