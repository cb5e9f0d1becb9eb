package wovenset.core.piece;

/** No arrangement: every frame has a place of its own. The margins still show where frames may be lined up. */
public record Free(Margins margins) implements Arrangement {
    @Override
    public int places() {
        return 0;
    }

    @Override
    public Free withMargins(Margins newMargins) {
        return new Free(newMargins);
    }
}
