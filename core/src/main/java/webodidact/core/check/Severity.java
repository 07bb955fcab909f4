package webodidact.core.check;

/** A stop blocks papers and air until mended or covered with a reason; a look does not. */
public enum Severity {
    STOP,
    LOOK
}
