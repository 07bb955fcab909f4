package webodidact.formats.json;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.formats.api.Place;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/** {@code course.json} and {@code *.lesson.json}: see docs/file-format.md and the schemas beside this package. */
public final class JsonFile {
    /** The number of the format written; a file with a larger one is left alone. */
    public static final int FORMAT = 1;
    private static final ObjectMapper JSON = CoreModule.mapper();

    private JsonFile() {}

    public static byte[] write(Course course) {
        return bytes(numbered(JSON.valueToTree(course)));
    }

    /** The lesson's id is the file's name and is not written. */
    public static byte[] write(Lesson lesson) {
        ObjectNode node = numbered(JSON.valueToTree(lesson));
        node.remove("id");
        return bytes(node);
    }

    private static ObjectNode numbered(ObjectNode node) {
        var all = JSON.createObjectNode();
        all.put("format", FORMAT);
        all.setAll(node);
        return all;
    }

    private static byte[] bytes(JsonNode node) {
        try {
            return (JSON.writeValueAsString(node).replace("\r\n", "\n") + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Bug: a record cannot be written as JSON", e);
        }
    }

    public static Read<Course> readCourse(String file, byte[] content) {
        return read(file, content, Course.class, null);
    }

    public static Read<Lesson> readLesson(String file, String id, byte[] content) {
        return read(file, content, Lesson.class, id);
    }

    private static <T> Read<T> read(String file, byte[] content, Class<T> type, String id) {
        try {
            var tree = JSON.readTree(content);
            if (!(tree instanceof ObjectNode node)) return refused(file, 0, "", "damaged", "expected a JSON object");
            var format = node.path("format");
            if (!format.isInt()) return refused(file, 0, "format", "missing", "expected a number, as in \"format\": 1");
            if (format.asInt() > FORMAT) {
                return refused(file, 0, "format", "newer", "written by a newer Webodidact (format " + format.asInt() + ", this one reads up to "
                        + FORMAT + "). The file is left as it is.");
            }
            // Read from the text, not the tree, so that a complaint knows its line.
            return new Read.Done<>(JSON.readValue(withId(content, id), type), List.of());
        } catch (JsonProcessingException e) {
            return new Read.Refused<>(warning(file, e));
        } catch (IOException e) {
            return refused(file, 0, "", "damaged", "cannot be read: " + e.getMessage());
        }
    }

    /** Puts the id where the format number was, on the same line, so that line numbers stay true. */
    private static byte[] withId(byte[] content, String id) {
        var text = new String(content, StandardCharsets.UTF_8);
        var replacement = id == null ? "" : "\"id\" : \"" + id.replace("\\", "\\\\").replace("\"", "\\\"") + "\",";
        return text.replaceFirst("\"format\"\\s*:\\s*\\d+\\s*,", java.util.regex.Matcher.quoteReplacement(replacement)).getBytes(StandardCharsets.UTF_8);
    }

    private static <T> Read<T> refused(String file, int line, String field, String code, String message) {
        return new Read.Refused<>(new Warning(new Place(file, line, field), code, message));
    }

    private static Warning warning(String file, JsonProcessingException e) {
        int line = e.getLocation() == null ? 0 : e.getLocation().getLineNr();
        var field = e instanceof JsonMappingException m ? path(m) : "";
        var place = new Place(file, Math.max(0, line), field);
        return switch (e) {
            case JsonParseException p -> new Warning(place, "damaged", "not JSON from here: " + firstLine(p.getOriginalMessage()));
            case UnrecognizedPropertyException u -> new Warning(place, "unknown-field", "unknown field '" + u.getPropertyName() + "'");
            case InvalidFormatException f -> new Warning(place, "bad-value", tail(f.getOriginalMessage()));
            default -> new Warning(place, "bad-value", firstLine(cause(e)));
        };
    }

    private static String cause(Throwable e) {
        var deepest = e;
        while (deepest.getCause() != null) deepest = deepest.getCause();
        return deepest instanceof JsonProcessingException j ? j.getOriginalMessage() : deepest.getMessage();
    }

    /** Jackson puts its own words before ours: "Cannot deserialize value of type X from String "y": ours". */
    private static String tail(String message) {
        int at = message.indexOf("\": ");
        return firstLine(at < 0 ? message : message.substring(at + 3));
    }

    private static String firstLine(String message) {
        return message == null ? "cannot be read" : message.lines().findFirst().orElse("cannot be read");
    }

    /** "steps 3 hands": list places count from 1. */
    private static String path(JsonMappingException e) {
        return String.join(" ", e.getPath().stream().map(r -> r.getFieldName() == null ? String.valueOf(r.getIndex() + 1) : r.getFieldName()).toList());
    }
}
