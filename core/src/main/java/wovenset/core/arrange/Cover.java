package wovenset.core.arrange;

import wovenset.core.piece.Region;

/** How many prints lie over each of some points of a print: 7 × 7 on all of it, and 4 × 4 on its subject. */
final class Cover {
    private static final int SAMPLES = 7;
    private static final int OF_SUBJECT = 4;
    private static final int ALL = SAMPLES * SAMPLES;
    private static final int POINTS = ALL + OF_SUBJECT * OF_SUBJECT;

    private final Print print;
    private final double[] x = new double[POINTS];
    private final double[] y = new double[POINTS];
    private final int[] over = new int[POINTS];
    private int hidden;
    private int subjectHidden;

    /** @param subject the part of the picture that should stay in sight */
    Cover(Print print, Region subject) {
        this.print = print;
        for (int i = 0; i < POINTS; i++) {
            boolean ofAll = i < ALL;
            int at = ofAll ? i : i - ALL;
            int side = ofAll ? SAMPLES : OF_SUBJECT;
            double u = (at % side + 0.5) / side;
            double v = (at / side + 0.5) / side;
            double across = ofAll ? u : subject.x() + subject.width() * u;
            double down = ofAll ? v : subject.y() + subject.height() * v;
            x[i] = print.sampleX(across, down);
            y[i] = print.sampleY(across, down);
        }
    }

    /**
     * @param by 1 if this print now lies over it, −1 if it no longer does
     * @return whether anything changed
     */
    boolean add(Print other, int by) {
        if (!other.mayMeet(print)) {
            return false;
        }
        boolean changed = false;
        for (int i = 0; i < POINTS; i++) {
            if (other.covers(x[i], y[i])) {
                boolean was = over[i] > 0;
                over[i] += by;
                if (was != over[i] > 0) {
                    hidden += i < ALL ? by : 0;
                    subjectHidden += i < ALL ? 0 : by;
                }
                changed = true;
            }
        }
        return changed;
    }

    /** The share of the print that is hidden. */
    double hidden() {
        return hidden / (double) ALL;
    }

    double subjectHidden() {
        return subjectHidden / (double) (POINTS - ALL);
    }
}
