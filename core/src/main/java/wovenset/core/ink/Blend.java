package wovenset.core.ink;

/**
 * How a colour lies on the one behind it, channel by channel, both 0 to 1 (W3C Compositing and Blending 1, section 10.1; ISO
 * 32000-1, 11.3.5.2).
 */
public enum Blend {
    NORMAL {
        @Override
        public double of(double behind, double own) {
            return own;
        }
    },
    /** As one glass on another: never lighter than either. */
    MULTIPLY {
        @Override
        public double of(double behind, double own) {
            return behind * own;
        }
    },
    /** As one light on another: never darker than either. */
    SCREEN {
        @Override
        public double of(double behind, double own) {
            return behind + own - behind * own;
        }
    },
    /** Multiplied on what is dark, screened on what is light. */
    OVERLAY {
        @Override
        public double of(double behind, double own) {
            return behind <= 0.5 ? 2 * behind * own : 1 - 2 * (1 - behind) * (1 - own);
        }
    },
    /** As a soft lamp of the own colour on what lies behind. */
    SOFT_LIGHT {
        @Override
        public double of(double behind, double own) {
            if (own <= 0.5) {
                return behind - (1 - 2 * own) * behind * (1 - behind);
            }
            double lit = behind <= 0.25 ? ((16 * behind - 12) * behind + 4) * behind : Math.sqrt(behind);
            return behind + (2 * own - 1) * (lit - behind);
        }
    },
    DARKEN {
        @Override
        public double of(double behind, double own) {
            return Math.min(behind, own);
        }
    },
    LIGHTEN {
        @Override
        public double of(double behind, double own) {
            return Math.max(behind, own);
        }
    };

    /** What comes of a channel where both are solid. */
    public abstract double of(double behind, double own);
}
