package wovenset.core.said;

/** Checks that values make of themselves. */
public final class Checks {
    private Checks() {}

    /** @throws UnfitValueException with this reason unless the condition holds */
    public static void that(boolean holds, Reason reason, Object... args) {
        if (!holds) {
            throw new UnfitValueException(Said.of(reason, args));
        }
    }
}
