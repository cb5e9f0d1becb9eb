package wovenset.core.arrange.scatter;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import wovenset.core.arrange.slicing.SlicingSums;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Scattered;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.Region;

/**
 * Strews prints over a page. They begin on a jittered lattice, each turned by chance within the limit, and are moved and turned by
 * simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983) to lower
 *
 * <pre>Σ over prints of 60·max(0, hidden − limit)² + 15·max(0, hidden − limit) + 10·(share of the subject hidden) + w·(share of the words hidden)
 *     + 0.4·(way from its place on the lattice / cell)²</pre>
 *
 * where what is hidden is counted on the points of {@link Cover}. If some print is still hidden by more than the limit, all are
 * made smaller a little and moved on; in the end they do not meet at all. Cost: steps × (prints + prints that meet × 71 points).
 */
public final class Scatter {
    private static final int STEPS_EACH = 40;
    private static final int MOST_STEPS = 400;
    private static final double TOO_HIDDEN = 60;
    private static final double SUBJECT_HIDDEN = 10;
    private static final double WORDS_HIDDEN = 4.5;
    /** With rows that are full. */
    private static final double WORDS_HIDDEN_BEFORE = 3;

    private static final double STRAYED = 0.4;
    private static final double SMALLER = 0.95;
    private static final int MOST_TRIES = 100;
    private static final double HOT = 0.5;
    private static final double COOL = 0.02;
    /** Points along each side on which it is checked in the end. */
    private static final int EXACT = 24;
    /** Points are few: a print counts as hidden a little before it is. */
    private static final double CARE = 0.03;

    private final Scattered.Recipe wanted;
    private final List<Double> proportions;
    private final List<Region> subjects;
    private final Space space;
    private final Random random;
    private final Lattice lattice;
    private final double wordsHidden;
    private Print[] prints = new Print[0];

    private Scatter(
            Scattered.Recipe wanted, List<Double> proportions, List<Region> subjects, Space space, Lattice.Rows rows) {
        this.wanted = wanted;
        this.proportions = proportions;
        this.subjects = subjects;
        this.space = space;
        this.random = new Random(wanted.seed());
        this.lattice = new Lattice(space.box(), proportions.size(), rows);
        this.wordsHidden = rows == Lattice.Rows.EVEN ? WORDS_HIDDEN : WORDS_HIDDEN_BEFORE;
    }

    /**
     * @param proportions of the pictures, one for each print
     * @param subjects the part of each picture that should stay in sight
     * @return the frames' places; empty if the page has no room for so many
     */
    public static List<Place> places(
            Scattered.Recipe wanted, List<Double> proportions, List<Region> subjects, Space space) {
        return places(wanted, proportions, subjects, space, Lattice.Rows.EVEN);
    }

    /** As prints were strewn in documents that kept only the recipe: those pages stay as they were. */
    public static List<Place> placesAsBefore(
            Scattered.Recipe wanted, List<Double> proportions, List<Region> subjects, Space space) {
        return places(wanted, proportions, subjects, space, Lattice.Rows.FULL);
    }

    private static List<Place> places(
            Scattered.Recipe wanted, List<Double> proportions, List<Region> subjects, Space space, Lattice.Rows rows) {
        if (proportions.isEmpty()) {
            return List.of();
        }
        Scatter scatter = new Scatter(wanted, proportions, subjects, space, rows);
        scatter.strew();
        scatter.anneal(Math.min(MOST_STEPS, STEPS_EACH * proportions.size()), HOT);
        for (int attempt = 0; attempt < MOST_TRIES && scatter.areSeen(); attempt++) {
            if (scatter.fits()) {
                return IntStream.range(0, scatter.prints.length)
                        .mapToObj(i -> scatter.prints[i].place(space.trim(i).outsideMm()))
                        .toList();
            }
            for (int i = 0; i < scatter.prints.length; i++) {
                scatter.prints[i].scale(SMALLER, space.trim(i).bands());
            }
            scatter.anneal(Math.min(MOST_STEPS / 6, STEPS_EACH / 4 * proportions.size()), COOL);
        }
        return List.of();
    }

    private boolean areSeen() {
        return IntStream.range(0, prints.length)
                .allMatch(i -> Math.min(prints[i].width(), prints[i].height())
                                - space.trim(i).bands()
                        >= SlicingSums.SMALLEST_MM);
    }

    /** Prints of their size on a lattice. */
    private void strew() {
        int n = proportions.size();
        BoxMm box = space.box();
        prints = new Print[n];
        for (int i = 0; i < n; i++) {
            Print print =
                    sized(i, wanted.cover() * box.width() * box.height() / n * (0.85 + 0.3 * random.nextDouble()));
            print.turnTo(Math.toRadians(wanted.mostTurn()) * (2 * random.nextDouble() - 1));
            print.x = lattice.x(i) + lattice.cellWidth * 0.3 * (random.nextDouble() - 0.5);
            print.y = lattice.y(i) + lattice.cellHeight * 0.3 * (random.nextDouble() - 0.5);
            keepInside(print);
            prints[i] = print;
        }
    }

