package webodidact.formats.paper;

import java.util.List;
import webodidact.core.publish.Captions;
import webodidact.formats.captions.CaptionText;

/** The spoken words as captions. */
final class CaptionsFile implements FilePaper {
    @Override
    public String id() {
        return "captions";
    }

    @Override
    public List<String> endings() {
        return List.of("vtt", "srt");
    }

    @Override
    public String written(Edition edition, String ending) {
        var captions = Captions.of(edition.times());
        return ending.equals("srt") ? CaptionText.srt(captions) : CaptionText.vtt(captions);
    }
}
