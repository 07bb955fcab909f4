package webodidact.formats.calendar;

import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VAlarm;
import biweekly.component.VEvent;
import biweekly.io.text.ICalWriter;
import biweekly.parameter.Related;
import biweekly.property.Trigger;
import biweekly.util.Duration;
import biweekly.util.ICalDate;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;

/** Appointments as iCalendar (RFC 5545), on the clock of wherever they are read: a lesson at 17:30 is at 17:30. */
public final class LessonCalendar {
    private static final ZoneId HERE = ZoneId.systemDefault();

    /**
     * @param id stable, so that a second export replaces the first
     * @param minutes of the alarm before its start, or -1 for none
     */
    public record Event(String id, String title, String about, LocalDateTime start, LocalDateTime end, int minutes) {}

    private LessonCalendar() {}

    /** @param stamp when it was written, the same for the same lesson: no machine's clock is told */
    public static String write(String name, List<Event> events, Instant stamp) {
        var calendar = new ICalendar();
        calendar.setProductId("-//Webodidact//EN");
        calendar.setName(name);
        calendar.getTimezoneInfo().setGlobalFloatingTime(true);
        for (var event : events) calendar.addEvent(entry(event, stamp));
        var out = new StringWriter();
        try (var writer = new ICalWriter(out, ICalVersion.V2_0)) {
            writer.write(calendar);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static VEvent entry(Event event, Instant stamp) {
        var entry = new VEvent();
        entry.setUid(event.id() + "@webodidact");
        entry.setSummary(event.title());
        if (!event.about().isBlank()) entry.setDescription(event.about());
        entry.setDateStart(date(event.start()));
        entry.setDateEnd(date(event.end()));
        entry.setDateTimeStamp(Date.from(stamp));
        if (event.minutes() >= 0) {
            var before = Duration.builder().prior(true).minutes(event.minutes()).build();
            entry.addAlarm(VAlarm.display(new Trigger(before, Related.START), event.title()));
        }
        return entry;
    }

    private static ICalDate date(LocalDateTime at) {
        return new ICalDate(Date.from(at.atZone(HERE).toInstant()), true);
    }
}
