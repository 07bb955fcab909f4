package webodidact.formats.paper;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import webodidact.core.bench.Job;
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
            int n = 0;
            for (var job : outcome.bench().toDo())
                events.add(new LessonCalendar.Event(
                        lesson.id() + "-job-" + ++n + "-" + job.type().name(),
                        job.title(),
                        about(job),
                        air.plusSeconds(job.span().start()),
                        air.plusSeconds(job.span().end()),
                        job == outcome.bench().jobs().getFirst() || job.type() == Job.Type.HEAT ? ALARM : -1));
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

    private static String about(Job job) {
        return Words.say("calendar.about", job.why(), Clock.text(job.span().length()));
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
