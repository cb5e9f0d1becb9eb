package wovenset.core.output;

/** A file that cannot be made as asked; the message says why and what could be. */
public final class MakeRefusedException extends RuntimeException {
    public MakeRefusedException(String reason) {
        super(reason);
    }
}
