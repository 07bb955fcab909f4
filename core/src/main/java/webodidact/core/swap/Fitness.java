package webodidact.core.swap;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How well a rule of the table fits where the food is used.
 *
 * @param rank 2 for every use, 1 for some or while no step uses it, 0 for none
 * @param reason why it does not fit, or where it does not, or ""
 */
record Fitness(int rank, String reason) {
    /** Jobs that show in a verb; without the verb the food has another job there. */
    private static final Map<String, List<String>> SHOWN_BY = Map.of("glaze", List.of("brush", "glaze"), "coating", List.of("coat", "crumb", "dip"),
            "setting", List.of("set", "chill"), "thickening", List.of("thicken", "simmer", "boil", "stir"));

    static Fitness of(SwapRule rule, InUse use) {
        if (use.steps().isEmpty() && !use.stated()) return new Fitness(1, "");
        var verbs = SHOWN_BY.get(rule.job());
        if (verbs != null && use.firstSaying(verbs) == 0) return new Fitness(0, "It stands in as " + rule.job() + "; that is not its job here.");
        var otherJob = jobShown(rule, use);
        if (otherJob != null) return new Fitness(0, "In step " + use.firstSaying(SHOWN_BY.get(otherJob)) + " its job is " + otherJob + ", not " + rule.job() + ".");
        if (rule.contexts().isEmpty() || rule.contexts().containsAll(use.contexts())) return new Fitness(2, "");
        var missing = EnumSet.copyOf(use.contexts());
        missing.removeAll(rule.contexts());
        if (missing.size() < use.contexts().size()) return new Fitness(1, "Right where it is " + rule.context() + "; here it is also " + words(missing) + ": test it.");
        return new Fitness(0, "It stands in where it is " + rule.context() + "; here it is " + words(use.contexts()) + where(use) + ".");
    }

    /** Another job of the same food that only its verb can mean, as brushing means a glaze. */
    private static String jobShown(SwapRule rule, InUse use) {
        for (var job : List.of("glaze", "coating")) {
            boolean has = Swaps.rules().getOrDefault(rule.food(), List.of()).stream().anyMatch(r -> r.job().equals(job));
            boolean only = use.steps().stream().allMatch(n -> use.later().stream().filter(l -> l.number() == n)
                    .anyMatch(l -> SHOWN_BY.get(job).stream().anyMatch(v -> InUse.says(l.text(), v))));
            if (has && !job.equals(rule.job()) && only) return job;
        }
        return null;
    }

    private static String where(InUse use) {
        return use.stated() || use.steps().isEmpty() ? "" : " (step " + use.steps().getFirst() + ")";
    }

    private static String words(Set<Context> contexts) {
        return String.join(" and ", contexts.stream().sorted().map(Context::title).toList());
    }
}
