package wovenset.core.arrange.wall;

import java.util.Optional;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;

/**
 * Pictures of one size, side by side. The set takes up to {@link #TAKEN} of the room on the wall, as wide and as high as that allows; sides
 * are whole steps of 5 mm, or of a quarter inch.
 *
 * @param width of each picture
 * @param gap between them
 */
public record WallSet(Length width, Length height, int parts, Length gap) {
    /** As a rule of hanging, a set fills two thirds of what is below it and of the height that is free. */
    public static final double TAKEN = 2 / 3.0;

    private static final Length STEP = Length.ofMm(5);
    private static final Length INCH_STEP = Length.ofMicrometres(6350);

    /**
     * What there is to hang it on.
     *
     * @param width of the wall, or of what stands before it
     * @param height that is free
     */
    public record Wall(Length width, Length height, LengthUnit unit) {
        private double widthMm() {
            return width.mm() * TAKEN;
        }

        private double heightMm() {
            return height.mm() * TAKEN;
        }
    }

    /** From the outer edge of the first to that of the last. */
    public Length span() {
        return width.times(parts).plus(gap.times(parts - 1));
    }

    /**
     * Pictures whose width is so many times their height.
     *
     * @return nothing if there is no room for them
     */
    public static Optional<WallSet> each(Wall wall, int parts, Length gap, double proportion) {
        double width = (wall.widthMm() - gap.mm() * (parts - 1)) / parts;
        double height = Math.min(wall.heightMm(), width / proportion);
        return of(wall, height * proportion, height, parts, gap);
    }

    /**
     * The parts of one picture that is whole on them.
     *
     * @param proportion of the picture
     * @param bridged whether it goes on beyond a gap as it ended before it; else what lies in the gap is left out
     */
    public static Optional<WallSet> parts(Wall wall, int parts, Length gap, boolean bridged, double proportion) {
        double gaps = gap.mm() * (parts - 1);
        double most = bridged ? (wall.widthMm() - gaps) / proportion : wall.widthMm() / proportion;
        double height = Math.min(wall.heightMm(), most);
        double picture = height * proportion - (bridged ? 0 : gaps);
        return of(wall, picture / parts, height, parts, gap);
    }

    private static Optional<WallSet> of(Wall wall, double widthMm, double heightMm, int parts, Length gap) {
        Length step = wall.unit() == LengthUnit.IN ? INCH_STEP : STEP;
        Length width = stepped(widthMm, step);
        Length height = stepped(heightMm, step);
        boolean fits = width.compareTo(Format.SMALLEST) >= 0 && height.compareTo(Format.SMALLEST) >= 0;
        return fits ? Optional.of(new WallSet(width, height, parts, gap)) : Optional.empty();
    }

    private static Length stepped(double mm, Length step) {
        return step.times((int) Math.floor(mm / step.mm() + 1e-6));
    }
}
