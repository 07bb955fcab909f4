package webodidact.bench.chaos;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.regex.Pattern;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.csv.HouseholdTable;
import webodidact.formats.csv.HouseholdsCsv;
import webodidact.formats.csv.TakesCsv;
import webodidact.formats.demo.DemoCourse;
import webodidact.formats.json.JsonFile;

/** Damaged files through their readers: refused or warned in words, or read, and then written and read back equal and worked out. */
public final class FilesChaos {
    private static final List<String> PIECES = List.of(
            "null",
            "-1",
            "0",
            "99999999999",
            "1e400",
            "\"\"",
            "[]",
            "{}",
            "true",
            "\"1/0\"",
            "\"9999999999999999999 g\"",
            "\"120:00:00\"",
            "\"99999:59:59\"",
            "\ud83d\ude00",
            "\u0000",
            ",",
            ";",
            "\t",
            "\"",
            "{",
            "}",
            "[",
            "]",
            "\"uses\" : [ { } ]",
            "\"heat\" : { \"low\" : 180, \"high\" : 180 }",
            "\"hold\" : 2147483647",
            "\"format\" : 1,",
            "\"id\" : \"x\",",
            "=cmd()",
            "\u00e9",
            "\r\n",
            "\n",
            "a,b,c,d,e,f");

    private FilesChaos() {}

    public static List<String> run(long seed, int files, Tally tally) throws IOException {
        var faults = new ArrayList<String>();
        var names = DemoCourse.FILES;
        var whole = new ArrayList<byte[]>();
        for (var name : names) whole.add(DemoCourse.content(name));
        // The first of its kind loads half the program; that is no file's fault.
        for (int i = 0; i < names.size(); i++) read(names.get(i), whole.get(i), new Tally());
        for (int i = 0; i < files && faults.size() < 20; i++) {
            var random = new SplittableRandom(seed + i);
            int which = random.nextInt(names.size());
            var damaged = damaged(whole.get(which), random);
            long start = System.nanoTime();
            try {
                read(names.get(which), damaged, tally);
            } catch (RuntimeException | Error e) {
                faults.add(names.get(which) + ", seed " + (seed + i) + ": " + Tally.line(e));
            }
            long millis = (System.nanoTime() - start) / 1_000_000;
            tally.most("slowest ms", millis);
            if (millis > 2000) faults.add(names.get(which) + ", seed " + (seed + i) + ": took " + millis + " ms");
        }
        return faults;
    }

    static byte[] damaged(byte[] whole, SplittableRandom random) {
        var now = whole;
        int blows = 1 + random.nextInt(4);
        for (int i = 0; i < blows; i++) now = blow(now, random);
        return now;
    }

    private static byte[] blow(byte[] whole, SplittableRandom random) {
        int at = random.nextInt(whole.length + 1);
        int length = Math.min(whole.length - at, random.nextInt(3) == 0 ? random.nextInt(2000) : random.nextInt(12));
        var out = new ByteArrayOutputStream(whole.length + 64);
        switch (random.nextInt(7)) {
            case 0 -> out.write(whole, 0, at);
            case 1 -> {
                out.write(whole, 0, at);
                out.write(whole, at + length, whole.length - at - length);
            }
            case 2 -> {
                out.write(whole, 0, at);
                out.write(whole, at, length);
                out.write(whole, at, whole.length - at);
            }
            case 3 -> {
                out.writeBytes(whole);
                var bytes = out.toByteArray();
                for (int i = at; i < at + length; i++) bytes[i] = (byte) random.nextInt(256);
                return bytes;
            }
            case 4 -> out.writeBytes(token(whole, random));
            default -> {
                var piece = random.nextBoolean() ? PIECES.get(random.nextInt(PIECES.size())) : AnyText.of(random, 3);
                out.write(whole, 0, at);
                out.writeBytes(piece.getBytes(StandardCharsets.UTF_8));
                int from = at + (random.nextBoolean() ? length : 0);
                out.write(whole, from, whole.length - from);
            }
        }
        return out.toByteArray();
    }

    /** One value of the file replaced by another: what is still well formed goes deepest. */
    private static byte[] token(byte[] whole, SplittableRandom random) {
        var text = new String(whole, StandardCharsets.UTF_8);
        var found = Pattern.compile("(?<=: )(\"[^\"]*\"|\\d+|true|false|\\[ \\]|null)|(?<=,)[^,\\n]*(?=,)")
                .matcher(text)
                .results()
                .toList();
        if (found.isEmpty()) return whole;
        var one = found.get(random.nextInt(found.size()));
        var by = switch (random.nextInt(4)) {
            case 0 -> found.get(random.nextInt(found.size())).group();
            case 1 -> String.valueOf(random.nextInt(4) == 0 ? random.nextLong() : random.nextInt(100_000));
            case 2 -> "\"" + AnyText.of(random, 3).replace("\\", "").replace("\"", "") + "\"";
            default -> PIECES.get(random.nextInt(PIECES.size()));
        };
        return (text.substring(0, one.start()) + by + text.substring(one.end())).getBytes(StandardCharsets.UTF_8);
    }

    private static void read(String name, byte[] content, Tally tally) {
        var known = Knowledge.shipped();
        if (name.equals("course.json")) {
            if (value(JsonFile.readCourse(name, content), tally) instanceof Course c)
                same(c, JsonFile.readCourse(name, JsonFile.write(c)));
        } else if (name.endsWith(".lesson.json")) {
            if (value(JsonFile.readLesson(name, "any", content), tally) instanceof Lesson l) {
                same(l, JsonFile.readLesson(name, "any", JsonFile.write(l)));
                var outcome = Outcome.of(l, Course.named("Any"), known);
                if (!outcome.unworked().isEmpty()) throw new AssertionError("not worked out: " + outcome.unworked());
            }
        } else if (name.equals("takes.csv")) {
            List<Take> takes = value(TakesCsv.read(name, content), tally);
            if (takes != null) same(takes, TakesCsv.read(name, TakesCsv.write(takes)));
        } else {
            List<Household> homes = value(HouseholdsCsv.read(name, content, known), tally);
            if (homes != null && !homes.isEmpty())
                same(homes, HouseholdsCsv.read(name, HouseholdsCsv.write(homes), known));
            HouseholdTable table = value(HouseholdTable.open(name, content), tally);
            if (table != null) value(table.read(table.guess(), known), tally);
        }
    }

    private static <T> T value(Read<T> read, Tally tally) {
        switch (read) {
            case Read.Done<T>(var value, var warnings) -> {
                for (var warning : warnings) words(warning.message());
                tally.add(warnings.isEmpty() ? "read" : "read in part", 1);
                return value;
            }
            case Read.Refused<T>(var why) -> {
                words(why.message());
                tally.add("refused", 1);
                return null;
            }
        }
    }

    private static void words(String text) {
        var fault = Messages.fault(text);
        if (!fault.isEmpty()) throw new AssertionError(fault);
    }

    private static <T> void same(T written, Read<T> read) {
        if (!(read instanceof Read.Done<T>(var value, var _)))
            throw new AssertionError("refused what was written: "
                    + ((Read.Refused<T>) read).why().text());
        if (!value.equals(written))
            throw new AssertionError("came back changed: " + RecordsChaos.difference(written, value));
    }
}
