package wovenset.core.decode.answer;

import wovenset.core.said.Reason;

/** A file that a child could not read, and why. */
public final class UnreadableException extends RuntimeException {
    private final Reason reason;

    public UnreadableException(Reason reason) {
        super(reason.code());
        this.reason = reason;
    }

    public UnreadableException(Reason reason, Throwable cause) {
        super(reason.code(), cause);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
