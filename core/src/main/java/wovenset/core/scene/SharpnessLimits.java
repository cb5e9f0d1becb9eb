package wovenset.core.scene;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** Below how many pixels per inch a print is looked at, and below how many it goes wrong. */
public record SharpnessLimits(double warnPpi, double alarmPpi) {
    /** 200 ppi at reading distance is where most people begin to see softness, 120 where all do. */
    public static final SharpnessLimits USUAL = new SharpnessLimits(200, 120);

    public SharpnessLimits {
        Checks.that(alarmPpi >= 1 && warnPpi >= alarmPpi && warnPpi <= 2400, Reason.SHARPNESS);
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
