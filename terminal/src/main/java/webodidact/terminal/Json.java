package webodidact.terminal;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.amount.Amount;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.reading.ReadLine;
import webodidact.formats.json.JsonText;

/** The objects printed with --json; their keys and order are kept. */
final class Json {
    private Json() {}

    static String pretty(Object value) {
        return JsonText.pretty(value).stripTrailing();
    }

    static Map<String, Object> of(ReadLine line) {
        var map = new LinkedHashMap<String, Object>();
        map.put("line", line.line());
        map.put("amount", of(line.amount()));
        map.put("size", of(line.size()));
        map.put("also", of(line.also()));
        map.put("item", line.item());
        map.put("form", line.form());
        map.put("note", line.note());
        map.put("optional", line.optional());
        map.put("toTaste", line.toTaste());
        map.put("alternatives", line.alternatives());
        map.put("food", line.food());
        map.put("unsure", line.unsure().stream().map(u -> u.text()).toList());
        map.put(
                "candidates",
                line.food() != null
                        ? List.of()
                        : Knowledge.shipped().nearest(line.item(), 4).stream()
                                .map(Food::id)
                                .toList());
        return map;
    }

    private static Map<String, Object> of(Amount amount) {
        if (amount == null) return null;
        var map = new LinkedHashMap<String, Object>();
        map.put("value", amount.low().toString());
        map.put("max", amount.isRange() ? amount.high().toString() : null);
        map.put("unit", amount.unit().symbol());
        map.put("approximate", amount.approximate());
        return map;
    }
}
