package webodidact.formats.paper;

import java.util.List;
import webodidact.core.publish.CameraList;
import webodidact.core.time.Clock;

/** Camera by camera what it looks at, and when. */
final class CameraPaper extends GridPaper {
    CameraPaper() {
        super("camera-list", PaperGroup.HELPERS);
    }

    @Override
    String intro(Edition edition) {
        var list = CameraList.of(edition.outcome().schedule());
        return Words.say("camera.intro", list.cameras().size(), list.moves());
    }

    @Override
    List<Table> tables(Edition edition) {
        return CameraList.of(edition.outcome().schedule()).cameras().stream()
                .map(c -> new Table(
                        Words.say("camera.one", c.name(), Clock.text(c.seconds())),
                        List.of(
                                Head.number(Words.say("order.at"), "16mm"),
                                Head.number(Words.say("order.lasts"), "16mm"),
                                Head.of(Words.say("camera.sees"))),
                        c.shots().stream()
                                .map(s -> new Row(
                                        "",
                                        List.of(
                                                Cell.number(Clock.text(s.at())),
                                                Cell.number(Clock.text(s.length())),
                                                Cell.text(s.number() + "  " + s.title(), List.of(s.sees())))))
                                .toList()))
                .toList();
    }
}
