package wovenset.core.style;

import wovenset.core.measure.Length;

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
    record BandColour(int band, Rgb colour) implements StyleDifference {
        @Override
        public String property() {
            return "bandColour " + band;
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withBand(band, one -> one.withColour(colour));
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

    /** Of the frame's edge. */
    record CornerRadius(Length radius) implements StyleDifference {
        @Override
        public String property() {
            return "cornerRadius";
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withCornerRadius(radius);
        }
    }

    /** Of the print with its bands. */
    record ShadowCast(Shadow shadow) implements StyleDifference {
        @Override
        public String property() {
            return "shadow";
        }

        @Override
        public FrameStyle in(FrameStyle style) {
            return style.withShadow(shadow);
        }
    }
}
