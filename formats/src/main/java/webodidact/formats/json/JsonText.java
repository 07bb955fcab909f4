package webodidact.formats.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;

/** Maps and lists as indented JSON, their keys in the order they are in. */
public final class JsonText {
    private static final ObjectMapper MAPPER = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private JsonText() {}

    public static String pretty(Object value) {
        try {
            return MAPPER.writeValueAsString(value).replace("\r\n", "\n") + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Bug: cannot be written as JSON", e);
        }
    }
}
