package webodidact.core.swap;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How well a rule of the table fits where the food is used. Only a food that has another job there is refused; a use that nobody wrote the
 * rule for is to be tried first.
 *
 * @param rank 4 for the very job the words show, 3 for every use, 2 for some or while no step uses it, 1 for none, 0 where it does
 *     another job
 * @param reason why it does not fit, or where it has to be tried, or ""
 */
record Fitness(int rank, String reason) {
    static Fitness of(SwapRule rule, List<SwapRule> rulesOfFood, InUse use) {
        if (use.steps().isEmpty() && !use.stated()) return new Fitness(2, "");
        if (!use.stated()) {
            if (Jobs.isMissed(rule, use)) return new Fitness(0, Words.OURS.say("notItsJob", rule.job()));
            var other = Jobs.other(rule, rulesOfFood, use);
            if (!other.isEmpty())
                return new Fitness(0, Words.OURS.say("otherJob", Jobs.step(other, use), other, rule.job()));
        }
        var missing = missing(rule.contexts(), use.contexts());
        boolean shown = !use.stated() && Jobs.shows(rule, use);
        if (missing.isEmpty() || shown) return new Fitness(shown && missing.isEmpty() ? 4 : 3, "");
        if (missing.size() < use.contexts().size())
            return new Fitness(2, Words.OURS.say("testIt", rule.context(), words(missing)));
        if (use.stated() || use.steps().isEmpty())
            return new Fitness(1, Words.OURS.say("elsewhere", rule.context(), words(use.contexts())));
        return new Fitness(
                1,
                Words.OURS.say(
                        "elsewhere.step",
                        rule.context(),
                        words(use.contexts()),
                        use.steps().getFirst()));
    }

    boolean isRefused() {
        return rank == 0;
    }

    /** It has not been tried for this use. */
    boolean isToBeTried() {
        return rank > 0 && !reason.isEmpty();
    }

    /** Contexts of the use that the rule does not speak of; food that is just "cooked" is met by any heat. */
    private static Set<Context> missing(Set<Context> rule, Set<Context> use) {
        if (rule.isEmpty()) return Set.of();
        var missing = EnumSet.noneOf(Context.class);
        for (var context : use) {
            boolean met = rule.contains(context)
                    || context == Context.HEATED && rule.stream().anyMatch(Context::isHeated);
            if (!met) missing.add(context);
        }
        return missing;
    }

    private static String words(Set<Context> contexts) {
        return contexts.stream()
                .sorted()
                .map(Context::title)
                .reduce((a, b) -> Words.OURS.say("and", a, b))
                .orElse("");
    }
}
