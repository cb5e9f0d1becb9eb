package wovenset.core.scene;

import wovenset.core.measure.Format;
import wovenset.core.measure.LengthUnit;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** Below how many pixels per inch a print is looked at, and below how many it goes wrong. */
public record SharpnessLimits(double warnPpi, double alarmPpi) {
    /** 200 ppi at reading distance is where most people begin to see softness, 120 where all do. */
    public static final SharpnessLimits USUAL = new SharpnessLimits(200, 120);

    /** A photo that has as many pixels as the page may be placed a little larger by rounding. */
    private static final double EXACT = 0.99;

    private static final double MOST = 2400;

    public SharpnessLimits {
        Checks.that(alarmPpi >= 1 && warnPpi >= alarmPpi && warnPpi <= MOST, Reason.SHARPNESS);
    }

    /**
     * Those that hold for a piece: a page of pixels has no use for more of them than it has itself, and goes wrong below as large a part of these
     * as a print does.
     */
    public SharpnessLimits on(Format format) {
        if (format.unit() != LengthUnit.PX) {
            return this;
        }
        double own = Math.min(MOST, Math.max(1, EXACT * format.resolution().ppi()));
        return new SharpnessLimits(own, Math.max(1, own * alarmPpi / warnPpi));
    }

    public Sharpness of(double ppi) {
        if (ppi < alarmPpi) {
            return Sharpness.LOOSE;
        }
        return ppi < warnPpi ? Sharpness.OPEN : Sharpness.DENSE;
    }

    /** How a photo will print at its size, in the weave gauge's words. */
    public enum Sharpness {
        DENSE,
        OPEN,
        LOOSE
    }
}
