package webodidact.formats.air;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import webodidact.core.air.AirEvent;
import webodidact.core.air.AirKey;
import webodidact.core.air.AirPlan;
import webodidact.core.lesson.Filmed;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.TakeKind;
import webodidact.core.timing.Pace;
import webodidact.core.timing.Planner;
import webodidact.formats.api.Read;
import webodidact.formats.json.JsonFile;

/**
 * {@code on-air.jsonl} in the course's folder: the run that is on air, or was last. The first line says what it began with, the lesson as
 * it was then included; each line after it is a key, with its second since air and the time of day. A line is with the system before the
 * key has an effect, so that a desk that is killed goes on where it was.
 */
public final class AirJournal implements AutoCloseable {
    public static final String FILE = "on-air.jsonl";
    private static final int FORMAT = 1;
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final StandardOpenOption[] FRESH = {
        StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING
    };

    /**
     * What a run began with.
     *
     * @param take id of the take it becomes
     */
    public record Head(String take, Instant air, AirPlan plan) {}

    /**
     * A run as its file tells it.
     *
     * @param last time of day of its last key
     */
    public record Kept(Head head, List<AirEvent> events, Instant last) {
        public Kept {
            events = List.copyOf(events);
        }

        public boolean isOver() {
            var held = AirEvent.held(events);
            return !held.isEmpty() && held.getLast().key() == AirKey.END;
        }

        /** Second since air at that time of day: food has gone on since the last key. */
        public int second(Instant now) {
            int known = events.isEmpty() ? 0 : events.getLast().at();
            return known + (int) Math.clamp(now.getEpochSecond() - last.getEpochSecond(), 0, 24 * 3600);
        }
    }

    private final FileChannel file;

    private AirJournal(FileChannel file) {
        this.file = file;
    }

    /** Begins a run's file, in place of the one before. */
    public static AirJournal begin(Path folder, Head head) throws IOException {
        var journal = new AirJournal(FileChannel.open(folder.resolve(FILE), FRESH));
        journal.append(head(head));
        journal.force();
        return journal;
    }

    /** Goes on with the file of a run that was cut off; a line that was half written is closed. */
    public static AirJournal goOn(Path folder) throws IOException {
        var channel = FileChannel.open(folder.resolve(FILE), StandardOpenOption.READ, StandardOpenOption.WRITE);
        var journal = new AirJournal(channel);
        var last = ByteBuffer.allocate(1);
        boolean whole = channel.size() == 0 || channel.read(last, channel.size() - 1) == 1 && last.get(0) == '\n';
        channel.position(channel.size());
        if (!whole) channel.write(ByteBuffer.wrap(new byte[] {'\n'}));
        return journal;
    }

    /** With the operating system once this returns: a killed process loses nothing. {@link #force} outlasts a power cut. */
    public void add(AirEvent event, Instant now) throws IOException {
        var line = JSON.createObjectNode();
        line.put("at", event.at());
        line.put("time", now.toString());
        line.put("key", event.key().name().toLowerCase(Locale.ROOT));
        if (!event.what().isEmpty()) line.put("what", event.what());
        append(line);
    }

    /** Takes a disk's time: not on the interface thread. */
    public void force() throws IOException {
        file.force(false);
    }

    private void append(JsonNode line) throws IOException {
        var bytes = ByteBuffer.wrap((line.toString() + "\n").getBytes(StandardCharsets.UTF_8));
        while (bytes.hasRemaining()) file.write(bytes);
    }

    private static ObjectNode head(Head head) throws IOException {
        var plan = head.plan();
        var line = JSON.createObjectNode();
        line.put("format", FORMAT);
        line.put("take", head.take());
        line.put("air", head.air().toString());
        line.put("kind", plan.kind().name().toLowerCase(Locale.ROOT));
        line.put("ovenHeats", plan.ovenHeats());
        line.put("carry", plan.pace().carry());
        line.put("id", plan.lesson().id());
        var pace = line.putObject("pace");
        plan.pace().own().forEach((segment, words) -> pace.put(segment.name().toLowerCase(Locale.ROOT), words));
        var findings = line.putObject("findings");
        plan.filmed().forEach((step, filmed) -> {
            if (filmed.findings().isEmpty()) return;
            var codes = findings.putArray(step);
            filmed.findings().forEach(codes::add);
        });
        line.set("lesson", JSON.readTree(JsonFile.write(plan.lesson())));
        return line;
    }

    /** Empty if there is none, or none that can be read: then there is nothing to go on with. */
    public static Optional<Kept> read(Path folder) {
        var path = folder.resolve(FILE);
        if (!Files.isRegularFile(path)) return Optional.empty();
        try {
            return read(new String(Files.readAllBytes(path), StandardCharsets.UTF_8).split("\n", -1));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Optional<Kept> read(String[] lines) {
        Head head;
        try {
            head = head(JSON.readTree(lines[0]));
        } catch (JsonProcessingException | IllegalArgumentException | DateTimeException e) {
            return Optional.empty();
        }
        var events = new ArrayList<AirEvent>();
        var last = head.air();
        for (int i = 1; i < lines.length; i++) {
            try {
                var line = JSON.readTree(lines[i]);
                var key = AirKey.valueOf(line.path("key").asText().toUpperCase(Locale.ROOT));
                last = Instant.parse(line.path("time").asText());
                events.add(new AirEvent(
                        line.path("at").asInt(), key, line.path("what").asText("")));
            } catch (JsonProcessingException | IllegalArgumentException | DateTimeException e) {
                // Half a line is what a power cut leaves: the key before it counts.
            }
        }
        return Optional.of(new Kept(head, events, last));
    }

    private static Head head(JsonNode line) throws JsonProcessingException {
        if (line.path("format").asInt() != FORMAT) throw new IllegalArgumentException("another format");
        var id = line.path("id").asText();
        var text = JSON.writeValueAsBytes(line.path("lesson"));
        if (!(JsonFile.readLesson(FILE, id, text) instanceof Read.Done<Lesson>(var lesson, var _)))
            throw new IllegalArgumentException("no lesson");
        Map<Segment, Integer> own = new EnumMap<>(Segment.class);
        line.path("pace")
                .properties()
                .forEach(e -> own.put(
                        Segment.valueOf(e.getKey().toUpperCase(Locale.ROOT)),
                        e.getValue().asInt()));
        var pace = new Pace(lesson.audience(), own).carrying(line.path("carry").asInt());
        var kind = TakeKind.valueOf(line.path("kind").asText().toUpperCase(Locale.ROOT));
        var plan = new AirPlan(
                lesson,
                Planner.plan(lesson, pace),
                pace,
                Math.clamp(line.path("ovenHeats").asInt(), 60, 3600),
                kind,
                filmed(lesson, line.path("findings")));
        return new Head(
                line.path("take").asText(), Instant.parse(line.path("air").asText()), plan);
    }

    private static Map<String, Filmed> filmed(Lesson lesson, JsonNode findings) {
        var all = new HashMap<String, Filmed>();
        for (var step : lesson.steps()) {
            var codes = new ArrayList<String>();
            findings.path(step.id()).forEach(c -> codes.add(c.asText()));
            all.put(step.id(), new Filmed(Filmed.of(step), codes));
        }
        return all;
    }

    /** The run is put away. */
    public static void putAway(Path folder) throws IOException {
        Files.deleteIfExists(folder.resolve(FILE));
    }

    @Override
    public void close() throws IOException {
        file.close();
    }
}
