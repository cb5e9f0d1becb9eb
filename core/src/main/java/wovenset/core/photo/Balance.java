package wovenset.core.photo;

import java.util.EnumMap;
import java.util.Map;
import wovenset.core.ink.Srgb;

/**
 * Amounts that put a photo's white, light and contrast right, from its {@link Tones} alone.
 *
 * <p>White: of all things in a photo together one expects grey (Buchsbaum, 1980); as many photos are rightly coloured, only a part of what
 * is missing is given. Light: half of the pixels are to be lighter than the middle, as far as the lightest stay below white. Contrast:
 * dark and light are to lie so far apart. Two photos are alike when their means have the same hue, their middles the same light and their
 * lumas the same spread. Cost: none to speak of.
 */
public final class Balance {
    /** A yellowish light of 100 percent has that many stops more red, and as many less blue. */
    public static final double WARM_STOPS = 0.6;
    /** A reddish one has that many stops less green. */
    public static final double TINT_STOPS = 0.4;

    private static final double WHITE_SHARE = 0.6;
    private static final double MOST_WHITE = 40;
    private static final double MIDDLE = 0.46;
    private static final double LIGHT_SHARE = 0.75;
    private static final double BRIGHT = 0.98;
    private static final double MOST_STOPS = 1.5;
    private static final double APART = 0.85;
    private static final double MOST_CONTRAST = 40;
    private static final double FLAT_BLACK = 0.04;
    private static final double FLAT_MIDDLE = 0.35;
    private static final double LIFT = 25;

    private Balance() {}

    /** What to change so that a photo looks right by itself; what else is changed stays. */
    public static Adjustments automatic(Tones tones, Adjustments before) {
        double warmth = within(WHITE_SHARE * warmth(tones), MOST_WHITE);
        double tint = within(WHITE_SHARE * tint(tones), MOST_WHITE);
        double wanted = LIGHT_SHARE * stops(MIDDLE, tones.middle());
        double room = stops(BRIGHT, tones.bright());
        double exposure = within(Math.min(wanted, Math.max(room, Math.min(0, wanted))), MOST_STOPS);
        double dark = lit(tones.dark(), exposure);
        double apart = lit(tones.bright(), exposure) - dark;
        double contrast = Math.max(0, Math.min(MOST_CONTRAST, (APART - apart) * 120));
        double shadows = dark < FLAT_BLACK && lit(tones.middle(), exposure) < FLAT_MIDDLE ? LIFT : 0;
        return before.with(Adjustment.WARMTH, Math.rint(warmth))
                .with(Adjustment.TINT, Math.rint(tint))
                .with(Adjustment.EXPOSURE, Math.rint(20 * exposure) / 20)
                .with(Adjustment.CONTRAST, Math.rint(contrast))
                .with(Adjustment.SHADOWS, shadows);
    }

    /**
     * What to change so that a photo's white, light and contrast are those of another; what else is changed stays.
     *
     * @param like the other one as it is stored
     * @param itsChanges what is changed of that one
     */
    public static Adjustments alike(Tones tones, Tones like, Adjustments itsChanges, Adjustments before) {
        double spread = Math.log(Math.max(0.01, like.spread()) / Math.max(0.01, tones.spread())) / Math.log(2);
        Map<Adjustment, Double> wanted = new EnumMap<>(Adjustment.class);
        wanted.put(Adjustment.WARMTH, warmth(tones) - warmth(like));
        wanted.put(Adjustment.TINT, tint(tones) - tint(like));
        wanted.put(Adjustment.EXPOSURE, stops(like.middle(), tones.middle()));
        wanted.put(Adjustment.CONTRAST, 100 * Math.max(-0.6, Math.min(0.6, spread)));
        Adjustments now = before;
        for (Map.Entry<Adjustment, Double> one : wanted.entrySet()) {
            Adjustment which = one.getKey();
            double amount = itsChanges.of(which) + one.getValue();
            now = now.with(which, Math.rint(100 * Math.max(which.least(), Math.min(which.most(), amount))) / 100);
        }
        return now;
    }

    /** The warmth in percent that makes its mean as red as blue. */
    private static double warmth(Tones tones) {
        return 100 * log2(tones.blue() / tones.red()) / (2 * WARM_STOPS);
    }

    private static double tint(Tones tones) {
        return 100 * log2(tones.green() / Math.sqrt(tones.red() * tones.blue())) / TINT_STOPS;
    }

    /** How much more light makes one luma the other. */
    private static double stops(double to, double from) {
        return log2(Srgb.linear(Math.max(0.02, to)) / Srgb.linear(Math.max(0.02, from)));
    }

    private static double lit(double luma, double stops) {
        return Srgb.encoded(Math.min(1, Srgb.linear(luma) * Math.pow(2, stops)));
    }

    private static double within(double value, double most) {
        return Math.max(-most, Math.min(most, value));
    }

    private static double log2(double value) {
        return Math.log(value) / Math.log(2);
    }
}
