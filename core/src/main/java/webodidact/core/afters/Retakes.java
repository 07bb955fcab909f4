package webodidact.core.afters;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.answer.Answers;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Report;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Filmed;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.Draws;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;

/**
 * What of a recording has to be done again, and what that needs: camera by camera, so that each is set up once.
 *
 * @param shopping what all retakes together take, once
 * @param copies titles of the steps whose result has to be there, made before
 */
public record Retakes(List<Retake> retakes, List<Need> shopping, List<String> copies) {
    /**
     * @param amount kitchen-rounded; "" where nobody knows
     * @param steps numbers of the retakes that use it
     * @param asItWas cut, mixed or cooked by a step before: from the pack it is no use
     */
    public record Need(String item, String amount, List<Integer> steps, boolean asItWas) {
        public Need {
            steps = List.copyOf(steps);
        }
    }

    /** Why it is done again. */
    public enum Why {
        NEVER,
        SPOILT,
        MARKED,
        MENDED,
        CHANGED,
        LONG
    }

    /**
     * @param detail words of the marks, what has been mended, or by how much it was too long
     * @param camera set-up that it needs, or ""
     */
    public record Retake(Placed placed, Why why, String detail, String camera) {}

    /** A step that is a fifth and half a minute over its time is worth another take. */
    private static final int LONG_SECONDS = 30;

    public Retakes {
        retakes = List.copyOf(retakes);
        shopping = List.copyOf(shopping);
        copies = List.copyOf(copies);
    }

    /** Nothing while nothing has been recorded. */
    public static Retakes of(Outcome outcome, List<Take> takes) {
        var answers = outcome.answers();
        var lesson = answers.question().lesson();
        var own = takes.stream().filter(t -> !t.kind().isRehearsal()).toList();
        var all = new ArrayList<Retake>();
        var camera = "";
        for (var placed : answers.schedule().steps()) {
            if (!placed.step().camera().isBlank()) camera = placed.step().camera();
            if (own.isEmpty()) continue;
            var retake = retake(placed, own, camera, outcome.report());
            if (retake != null) all.add(retake);
        }
        var order = new LinkedHashMap<String, List<Retake>>();
        for (var retake : all)
            order.computeIfAbsent(retake.camera(), k -> new ArrayList<>()).add(retake);
        var sorted = order.values().stream().flatMap(List::stream).toList();
        return new Retakes(sorted, shopping(answers, sorted), copies(sorted, lesson.steps()));
    }

    private static Retake retake(Placed placed, List<Take> takes, String camera, Report report) {
        var step = placed.step();
        boolean reached = takes.stream().anyMatch(t -> t.of(step.id()).isPresent());
        var best = Best.of(step.id(), takes);
        if (!reached) return new Retake(placed, Why.NEVER, "", camera);
        if (best.isEmpty()) return new Retake(placed, Why.SPOILT, "", camera);
        var time = best.get().time();
        if (time.choice() == Take.Choice.KEPT) return null;
        if (time.marks() > 0) return new Retake(placed, Why.MARKED, time.why(), camera);
        var mended = mended(placed, time.filmed(), report);
        if (!mended.isEmpty()) return new Retake(placed, Why.MENDED, mended, camera);
        if (!time.title().equals(step.title())) return new Retake(placed, Why.CHANGED, time.title(), camera);
        int over = Review.worked(time, placed) - placed.span().length() + step.hold();
        boolean tooLong = over >= LONG_SECONDS && over * 5 >= placed.span().length();
        return tooLong ? new Retake(placed, Why.LONG, Clock.text(over), camera) : null;
    }

    /** What should be so and was not when it was filmed, and is now: only where homes would see another step. */
    private static String mended(Placed placed, Filmed filmed, Report report) {
        if (!filmed.differsFrom(placed.step())) return "";
        var still = Stream.concat(report.open().stream(), report.covered().stream())
                .filter(f -> f.steps().contains(placed.number()))
                .map(Finding::check)
                .toList();
        return filmed.findings().stream()
                .filter(f -> !still.contains(f) && CheckTable.isKnown(f))
                .map(Check::summary)
                .collect(Collectors.joining("; "));
    }

    /** In the order of the list; a line that two retakes use is told once. */
    private static List<Need> shopping(Answers answers, List<Retake> retakes) {
        var all = new ArrayList<Need>();
        var house = answers.question().course().house();
        for (var line : answers.draws().values()) {
            var numbers = new ArrayList<Integer>();
            Amount sum = null;
            boolean known = true;
            boolean asItWas = false;
            for (var retake : retakes) {
                var draw = line.in(retake.placed().step().id()).orElse(null);
                if (draw == null) continue;
                numbers.add(draw.number());
                // What an earlier step had cut or cooked is not taken from the pack: it has to be there as it was.
                asItWas |= draw.handles();
                var taken = draw.handles() ? taken(line, draw.number()) : draw.taken();
                known &= taken != null;
                if (taken != null) sum = sum == null ? taken : sum.plus(taken, house);
            }
            if (!numbers.isEmpty())
                all.add(new Need(
                        line.line().item(),
                        known && sum != null
                                ? KitchenRounding.round(sum, house)
                                        .text(line.line().item())
                                : "",
                        numbers,
                        asItWas));
        }
        return all;
    }

    private static Amount taken(Draws.Line line, int number) {
        return line.draws().stream()
                .filter(d -> d.number() < number && !d.handles())
                .map(Draws.Draw::taken)
                .filter(t -> t != null)
                .reduce((a, b) -> b)
                .orElse(null);
    }

    /** Steps whose result has to be there as it was: what was made in an earlier step that is not done again. */
    private static List<String> copies(List<Retake> retakes, List<Step> steps) {
        var again = retakes.stream().map(r -> r.placed().step().id()).toList();
        var all = new ArrayList<String>();
        for (var step : steps) {
            boolean ready = again.contains(step.id())
                    && step.waiting() != null
                    && step.waiting().cover() instanceof Cover.ReadyCopy;
            boolean collected = !again.contains(step.id())
                    && step.waiting() != null
                    && step.waiting().cover() instanceof Cover.CarryOn(var at)
                    && again.contains(at);
            if (ready || collected) all.add(step.title());
        }
        return all;
    }
}
