package webodidact.bench.chaos;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Knowledge;

/**
 * Any value of a record of the core, its parts chosen with dice from a seed: usual ones, edges, and what no form would let through.
 * A constructor may refuse its parts with an {@link IllegalArgumentException} that says why; whatever else it throws is a fault.
 */
final class AnyRecord {
    /** A constructor threw something else than a refusal in words. */
    static final class Fault extends RuntimeException {
        private static final long serialVersionUID = 1;

        Fault(String message, Throwable cause) {
            super(message, cause);
        }
    }

    private static final List<String> FOODS =
            Knowledge.shipped().foods().stream().map(f -> f.id()).toList();
    private final RandomGenerator random;
    /** Ids that refer to each other now and then, or nothing would. */
    private final List<String> ids = List.of(
            "f1",
            "f2",
            "f3",
            "s1",
            "s2",
            "s3",
            "s4",
            "t1",
            "plain-flour",
            "butter",
            "egg",
            "chicken-breast",
            "knife",
            "pan",
            "oven",
            "gelatine",
            "xanthan-gum",
            "milk",
            "salt");

    private int refused;

    AnyRecord(RandomGenerator random) {
        this.random = random;
    }

    int refused() {
        return refused;
    }

    /** Empty if the dice gave only what was refused. */
    <T extends Record> Optional<T> of(Class<T> type) {
        for (int tries = 0; tries < 12; tries++) {
            var made = make(type, 0);
            if (made.isPresent()) return made.map(type::cast);
        }
        return Optional.empty();
    }

    private Optional<Object> make(Class<?> type, int depth) {
        var parts = type.getRecordComponents();
        var values = new Object[parts.length];
        for (int i = 0; i < parts.length; i++)
            values[i] = part(parts[i].getName(), parts[i].getGenericType(), depth + 1);
        try {
            var constructor = type.getDeclaredConstructor(
                    Arrays.stream(parts).map(p -> p.getType()).toArray(Class<?>[]::new));
            constructor.setAccessible(true);
            return Optional.of(constructor.newInstance(values));
        } catch (InvocationTargetException e) {
            if (!(e.getCause() instanceof IllegalArgumentException why)
                    || why.getMessage() == null
                    || why instanceof NumberFormatException) {
                throw new Fault(type.getSimpleName() + " of " + Arrays.toString(values), e.getCause());
            }
            refused++;
            return Optional.empty();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("Bug: " + type, e);
        }
    }

    private Object part(String name, Type type, int depth) {
        if (type instanceof ParameterizedType p)
            return collection(name, (Class<?>) p.getRawType(), p.getActualTypeArguments(), depth);
        var raw = (Class<?>) type;
        if (!raw.isPrimitive() && random.nextInt(8) == 0) return null;
        if (raw == int.class || raw == Integer.class) return whole();
        if (raw == long.class || raw == Long.class) return (long) whole() * (random.nextInt(5) == 0 ? 1_000_003 : 1);
        if (raw == boolean.class || raw == Boolean.class) return random.nextBoolean();
        if (raw == String.class) return text(name);
        if (raw == Ratio.class) return ratio();
        if (raw == Unit.class) return Unit.all().get(random.nextInt(Unit.all().size()));
        if (raw == LocalDate.class)
            return LocalDate.of(2020 + random.nextInt(20), 1 + random.nextInt(12), 1 + random.nextInt(28));
        if (raw == LocalDateTime.class)
            return LocalDateTime.of(
                    1 + random.nextInt(4000),
                    1 + random.nextInt(12),
                    1 + random.nextInt(28),
                    random.nextInt(24),
                    random.nextInt(60),
                    random.nextInt(3) == 0 ? 0 : random.nextInt(60),
                    random.nextInt(3) == 0 ? random.nextInt(1_000_000_000) : 0);
        if (raw.isEnum()) return raw.getEnumConstants()[random.nextInt(raw.getEnumConstants().length)];
        if (raw.isSealed()) raw = raw.getPermittedSubclasses()[random.nextInt(raw.getPermittedSubclasses().length)];
        for (int tries = 0; tries < 6; tries++) {
            var made = make(raw, depth);
            if (made.isPresent()) return made.get();
        }
        return null;
    }

    private Object collection(String name, Class<?> raw, Type[] of, int depth) {
        if (random.nextInt(10) == 0) return null;
        int size = random.nextInt(depth < 2 ? 8 : 4);
        if (raw == Map.class) {
            var map = new HashMap<Object, Object>();
            for (int i = 0; i < size; i++) {
                var key = part("key", of[0], depth + 1);
                var value = part("value", of[1], depth + 1);
                if (key != null && value != null) map.put(key, value);
            }
            return map;
        }
        var list = new ArrayList<Object>();
        for (int i = 0; i < size; i++) {
            var value = part(name.startsWith("missing") ? "missing" : "item", of[0], depth + 1);
            if (value != null) list.add(value);
        }
        return raw == Set.class ? new HashSet<>(list) : list;
    }

    private int whole() {
        return switch (random.nextInt(60)) {
            case 0, 1, 2, 3, 4, 5 -> 0;
            case 6, 7, 8 -> 1;
            case 9 -> -random.nextInt(10);
            case 10, 11, 12, 13, 14 -> random.nextInt(100_000);
            case 15 -> 366 * 24 * 3600 - random.nextInt(2);
            case 16 -> random.nextInt() & Integer.MAX_VALUE;
            default -> random.nextInt(900);
        };
    }

    private Ratio ratio() {
        return switch (random.nextInt(40)) {
            case 0, 1, 2 -> Ratio.ZERO;
            case 3, 4, 5, 6 -> Ratio.of(1, 4);
            case 7 -> Ratio.of(-1 - random.nextInt(9), 1 + random.nextInt(9));
            case 8 -> Ratio.of(random.nextLong(1_000_000_000_000L), 1 + random.nextLong(1_000_000_000));
            case 9, 10 -> Ratio.of(1 + random.nextInt(100), 10_000);
            case 11, 12 -> Ratio.of(529);
            default -> Ratio.of(1 + random.nextInt(4000), 1 + random.nextInt(8));
        };
    }

    private String text(String name) {
        if ((name.equals("food") || name.equals("chosen")) && random.nextInt(3) > 0)
            return FOODS.get(random.nextInt(FOODS.size()));
        // Ids have to differ in one lesson, or nothing would come of the dice.
        if (name.equals("id"))
            return ids.get(random.nextInt(ids.size())) + (random.nextInt(4) > 0 ? "-" + random.nextInt(1000) : "");
        boolean id = List.of(
                        "missing",
                        "line",
                        "food",
                        "tool",
                        "collectAt",
                        "chosen",
                        "because",
                        "where",
                        "item",
                        "key",
                        "value")
                .contains(name);
        if (id && (name.equals("missing") || random.nextInt(10) > 0)) return ids.get(random.nextInt(ids.size()));
        return AnyText.of(random, name.equals("say") || name.equals("doing") ? 25 : 5);
    }
}
