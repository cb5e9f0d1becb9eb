package wovenset.core.arrange.scatter;

import wovenset.core.photo.Region;

/**
 * How many prints lie over each of some points of a print: 7 × 7 on all of it, and on what should stay in sight, that is 4 × 4
 * on its subject and 6 along its words.
 */
final class Cover {
    private static final int SAMPLES = 7;
    private static final int OF_SUBJECT = 4;
    private static final int OF_WORDS = 6;
    /** The share of a picture's height along which words beside it stand. */
    private static final double FOOT = 0.25;

    private static final int ALL = SAMPLES * SAMPLES;
    private static final int SEEN = ALL + OF_SUBJECT * OF_SUBJECT;

    private final Print print;
    private final double[] x;
    private final double[] y;
    private final int[] over;
    private int points;
    private int hidden;
    private int subjectHidden;
    private int wordsHidden;

    /** @param subject the part of the picture that should stay in sight */
    Cover(Print print, Region subject) {
        this.print = print;
        boolean words = print.trim().stripMm() > 0;
        int count = SEEN + (words ? OF_WORDS : 0);
        x = new double[count];
        y = new double[count];
        over = new int[count];
        points(0, 0, 1, 1, SAMPLES, SAMPLES);
        points(subject.x(), subject.y(), subject.width(), subject.height(), OF_SUBJECT, OF_SUBJECT);
        if (words) {
            double band = print.trim().stripMm();
            double across = band / print.width();
            double down = band / print.height();
            switch (print.trim().side()) {
                case BELOW -> points(0, 1, 1, down, OF_WORDS, 1);
                case ABOVE -> points(0, -down, 1, down, OF_WORDS, 1);
                // Beside a picture, words stand at its foot.
                case LEFT -> points(-across, 1 - FOOT, across, FOOT, OF_WORDS / 2, 2);
                case RIGHT -> points(1, 1 - FOOT, across, FOOT, OF_WORDS / 2, 2);
            }
        }
    }

    /** Points over a part of the print, in shares of it. */
    private void points(double left, double top, double width, double height, int across, int down) {
        for (int i = 0; i < across * down; i++) {
            double u = left + width * (i % across + 0.5) / across;
            double v = top + height * (Math.floorDiv(i, across) + 0.5) / down;
            x[points] = print.sampleX(u, v);
            y[points] = print.sampleY(u, v);
            points++;
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
        for (int i = 0; i < points; i++) {
            if (other.covers(x[i], y[i])) {
                boolean was = over[i] > 0;
                over[i] += by;
                if (was != over[i] > 0) {
                    hidden += i < ALL ? by : 0;
                    subjectHidden += i < ALL || i >= SEEN ? 0 : by;
                    wordsHidden += i < SEEN ? 0 : by;
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
        return subjectHidden / (double) (SEEN - ALL);
    }

    double wordsHidden() {
        return wordsHidden / (double) OF_WORDS;
    }
}