    /** A print of this area whose picture has its proportion, made smaller where the page is. */
    private Print sized(int frame, double area) {
        double proportion = proportions.get(frame);
        FrameTrim trim = space.trim(frame);
        double height = Math.sqrt(area / proportion);
        double limit = Math.toRadians(wanted.mostTurn());
        double most = Math.min(
                        space.box().width() / (proportion * Math.cos(limit) + Math.sin(limit)),
                        space.box().height() / (proportion * Math.sin(limit) + Math.cos(limit)))
                - 2 * trim.stripMm()
                - trim.bands();
        double picture = Math.max(0.1, Math.min(height, most * 0.98));
        return new Print(picture * proportion + trim.bands(), picture + trim.bands(), trim);
    }

    private void keepInside(Print print) {
        BoxMm box = space.box();
        print.x = within(print.x, box.x() + print.reachX(), box.x() + box.width() - print.reachX());
        print.y = within(print.y, box.y() + print.reachY(), box.y() + box.height() - print.reachY());
    }

    private static double within(double value, double least, double most) {
        return least > most ? (least + most) / 2 : Math.min(most, Math.max(least, value));
    }

    /** Moves and turns prints; what lies over each point of a print is kept, and only what the moved one covers is counted anew. */
    private void anneal(int steps, double hot) {
        int n = prints.length;
        double heat = hot;
        double cooling = Math.pow(0.01, 1.0 / Math.max(1, steps));
        double limit = Math.toRadians(wanted.mostTurn());
        Cover[] covers = new Cover[n];
        double[] costs = new double[n];
        for (int i = 0; i < n; i++) {
            covers[i] = new Cover(prints[i], subjects.get(i));
            for (int j = i + 1; j < n; j++) {
                covers[i].add(prints[j], 1);
            }
            costs[i] = cost(i, covers[i]);
        }
        double[] changed = new double[n];
        for (int step = 0; step < steps; step++, heat *= cooling) {
            int i = random.nextInt(n);
            Print before = prints[i];
            Print after = before.copy();
            after.x += lattice.cellWidth * 0.35 * random.nextGaussian();
            after.y += lattice.cellHeight * 0.35 * random.nextGaussian();
            if (random.nextInt(3) == 0) {
                after.turnTo(limit * (2 * random.nextDouble() - 1));
            }
            keepInside(after);
            prints[i] = after;
            Cover own = new Cover(after, subjects.get(i));
            for (int j = i + 1; j < n; j++) {
                own.add(prints[j], 1);
            }
            changed[i] = cost(i, own);
            double worse = changed[i] - costs[i];
            for (int j = 0; j < i; j++) {
                changed[j] = costs[j];
                boolean uncovered = covers[j].add(before, -1);
                boolean covered = covers[j].add(after, 1);
                if (uncovered || covered) {
                    changed[j] = cost(j, covers[j]);
                    worse += changed[j] - costs[j];
                }
            }
            if (worse > 0 && random.nextDouble() >= Math.exp(-worse / heat)) {
                prints[i] = before;
                for (int j = 0; j < i; j++) {
                    covers[j].add(after, -1);
                    covers[j].add(before, 1);
                }
                continue;
            }
            covers[i] = own;
            System.arraycopy(changed, 0, costs, 0, i + 1);
        }
    }

    private double cost(int i, Cover cover) {
        double strayX = (prints[i].x - lattice.x(i)) / lattice.cellWidth;
        double strayY = (prints[i].y - lattice.y(i)) / lattice.cellHeight;
        double tooMuch = Math.max(0, cover.hidden() - limit());
        return STRAYED * (strayX * strayX + strayY * strayY)
                + TOO_HIDDEN * tooMuch * tooMuch
                + TOO_HIDDEN / 4 * tooMuch
                + SUBJECT_HIDDEN * cover.subjectHidden()
                + wordsHidden * cover.wordsHidden();
    }

    private double limit() {
        return Math.max(0, wanted.mostHidden() - CARE);
    }

    private boolean fits() {
        boolean[] row = new boolean[EXACT];
        for (int i = 0; i < prints.length; i++) {
            Print print = prints[i];
            Print[] over = Arrays.stream(prints, i + 1, prints.length)
                    .filter(other -> other.mayMeet(print))
                    .toArray(Print[]::new);
            int hidden = 0;
            for (int down = 0; down < EXACT && over.length > 0; down++) {
                Arrays.fill(row, false);
                for (Print other : over) {
                    other.coverRow(print, (down + 0.5) / EXACT, row);
                }
                for (boolean covered : row) {
                    hidden += covered ? 1 : 0;
                }
            }
            if (hidden > limit() * EXACT * EXACT + 1e-9) {
                return false;
            }
        }
        return true;
    }
}
