package wovenset.core.style;

import wovenset.core.ink.Paint;
import wovenset.core.measure.Length;
import wovenset.core.style.effect.Effect;

/** One property in which something differs from the style that it links to. */
public sealed interface StyleDifference {
    /** Names the property; of each there is one difference at most. */
    String property();

    /** The style with this difference. */
    FrameStyle in(FrameStyle style);

    /** @param band counted from 0 */
    record BandWidth(int band, Length width) implements StyleDifference {
        @Override
        public String property() {
            return "bandWidth " + band;
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withBand(band, one -> one.withWidth(width));
        }
    }

    /** @param band counted from 0 */
    record BandPaint(int band, Paint paint) implements StyleDifference {
        @Override
        public String property() {
            return "bandPaint " + band;
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withBand(band, one -> one.withPaint(paint));
        }
    }

    /** @param band counted from 0 */
    record BandSide(int band, Band.Side side) implements StyleDifference {
        @Override
        public String property() {
            return "bandSide " + band;
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withBand(band, one -> one.withSide(side));
        }
    }

    /** @param band counted from 0 */
    record BandBevel(int band, Length bevel) implements StyleDifference {
        @Override
        public String property() {
            return "bandBevel " + band;
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withBand(band, one -> one.withBevel(bevel));
        }
    }

    /** Of the frame's edge. */
    record CornersCut(Corners corners) implements StyleDifference {
        @Override
        public String property() {
            return "corners";
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withCorners(corners);
        }
    }

    /** How much higher the outermost band is below. */
    record FootHeight(Length foot) implements StyleDifference {
        @Override
        public String property() {
            return "foot";
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withFoot(foot);
        }
    }

    /** One effect, in the place of the style's own of its kind; turned down to nothing for none. */
    record OtherEffect(Effect effect) implements StyleDifference {
        @Override
        public String property() {
            return effect.kind();
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.with(effect);
        }
    }
}
