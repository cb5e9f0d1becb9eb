package wovenset.core.retouch;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import wovenset.core.geometry.Smoothstep;
import wovenset.core.photo.Beyond;
import wovenset.core.photo.retouch.EdgeSources;

/**
 * Draws how a photo goes on beyond an edge from elsewhere in itself (texture by example, as A. A. Efros, W. T. Freeman, "Image Quilting for Texture Synthesis
 * and Transfer", SIGGRAPH 2001, with sources that are chosen before). A pixel t beyond the edge is the one at its source; what
 * the photo is lighter along the edge than at the source is added, less the farther out; the first few pixels go over from the mirrored photo, so that nothing
 * jumps at the edge. Neighbouring sources fade into each other. Cost: linear in the pixels that are wanted.
 */
final class Continuation {
    /** Of the picture's depth: what is compared along the edge, and what goes over from the mirrored photo. */
    private static final double RIM = 0.025;
    /** Of the depth: how far out a difference of light is carried. */
    private static final double CARRIED = 0.8;
    /** Of the edge: over how much a difference is the mean. */
    private static final double SMOOTH = 0.15;
    /** Levels of 255: what differs by more is another thing, not another light. */
    private static final double MOST_OFF = 20;

    /** Of a source's length, on both sides of where the next begins. */
    private static final double FADE = 0.2;

    private final byte[] from;
    private final int step;
    private final EdgeView view;
    private final List<EdgeSources.Source> sources;
    private final int rim;
    private final float[][] off;

    private Continuation(BufferedImage image, Beyond beyond) {
        from = bytes(image);
        step = image.getColorModel().getNumComponents();
        view = new EdgeView(beyond.edge(), image.getWidth(), image.getHeight());
        sources = beyond.sources();
        rim = (int) Math.max(1, Math.round(RIM * view.depth()));
        off = sources.stream().map(this::off).toArray(float[][]::new);
    }

    private static byte[] bytes(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    /** A picture as large as the photo, of what lies beside it. */
    static BufferedImage of(BufferedImage image, Beyond beyond) {
        BufferedImage drawn = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        new Continuation(image, beyond).draw(bytes(drawn), beyond.reach());
        return drawn;
    }

    private void draw(byte[] into, double reach) {
        int wanted = (int) Math.min(view.depth(), Math.ceil(reach * view.depth()));
        // Beside the photo its far edge lies at this one.
        IntStream.range(0, view.length()).parallel().forEach(along -> {
            double[] pixel = new double[step];
            for (int out = 0; out < view.depth(); out++) {
                int to = step * view.at(along, view.depth() - 1 - out);
                if (out < wanted) {
                    sum(along, out, pixel);
                } else if (out == wanted) {
                    Arrays.fill(pixel, 128);
                }
                for (int i = 0; i < step; i++) {
                    into[to + i] = (byte) Math.min(255, Math.max(0, Math.round(pixel[i])));
                }
            }
        });
    }

    /** The pixel so far out from the edge. */
    private void sum(int along, int out, double[] pixel) {
        Arrays.fill(pixel, 0);
        double over = Smoothstep.of((out + 0.5) / rim);
        double place = (along + 0.5) / view.length() * sources.size();
        int here = (int) place;
        double within = place - here;
        double next = here + 1 < sources.size() ? 0.5 * Math.max(0, (within - 1 + FADE) / FADE) : 0;
        double last = here > 0 ? 0.5 * Math.max(0, 1 - within / FADE) : 0;
        add(here, along, out, over * (1 - next - last), pixel);
        if (next > 0) {
            add(here + 1, along, out, over * next, pixel);
        }
        if (last > 0) {
            add(here - 1, along, out, over * last, pixel);
        }
        int mirrored = step * view.at(along, out);
        for (int i = 0; i < step; i++) {
            pixel[i] += (1 - over) * (from[mirrored + i] & 0xff);
        }
    }

    private void add(int source, int along, int out, double weight, double[] pixel) {
        EdgeSources.Source one = sources.get(source);
        int at = step * view.at(along + view.along(one), view.inward(one) - 1 - out);
        double carried = Math.max(0, 1 - out / (CARRIED * view.depth()));
        for (int i = 0; i < step; i++) {
            pixel[i] += weight * ((from[at + i] & 0xff) + carried * off[source][step * along + i]);
        }
    }

    /** How much lighter the photo is along its edge than at the source, for each place along the edge and each channel. */
    private float[] off(EdgeSources.Source source) {
        int length = view.length();
        double[] sums = new double[step * (length + 1)];
        for (int along = 0; along < length; along++) {
            for (int i = 0; i < step; i++) {
                double sum = 0;
                for (int inward = 0; inward < rim; inward++) {
                    int there = view.at(along + view.along(source), view.inward(source) + inward);
                    sum += (from[step * view.at(along, inward) + i] & 0xff) - (from[step * there + i] & 0xff);
                }
                double most = MOST_OFF * rim;
                sums[step * (along + 1) + i] = sums[step * along + i] + Math.max(-most, Math.min(most, sum)) / rim;
            }
        }
        int around = (int) Math.round(SMOOTH * length / 2);
        float[] means = new float[step * length];
        for (int along = 0; along < length; along++) {
            int begin = Math.max(0, along - around);
            int end = Math.min(length, along + around + 1);
            for (int i = 0; i < step; i++) {
                means[step * along + i] = (float) ((sums[step * end + i] - sums[step * begin + i]) / (end - begin));
            }
        }
        return means;
    }
}
