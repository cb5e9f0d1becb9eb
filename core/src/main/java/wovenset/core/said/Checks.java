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

    /** @throws UnfitValueException with this reason unless it is a line of 1 to that many characters */
    public static void name(String name, int longest, Reason reason) {
        boolean fits = !name.isBlank()
                && name.codePointCount(0, name.length()) <= longest
                && name.codePoints().noneMatch(Character::isISOControl);
        that(fits, reason, longest);
    }
}
