package webodidact.formats.paper;

import java.util.List;
import webodidact.core.publish.LoadingList;
import webodidact.core.time.Clock;

/** What is carried to where the lesson is given, box by box; what is cold with the time by which it must be cold again. */
final class LoadingPaper extends ListPaper {
    LoadingPaper() {
        super("loading-list", PaperGroup.HELPERS);
    }

    @Override
    String intro(Edition edition) {
        var profile = edition.outcome().course().profile();
        return Words.say("load.intro", profile.degrees(profile.fridge()));
    }

    @Override
    List<Section> sections(Edition edition) {
        var answers = edition.answers();
        return LoadingList.of(
                        answers.question(),
                        answers.shoot(),
                        answers.kit(),
                        edition.outcome().schedule())
                .crates()
                .entrySet()
                .stream()
                .map(e -> new Section(
                        e.getKey().title(),
                        e.getKey().isCold() ? Words.say("load.cold") : "",
                        e.getValue().stream().map(LoadingPaper::row).toList()))
                .toList();
    }

    private static Row row(LoadingList.Item item) {
        var soft = item.out() < 0
                ? ""
                : item.outAt() == null
                        ? Words.say("load.out", Clock.text(item.out()))
                        : Words.say("load.outAt", PaperText.clock(item.outAt()), PaperText.clock(item.backBy()));
        return new Row(item.take(), item.what(), soft, "");
    }

    @Override
    String notice(Edition edition) {
        return Words.say("load.notice");
    }
}
