package webodidact.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.table.TableFile;

/** Reads {@code facts.txt}: what one food is told of itself goes before what its group is told. */
final class FactTable {
    private record Row(String value, String words) {}

    private final Map<String, Map<String, List<Row>>> rows = new HashMap<>();
    /** Most foods are told nothing of themselves: they share what their group is told. */
    private final Map<String, Facts> ofGroups = new HashMap<>();

    FactTable() {
        for (var c : TableFile.rows(FactTable.class, "facts.txt", 5)) {
            rows.computeIfAbsent(c[0], k -> new HashMap<>())
                    .computeIfAbsent(c[1], k -> new ArrayList<>())
                    .add(new Row(c[2], c[3]));
        }
    }

    Facts of(String food, Group group) {
        var own = rows.get(food);
        var its = rows.getOrDefault("group:" + group.code(), Map.of());
        return own == null ? ofGroups.computeIfAbsent(group.code(), k -> facts(Map.of(), its)) : facts(own, its);
    }

    private static Facts facts(Map<String, List<Row>> own, Map<String, List<Row>> group) {
        Function<String, List<Row>> told = fact -> own.getOrDefault(fact, group.getOrDefault(fact, List.of()));
        return new Facts(
                figure(told.apply("salt")),
                figure(told.apply("fat")),
                keeping(told.apply("keeps")),
                keeping(told.apply("freezes")),
                all(told.apply("before"), r -> new Facts.Before(seconds(r.value()), r.words())),
                all(told.apply("cannot"), r -> new Facts.Cannot(TableFile.list(r.value()), r.words())),
                all(told.apply("pack"), r -> new Facts.Bought(r.words(), Amount.parse(r.value()))),
                first(told.apply("chokes"), r -> new Facts.Choking(Integer.parseInt(r.value()), r.words())),
                figure(told.apply("drains")),
                byWords(told.apply("gives"), Amount::parse),
                byWords(told.apply("weighs"), Ratio::parseDecimal));
    }

    private static <T> List<T> all(List<Row> told, Function<Row, T> of) {
        return told.isEmpty() ? List.of() : told.stream().map(of).toList();
    }

    private static <T> T first(List<Row> told, Function<Row, T> of) {
        return told.isEmpty() ? null : of.apply(told.getFirst());
    }

    private static <T> Map<String, T> byWords(List<Row> told, Function<String, T> of) {
        return told.isEmpty()
                ? Map.of()
                : told.stream().collect(Collectors.toUnmodifiableMap(Row::words, r -> of.apply(r.value())));
    }

    private static Ratio figure(List<Row> told) {
        return first(told, r -> Ratio.parseDecimal(r.value()));
    }

    private static Facts.Keeping keeping(List<Row> told) {
        return first(told, r -> new Facts.Keeping(Integer.parseInt(r.value()), r.words()));
    }

    /** Everybody the table speaks of, for its own test. */
    List<String> subjects() {
        return List.copyOf(rows.keySet());
    }

    /** "12 h", "90 min". */
    private static int seconds(String text) {
        var parts = text.split(" ");
        int n = Integer.parseInt(parts[0]);
        return switch (parts[1]) {
            case "h" -> n * 3600;
            case "min" -> n * 60;
            default ->
                throw new IllegalStateException(
                        "facts.txt: '" + text + "': expected hours or minutes, as in '12 h' or '90 min'");
        };
    }
}
