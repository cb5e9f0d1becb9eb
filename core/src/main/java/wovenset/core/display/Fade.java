package wovenset.core.display;

import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;

/** How what is drawn fades away. */
public sealed interface Fade {
    <T> T accept(Visitor<T> visitor);

    /** One answer for each kind. */
    interface Visitor<T> {
        T softShape(SoftShape soft);

        T downwards(Downwards down);

        T along(Along along);

        T around(Around around);
    }

    /** Solid within the shape; a Gaussian with a third of the softness as its σ takes the place of the edge. */
    record SoftShape(ShapeMm shape, double softMm) implements Fade {
        /** The Gaussian's σ. */
        public double sigmaMm() {
            return softMm / 3;
        }

        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.softShape(this);
        }
    }

    /** Solid up to the line through the first point, gone beyond the one through the second; both lie across the way between them. */
    record Along(double fromX, double fromY, double toX, double toY) implements Fade {
        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.along(this);
        }
    }

    /** Solid up to one oval about a box's middle, gone beyond another; both in shares of that which the box encloses. */
    record Around(BoxMm box, double from, double to) implements Fade {
        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.around(this);
        }
    }

    /** This solid at the upper line, gone at the lower one, and in between along straight lines. */
    record Downwards(double fromY, double toY, double solid) implements Fade {
        @Override
        public <T> T accept(Visitor<T> visitor) {
            return visitor.downwards(this);
        }
    }
}
