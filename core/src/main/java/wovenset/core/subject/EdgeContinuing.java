package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.retouch.EdgeView;

/**
 * Finds from where in a photo it goes on best beyond each of its edges. An edge is parted into lengths. For each, every shift inwards and a little along
 * costs what a rim of the photo differs there from the rim at the edge, and, less, what comes then differs from the edge's own colours: rather plain sky than a
 * second kite. Neighbouring lengths with other shifts cost what their pictures differ by where they meet. The cheapest row of shifts is found by dynamic
 * programming over the best few of each length at 128 pixels, and put right by up to a few pixels at 512. Cost: lengths times shifts times pixels
 * compared, some tenths of a second for the four edges.
 */
public final class EdgeContinuing {
    private static final int COARSE = 128;
    private static final int FINE = 512;
    private static final int LENGTHS = 10;
    private static final int BEST = 12;
    /** Of the depth: the rim that is compared, what comes then, and how near the edge a source may begin. */
    private static final double RIM = 0.05;

    private static final double THEN = 0.18;
    private static final double NEAREST = 0.15;
    /** Of the edge's length: how far along it a source may lie. */
    private static final double ALONG = 0.12;

    private static final double PLAIN = 0.25;
    private static final double SEAM = 0.6;
    private static final int PUT_RIGHT = 4;

    private final EdgeView view;
    private final int rim;
    private final int then;
    /** So many pixels are known beyond the picture's edges, where it is mirrored: as far as any shift reaches. */
    private final int beside;

    private final int beyond;
    private final int line;
    /** Line by line inwards, three values a pixel. */
    private final int[] values;

    private EdgeContinuing(EdgeSources.Edge edge, BufferedImage image) {
        view = new EdgeView(edge, image.getWidth(), image.getHeight());
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        rim = (int) Math.max(1, Math.round(RIM * view.depth()));
        then = (int) Math.max(1, Math.round(THEN * view.depth()));
        beside = (int) (ALONG * view.length()) + 2 * PUT_RIGHT + 2;
        beyond = then + rim + 2 * PUT_RIGHT + 2;
        line = view.depth() + 2 * beyond;
        values = new int[3 * line * (view.length() + 2 * beside)];
        for (int u = -beside, to = 0; u < view.length() + beside; u++) {
            for (int d = -beyond; d < view.depth() + beyond; d++, to += 3) {
                int from = 3 * view.at(u, d);
                values[to] = pixels[from] & 0xff;
                values[to + 1] = pixels[from + 1] & 0xff;
                values[to + 2] = pixels[from + 2] & 0xff;
            }
        }
    }

    private int at(int along, int inward) {
        return 3 * ((along + beside) * line + inward + beyond);
    }

    /** How far along and inwards a source lies, in pixels. */
    private record Shift(int along, int inward) {}

    /**
     * @param image of three bytes a pixel; more than {@value #FINE} pixels a side are not looked at
     * @return nothing for a picture with clear parts
     */
    public static Optional<EdgeSources> find(BufferedImage image) {
        if (image.getType() != BufferedImage.TYPE_3BYTE_BGR) {
            return Optional.empty();
        }
        BufferedImage fine = DerivedPixels.within(image, FINE);
        BufferedImage coarse = DerivedPixels.within(fine, COARSE);
        return Optional.of(new EdgeSources(
                sources(EdgeSources.Edge.LEFT, fine, coarse),
                sources(EdgeSources.Edge.RIGHT, fine, coarse),
                sources(EdgeSources.Edge.ABOVE, fine, coarse),
                sources(EdgeSources.Edge.BELOW, fine, coarse)));
    }

    private static List<EdgeSources.Source> sources(EdgeSources.Edge edge, BufferedImage fine, BufferedImage coarse) {
        EdgeContinuing small = new EdgeContinuing(edge, coarse);
        EdgeContinuing large = new EdgeContinuing(edge, fine);
        List<Shift> shifts = small.shifts();
        double scale = (double) large.view.depth() / small.view.depth();
        List<EdgeSources.Source> sources = new ArrayList<>();
        for (int begin = 0; begin < shifts.size(); ) {
            int end = begin + 1;
            while (end < shifts.size() && shifts.get(end).equals(shifts.get(begin))) {
                end++;
            }
            Shift right = large.putRight(shifts.get(begin), scale, begin, end, shifts.size());
            for (; begin < end; begin++) {
                sources.add(large.view.source(right.along, right.inward));
            }
        }
        return sources;
    }

    private int begin(int length, int lengths) {
        return length * view.length() / lengths;
    }

