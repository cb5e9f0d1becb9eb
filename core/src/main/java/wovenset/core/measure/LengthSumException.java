package wovenset.core.measure;

/** A text that is not a length: why, and at which character (counted from 0) reading stopped. */
public final class LengthSumException extends RuntimeException {
    private final int position;

    LengthSumException(String reason, int position) {
        super(reason);
        this.position = position;
    }

    public int position() {
        return position;
    }
}
