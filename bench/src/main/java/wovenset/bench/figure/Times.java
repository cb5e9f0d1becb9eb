package wovenset.bench.figure;

import java.util.Arrays;
import java.util.stream.DoubleStream;

/** Times of the same thing done many times, in milliseconds. */
public final class Times {
    private final DoubleStream.Builder all = DoubleStream.builder();
    private double[] sorted = {};

    public void add(double ms) {
        all.add(ms);
    }

    public double median() {
        return share(0.5);
    }

    /** The time that 95 of 100 do not exceed. */
    public double p95() {
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
