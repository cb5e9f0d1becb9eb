package wovenset.server.piece;

/** An edit was made on a piece that has changed since. */
final class StaleRevisionException extends RuntimeException {
    private final long current;

    StaleRevisionException(long current) {
        super("This piece was changed in another window. It has been brought up to date; make the change again.");
        this.current = current;
    }

    long current() {
        return current;
    }
}
