package wovenset.server.web;

/** Something that is not, or no longer, here. */
public final class NotFoundException extends RuntimeException {
    public NotFoundException(String message) {
        super(message);
    }
}
