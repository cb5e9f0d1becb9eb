package wovenset.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How frames look that link to it.
 *
 * @param bands from the frame's edge away: the inner ones inwards, the outer ones outwards; 1 to {@value #MOST_BANDS}
 * @param cornerRadius of the frame's edge; corners of bands are concentric with it
 * @param shadow of the print with its bands
 */
public record FrameStyle(UUID id, String name, List<Band> bands, Length cornerRadius, Shadow shadow) {
    public static final int MOST_BANDS = 8;
    public static final int LONGEST_NAME = 60;

    public FrameStyle {
        bands = List.copyOf(bands);
        Checks.that(!bands.isEmpty() && bands.size() <= MOST_BANDS, Reason.BAND_COUNT, MOST_BANDS);
        Checks.that(!cornerRadius.isNegative() && cornerRadius.compareTo(Length.LIMIT) <= 0, Reason.CORNER_RADIUS);
        boolean named = !name.isBlank()
                && name.codePointCount(0, name.length()) <= LONGEST_NAME
                && name.codePoints().noneMatch(Character::isISOControl);
        Checks.that(named, Reason.STYLE_NAME, LONGEST_NAME);
    }

    /** The width of all bands on one side of the edge. */
    public Length width(Band.Side side) {
        return new Length(bands.stream()
                .filter(band -> band.side() == side)
                .mapToLong(band -> band.width().micrometres())
                .sum());
    }

    public FrameStyle withName(String newName) {
        return new FrameStyle(id, newName, bands, cornerRadius, shadow);
    }

    public FrameStyle withBands(List<Band> newBands) {
        return new FrameStyle(id, name, newBands, cornerRadius, shadow);
    }

    /** Another band in one's place; as it is if there is no such band. */
    public FrameStyle withBand(int index, UnaryOperator<Band> change) {
        if (index >= bands.size()) {
            return this;
        }
        List<Band> changed = new ArrayList<>(bands);
        changed.set(index, change.apply(bands.get(index)));
        return withBands(changed);
    }

    public FrameStyle withCornerRadius(Length radius) {
        return new FrameStyle(id, name, bands, radius, shadow);
    }

    public FrameStyle withShadow(Shadow newShadow) {
        return new FrameStyle(id, name, bands, cornerRadius, newShadow);
    }
}
