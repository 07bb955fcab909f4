package webodidact.formats.paper;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import webodidact.core.publish.EditList;
import webodidact.formats.csv.PlainCsv;
import webodidact.formats.json.JsonText;

/** What is kept, cut and shown fast, in seconds on the kitchen's clock and in the edit. */
final class EditListFile implements FilePaper {
    private static final List<String> HEADING =
            List.of("step", "title", "do", "from", "to", "edit from", "edit to", "why");

    @Override
    public String id() {
        return "edit-list";
    }

    @Override
    public List<String> endings() {
        return List.of("csv", "json");
    }

    @Override
    public String written(Edition edition, String ending) {
        var rows = EditList.of(edition.outcome().schedule()).rows();
        if (ending.equals("json"))
            return JsonText.pretty(
                    Map.of("spans", rows.stream().map(EditListFile::json).toList()));
        return PlainCsv.text(
                HEADING,
                rows.stream()
                        .map(r -> List.of(
                                String.valueOf(r.number()),
                                r.title(),
                                r.what().title(),
                                String.valueOf(r.from()),
                                String.valueOf(r.to()),
                                String.valueOf(r.airFrom()),
                                String.valueOf(r.airTo()),
                                r.why()))
                        .toList());
    }

    private static Map<String, Object> json(EditList.Row row) {
        var map = new LinkedHashMap<String, Object>();
        map.put("step", row.number());
        map.put("title", row.title());
        map.put("do", row.what().name().toLowerCase(Locale.ROOT));
        map.put("from", row.from());
        map.put("to", row.to());
        map.put("editFrom", row.airFrom());
        map.put("editTo", row.airTo());
        map.put("why", row.why());
        return map;
    }
}
