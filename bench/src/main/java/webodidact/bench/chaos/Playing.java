package webodidact.bench.chaos;

import java.nio.file.Path;
import java.time.Instant;
import java.util.SplittableRandom;
import webodidact.core.air.AirEvent;
import webodidact.core.air.AirKey;
import webodidact.core.air.AirPlan;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.TakeKind;
import webodidact.core.outcome.Outcome;
import webodidact.formats.air.AirJournal;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;

/** A process that is there to be killed: a desk on air that journals key after key, telling the number of each once it has an effect. */
public final class Playing {
    /** Keys that leave the run going; each mark carries its number. */
    private static final AirKey[] KEYS = {AirKey.MARK, AirKey.NEXT, AirKey.HOLD, AirKey.BACK, AirKey.TIMER, AirKey.ASK};

    private Playing() {}

    public static void main(String[] args) throws Exception {
        var folder = Path.of(args[0]);
        var random = new SplittableRandom(Long.parseLong(args[1]));
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
        var lesson = book.lesson(Writing.LESSON).orElseThrow();
        var plan = AirPlan.of(Outcome.of(Question.of(lesson, book.course(), Knowledge.shipped())), TakeKind.LIVE);
        var journal = AirJournal.begin(folder, new AirJournal.Head("t", Instant.now(), plan));
        System.out.println("ready");
        for (int n = 1; ; n++) {
            var key = KEYS[random.nextInt(KEYS.length)];
            journal.add(new AirEvent(n, key, String.valueOf(n)), Instant.now());
            System.out.println(n);
            if (random.nextInt(4) == 0) Thread.sleep(random.nextInt(20));
        }
    }
}
