package webodidact.desktop.view;

import webodidact.core.lesson.Cover;
import webodidact.desktop.words.Words;

/** What each way to cover a wait is called. */
public final class CoverWords {
    private CoverWords() {}

    /** "carryOn": part of keys and node ids. */
    public static String name(Cover cover) {
        return switch (cover) {
            case Cover.Stay _ -> "stay";
            case Cover.CarryOn _ -> "carryOn";
            case Cover.Cut _ -> "cut";
            case Cover.ReadyCopy _ -> "copy";
            case Cover.SpeedUp _ -> "speed";
            case Cover.Elsewhere _ -> "elsewhere";
        };
    }

    public static String title(Cover cover) {
        return Words.of("cover." + name(cover));
    }
}
