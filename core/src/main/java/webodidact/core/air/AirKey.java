package webodidact.core.air;

import webodidact.core.words.Plain;

/** What can be done to a run, each with one key. */
public enum AirKey {
    NEXT,
    BACK,
    HOLD,
    MARK,
    TIMER,
    COLLECT,
    SKIP_TO,
    LEAVE_OUT,
    TRIM,
    STRETCH,
    ROLL,
    REDO,
    ASK,
    ANSWER,
    /** Takes the key before it back. */
    UNDO,
    /** The run is over, or was ended. */
    END;

    private static final char APART = ' ';

    /** @param what the step or timer it is about, with seconds after a space where it needs them; or words */
    AirRun on(AirRun run, String what) {
        return switch (this) {
            case NEXT -> run.next();
            case BACK -> run.back();
            case HOLD -> run.toggleHold();
            case MARK -> run.mark(Plain.line(what));
            case TIMER -> run.startTimer();
            case COLLECT -> run.collect(what);
            case SKIP_TO -> run.skipTo(what);
            case LEAVE_OUT -> run.leaveOut(what);
            case TRIM -> run.trim(step(what), seconds(what));
            case STRETCH -> run.stretch(step(what), seconds(what));
            case ROLL -> run.roll();
            case REDO -> run.redo(what);
            case ASK -> run.asking(Plain.line(what));
            case ANSWER -> run.answering(what);
            case UNDO, END -> run;
        };
    }

    /** What a key that needs seconds is told. */
    public static String with(String step, int seconds) {
        return step + APART + seconds;
    }

    private static String step(String what) {
        int at = what.lastIndexOf(APART);
        return at < 0 ? what : what.substring(0, at);
    }

    private static int seconds(String what) {
        var figure = what.substring(what.lastIndexOf(APART) + 1);
        return figure.matches("\\d{1,6}") ? Integer.parseInt(figure) : 0;
    }
}
