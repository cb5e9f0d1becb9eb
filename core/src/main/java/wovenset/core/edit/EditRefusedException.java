package wovenset.core.edit;

import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** An edit that cannot be made: which of its fields stands in the way, and what would be accepted. */
public final class EditRefusedException extends RuntimeException {
    private final String field;
    private final transient Said said;

    public EditRefusedException(String field, Said said) {
        super(said.toString());
        this.field = field;
        this.said = said;
    }

    public static EditRefusedException of(String field, Reason reason, Object... args) {
        return new EditRefusedException(field, Said.of(reason, args));
    }

    public String field() {
        return field;
    }

    public Said said() {
        return said;
    }
}