    private List<Shift> shifts() {
        int lengths = Math.max(1, Math.min(LENGTHS, view.length() / 6));
        List<Shift> all = all();
        double[][] costs = IntStream.range(0, lengths)
                .parallel()
                .mapToObj(length -> all.stream()
                        .mapToDouble(shift -> cost(shift, begin(length, lengths), begin(length + 1, lengths)))
                        .toArray())
                .toArray(double[][]::new);
        Set<Integer> best = new LinkedHashSet<>();
        for (double[] of : costs) {
            IntStream.range(0, of.length)
                    .boxed()
                    .sorted(Comparator.comparingDouble(shift -> of[shift]))
                    .limit(BEST)
                    .forEach(best::add);
        }
        return cheapest(all, List.copyOf(best), costs, lengths);
    }

    private List<Shift> all() {
        int along = (int) (ALONG * view.length());
        int nearest = (int) Math.max(1, NEAREST * view.depth());
        List<Shift> all = new ArrayList<>();
        for (int inward = nearest; inward <= Math.max(nearest, view.depth() - rim); inward++) {
            for (int u = -along; u <= along; u++) {
                all.add(new Shift(u, inward));
            }
        }
        return all;
    }

    /** Of a part of the edge; each pixel's mean. */
    private double cost(Shift shift, int begin, int end) {
        double differs = rim(shift, begin, end);
        double plain = 0;
        for (int u = begin; u < end; u++) {
            for (int out = 0; out < then; out += 2) {
                plain += difference(at(u, 0), at(u + shift.along, shift.inward - 1 - out));
            }
        }
        return differs + PLAIN * plain / ((end - begin) * ((then + 1) >> 1));
    }

    private double rim(Shift shift, int begin, int end) {
        double sum = 0;
        for (int u = begin; u < end; u++) {
            for (int inward = 0; inward < rim; inward++) {
                sum += difference(at(u, inward), at(u + shift.along, shift.inward + inward));
            }
        }
        return sum / ((end - begin) * rim);
    }

    private double difference(int one, int other) {
        int first = values[one] - values[other];
        int second = values[one + 1] - values[other + 1];
        int third = values[one + 2] - values[other + 2];
        return first * first + second * second + third * third;
    }

    /** What two sources differ by where they meet. */
    private double seam(Shift one, Shift other, int u) {
        if (one.equals(other)) {
            return 0;
        }
        double sum = 0;
        for (int out = 0; out < then; out++) {
            sum += difference(at(u + one.along, one.inward - 1 - out), at(u + other.along, other.inward - 1 - out));
        }
        return SEAM * sum / then;
    }

    private List<Shift> cheapest(List<Shift> all, List<Integer> best, double[][] costs, int lengths) {
        int count = best.size();
        double[] sums = best.stream().mapToDouble(shift -> costs[0][shift]).toArray();
        int[][] before = new int[lengths][count];
        for (int length = 1; length < lengths; length++) {
            double[] next = new double[count];
            int meet = begin(length, lengths);
            for (int to = 0; to < count; to++) {
                double least = Double.MAX_VALUE;
                for (int from = 0; from < count; from++) {
                    double sum = sums[from] >= least
                            ? Double.MAX_VALUE
                            : sums[from] + seam(all.get(best.get(from)), all.get(best.get(to)), meet);
                    if (sum < least) {
                        least = sum;
                        before[length][to] = from;
                    }
                }
                next[to] = least + costs[length][best.get(to)];
            }
            sums = next;
        }
        int at = 0;
        for (int i = 1; i < count; i++) {
            at = sums[i] < sums[at] ? i : at;
        }
        List<Shift> row = new ArrayList<>();
        for (int length = lengths - 1; length >= 0; length--) {
            row.add(0, all.get(best.get(at)));
            at = before[length][at];
        }
        return row;
    }

    /** The best of the shifts around one that was found in a smaller picture. */
    private Shift putRight(Shift coarse, double scale, int from, int to, int lengths) {
        int begin = begin(from, lengths);
        int end = Math.max(begin + 1, begin(to, lengths));
        Shift best = new Shift((int) Math.round(coarse.along * scale), (int) Math.round(coarse.inward * scale));
        double least = rim(best, begin, end);
        for (int along = -PUT_RIGHT; along <= PUT_RIGHT; along++) {
            for (int inward = -PUT_RIGHT; inward <= PUT_RIGHT; inward++) {
                Shift shift = new Shift(
                        (int) Math.round(coarse.along * scale) + along,
                        Math.max(1, (int) Math.round(coarse.inward * scale) + inward));
                double cost = rim(shift, begin, end);
                if (cost < least) {
                    least = cost;
                    best = shift;
                }
            }
        }
        return best;
    }
}
