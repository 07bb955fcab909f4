package webodidact.core.swap;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.food.Knowledge;
import webodidact.core.table.TableFile;

/** What a food is there for, as the words of its steps show it: {@code jobs.txt}, where the columns are explained. */
final class Jobs {
    private enum Strict {
        YES,
        ALONE,
        NO
    }

    private record Job(String name, List<String> words, Strict strict) {}

    private static final Map<String, Job> ALL = read();

    private Jobs() {}

    private static Map<String, Job> read() {
        var all = new LinkedHashMap<String, Job>();
        for (var c : TableFile.rows(Knowledge.class, "jobs.txt", 3))
            all.put(c[0], new Job(c[0], TableFile.list(c[1]), Strict.valueOf(c[2].toUpperCase(Locale.ROOT))));
        return all;
    }

    /** The words of that rule by which its job may be seen: its job and each of its contexts. */
    private static final Pattern OR = Pattern.compile(" or ");

    private static Stream<Job> of(SwapRule rule) {
        return Stream.concat(Stream.of(rule.job()), OR.splitAsStream(rule.context()))
                .map(ALL::get)
                .filter(j -> j != null);
    }

    /** Whether a word of the steps shows that the rule is meant. */
    static boolean shows(SwapRule rule, InUse use) {
        return of(rule).anyMatch(j -> isShown(j, use));
    }

    /** Whether the rule has a job of its own that only its words mean, and none of them is there. */
    static boolean isMissed(SwapRule rule, InUse use) {
        var job = ALL.get(rule.job());
        return job != null && job.strict() != Strict.NO && !isShown(job, use);
    }

    /** Another job of the same food that the words show and that this rule does not do; "" if none is. */
    static String other(SwapRule rule, List<SwapRule> rulesOfFood, InUse use) {
        var shown = new LinkedHashSet<Job>();
        var alone = new LinkedHashSet<Job>();
        boolean anything = false;
        for (var each : rulesOfFood) {
            for (var job : of(each).toList()) {
                if (!isShown(job, use)) continue;
                if (job.strict() == Strict.ALONE) alone.add(job);
                else anything = true;
                if (job.strict() == Strict.YES) shown.add(job);
            }
        }
        if (!anything) shown.addAll(alone);
        return shown.isEmpty() || of(rule).anyMatch(shown::contains)
                ? ""
                : shown.getFirst().name();
    }

    /** Number of the first step, from 1, that shows the job; 0 if none does. */
    static int step(String job, InUse use) {
        return use.firstSaying(ALL.get(job).words());
    }

    private static boolean isShown(Job job, InUse use) {
        return use.firstSaying(job.words()) > 0;
    }

    static boolean isKnown(String word) {
        return ALL.containsKey(word);
    }
}
