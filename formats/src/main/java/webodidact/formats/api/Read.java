package webodidact.formats.api;

import java.util.List;

/** What reading gave: a value, perhaps with warnings, or a refusal with its reason. */
public sealed interface Read<T> {
    record Done<T>(T value, List<Warning> warnings) implements Read<T> {
        public Done {
            warnings = List.copyOf(warnings);
        }
    }

    record Refused<T>(Warning why) implements Read<T> {}
}
