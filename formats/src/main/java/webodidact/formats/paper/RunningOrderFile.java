package webodidact.formats.paper;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.publish.RunningOrder;
import webodidact.formats.csv.PlainCsv;
import webodidact.formats.json.JsonText;

/** The running order for other programs; times in seconds since the start. */
final class RunningOrderFile implements FilePaper {
    private static final List<String> HEADING = List.of(
            "step",
            "title",
            "kind",
            "who",
            "at",
            "by",
            "lasts",
            "timed",
            "part",
            "camera",
            "waits",
            "hold",
            "trim",
            "dead air");

    @Override
    public String id() {
        return "running-order-data";
    }

    @Override
    public List<String> endings() {
        return List.of("csv", "json");
    }

    @Override
    public String written(Edition edition, String ending) {
        var rows = RunningOrder.of(edition.outcome().schedule()).rows();
        if (ending.equals("json"))
            return JsonText.pretty(
                    Map.of("steps", rows.stream().map(RunningOrderFile::json).toList()));
        return PlainCsv.text(
                HEADING,
                rows.stream()
                        .map(r -> json(r).values().stream()
                                .map(v -> v instanceof List<?> l
                                        ? String.join(
                                                "; ",
                                                l.stream().map(String::valueOf).toList())
                                        : String.valueOf(v))
                                .toList())
                        .toList());
    }

    private static Map<String, Object> json(RunningOrder.Row row) {
        var map = new LinkedHashMap<String, Object>();
        map.put("step", row.number());
        map.put("title", row.title());
        map.put("kind", row.kind());
        map.put("who", row.who());
        map.put("at", row.at());
        map.put("by", row.hit());
        map.put("lasts", row.length());
        map.put("timed", !row.untimed());
        map.put("part", row.part());
        map.put("camera", row.camera());
        map.put("waits", row.waits());
        map.put("hold", row.hold());
        map.put("trim", row.trim());
        map.put("deadAir", row.idle());
        return map;
    }
}
