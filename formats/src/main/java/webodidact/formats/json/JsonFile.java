package webodidact.formats.json;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.exc.InputCoercionException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
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
            return (halves(JSON.writeValueAsString(node).replace("\r\n", "\n")) + "\n")
                    .getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Bug: a record cannot be written as JSON", e);
        }
    }

    /** Half of a letter, which some programs leave behind, has no place in UTF-8 but one as an escape. */
    private static String halves(String json) {
        if (json.codePoints().noneMatch(c -> Character.getType(c) == Character.SURROGATE)) return json;
        var out = new StringBuilder(json.length());
        json.codePoints().forEach(c -> {
            if (Character.getType(c) == Character.SURROGATE) out.append("\\u").append(Integer.toHexString(c));
            else out.appendCodePoint(c);
        });
        return out.toString();
    }

    public static Read<Course> readCourse(String file, byte[] content) {
        return read(file, content, Course.class, null);
    }

    public static Read<Lesson> readLesson(String file, String id, byte[] content) {
        return switch (read(file, content, Lesson.class, id)) {
            case Read.Done<Lesson>(var lesson, var warnings) -> {
                try {
                    yield new Read.Done<>(lesson.bounded(), warnings);
                } catch (IllegalArgumentException e) {
                    yield refused(file, 0, "", "bad-value", e.getMessage());
                }
            }
            case Read.Refused<Lesson> refused -> refused;
        };
    }

    private static <T> Read<T> read(String file, byte[] content, Class<T> type, String id) {
        try (var in = JSON.createParser(content)) {
            if (in.nextToken() != JsonToken.START_OBJECT) return refused(file, 0, "", "damaged", Words.say("object"));
            var format = format(in);
            if (format == null) return refused(file, 0, "format", "missing", Words.say("format"));
            if (format > FORMAT) return refused(file, 0, "format", "newer", Words.say("newer", format, FORMAT));
            return new Read.Done<>(JSON.readValue(withId(content, id), type), List.of());
        } catch (JsonProcessingException e) {
            return new Read.Refused<>(warning(file, e));
        } catch (IOException e) {
            return refused(file, 0, "", "damaged", Words.say("unread.why", e.getMessage()));
        }
    }

    /** The number that a file begins with, or says further down; null if it says none. */
    private static Integer format(JsonParser in) throws IOException {
        while (in.nextToken() == JsonToken.FIELD_NAME) {
            boolean says = in.currentName().equals("format");
            if (in.nextToken() == JsonToken.VALUE_NUMBER_INT && says) return in.getIntValue();
            in.skipChildren();
        }
        return null;
    }

    /** Puts the id first, on the line of the opening brace, so that line numbers stay true. */
    private static byte[] withId(byte[] content, String id) throws JsonProcessingException {
        if (id == null) return content;
        var text = new String(content, StandardCharsets.UTF_8);
        int brace = text.indexOf('{') + 1;
        boolean alone = text.substring(brace).stripLeading().startsWith("}");
        return (text.substring(0, brace) + "\"id\" : " + JSON.writeValueAsString(id) + (alone ? "" : ",")
                        + text.substring(brace))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static <T> Read<T> refused(String file, int line, String field, String code, String message) {
        return new Read.Refused<>(new Warning(new Place(file, line, field), code, message));
    }

    private static Warning warning(String file, JsonProcessingException e) {
        int line = e.getLocation() == null ? 0 : e.getLocation().getLineNr();
        var field = e instanceof JsonMappingException m ? path(m) : "";
        var place = new Place(file, Math.max(0, line), field);
        return switch (e) {
            case JsonParseException p ->
                new Warning(
                        place,
                        "damaged",
                        Words.say(
                                "damaged",
                                firstLine(p.getOriginalMessage())
                                        .replaceFirst(
                                                "\\s*\\([^()]*\\[Source.*$|:? \\(?(?:consider )?enabl(?:e|ing) `.*$",
                                                "")));
            case UnrecognizedPropertyException u ->
                new Warning(place, "unknown-field", Words.say("field", u.getPropertyName()));
            case InvalidFormatException f
            when isOurs(f.getTargetType()) -> new Warning(place, "bad-value", tail(f.getOriginalMessage()));
            case StreamConstraintsException _ -> new Warning(place, "damaged", Words.say("beyond"));
            default -> new Warning(place, "bad-value", own(e));
        };
    }

    /** What a constructor of ours said, or which kind of value was expected. */
    private static String own(JsonProcessingException e) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof IllegalArgumentException && cause.getMessage() != null)
                return firstLine(cause.getMessage());
        }
        return e instanceof MismatchedInputException m
                ? Words.say("expected", kind(m.getTargetType()))
                : e instanceof InputCoercionException ? Words.say("whole.most") : Words.say("unread.here");
    }

    private static boolean isOurs(Class<?> type) {
        return type != null
                && (type.isEnum() || type.getName().startsWith("webodidact.") || type == LocalDateTime.class);
    }

    private static String kind(Class<?> type) {
        if (type == null) return Words.say("kind.other");
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class)
            return Words.say("kind.whole");
        if (type == boolean.class || type == Boolean.class) return Words.say("kind.flag");
        if (type == String.class || type.isEnum()) return Words.say("kind.text");
        if (Collection.class.isAssignableFrom(type)) return Words.say("kind.list");
        return type.isRecord() || Map.class.isAssignableFrom(type) || type.isInterface()
                ? Words.say("kind.fields")
                : Words.say("kind.other");
    }

    /** Jackson puts its own words before ours: "Cannot deserialize value of type X from String "y": ours". */
    private static String tail(String message) {
        int at = message.indexOf("\": ");
        return firstLine(at < 0 ? message : message.substring(at + 3));
    }

    private static String firstLine(String message) {
        return message == null
                ? Words.say("unread")
                : message.lines().findFirst().orElse(Words.say("unread"));
    }

    /** "steps 3 hands": list places count from 1. */
    private static String path(JsonMappingException e) {
        return String.join(
                " ",
                e.getPath().stream()
                        .map(r -> r.getFieldName() == null ? String.valueOf(r.getIndex() + 1) : r.getFieldName())
                        .toList());
    }
}
