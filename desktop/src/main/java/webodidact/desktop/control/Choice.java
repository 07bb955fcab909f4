package webodidact.desktop.control;

import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

/** A choice among a few values, each shown by its title. */
public final class Choice {
    private Choice() {}

    @SafeVarargs
    public static <T> ComboBox<T> of(
            String id, String name, T[] values, Function<T, String> title, Consumer<T>... chosen) {
        var box = new ComboBox<T>();
        box.getItems().setAll(values);
        box.setId(id);
        box.setAccessibleText(name);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : title.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException("Bug: a choice is not typed");
            }
        });
        for (var listener : chosen) {
            box.setOnAction(e -> {
                if (box.getValue() != null) listener.accept(box.getValue());
            });
        }
        return box;
    }
}
