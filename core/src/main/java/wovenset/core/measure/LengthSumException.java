package wovenset.core.measure;

import wovenset.core.said.Said;

/** A text that is not a length: why, and at which character (counted from 0) reading stopped. */
public final class LengthSumException extends RuntimeException {
    private final transient Said said;
    private final int position;

    LengthSumException(Said said, int position) {
        super(said.toString());
        this.said = said;
        this.position = position;
    }

    public Said said() {
        return said;
    }

    public int position() {
        return position;
    }
}
