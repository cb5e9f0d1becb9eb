package wovenset.core.output;

/** Told how far a make has come, and asked whether to go on. */
public interface MakeProgress {
    /** @param share done, 0 to 1, never less than before */
    void done(double share, String doing);

    /** Asked between pages and between strips. */
    boolean cancelled();

    /** @throws MakeCancelledException if the make is to stop */
    default void checkpoint() {
        if (cancelled()) {
            throw new MakeCancelledException();
        }
    }

    /** The person no longer wants the file. */
    final class MakeCancelledException extends RuntimeException {}
}
