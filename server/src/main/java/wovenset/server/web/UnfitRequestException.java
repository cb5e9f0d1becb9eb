package wovenset.server.web;

/** A request that asks for what cannot be; its message is for whoever sends it. */
public final class UnfitRequestException extends RuntimeException {
    public UnfitRequestException(String message) {
        super(message);
    }
}
