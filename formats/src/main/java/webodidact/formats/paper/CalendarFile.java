package webodidact.formats.paper;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import webodidact.core.bench.Job;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;
import webodidact.formats.calendar.LessonCalendar;

/** When the papers are to be sent, what is done before air, and air itself, with alarms. */
final class CalendarFile implements FilePaper {
    /** Days before air by which homes have to have their list, to shop. */
    private static final int SEND = 3;

    private static final int ALARM = 10;

    @Override
    public String id() {
        return "calendar";
    }

    @Override
    public List<String> endings() {
        return List.of("ics");
    }

    @Override
    public String written(Edition edition, String ending) {
        var lesson = edition.lesson();
        var outcome = edition.outcome();
        var events = new ArrayList<LessonCalendar.Event>();
        var air = lesson.air();
        if (air != null) {
            var send = send(edition, air);
            events.add(new LessonCalendar.Event(
                    lesson.id() + "-send",
                    Words.say("calendar.send", lesson.title()),
                    Words.say("calendar.send.why"),
                    send,
                    send.plusMinutes(15),
                    0));
            jobs(edition, air, events);
            for (var lead : edition.answers().leads())
                events.add(new LessonCalendar.Event(
                        lesson.id() + "-lead-" + lead.line() + "-" + lead.beforeAir(),
                        Words.say("calendar.lead", lead.item(), lead.what()),
                        Clock.spell(lead.seconds()),
                        lead.start(),
                        lead.start().plusMinutes(10),
                        0));
            events.add(new LessonCalendar.Event(
                    lesson.id() + "-air",
                    Words.say("calendar.air", lesson.title()),
                    outcome.course().title(),
                    air,
                    air.plusSeconds(lesson.slot()),
                    ALARM));
        }
        var stamp = (air == null ? LocalDateTime.of(2026, 1, 1, 0, 0) : air).toInstant(ZoneOffset.UTC);
        return LessonCalendar.write(
                Words.say("calendar.name", lesson.title(), outcome.course().title()), events, stamp);
    }

    /** As the station has planned them, or worked back by one pair of hands. */
    private static void jobs(Edition edition, LocalDateTime air, List<LessonCalendar.Event> events) {
        var plan = Prepared.of(edition.answers(), () -> false).plan();
        plan.ifPresent(p -> {
            for (var job : p.jobs()) {
                var task = job.task();
                if (task.kind() == Task.Kind.AIR) continue;
                boolean first = job.start() == p.start() || task.kind() == Task.Kind.HEAT;
                var what = job.who().isEmpty() ? task.what() : Words.say("calendar.who", task.what(), job.who());
                events.add(event(
                        edition, air, task.id().replace('/', '-'), what, task.why(), job.start(), task.takes(), first));
            }
        });
        if (plan.isPresent()) return;
        int n = 0;
        for (var job : edition.outcome().bench().toDo())
            events.add(event(
                    edition,
                    air,
                    "job-" + ++n,
                    job.title(),
                    job.why(),
                    job.span().start(),
                    job.span().length(),
                    n == 1 || job.type() == Job.Type.HEAT));
    }

    private static LessonCalendar.Event event(
            Edition edition, LocalDateTime air, String id, String what, String why, int at, int takes, boolean alarm) {
        return new LessonCalendar.Event(
                edition.lesson().id() + "-" + id,
                what,
                Words.say("calendar.about", why, Clock.text(takes)),
                air.plusSeconds(at),
                air.plusSeconds(at + takes),
                alarm ? ALARM : -1);
    }

    /** Three days before, in the morning; earlier where something is begun at home before that. */
    private static LocalDateTime send(Edition edition, LocalDateTime air) {
        var send = air.toLocalDate().minusDays(SEND).atTime(9, 0);
        return edition.answers().leads().stream()
                .map(l -> l.start().toLocalDate().minusDays(1).atTime(9, 0))
                .filter(send::isAfter)
                .min(LocalDateTime::compareTo)
                .orElse(send);
    }
}
