package wovenset.server.stored;

/** A document that cannot be read: damaged, or of a later version; it says which. Nothing is changed. */
public final class UnreadableDocumentException extends RuntimeException {
    UnreadableDocumentException(String message, Throwable cause) {
        super(message, cause);
    }

    UnreadableDocumentException(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return String.valueOf(super.getMessage());
    }
}
