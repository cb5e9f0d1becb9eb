package wovenset.core.arrange.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.LabColour;

/**
 * Which photo comes to which place, so that their colours suit each other.
 *
 * <ul>
 *   <li>Evened out: every part of the page should look like all of it. With weights w(i, j) = area(j)·exp(−d(i, j)²/2σ²), σ a quarter of
 *       the page's diagonal, the mean colour around place i is m(i) = Σ w(i, j)·c(j)/Σ w(i, j); the sum of ‖m(i) − mean of all‖² is
 *       lowered by simulated annealing over swaps. Cost: steps × places.
 *   <li>As a run: colours in the order of their first principal component, from light to dark, come to the places in the order of
 *       x/W + y/H. Cost: n log n.
 * </ul>
 */
public final class Harmony {
    private static final int STEPS = 6000;
    private static final double REACH = 0.25;

    private Harmony() {}

    /** What the order is to come to. */
    public enum Mode {
        EVEN,
        RUN
    }

    /**
     * @param colours as they lie now, one for each place
     * @param pinned places whose photo stays
     * @return for each place, which one's photo comes to it
     */
    public static List<Integer> order(
            List<LabColour> colours, List<BoxMm> places, List<Boolean> pinned, Mode mode, long seed) {
        List<Integer> loose = IntStream.range(0, colours.size())
                .filter(i -> !pinned.get(i))
                .boxed()
                .toList();
        int[] order = IntStream.range(0, colours.size()).toArray();
        if (loose.size() >= 2) {
            if (mode == Mode.RUN) {
                run(colours, places, loose, order);
            } else {
                even(colours, places, loose, order, new Random(seed));
            }
        }
        return IntStream.of(order).boxed().toList();
    }

    private static void run(List<LabColour> colours, List<BoxMm> places, List<Integer> loose, int[] order) {
        double width = places.stream().mapToDouble(BoxMm::centreX).max().orElse(1) + 1e-9;
        double height = places.stream().mapToDouble(BoxMm::centreY).max().orElse(1) + 1e-9;
        double[] axis = axis(loose.stream().map(i -> colours.get(i).values()).toList());
        List<Integer> byPlace = new ArrayList<>(loose);
        byPlace.sort(Comparator.comparingDouble(
                i -> places.get(i).centreX() / width + places.get(i).centreY() / height));
        List<Integer> byColour = new ArrayList<>(loose);
        byColour.sort(Comparator.comparingDouble(
                (Integer i) -> -dot(axis, colours.get(i).values())));
        for (int k = 0; k < loose.size(); k++) {
            order[byPlace.get(k)] = byColour.get(k);
        }
    }

    /** The first principal component by power iteration, pointing to the light. */
    private static double[] axis(List<double[]> colours) {
        double[] mean = mean(colours);
        double[] axis = {1, 0.1, 0.1};
        for (int turn = 0; turn < 50; turn++) {
            double[] next = new double[3];
            for (double[] colour : colours) {
                double[] off = {colour[0] - mean[0], colour[1] - mean[1], colour[2] - mean[2]};
                double along = dot(axis, off);
                for (int k = 0; k < 3; k++) {
                    next[k] += along * off[k];
                }
            }
            double length = Math.sqrt(dot(next, next));
            if (length < 1e-9) {
                return new double[] {1, 0, 0};
            }
            for (int k = 0; k < 3; k++) {
                axis[k] = next[k] / length;
            }
        }
        if (axis[0] < 0) {
            return new double[] {-axis[0], -axis[1], -axis[2]};
        }
        return axis;
    }

    private static void even(
            List<LabColour> colours, List<BoxMm> places, List<Integer> loose, int[] order, Random random) {
        int n = colours.size();
        double[][] weights = weights(places);
        double[][] values = colours.stream().map(LabColour::values).toArray(double[][]::new);
        double[] mean = mean(List.of(values));
        double[][] around = new double[n][3];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                for (int k = 0; k < 3; k++) {
                    around[i][k] += weights[i][j] * values[j][k];
                }
            }
        }
        double cost = cost(around, mean);
        double best = cost;
        int[] bestOrder = order.clone();
        double heat = Math.max(1e-6, cost / n);
        double cooling = Math.pow(1e-3, 1.0 / STEPS);
        for (int step = 0; step < STEPS; step++, heat *= cooling) {
            int a = loose.get(random.nextInt(loose.size()));
            int b = loose.get(random.nextInt(loose.size()));
            swap(order, around, weights, values, a, b);
            double next = cost(around, mean);
            if (next > cost && random.nextDouble() >= Math.exp((cost - next) / heat)) {
                swap(order, around, weights, values, a, b);
                continue;
            }
            cost = next;
            if (cost < best - 1e-12) {
                best = cost;
                bestOrder = order.clone();
            }
        }
        System.arraycopy(bestOrder, 0, order, 0, n);
    }

    private static void swap(int[] order, double[][] around, double[][] weights, double[][] values, int a, int b) {
        double[] atA = values[order[a]];
        double[] atB = values[order[b]];
        for (int i = 0; i < around.length; i++) {
            double change = weights[i][a] - weights[i][b];
            for (int k = 0; k < 3; k++) {
                around[i][k] += change * (atB[k] - atA[k]);
            }
        }
        int held = order[a];
        order[a] = order[b];
        order[b] = held;
    }

    private static double[][] weights(List<BoxMm> places) {
        int n = places.size();
        double right =
                places.stream().mapToDouble(box -> box.x() + box.width()).max().orElse(1);
        double bottom =
                places.stream().mapToDouble(box -> box.y() + box.height()).max().orElse(1);
        double sigma = REACH * Math.hypot(right, bottom);
        double[][] weights = new double[n][n];
        for (int i = 0; i < n; i++) {
            double sum = 0;
            for (int j = 0; j < n; j++) {
                double d = Math.hypot(
                        places.get(i).centreX() - places.get(j).centreX(),
                        places.get(i).centreY() - places.get(j).centreY());
                weights[i][j] = places.get(j).width() * places.get(j).height() * Math.exp(-d * d / (2 * sigma * sigma));
                sum += weights[i][j];
            }
            for (int j = 0; j < n; j++) {
                weights[i][j] /= sum;
            }
        }
        return weights;
    }

    /** How far the parts of a page are from all of it; for measuring. */
    static double unevenness(List<LabColour> colours, List<BoxMm> places) {
        double[][] weights = weights(places);
        double[][] around = new double[colours.size()][3];
        for (int i = 0; i < colours.size(); i++) {
            for (int j = 0; j < colours.size(); j++) {
                for (int k = 0; k < 3; k++) {
                    around[i][k] += weights[i][j] * colours.get(j).values()[k];
                }
            }
        }
        return cost(around, mean(colours.stream().map(LabColour::values).toList()));
    }

    private static double cost(double[][] around, double[] mean) {
        double sum = 0;
        for (double[] one : around) {
            for (int k = 0; k < 3; k++) {
                sum += (one[k] - mean[k]) * (one[k] - mean[k]);
            }
        }
        return sum;
    }

    private static double[] mean(List<double[]> colours) {
        double[] mean = new double[3];
        for (double[] colour : colours) {
            for (int k = 0; k < 3; k++) {
                mean[k] += colour[k] / colours.size();
            }
        }
        return mean;
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
