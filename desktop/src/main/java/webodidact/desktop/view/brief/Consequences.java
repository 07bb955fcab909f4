package webodidact.desktop.view.brief;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.Optional;
import javafx.scene.layout.VBox;
import webodidact.core.amount.AmountText;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Who;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.Prepared;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;
import webodidact.core.words.SpokenWords;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.PrepWatch;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** What the answers mean, worked out for the lesson as it is. */
final class Consequences extends VBox {
    Consequences() {
        super(14);
        getStyleClass().add("side-body");
        setId("consequences");
    }

    /** @param prep whose plan says when the day begins, as soon as it has one */
    void show(Workspace workspace, PrepWatch prep) {
        getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        var lesson = outcome.lesson();
        getChildren().add(Nodes.label(Words.of("brief.means"), "overline"));
        time(
                outcome,
                first(outcome, prep),
                prep.prepared() != null && prep.prepared().plan().isPresent());
        pace(outcome, lesson);
        who(outcome, lesson);
        delivery(outcome, lesson);
        scale(outcome, lesson);
        safety(outcome, lesson);
    }

    private void block(String title, String figure, String... lines) {
        var box = Nodes.styled(
                new VBox(3, Nodes.label(title, "overline"), Nodes.wrapped(figure, "figure")), "consequence");
        for (var line : lines) if (!line.isBlank()) box.getChildren().add(Nodes.wrapped(line, "body"));
        getChildren().add(box);
    }

    /** Nothing fits while steps have no time. */
    private static String fits(Schedule schedule) {
        if (schedule.over() > 0) return Words.of("brief.timeOver", Clock.text(-schedule.inHand()));
        if (!schedule.isComplete())
            return Words.count("brief.timeOpen", schedule.untimed().size());
        return schedule.inHand() >= 0
                ? Words.of("brief.timeIn", Clock.text(schedule.inHand()))
                : Words.of("brief.timeWithin", Clock.text(-schedule.inHand()));
    }

    private static int first(Outcome outcome, PrepWatch prep) {
        return Optional.ofNullable(prep.prepared())
                .flatMap(Prepared::start)
                .orElse(outcome.bench().firstStart());
    }

    private void time(Outcome outcome, int second, boolean planned) {
        var schedule = outcome.schedule();
        var first = outcome.lesson().air() == null
                ? Words.of("clock.before", -second / 60)
                : outcome.lesson()
                        .air()
                        .plusSeconds(second)
                        .toLocalTime()
                        .withSecond(0)
                        .toString();
        block(
                Words.of("brief.timeTitle"),
                fits(schedule),
                Words.of(
                        "brief.timeText",
                        Clock.text(schedule.planned()),
                        schedule.total().text(),
                        Clock.text(schedule.slot())),
                Words.of(planned ? "brief.timeFirst" : "brief.timeFirstAbout", first));
    }

    private void pace(Outcome outcome, Lesson lesson) {
        var pace = outcome.pace();
        int words = Branches.onAir(lesson).steps().stream()
                .mapToInt(s -> SpokenWords.count(s.say()))
                .sum();
        boolean own = !pace.own().isEmpty();
        var tooLong = new ArrayList<String>();
        for (Placed p : outcome.schedule().steps()) {
            if (p.hands().isZero() && p.talk() > lesson.audience().longestTalk())
                tooLong.add(p.number() + " (" + Clock.text(p.talk()) + ")");
        }
        block(
                Words.of("brief.paceTitle"),
                Words.of("brief.pace", pace.wordsPerMinute(Segment.RUN_THROUGH)),
                Words.of(
                        "brief.paceText",
                        pace.wordsPerMinute(Segment.TO_CAMERA),
                        pace.wordsPerMinute(Segment.CUTTING),
                        words),
                Words.of(own ? "brief.paceOwn" : "brief.paceDefault"),
                tooLong.isEmpty()
                        ? Words.of(
                                "brief.talkFine", Clock.text(lesson.audience().longestTalk()))
                        : Words.of(
                                "brief.talkLong",
                                String.join(", ", tooLong),
                                Clock.text(lesson.audience().longestTalk())));
    }

    private void who(Outcome outcome, Lesson lesson) {
        long adult = lesson.steps().stream().filter(s -> s.who() == Who.ADULT).count();
        var alone = outcome.schedule().steps().stream()
                .filter(p -> p.step().place().isHot()
                        && p.step().who() == Who.LEARNER
                        && lesson.audience().needsAdult())
                .map(p -> String.valueOf(p.number()))
                .toList();
        block(
                Words.of("brief.whoTitle"),
                lesson.audience().title(),
                lesson.audience().blades(),
                lesson.audience().heat(),
                adult == 0 ? "" : Words.count("brief.adultSteps", adult),
                alone.isEmpty() ? "" : Words.of("brief.hotAlone", String.join(", ", alone)),
                Words.of("brief.rules"));
    }

    private void delivery(Outcome outcome, Lesson lesson) {
        var kind = lesson.delivery();
        int hands = outcome.schedule().steps().stream()
                .filter(p -> p.step().who() != Who.PRESENTER)
                .mapToInt(p -> p.hands().likely())
                .sum();
        var theirs = lesson.audience().handsFactor().times(hands).nearest();
        block(
                Words.of("brief.deliveryTitle"),
                kind.title(),
                Words.of(kind.isLive() ? "brief.live" : "brief.recorded"),
                kind.homesCookAlong()
                        ? Words.of(
                                "brief.homesPace",
                                AmountText.number(lesson.audience().handsFactor()),
                                Clock.text(hands),
                                Clock.text((int) theirs))
                        : "",
                Words.of("brief.kitchenTime", Clock.text(outcome.schedule().kitchen())));
    }

    /** The figures that this lesson's foods need, in the region's own scale. */
    private void safety(Outcome outcome, Lesson lesson) {
        var profile = outcome.course().profile();
        var cores = new LinkedHashSet<String>();
        for (var line : lesson.foods()) {
            var food = outcome.knowledge().food(line.cooked()).orElse(null);
            if (food != null && profile.core(food.risk()) > 0)
                cores.add(Words.of("brief.core", line.item(), profile.degrees(profile.core(food.risk()))));
        }
        block(
                Words.of("brief.safetyTitle"),
                profile.title(),
                String.join(" ", cores),
                Words.of("brief.safetyText", profile.degrees(profile.fridge()), profile.degrees(profile.hotHolding())),
                Words.of("brief.rules"));
    }

    private void scale(Outcome outcome, Lesson lesson) {
        var factor = outcome.gather().factor();
        block(
                Words.of("brief.scaleTitle"),
                Words.of(
                        "brief.scale",
                        AmountText.number(lesson.makes().count().times(factor)),
                        lesson.makes().what(),
                        lesson.homeOf()),
                Words.of("brief.scaleText", AmountText.number(factor)));
    }
}
