package webodidact.core.solver;

import com.google.ortools.Loader;

/** The native code of the constraint solver, which not every machine runs. */
public final class OrTools {
    private static final class Native {
        private static final boolean THERE = load();

        private static boolean load() {
            try {
                Loader.loadNativeLibraries();
                return true;
            } catch (RuntimeException | LinkageError e) {
                return false;
            }
        }
    }

    private OrTools() {}

    /** Whether its native code runs on this machine. The first call takes up to two seconds: not on the interface thread. */
    public static boolean isThere() {
        return Native.THERE;
    }

    /** @throws IllegalStateException where its native code does not run; ask {@link #isThere()} first */
    public static void require() {
        if (!isThere()) throw new IllegalStateException("The constraint solver does not run on this machine");
    }
}
