package webodidact.formats.paper;

import java.util.List;
import webodidact.core.publish.Chapters;
import webodidact.formats.captions.CaptionText;

/** Where each thing begins, for players and for a description. */
final class ChaptersFile implements FilePaper {
    @Override
    public String id() {
        return "chapters";
    }

    @Override
    public List<String> endings() {
        return List.of("txt", "vtt");
    }

    @Override
    public String written(Edition edition, String ending) {
        var chapters = Chapters.of(edition.times(), edition.outcome().schedule());
        return ending.equals("vtt") ? CaptionText.vtt(chapters) : CaptionText.plain(chapters);
    }
}
