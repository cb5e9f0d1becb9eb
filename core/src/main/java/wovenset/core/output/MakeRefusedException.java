package wovenset.core.output;

import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** A file that cannot be made as asked: why, and what could be. */
public final class MakeRefusedException extends RuntimeException {
    private final transient Said said;

    public MakeRefusedException(Reason reason, Object... args) {
        super(Said.of(reason, args).toString());
        this.said = Said.of(reason, args);
    }

    public Said said() {
        return said;
    }
}
