package wovenset.core.arrange;

import java.util.List;
import java.util.Random;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Region;
import wovenset.core.piece.Scattered;

/**
 * Strews prints over a page. They begin on a jittered lattice, each turned by chance within the limit, and are moved and turned by
 * simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) to lower
 *
 * <pre>Σ over prints of 40·max(0, hidden − limit)² + 10·(share of the subject hidden) + 0.4·(way from its place on the lattice / cell)²</pre>
 *
 * where what is hidden is counted on 7 × 7 points of each print. If some print is still hidden by more than the limit, all are made
 * smaller a little and moved
 * on; in the end they do not meet at all. Cost: steps × prints that
 * may meet × 65 points.
 */
final class Scatter {
    private static final int STEPS_EACH = 40;
    private static final int MOST_STEPS = 400;
    private static final double TOO_HIDDEN = 40;
    private static final double SUBJECT_HIDDEN = 10;
    private static final double STRAYED = 0.4;
    private static final double SMALLER = 0.95;
    private static final int MOST_TRIES = 100;
    private static final double HOT = 0.5;
    private static final double COOL = 0.02;
    /** Points along each side on which it is checked in the end. */
    private static final int EXACT = 24;
    private static final int OF_SUBJECT = 4;
    /** Points are few: a print counts as hidden a little before it is. */
    private static final double CARE = 0.03;

    /** A page is resolved with each edit of it, and mostly lies as before. */
    private static final Lately<Asked, List<Place>> LATELY = new Lately<>(200);

    private final Scattered wanted;
    private final List<Double> proportions;
    private final List<Region> subjects;
    private final Space space;
    private final Random random;
    private Print[] prints = new Print[0];
    private double[] homeX = new double[0];
    private double[] homeY = new double[0];
    private double cellWidth;
    private double cellHeight;

    private Scatter(Scattered wanted, List<Double> proportions, List<Region> subjects, Space space) {
        this.wanted = wanted;
        this.proportions = proportions;
        this.subjects = subjects;
        this.space = space;
        this.random = new Random(wanted.seed());
    }

    /**
     * @param proportions of the pictures, one for each print
     * @param subjects the part of each picture that should stay in sight
     * @return empty if the page has no room for so many
     */
    static List<Place> places(Scattered wanted, List<Double> proportions, List<Region> subjects, Space space) {
        return LATELY.get(new Asked(wanted, proportions, subjects, space), asked -> strewn(wanted, proportions, subjects, space));
    }

    private record Asked(Scattered wanted, List<Double> proportions, List<Region> subjects, Space space) {}

    private static List<Place> strewn(Scattered wanted, List<Double> proportions, List<Region> subjects, Space space) {
        Scatter scatter = new Scatter(wanted, proportions, subjects, space);
        scatter.strew();
        scatter.anneal(Math.min(MOST_STEPS, STEPS_EACH * proportions.size()), HOT);
        for (int attempt = 0; attempt < MOST_TRIES && scatter.areSeen(); attempt++) {
            if (scatter.fits()) {
                return java.util.Arrays.stream(scatter.prints).map(Print::place).toList();
            }
            for (Print print : scatter.prints) {
                print.scale(SMALLER, space.trim().across());
            }
            scatter.anneal(Math.min(MOST_STEPS / 6, STEPS_EACH / 4 * proportions.size()), COOL);
        }
        return List.of();
    }

    private boolean areSeen() {
        double across = space.trim().across();
        return java.util.Arrays.stream(prints).allMatch(print -> Math.min(print.width(), print.height()) - across >= SlicingSums.SMALLEST_MM);
    }

    /** Prints of their size on a lattice. */
    private void strew() {
        int n = proportions.size();
        BoxMm box = space.box();
        int columns = Math.max(1, (int) Math.round(Math.sqrt(n * box.width() / box.height())));
        int rows = (n + columns - 1) / columns;
        cellWidth = box.width() / columns;
        cellHeight = box.height() / rows;
        prints = new Print[n];
        homeX = new double[n];
        homeY = new double[n];
        for (int i = 0; i < n; i++) {
            int inRow = i / columns == rows - 1 ? n - (rows - 1) * columns : columns;
            homeX[i] = box.x() + (i % columns + 0.5) * box.width() / inRow;
            homeY[i] = box.y() + (i / columns + 0.5) * cellHeight;
            Print print = sized(proportions.get(i), wanted.cover() * box.width() * box.height() / n * (0.85 + 0.3 * random.nextDouble()));
            print.turnTo(Math.toRadians(wanted.mostTurn()) * (2 * random.nextDouble() - 1));
            print.x = homeX[i] + cellWidth * 0.3 * (random.nextDouble() - 0.5);
            print.y = homeY[i] + cellHeight * 0.3 * (random.nextDouble() - 0.5);
            keepInside(print);
            prints[i] = print;
        }
    }

    /** A print of this area whose picture has its proportion, made smaller where the page is. */
    private Print sized(double proportion, double area) {
        FrameTrim trim = space.trim();
        double height = Math.sqrt(area / proportion);
        double limit = Math.toRadians(wanted.mostTurn());
        double most = Math.min(
                space.box().width() / (proportion * Math.cos(limit) + Math.sin(limit)),
                space.box().height() / (proportion * Math.sin(limit) + Math.cos(limit))) - 2 * trim.captionMm() - trim.across();
        double picture = Math.max(0.1, Math.min(height, most * 0.98));
        return new Print(picture * proportion + trim.across(), picture + trim.across(), trim.captionMm());
    }

