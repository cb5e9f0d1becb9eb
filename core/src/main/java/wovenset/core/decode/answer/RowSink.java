package wovenset.core.decode.answer;

/** Takes a picture's pixels as they are decoded. */
public interface RowSink {
    /** Called once, before any row. */
    void begin(Raw raw);

    /** The next rows, whole ones. */
    void rows(byte[] pixels, int length);
}
