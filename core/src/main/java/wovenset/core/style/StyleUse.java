package wovenset.core.style;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A link to a style, and the single properties that differ from it.
 *
 * @param differences at most one for each property
 */
public record StyleUse(UUID style, List<StyleDifference> differences) {
    public StyleUse {
        differences = List.copyOf(differences);
        long properties =
                differences.stream().map(StyleDifference::property).distinct().count();
        Checks.that(properties == differences.size(), Reason.DIFFERENCES_MEET);
    }

    public static StyleUse of(UUID style) {
        return new StyleUse(style, List.of());
    }

    /** Of a style, with nothing of its bands, corners and effects that shows. */
    public static StyleUse bare(FrameStyle style) {
        List<StyleDifference> differences = new ArrayList<>();
        for (int i = 0; i < style.bands().size(); i++) {
            differences.add(new StyleDifference.BandWidth(i, Length.ZERO));
        }
        differences.add(new StyleDifference.CornersCut(Corners.SQUARE));
        differences.add(new StyleDifference.FootHeight(Length.ZERO));
        style.effects().forEach(effect -> differences.add(new StyleDifference.OtherEffect(effect.turnedDown())));
        return new StyleUse(style.id(), differences);
    }

    /** The look that comes of it. */
    public FrameStyle in(StyleSheet sheet) {
        FrameStyle style = sheet.frame(this.style);
        for (StyleDifference difference : differences) {
            style = difference.in(style);
        }
        return style;
    }

    /** With this difference, in the place of one of the same property. */
    public StyleUse with(StyleDifference difference) {
        List<StyleDifference> changed = new ArrayList<>(without(difference.property()).differences);
        changed.add(difference);
        return new StyleUse(style, changed);
    }

    /** As the style has it. */
    public StyleUse without(String property) {
        return new StyleUse(
                style,
                differences.stream()
                        .filter(one -> !one.property().equals(property))
                        .toList());
    }
}
