package webodidact.formats.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.KeyDeserializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationConfig;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.BeanSerializerModifier;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.Function;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Doubt;
import webodidact.core.time.TimeRange;

/** How the records of the core look in JSON: amounts, times and ratios as short texts, enums in lower case with dashes. */
final class CoreModule {
    private CoreModule() {}

    static ObjectMapper mapper() {
        var module = new SimpleModule();
        text(module, Ratio.class, Ratio::toString, Ratio::parse);
        text(module, Doubt.class, Doubt::toString, Doubt::parse);
        text(module, Amount.class, Amount::toString, Amount::parse);
        text(module, TimeRange.class, CoreModule::time, TimeRange::parse);
        text(module, LocalDate.class, LocalDate::toString, CoreModule::date);
        text(module, LocalDateTime.class, LocalDateTime::toString, CoreModule::dateTime);
        module.setSerializerModifier(new EnumWriting());
        module.setDeserializerModifier(new EnumReading());
        return JsonMapper.builder()
                .addModule(module)
                .annotationIntrospector(new Shapes())
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_DEFAULT, JsonInclude.Include.ALWAYS))
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(
                        DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                        DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
                .build();
    }

    private static String time(TimeRange range) {
        return clock(range.low()) + (range.isRange() ? "-" + clock(range.high()) : "");
    }

    private static String clock(int seconds) {
        return seconds >= 60_000
                ? seconds / 3600 + ":" + two(seconds / 60 % 60) + ":" + two(seconds % 60)
                : seconds / 60 + ":" + two(seconds % 60);
    }

    private static String two(int n) {
        return n < 10 ? "0" + n : String.valueOf(n);
    }

    private static LocalDate date(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(Words.say("when.day", text), e);
        }
    }

    private static LocalDateTime dateTime(String text) {
        try {
            return LocalDateTime.parse(text);
        } catch (DateTimeParseException e) {
            throw new IllegalArgumentException(Words.say("when", text), e);
        }
    }

    private static <T> void text(
            SimpleModule module, Class<T> type, Function<T, String> print, Function<String, T> parse) {
        module.addSerializer(type, new StdSerializer<>(type) {
            @Override
            public void serialize(T value, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeString(print.apply(value));
            }
        });
        module.addDeserializer(type, new StdDeserializer<>(type) {
            @Override
            public T deserialize(JsonParser in, DeserializationContext context) throws IOException {
                try {
                    return parse.apply(in.getText());
                } catch (IllegalArgumentException e) {
                    throw context.weirdStringException(in.getText(), type, e.getMessage());
                }
            }
        });
    }

    static String enumText(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Enum<?> enumOf(Class<?> type, String text, DeserializationContext context) throws IOException {
        for (var constant : type.getEnumConstants())
            if (enumText((Enum<?>) constant).equals(text)) return (Enum<?>) constant;
        var all = Arrays.stream(type.getEnumConstants())
                .map(c -> enumText((Enum<?>) c))
                .toList();
        throw context.weirdStringException(text, type, Words.say("one", text, String.join(", ", all)));
    }

    private static final class EnumWriting extends BeanSerializerModifier {
        @Override
        public JsonSerializer<?> modifyEnumSerializer(
                SerializationConfig config, JavaType type, BeanDescription bean, JsonSerializer<?> usual) {
            return new StdSerializer<Enum<?>>(Enum.class, false) {
                @Override
                public void serialize(Enum<?> value, JsonGenerator out, SerializerProvider provider)
                        throws IOException {
                    out.writeString(enumText(value));
                }
            };
        }

        @Override
        public JsonSerializer<?> modifyKeySerializer(
                SerializationConfig config, JavaType type, BeanDescription bean, JsonSerializer<?> usual) {
            if (!type.isEnumType()) return usual;
            return new StdSerializer<Enum<?>>(Enum.class, false) {
                @Override
                public void serialize(Enum<?> value, JsonGenerator out, SerializerProvider provider)
                        throws IOException {
                    out.writeFieldName(enumText(value));
                }
            };
        }
    }

    private static final class EnumReading extends BeanDeserializerModifier {
        @Override
        public JsonDeserializer<?> modifyEnumDeserializer(
                DeserializationConfig config, JavaType type, BeanDescription bean, JsonDeserializer<?> usual) {
            return new StdDeserializer<Enum<?>>(type) {
                @Override
                public Enum<?> deserialize(JsonParser in, DeserializationContext context) throws IOException {
                    return enumOf(type.getRawClass(), in.getText(), context);
                }
            };
        }

        @Override
        public KeyDeserializer modifyKeyDeserializer(
                DeserializationConfig config, JavaType type, KeyDeserializer usual) {
            if (!type.isEnumType()) return usual;
            return new KeyDeserializer() {
                @Override
                public Object deserializeKey(String key, DeserializationContext context) throws IOException {
                    return enumOf(type.getRawClass(), key, context);
                }
            };
        }
    }
}
