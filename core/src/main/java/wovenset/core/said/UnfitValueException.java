package wovenset.core.said;

/** A value that no piece can hold, found where it was made; what stands behind it is said to the person who gave it. */
public final class UnfitValueException extends IllegalArgumentException {
    private final transient Said said;

    public UnfitValueException(Said said) {
        super(said.toString());
        this.said = said;
    }

    public Said said() {
        return said;
    }
}
