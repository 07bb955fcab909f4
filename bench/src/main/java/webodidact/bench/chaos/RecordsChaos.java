package webodidact.bench.chaos;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.SplittableRandom;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.csv.HouseholdsCsv;
import webodidact.formats.csv.TakesCsv;
import webodidact.formats.json.JsonFile;

/** Every record that is accepted reads back equal from its file, and what follows from a lesson is worked out without a fault. */
public final class RecordsChaos {
    private RecordsChaos() {}

    /** @return one line a fault, with the seed that shows it again; empty if there is none */
    public static List<String> run(long seed, int records, Tally tally) {
        var faults = new ArrayList<String>();
        for (int i = 0; i < records && faults.size() < 20; i++) {
            long mine = seed + i;
            try {
                one(mine, tally);
            } catch (RuntimeException | Error e) {
                faults.add("seed " + mine + ": " + Tally.line(e));
            }
        }
        return faults;
    }

    static void one(long seed, Tally tally) {
        var any = new AnyRecord(new SplittableRandom(seed));
        switch ((int) Math.floorMod(seed, 6)) {
            case 0 ->
                any.of(Course.class)
                        .ifPresent(c -> same(c, JsonFile.readCourse("course.json", JsonFile.write(c)), tally));
            case 1 ->
                any.of(Household.class)
                        .ifPresent(h -> same(
                                List.of(h),
                                HouseholdsCsv.read(
                                        "households.csv", HouseholdsCsv.write(List.of(h)), Knowledge.shipped()),
                                tally));
            case 2 ->
                any.of(Take.class)
                        .ifPresent(
                                t -> same(List.of(t), TakesCsv.read("takes.csv", TakesCsv.write(List.of(t))), tally));
            default ->
                any.of(Lesson.class)
                        .ifPresent(l ->
                                lesson(l, any.of(Course.class).orElse(Course.named("Any")), seed % 10 == 0, tally));
        }
        tally.add("refused parts", any.refused());
    }

    private static void lesson(Lesson lesson, Course course, boolean planned, Tally tally) {
        try {
            new Workbook(course, List.of(lesson), List.of(), List.of());
        } catch (IllegalArgumentException e) {
            tally.add("lessons out of bounds", 1);
            return;
        }
        same(lesson, JsonFile.readLesson("any" + ".lesson.json", lesson.id(), JsonFile.write(lesson)), tally);
        var outcome = Outcome.of(lesson, course, Knowledge.of(course.foods()));
        if (!outcome.unworked().isEmpty()) throw new AssertionError("not worked out: " + outcome.unworked());
        Figures.workOut(outcome, planned);
        tally.add("outcomes worked out", 1);
    }

    /** The deepest part in which they differ. */
    static String difference(Object a, Object b) {
        if (a instanceof Record x && b instanceof Record y && x.getClass() == y.getClass()) {
            for (var part : x.getClass().getRecordComponents()) {
                try {
                    part.getAccessor().setAccessible(true);
                    var left = part.getAccessor().invoke(x);
                    var right = part.getAccessor().invoke(y);
                    if (!Objects.equals(left, right)) return part.getName() + " " + difference(left, right);
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException("Bug: " + part, e);
                }
            }
        }
        if (a instanceof List<?> x && b instanceof List<?> y && x.size() == y.size()) {
            for (int i = 0; i < x.size(); i++)
                if (!x.get(i).equals(y.get(i))) return i + " " + difference(x.get(i), y.get(i));
        }
        return "'" + a + "' became '" + b + "'";
    }

    private static <T> void same(T written, Read<T> read, Tally tally) {
        switch (read) {
            case Read.Done<T>(var value, var warnings) -> {
                if (warnings.stream().anyMatch(w -> !w.code().equals("unknown-name")))
                    throw new AssertionError("warned: " + warnings.getFirst().text());
                if (!value.equals(written))
                    throw new AssertionError("came back changed: " + difference(written, value));
            }
            case Read.Refused<T>(var why) -> throw new AssertionError("refused: " + why.text());
        }
        tally.add("records read back equal", 1);
    }
}
