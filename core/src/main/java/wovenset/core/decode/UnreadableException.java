package wovenset.core.decode;

import wovenset.core.said.Reason;

/** A file that a child could not read, and why. */
public final class UnreadableException extends RuntimeException {
    private final Reason reason;

    UnreadableException(Reason reason) {
        super(reason.code());
        this.reason = reason;
    }

    UnreadableException(Reason reason, Throwable cause) {
        super(reason.code(), cause);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
