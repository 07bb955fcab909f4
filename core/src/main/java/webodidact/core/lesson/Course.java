package webodidact.core.lesson;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import webodidact.core.amount.MeasureSystem;

/**
 * What all lessons of a course share.
 *
 * @param pace the instructor's own words a minute by segment, from takes; empty until there are any
 */
public record Course(String title, String instructor, Kitchen kitchen, MeasureSystem house, Map<Segment, Integer> pace) {
    public Course {
        title = title == null || title.isBlank() ? "My course" : title;
        instructor = instructor == null ? "" : instructor;
        kitchen = kitchen == null ? Kitchen.USUAL : kitchen;
        house = house == null ? MeasureSystem.METRIC : house;
        var own = new EnumMap<Segment, Integer>(Segment.class);
        if (pace != null) own.putAll(pace);
        own.forEach((segment, words) -> {
            if (words < 40 || words > 260) throw new IllegalArgumentException("Pace '" + words + "': expected 40 to 260 words a minute");
        });
        pace = Collections.unmodifiableMap(own);
    }

    public static Course named(String title) {
        return new Course(title, "", Kitchen.USUAL, MeasureSystem.METRIC, Map.of());
    }

    public Course withPace(Map<Segment, Integer> own) {
        return new Course(title, instructor, kitchen, house, own);
    }

    public Course withKitchen(Kitchen other) {
        return new Course(title, instructor, other, house, pace);
    }

    public Course withHouse(MeasureSystem other) {
        return new Course(title, instructor, kitchen, other, pace);
    }

    public Course titled(String other) {
        return new Course(other, instructor, kitchen, house, pace);
    }
}
