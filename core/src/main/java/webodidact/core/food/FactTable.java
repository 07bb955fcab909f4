package webodidact.core.food;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.table.TableFile;

/** Reads {@code facts.txt}: what one food is told of itself goes before what its group is told. */
final class FactTable {
    private record Row(String fact, String value, String words) {}

    private final Map<String, List<Row>> rows = new HashMap<>();

    FactTable() {
        for (var c : TableFile.rows(FactTable.class, "facts.txt", 5)) {
            rows.computeIfAbsent(c[0], k -> new ArrayList<>()).add(new Row(c[1], c[2], c[3]));
        }
    }

    Facts of(String food, Group group) {
        return new Facts(
                of("salt", food, group).stream()
                        .findFirst()
                        .map(r -> Ratio.parseDecimal(r.value()))
                        .orElse(null),
                of("fat", food, group).stream()
                        .findFirst()
                        .map(r -> Ratio.parseDecimal(r.value()))
                        .orElse(null),
                keeping("keeps", food, group),
                keeping("freezes", food, group),
                of("before", food, group).stream()
                        .map(r -> new Facts.Before(seconds(r.value()), r.words()))
                        .toList(),
                of("cannot", food, group).stream()
                        .map(r -> new Facts.Cannot(
                                Arrays.stream(r.value().split(";"))
                                        .map(String::strip)
                                        .toList(),
                                r.words()))
                        .toList(),
                of("pack", food, group).stream()
                        .map(r -> new Facts.Bought(r.words(), Amount.parse(r.value())))
                        .toList(),
                of("chokes", food, group).stream()
                        .findFirst()
                        .map(r -> new Facts.Choking(Integer.parseInt(r.value()), r.words()))
                        .orElse(null),
                of("drains", food, group).stream()
                        .findFirst()
                        .map(r -> Ratio.parseDecimal(r.value()))
                        .orElse(null),
                of("gives", food, group).stream()
                        .collect(Collectors.toUnmodifiableMap(Row::words, r -> Amount.parse(r.value()))),
                of("weighs", food, group).stream()
                        .collect(Collectors.toUnmodifiableMap(Row::words, r -> Ratio.parseDecimal(r.value()))));
    }

    /** Everybody the table speaks of, for its own test. */
    List<String> subjects() {
        return List.copyOf(rows.keySet());
    }

    private Facts.Keeping keeping(String fact, String food, Group group) {
        return of(fact, food, group).stream()
                .findFirst()
                .map(r -> new Facts.Keeping(Integer.parseInt(r.value()), r.words()))
                .orElse(null);
    }

    private List<Row> of(String fact, String food, Group group) {
        var own = rows.getOrDefault(food, List.of()).stream()
                .filter(r -> r.fact().equals(fact))
                .toList();
        return own.isEmpty()
                ? rows.getOrDefault("group:" + group.code(), List.of()).stream()
                        .filter(r -> r.fact().equals(fact))
                        .toList()
                : own;
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
