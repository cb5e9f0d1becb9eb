package wovenset.core.edit;

/** An edit that cannot be made: which of its fields stands in the way, and what would be accepted. */
public final class EditRefusedException extends RuntimeException {
    private final String field;

    public EditRefusedException(String field, String reason) {
        super(reason);
        this.field = field;
    }

    public String field() {
        return field;
    }
}
