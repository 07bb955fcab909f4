package webodidact.core.swap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.food.Knowledge;
import webodidact.core.table.TableFile;

/** What is known to stand in for what: {@code swaps.txt}, and behind it the families of {@code families.txt}. */
final class RuleTable {
    private static final class Holder {
        private static final Map<String, List<SwapRule>> WRITTEN = written();
        private static final Map<String, List<SwapRule>> ALIKE = alike();
    }

    private RuleTable() {}

    /** Rules that were written down, by food. */
    static Map<String, List<SwapRule>> all() {
        return Holder.WRITTEN;
    }

    /** Foods of the same family that no rule was written for. */
    static List<SwapRule> alike(String food) {
        return Holder.ALIKE.getOrDefault(food, List.of());
    }

    /** The rule by which one food stands in for another. */
    static Optional<SwapRule> between(String food, String standIn) {
        return all().getOrDefault(food, List.of()).stream()
                .filter(r -> r.standIn().equals(standIn))
                .findFirst()
                .or(() -> alike(food).stream()
                        .filter(r -> r.standIn().equals(standIn))
                        .findFirst());
    }

    private static Map<String, List<SwapRule>> written() {
        var rules = new HashMap<String, List<SwapRule>>();
        for (var c : TableFile.rows(Knowledge.class, "swaps.txt", 10))
            rules.computeIfAbsent(c[0], k -> new ArrayList<>()).add(SwapRule.of(c));
        rules.replaceAll((food, list) -> List.copyOf(list));
        return Map.copyOf(rules);
    }

    private static Map<String, List<SwapRule>> alike() {
        var rules = new HashMap<String, List<SwapRule>>();
        for (var c : TableFile.rows(Knowledge.class, "families.txt", 4)) {
            var members = TableFile.list(c[2]);
            for (var food : members) {
                var known = Holder.WRITTEN.getOrDefault(food, List.of());
                var own = rules.computeIfAbsent(food, k -> new ArrayList<>());
                for (var other : nearest(members, food)) {
                    boolean there = known.stream().anyMatch(r -> r.standIn().equals(other))
                            || own.stream().anyMatch(r -> r.standIn().equals(other));
                    if (!there) own.add(alike(food, other, c));
                }
            }
        }
        rules.replaceAll((food, list) -> List.copyOf(list));
        return Map.copyOf(rules);
    }

    /** A family is written in an order in which neighbours are most alike. */
    private static List<String> nearest(List<String> members, String food) {
        int at = members.indexOf(food);
        var all = new ArrayList<String>();
        for (int away = 1; away < members.size(); away++) {
            if (at + away < members.size()) all.add(members.get(at + away));
            if (at - away >= 0) all.add(members.get(at - away));
        }
        return all;
    }

    private static SwapRule alike(String food, String other, String[] c) {
        return new SwapRule(
                food,
                c[0],
                c[1],
                Context.parse(c[1]),
                other,
                SwapRule.HowMuch.same(),
                null,
                c[3],
                0,
                Knowledge.shipped().food(other).orElseThrow().name(),
                List.of(),
                true);
    }
}
