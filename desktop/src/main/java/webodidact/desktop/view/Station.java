package webodidact.desktop.view;

import java.util.function.Function;

/**
 * One of the eight places where the work is done.
 *
 * @param id stable: "larder"; its words are {@code station.<id>} and {@code station.<id>.sub}
 * @param open builds its screen for a desk
 */
public record Station(String id, Function<Desk, Screen> open) {}