    private void keepInside(Print print) {
        BoxMm box = space.box();
        print.x = within(print.x, box.x() + print.reachX(), box.x() + box.width() - print.reachX());
        print.y = within(print.y, box.y() + print.reachY(), box.y() + box.height() - print.reachY());
    }

    private static double within(double value, double least, double most) {
        return least > most ? (least + most) / 2 : Math.min(most, Math.max(least, value));
    }

    /** Moves and turns prints; what each costs is kept, and only that of the moved one and of those below it is counted anew. */
    private void anneal(int steps, double hot) {
        int n = prints.length;
        double heat = hot;
        double cooling = Math.pow(0.01, 1.0 / Math.max(1, steps));
        double limit = Math.toRadians(wanted.mostTurn());
        double[] costs = new double[n];
        for (int i = 0; i < n; i++) {
            costs[i] = cost(i);
        }
        double[] changed = new double[n];
        for (int step = 0; step < steps; step++, heat *= cooling) {
            int i = random.nextInt(n);
            Print print = prints[i];
            double x = print.x;
            double y = print.y;
            double turn = print.turn();
            boolean[] met = met(i);
            print.x += cellWidth * 0.35 * random.nextGaussian();
            print.y += cellHeight * 0.35 * random.nextGaussian();
            if (random.nextInt(3) == 0) {
                print.turnTo(limit * (2 * random.nextDouble() - 1));
            }
            keepInside(print);
            boolean[] meets = met(i);
            double worse = 0;
            for (int j = 0; j <= i; j++) {
                if (j == i || met[j] || meets[j]) {
                    changed[j] = cost(j);
                    worse += changed[j] - costs[j];
                }
            }
            if (worse > 0 && random.nextDouble() >= Math.exp(-worse / heat)) {
                print.x = x;
                print.y = y;
                print.turnTo(turn);
                continue;
            }
            for (int j = 0; j <= i; j++) {
                if (j == i || met[j] || meets[j]) {
                    costs[j] = changed[j];
                }
            }
        }
    }

    /** The prints below that one may cover. */
    private boolean[] met(int i) {
        boolean[] met = new boolean[i];
        for (int j = 0; j < i; j++) {
            met[j] = prints[j].mayMeet(prints[i]);
        }
        return met;
    }

    private double cost(int i) {
        Print print = prints[i];
        double strayX = (print.x - homeX[i]) / cellWidth;
        double strayY = (print.y - homeY[i]) / cellHeight;
        double stray = STRAYED * (strayX * strayX + strayY * strayY);
        int[] over = over(i);
        if (over.length == 0) {
            return stray;
        }
        Region region = subjects.get(i);
        int subject = 0;
        int hidden = 0;
        for (int sample = 0; sample < Print.SAMPLES * Print.SAMPLES; sample++) {
            hidden += hidden(print, over, (sample % Print.SAMPLES + 0.5) / Print.SAMPLES, (sample / Print.SAMPLES + 0.5) / Print.SAMPLES) ? 1 : 0;
        }
        for (int sample = 0; sample < OF_SUBJECT * OF_SUBJECT; sample++) {
            double u = region.x() + region.width() * (sample % OF_SUBJECT + 0.5) / OF_SUBJECT;
            double v = region.y() + region.height() * (sample / OF_SUBJECT + 0.5) / OF_SUBJECT;
            subject += hidden(print, over, u, v) ? 1 : 0;
        }
        double tooMuch = Math.max(0, hidden / (double) (Print.SAMPLES * Print.SAMPLES) - limit());
        return stray + TOO_HIDDEN * tooMuch * tooMuch + TOO_HIDDEN / 4 * tooMuch + SUBJECT_HIDDEN * subject / (OF_SUBJECT * OF_SUBJECT);
    }

    private double limit() {
        return Math.max(0, wanted.mostHidden() - CARE);
    }

    /** The prints above one that may cover it. */
    private int[] over(int i) {
        int[] found = new int[prints.length - 1 - i];
        int count = 0;
        for (int j = i + 1; j < prints.length; j++) {
            if (prints[j].mayMeet(prints[i])) {
                found[count++] = j;
            }
        }
        return java.util.Arrays.copyOf(found, count);
    }

    private boolean hidden(Print print, int[] over, double u, double v) {
        double x = print.sampleX(u, v);
        double y = print.sampleY(u, v);
        for (int j : over) {
            if (prints[j].covers(x, y)) {
                return true;
            }
        }
        return false;
    }

    private boolean fits() {
        for (int i = 0; i < prints.length; i++) {
            int[] over = over(i);
            int hidden = 0;
            for (int sample = 0; over.length > 0 && sample < EXACT * EXACT; sample++) {
                hidden += hidden(prints[i], over, (sample % EXACT + 0.5) / EXACT, (sample / EXACT + 0.5) / EXACT) ? 1 : 0;
            }
            if (hidden > limit() * EXACT * EXACT + 1e-9) {
                return false;
            }
        }
        return true;
    }
}
