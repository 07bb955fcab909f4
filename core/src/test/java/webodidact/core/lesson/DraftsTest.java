package webodidact.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.lang.reflect.Field;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.OwnFood;
import webodidact.core.food.Risk;
import webodidact.core.food.Shelf;

/** A change of one field changes this one and no other: two values that differ in all, crossed field by field. */
class DraftsTest {
    static Stream<Arguments> pairs() {
        BiFunction<Kitchen, Consumer<Object>, Kitchen> kitchen = (k, c) -> k.but(c::accept);
        BiFunction<OwnFood, Consumer<Object>, OwnFood> food = (f, c) -> f.but(c::accept);
        BiFunction<Household, Consumer<Object>, Household> home = (h, c) -> h.but(c::accept);
        return Stream.of(
                arguments(
                        new Household(
                                "Heron",
                                MeasureSystem.METRIC,
                                Set.of("vegan"),
                                Set.of(Allergen.EGGS),
                                Set.of("grater"),
                                Set.of("lemon"),
                                List.of(34),
                                true,
                                true,
                                true,
                                true,
                                Map.of("a/b", "lemon")),
                        new Household(
                                "Plover",
                                MeasureSystem.US,
                                Set.of(),
                                Set.of(Allergen.MILK),
                                Set.of("whisk"),
                                Set.of("dill"),
                                List.of(7, 41),
                                false,
                                false,
                                false,
                                false,
                                Map.of()),
                        home),
                arguments(
                        new Kitchen("boathouse", 4, 1, true, true, 0, 840, 800),
                        new Kitchen("shed", 2, 3, false, false, 1, 600, 900),
                        kitchen),
                arguments(
                        new OwnFood(
                                "samphire",
                                List.of("samphire"),
                                Shelf.FRIDGE,
                                Map.of("", Ratio.of(1, 2)),
                                Ratio.of(3),
                                Set.of(),
                                true,
                                Risk.READY,
                                Diet.VEGAN,
                                Ratio.of(2)),
                        new OwnFood(
                                "samphire",
                                List.of("sea beans"),
                                Shelf.SPICE,
                                Map.of("", Ratio.of(1, 3)),
                                Ratio.of(5),
                                Set.of(Allergen.MILK),
                                false,
                                Risk.RAW_FISH,
                                Diet.NONE,
                                Ratio.of(4)),
                        food));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void oneFieldIsChangedAndNoOther(Record a, Record b, BiFunction<Record, Consumer<Object>, Record> but)
            throws ReflectiveOperationException {
        assertThat(but.apply(a, d -> {})).isEqualTo(a);
        for (var part : a.getClass().getRecordComponents()) {
            var name = part.getName();
            if (name.equals("id")) continue;
            var other = part.getAccessor().invoke(b);
            var changed = but.apply(a, d -> put(d, name, other));
            for (var each : a.getClass().getRecordComponents())
                assertThat(each.getAccessor().invoke(changed))
                        .as("%s after a change of %s", each.getName(), name)
                        .isEqualTo(each.getAccessor().invoke(each.getName().equals(name) ? b : a));
        }
    }

    private static void put(Object draft, String name, Object value) {
        try {
            Field field = draft.getClass().getField(name);
            field.set(draft, value);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }
}
