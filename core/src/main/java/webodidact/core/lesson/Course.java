package webodidact.core.lesson;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.OwnFood;
import webodidact.core.money.Price;
import webodidact.core.safety.Profile;

/**
 * What all lessons of a course share.
 *
 * @param pace the instructor's own words a minute by segment, from takes; empty until there are any
 * @param profile the region whose safety figures and allergen list are shown
 * @param currency the sign before a price, "£"
 * @param prices what packs cost where she shops
 * @param foods foods of the course's own, and changes to shipped ones
 * @param carry seconds on air to carry a ready copy in, 0 to 600; 0 in a file is the usual 5
 * @param patterns steps of the instructor's own to start from; one with a shipped name replaces it
 */
public record Course(
        String title,
        String instructor,
        Kitchen kitchen,
        MeasureSystem house,
        Map<Segment, Integer> pace,
        Profile profile,
        String currency,
        List<Price> prices,
        List<OwnFood> foods,
        int carry,
        List<StepPattern> patterns) {
    /** Seconds on air to carry a ready copy in. */
    public static final int CARRY = 5;

    public Course {
        title = title == null || title.isBlank() ? Words.OURS.say("course") : title;
        instructor = instructor == null ? "" : instructor;
        kitchen = kitchen == null ? Kitchen.USUAL : kitchen;
        house = house == null ? MeasureSystem.METRIC : house;
        var own = new EnumMap<Segment, Integer>(Segment.class);
        if (pace != null) own.putAll(pace);
        own.forEach((segment, words) -> {
            if (words < 40 || words > 260) throw new IllegalArgumentException(Words.OURS.say("wrong.course", words));
        });
        pace = Collections.unmodifiableMap(own);
        profile = profile == null ? Profile.UK : profile;
        currency = currency == null ? "" : currency;
        prices = prices == null ? List.of() : List.copyOf(prices);
        foods = foods == null ? List.of() : List.copyOf(foods);
        carry = carry <= 0 ? CARRY : Math.min(carry, 600);
        patterns = patterns == null ? List.of() : List.copyOf(patterns);
    }

    public static Course named(String title) {
        return new Course(
                title,
                "",
                Kitchen.USUAL,
                MeasureSystem.METRIC,
                Map.of(),
                Profile.UK,
                "",
                List.of(),
                List.of(),
                CARRY,
                List.of());
    }

    public Course withPace(Map<Segment, Integer> own) {
        return but(d -> d.pace = own);
    }

    public Course withKitchen(Kitchen other) {
        return but(d -> d.kitchen = other);
    }

    public Course withHouse(MeasureSystem other) {
        return but(d -> d.house = other);
    }

    public Course titled(String other) {
        return but(d -> d.title = other);
    }

    public Course but(Consumer<Draft> change) {
        var d = new Draft(this);
        change.accept(d);
        return new Course(
                d.title,
                d.instructor,
                d.kitchen,
                d.house,
                d.pace,
                d.profile,
                d.currency,
                d.prices,
                d.foods,
                d.carry,
                d.patterns);
    }

    /** The fields of a course while it is changed; lives only inside {@link Course#but}. */
    public static final class Draft {
        public String title;
        public String instructor;
        public Kitchen kitchen;
        public MeasureSystem house;
        public Map<Segment, Integer> pace;
        public Profile profile;
        public String currency;
        public List<Price> prices;
        public List<OwnFood> foods;
        public int carry;
        public List<StepPattern> patterns;

        private Draft(Course c) {
            title = c.title;
            instructor = c.instructor;
            kitchen = c.kitchen;
            house = c.house;
            pace = c.pace;
            profile = c.profile;
            currency = c.currency;
            prices = c.prices;
            foods = c.foods;
            carry = c.carry;
            patterns = c.patterns;
        }
    }
}
