package wovenset.core.ink;

import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** What covers a surface. */
public sealed interface Paint {
    /** The one colour that stands for it where only one can be shown. */
    Rgb colour();

    <T extends @Nullable Object> T accept(Visitor<T> visitor);

    /** One answer for each kind. */
    interface Visitor<T extends @Nullable Object> {
        T solid(Solid solid);

        T gradient(Gradient gradient);

        T texture(Texture texture);
    }

    /** One colour. */
    record Solid(Rgb colour) implements Paint {
        @Override
        public <T extends @Nullable Object> T accept(Visitor<T> visitor) {
            return visitor.solid(this);
        }
    }

    /**
     * One colour that goes over into another along a straight line across the surface's box.
     *
     * @param to where it ends
     * @param towardsDegrees whither: 0 upwards, clockwise, -180 to 180
     */
    record Gradient(Rgb colour, Rgb to, double towardsDegrees) implements Paint {
        public Gradient {
            Checks.that(towardsDegrees >= -180 && towardsDegrees <= 180, Reason.TURN);
        }

        @Override
        public <T extends @Nullable Object> T accept(Visitor<T> visitor) {
            return visitor.gradient(this);
        }
    }

    /**
     * A paper, cloth or board of two colours, made by computation.
     *
     * @param second the colour of its threads, fibres or grain
     * @param grain how fine it is: the width of a thread or fibre, 0.1 to 20 mm
     * @param strength how much of the second colour there is, 0 to 1
     */
    record Texture(Material material, Rgb colour, Rgb second, Length grain, double strength) implements Paint {
        public static final Length FINEST = Length.ofMm(0.1);
        public static final Length COARSEST = Length.ofMm(20);

        public Texture {
            boolean within = grain.compareTo(FINEST) >= 0 && grain.compareTo(COARSEST) <= 0;
            Checks.that(within, Reason.TEXTURE_GRAIN);
            Checks.that(strength >= 0 && strength <= 1, Reason.SHADOW_STRENGTH);
        }

        @Override
        public <T extends @Nullable Object> T accept(Visitor<T> visitor) {
            return visitor.texture(this);
        }

        /** What it is made of. */
        public enum Material {
            /** Threads over and under each other. */
            LINEN,
            /** Fine ribs, crossed by chain lines, as paper from a mould has them. */
            LAID,
            /** Brown wrapping: long fibres and flecks. */
            KRAFT,
            /** Split stone. */
            SLATE,
            /** Water colour that ran and dried. */
            WASH,
            /** Long grain, as of a planed board. */
            WOOD,
            /** Short fibres in a mat. */
            FELT
        }
    }
}
