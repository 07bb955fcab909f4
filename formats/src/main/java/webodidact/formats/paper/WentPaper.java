package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import webodidact.core.publish.HowItWent;

/** What learners write down after the lesson, and the slip that comes back to the instructor. */
final class WentPaper implements PagePaper {
    private static final Template PAGE = new Template("went.html");
    /** Lines to write on beneath each question. */
    private static final int LINES = 2;

    @Override
    public String id() {
        return "how-it-went";
    }

    @Override
    public PaperGroup group() {
        return PaperGroup.HOMES;
    }

    @Override
    public boolean isList() {
        return true;
    }

    @Override
    public String written(Edition edition, Medium medium) {
        var went = HowItWent.of(edition.answers().question());
        var asked = new ArrayList<Map<String, Object>>();
        for (var key : List.of("worked", "failed", "learned", "change"))
            asked.add(asked(Words.say("went." + key), "", LINES));
        for (var question : went.questions()) asked.add(asked(question, "", 1));
        var gaps = new HashMap<String, Object>();
        gaps.put("skills", went.skills().isEmpty() ? "" : Words.say("went.skills", went.skills()));
        gaps.put("asked", asked);
        gaps.put("task", went.task());
        gaps.put("slip", went.by() == null ? Words.say("slip.soon") : Words.say("slip.by", PaperText.day(went.by())));
        var evidence = new ArrayList<String>();
        evidence.add(Words.say("slip.picture"));
        evidence.add(Words.say("slip.made", edition.lesson().makes().what()));
        if (!went.task().isEmpty()) evidence.add(Words.say("slip.task"));
        gaps.put("evidence", evidence);
        return PAGE.fill(edition, this, medium, gaps);
    }

    private static Map<String, Object> asked(String title, String lead, int lines) {
        return Map.of(
                "title",
                title,
                "lead",
                lead,
                "lines",
                IntStream.range(0, lines).boxed().toList());
    }
}
