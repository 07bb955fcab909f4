package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.AmountText;
import webodidact.core.publish.Chapters;
import webodidact.formats.captions.CaptionText;

/** The text that stands beneath a published lesson: what it makes, the list, what it contains, the chapters. */
final class DescriptionFile implements FilePaper {
    @Override
    public String id() {
        return "description";
    }

    @Override
    public List<String> endings() {
        return List.of("txt");
    }

    @Override
    public String written(Edition edition, String ending) {
        var outcome = edition.outcome();
        var lesson = outcome.lesson();
        var out = new ArrayList<String>();
        out.add(Words.say("about.title", lesson.title(), outcome.course().title()));
        var count =
                AmountText.number(lesson.makes().count().times(outcome.gather().factor()));
        out.add(Words.say("about.makes", count, lesson.makes().what(), lesson.homeOf()));
        out.add("");
        out.add(Words.say("about.need"));
        for (var entry : edition.answers().gather().entries()) {
            out.add("- " + entry.told());
        }
        if (!lesson.tools().isEmpty()) {
            out.add("");
            out.add(Words.say(
                    "about.kit", lesson.tools().stream().map(t -> t.name()).toList()));
        }
        out.add("");
        out.add(GatherPaper.contains(edition));
        out.add(Words.say("page.labels"));
        if (lesson.audience().needsAdult()) out.add(Words.say("page.adult"));
        out.add("");
        out.add(Words.say("about.chapters"));
        out.add(CaptionText.plain(Chapters.of(edition.times(), outcome.schedule()))
                .stripTrailing());
        out.add("");
        out.add(Words.say("page.local"));
        return String.join("\n", out) + "\n";
    }
}
