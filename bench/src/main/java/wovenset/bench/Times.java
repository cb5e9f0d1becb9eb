package wovenset.bench;

import java.util.Arrays;
import java.util.stream.DoubleStream;

/** Times of the same thing done many times, in milliseconds. */
final class Times {
    private final DoubleStream.Builder all = DoubleStream.builder();
    private double[] sorted = {};

    void add(double ms) {
        all.add(ms);
    }

    double median() {
        return share(0.5);
    }

    /** The time that 95 of 100 do not exceed. */
    double p95() {
        return share(0.95);
    }

    private double share(double share) {
        if (sorted.length == 0) {
            sorted = all.build().toArray();
            Arrays.sort(sorted);
        }
        return sorted[(int) Math.ceil(sorted.length * share) - 1];
    }
}
