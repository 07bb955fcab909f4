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
    private static final Map<String, List<String>> SHOWN_BY = Map.of(
            "glaze",
            List.of("brush", "glaze"),
            "coating",
            List.of("coat", "crumb", "dip"),
            "setting",
            List.of("set", "chill"),
            "thickening",
            List.of("thicken", "simmer", "boil", "stir"));

    static Fitness of(SwapRule rule, InUse use) {
        if (use.steps().isEmpty() && !use.stated()) return new Fitness(1, "");
        var verbs = SHOWN_BY.get(rule.job());
        if (verbs != null && use.firstSaying(verbs) == 0)
            return new Fitness(0, Words.OURS.say("notItsJob", rule.job()));
        var otherJob = jobShown(rule, use);
        if (otherJob != null)
            return new Fitness(
                    0, Words.OURS.say("otherJob", use.firstSaying(SHOWN_BY.get(otherJob)), otherJob, rule.job()));
        if (rule.contexts().isEmpty() || rule.contexts().containsAll(use.contexts())) return new Fitness(2, "");
        var missing = EnumSet.copyOf(use.contexts());
        missing.removeAll(rule.contexts());
        if (missing.size() < use.contexts().size())
            return new Fitness(1, Words.OURS.say("testIt", rule.context(), words(missing)));
        if (use.stated() || use.steps().isEmpty())
            return new Fitness(0, Words.OURS.say("elsewhere", rule.context(), words(use.contexts())));
        return new Fitness(
                0,
                Words.OURS.say(
                        "elsewhere.step",
                        rule.context(),
                        words(use.contexts()),
                        use.steps().getFirst()));
    }

    /** Another job of the same food that only its verb can mean, as brushing means a glaze. */
    private static String jobShown(SwapRule rule, InUse use) {
        for (var job : List.of("glaze", "coating")) {
            boolean has = Swaps.rules().getOrDefault(rule.food(), List.of()).stream()
                    .anyMatch(r -> r.job().equals(job));
            boolean only = use.steps().stream()
                    .allMatch(n -> use.later().stream()
                            .filter(l -> l.number() == n)
                            .anyMatch(l -> SHOWN_BY.get(job).stream().anyMatch(v -> InUse.says(l.text(), v))));
            if (has && !job.equals(rule.job()) && only) return job;
        }
        return null;
    }

    private static String words(Set<Context> contexts) {
        return contexts.stream()
                .sorted()
                .map(Context::title)
                .reduce((a, b) -> Words.OURS.say("and", a, b))
                .orElse("");
    }
}
