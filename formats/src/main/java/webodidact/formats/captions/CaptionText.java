package webodidact.formats.captions;

import java.util.Locale;
import webodidact.core.publish.Captions;
import webodidact.core.publish.Chapters;

/** Captions and chapters as players read them: WebVTT (W3C) and SubRip. */
public final class CaptionText {
    private CaptionText() {}

    public static String vtt(Captions captions) {
        var out = new StringBuilder("WEBVTT\n");
        for (var cue : captions.cues())
            out.append('\n')
                    .append(time(cue.from(), '.'))
                    .append(" --> ")
                    .append(time(cue.to(), '.'))
                    .append('\n')
                    .append(escaped(String.join("\n", cue.lines())))
                    .append('\n');
        return out.toString();
    }

    /** Lines end as its readers expect, with carriage return and line feed. */
    public static String srt(Captions captions) {
        var out = new StringBuilder();
        int n = 0;
        for (var cue : captions.cues())
            out.append(++n)
                    .append("\r\n")
                    .append(time(cue.from(), ','))
                    .append(" --> ")
                    .append(time(cue.to(), ','))
                    .append("\r\n")
                    // SubRip knows no escapes: what would be taken for a tag or a time loses its sign.
                    .append(String.join("\r\n", cue.lines())
                            .replace("-->", "→")
                            .replace('<', '‹')
                            .replace('>', '›'))
                    .append("\r\n\r\n");
        return out.toString();
    }

    public static String vtt(Chapters chapters) {
        var out = new StringBuilder("WEBVTT\n");
        int n = 0;
        for (var chapter : chapters.all()) {
            if (chapter.end() <= chapter.start()) continue;
            out.append("\n")
                    .append(++n)
                    .append('\n')
                    .append(time(chapter.start() * 1000, '.'))
                    .append(" --> ")
                    .append(time(chapter.end() * 1000, '.'))
                    .append('\n')
                    .append(escaped(flat(chapter.title())))
                    .append('\n');
        }
        return out.toString();
    }

    /** "4:05 Potatoes on", one line a chapter, hours only where there are any. */
    public static String plain(Chapters chapters) {
        boolean hours = chapters.all().stream().anyMatch(c -> c.start() >= 3600);
        var out = new StringBuilder();
        for (var chapter : chapters.all()) {
            int s = chapter.start();
            out.append(
                            hours
                                    ? String.format(Locale.ROOT, "%d:%02d:%02d", s / 3600, s / 60 % 60, s % 60)
                                    : String.format(Locale.ROOT, "%d:%02d", s / 60, s % 60))
                    .append(' ')
                    .append(flat(chapter.title()))
                    .append('\n');
        }
        return out.toString();
    }

    private static String flat(String text) {
        return text.strip().replaceAll("\\s+", " ");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    /** "00:04:05.120". */
    private static String time(int ms, char point) {
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d%c%03d",
                ms / 3_600_000,
                ms / 60_000 % 60,
                ms / 1000 % 60,
                point,
                ms % 1000);
    }
}
