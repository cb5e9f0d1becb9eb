package wovenset.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.effect.Effect;

/**
 * How frames look that link to it.
 *
 * @param bands from the frame's edge away: the inner ones inwards, the outer ones outwards; 1 to {@value #MOST_BANDS}
 * @param corners of the frame's edge, which bands follow
 * @param foot by how much the outermost band is higher below, to write on; zero for none
 * @param effects of each kind one at most
 */
public record FrameStyle(UUID id, String name, List<Band> bands, Corners corners, Length foot, List<Effect> effects) {
    public static final int MOST_BANDS = 8;
    public static final int LONGEST_NAME = 60;
    public static final Length HIGHEST_FOOT = Length.ofMm(200);

    public FrameStyle {
        bands = List.copyOf(bands);
        effects = List.copyOf(effects);
        Checks.that(!bands.isEmpty() && bands.size() <= MOST_BANDS, Reason.BAND_COUNT, MOST_BANDS);
        Checks.that(!foot.isNegative() && foot.compareTo(HIGHEST_FOOT) <= 0, Reason.FOOT_HEIGHT);
        long kinds = effects.stream().map(Effect::kind).distinct().count();
        Checks.that(kinds == effects.size(), Reason.EFFECTS_MEET);
        Checks.name(name, LONGEST_NAME, Reason.STYLE_NAME);
    }

    /** A band of no width and nothing else. */
    public static FrameStyle plain(UUID id, String name) {
        Band none = Band.of(Length.ZERO, Rgb.INK, Band.Side.INSIDE);
        return new FrameStyle(id, name, List.of(none), Corners.SQUARE, Length.ZERO, List.of());
    }

    /** The width of all bands on one side of the edge. */
    public Length width(Band.Side side) {
        return new Length(bands.stream()
                .filter(band -> band.side() == side)
                .mapToLong(band -> band.width().micrometres())
                .sum());
    }

    /** The effect of this kind, if anything of it shows. */
    public <E extends Effect> Optional<E> effect(Class<E> kind) {
        return effects.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .filter(effect -> !effect.isNone())
                .findFirst();
    }

    /** The same look under another identity. */
    public FrameStyle as(UUID newId, String newName) {
        return new FrameStyle(newId, newName, bands, corners, foot, effects);
    }

    public FrameStyle withName(String newName) {
        return as(id, newName);
    }

    public FrameStyle withBands(List<Band> newBands) {
        return new FrameStyle(id, name, newBands, corners, foot, effects);
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

    public FrameStyle withCorners(Corners newCorners) {
        return new FrameStyle(id, name, bands, newCorners, foot, effects);
    }

    public FrameStyle withFoot(Length height) {
        return new FrameStyle(id, name, bands, corners, height, effects);
    }

    /** With this effect in the place of the one of its kind. */
    public FrameStyle with(Effect effect) {
        List<Effect> changed = new ArrayList<>(effects);
        changed.removeIf(other -> other.kind().equals(effect.kind()));
        changed.add(effect);
        return new FrameStyle(id, name, bands, corners, foot, changed);
    }
}
