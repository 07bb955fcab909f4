package webodidact.core.compare;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Heat;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepField;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;

/** The fields in which two records of one kind differ, in words. A new field needs nothing here. */
final class Fields {
    private static final String NOTHING = "–";
    /** Whole numbers that are times. */
    private static final Set<String> SECONDS = Set.of("slot");

    private Fields() {}

    /** Either may be null: then there is one field, without a name, for the whole. */
    static List<Comparison.Field> differing(Record mine, Record theirs) {
        if (mine == null || theirs == null) return List.of(new Comparison.Field("", text(mine), text(theirs)));
        if (mine instanceof Step a && theirs instanceof Step b) return differing(a, b);
        var all = new ArrayList<Comparison.Field>();
        for (var part : mine.getClass().getRecordComponents()) {
            var a = value(part, mine);
            var b = value(part, theirs);
            if (!Objects.equals(a, b)) all.add(new Comparison.Field(part.getName(), text(part, a), text(part, b)));
        }
        return List.copyOf(all);
    }

    private static List<Comparison.Field> differing(Step mine, Step theirs) {
        var all = new ArrayList<Comparison.Field>();
        for (var field : StepField.ALL) {
            var a = field.get().apply(mine);
            var b = field.get().apply(theirs);
            if (!Objects.equals(a, b)) all.add(new Comparison.Field(field.name(), text(field, a), text(field, b)));
        }
        return List.copyOf(all);
    }

    private static String text(StepField<?> field, Object value) {
        return field.is(StepField.Trait.SECONDS) ? Clock.text((Integer) value) : text(value);
    }

    private static Object value(RecordComponent part, Record of) {
        try {
            return part.getAccessor().invoke(of);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("Bug: a part of a record cannot be read", e);
        }
    }

    private static String text(RecordComponent part, Object value) {
        return value instanceof Integer seconds && SECONDS.contains(part.getName()) ? Clock.text(seconds) : text(value);
    }

    static String text(Object value) {
        return switch (value) {
            case null -> NOTHING;
            case String s -> s.isBlank() ? NOTHING : s;
            case Boolean b -> b ? "yes" : "no";
            case TimeRange t -> t.text();
            case Amount a -> AmountText.of(a);
            case Ratio r -> AmountText.number(r);
            case Heat h -> h.text();
            case Enum<?> e -> e.name().toLowerCase(Locale.ROOT).replace('_', ' ');
            case Collection<?> c ->
                c.isEmpty() ? NOTHING : c.stream().map(Fields::text).collect(Collectors.joining("; "));
            case Map<?, ?> m ->
                m.isEmpty()
                        ? NOTHING
                        : m.entrySet().stream()
                                .map(e -> text(e.getKey()) + " " + text(e.getValue()))
                                .collect(Collectors.joining("; "));
            case Record r -> record(r);
            default -> String.valueOf(value);
        };
    }

    /** What is set of it, in its order. */
    private static String record(Record record) {
        var told = new ArrayList<String>();
        for (var part : record.getClass().getRecordComponents()) {
            var value = value(part, record);
            var text = text(value);
            boolean empty = text.equals(NOTHING)
                    || value instanceof Boolean b && !b
                    || value instanceof Integer n && n == 0
                    || value instanceof TimeRange t && t.isZero();
            if (!empty) told.add(text);
        }
        return told.isEmpty() ? record.getClass().getSimpleName().toLowerCase(Locale.ROOT) : String.join(", ", told);
    }
}
