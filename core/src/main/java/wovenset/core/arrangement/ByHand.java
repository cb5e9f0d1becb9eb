package wovenset.core.arrangement;

/** No arrangement: every frame has a place of its own. The margins still show where frames may be lined up. */
public record ByHand(Margins margins) implements Arrangement {
    @Override
    public int slots() {
        return 0;
    }

    @Override
    public ByHand withMargins(Margins newMargins) {
        return new ByHand(newMargins);
    }

    @Override
    public boolean mayBeVacant() {
        return true;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.byHand(this);
    }
}
