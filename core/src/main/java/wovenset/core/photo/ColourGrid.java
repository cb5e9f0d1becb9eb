package wovenset.core.photo;

/** Colours in CIELAB in a grid, row by row. */
public final class ColourGrid {
    private final int columns;
    private final int rows;
    private final float[] values;

    /** @param values lightness, green to red and blue to yellow of each; kept, not copied */
    public ColourGrid(int columns, int rows, float[] values) {
        if (values.length != 3 * columns * rows) {
            throw new IllegalArgumentException("Not three values for each colour");
        }
        this.columns = columns;
        this.rows = rows;
        this.values = values;
    }

    public int columns() {
        return columns;
    }

    public int rows() {
        return rows;
    }

    /** @param channel 0 lightness, 1 green to red, 2 blue to yellow */
    public float value(int column, int row, int channel) {
        return values[3 * (row * columns + column) + channel];
    }
}
