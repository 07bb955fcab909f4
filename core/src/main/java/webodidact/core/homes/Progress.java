package webodidact.core.homes;

/** Told how far long work is, and asked whether to go on. Called from the thread that works. */
public interface Progress {
    Progress NONE = share -> true;

    /**
     * @param share done, 0 to 1000
     * @return false to stop
     */
    boolean reached(int share);
}
