package wovenset.core.retouch;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.Mend;

/**
 * Puts places of a photo right.
 *
 * <p>What is to go is covered with the picture from elsewhere that goes on best there ({@code subject.LikePlace} finds it), so that its grain is as fine as
 * the photo's. Its colours are moved by what both differ by around the place, carried smoothly inwards (as in P. Pérez, M. Gangnet, A. Blake,
 * "Poisson Image Editing", 2003, by {@link Membrane}). Without such a place the colours around are carried inwards themselves. A pupil's red becomes the mean of its
 * green and blue, as far as it is redder than skin. Cost: linear in the pixels around each place.
 */
final class Mending {
    /** A pupil is at least so many times as red as it is green or blue; skin is less. */
    private static final double SKIN = 1.5;

    private static final double SHINING = 2.2;
    /** Of the stroke's box: as far around it colours are looked at. */
    private static final double AROUND = 0.25;

    private static final int LEAST_AROUND = 3;

    private final byte[] pixels;
    private final int step;
    private final int width;
    private final int height;

    private Mending(BufferedImage image) {
        pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        step = image.getColorModel().hasAlpha() ? 4 : 3;
        width = image.getWidth();
        height = image.getHeight();
    }

    /** A mended copy. */
    static BufferedImage of(BufferedImage image, List<Mend> mends) {
        BufferedImage mended = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        byte[] from = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        System.arraycopy(from, 0, ((DataBufferByte) mended.getRaster().getDataBuffer()).getData(), 0, from.length);
        Mending mending = new Mending(mended);
        mends.forEach(mending::mend);
        return mended;
    }

    private void mend(Mend mend) {
        Spot spot = new Spot(mend.stroke(), width, height);
        switch (mend.kind()) {
            case RED_EYE -> redEye(spot);
            case REMOVE -> remove(spot, mend);
        }
    }

    /** Where a stroke lies: a box with room around it, and how much of each of its pixels is meant. */
    private static final class Spot {
        final int left;
        final int top;
        final int width;
        final int height;
        final float[] much;

        Spot(BrushStroke stroke, int width, int height) {
            BrushStroke.PixelBox own = stroke.box(width, height, 0);
            double around = Math.max(LEAST_AROUND, AROUND * Math.max(own.width(), own.height()));
            BrushStroke.PixelBox box = stroke.box(width, height, around);
            left = box.left();
            top = box.top();
            this.width = box.width();
            this.height = box.height();
            much = new float[box.width() * box.height()];
            stroke.paint(width, height, box, (at, share) -> much[at] = (float) share);
        }
    }

    private int at(Spot spot, int i) {
        int x = spot.left + i % spot.width;
        int y = spot.top + Math.floorDiv(i, spot.width);
        return (y * width + x) * step + step - 3;
    }

    private void redEye(Spot spot) {
        for (int i = 0; i < spot.much.length; i++) {
            if (spot.much[i] > 0) {
                int at = at(spot, i);
                int blue = pixels[at] & 0xff;
                int green = pixels[at + 1] & 0xff;
                int red = pixels[at + 2] & 0xff;
                double times = red / (Math.max(blue, green) + 1.0);
                double share = spot.much[i] * Math.min(1, Math.max(0, (times - SKIN) / (SHINING - SKIN)));
                pixels[at + 2] = (byte) Math.round(red + share * ((green + blue) / 2.0 - red));
            }
        }
    }

    private void remove(Spot spot, Mend mend) {
        if (spot.much.length == 0) {
            return;
        }
        int byX = (int) Math.round(mend.like().map(BrushStroke.Point::x).orElse(0.0) * width);
        int byY = (int) Math.round(mend.like().map(BrushStroke.Point::y).orElse(0.0) * height);
        boolean like = mend.like().isPresent();
        float[] weights = new float[spot.much.length];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = spot.much[i] == 0 ? 1 : 0;
        }
        float[][] carried = new float[3][];
        byte[] elsewhere = new byte[3 * weights.length];
        for (int channel = 0; channel < 3; channel++) {
            float[] off = new float[weights.length];
            for (int i = 0; i < off.length; i++) {
                int there = like ? elsewhere(spot, i, byX, byY) + channel : -1;
                elsewhere[3 * i + channel] = like ? pixels[there] : 0;
                off[i] = (pixels[at(spot, i) + channel] & 0xff) - (elsewhere[3 * i + channel] & 0xff);
            }
            carried[channel] = Membrane.carried(off, weights, spot.width, spot.height);
        }
        for (int i = 0; i < weights.length; i++) {
            for (int channel = 0; channel < 3 && spot.much[i] > 0; channel++) {
                int at = at(spot, i) + channel;
                double other = Math.min(255, Math.max(0, (elsewhere[3 * i + channel] & 0xff) + carried[channel][i]));
                int now = pixels[at] & 0xff;
                pixels[at] = (byte) Math.round(now + spot.much[i] * (other - now));
            }
        }
    }

    /** The same pixel so far away, as near as the photo reaches. */
    private int elsewhere(Spot spot, int i, int byX, int byY) {
        int x = Math.min(width - 1, Math.max(0, spot.left + i % spot.width + byX));
        int y = Math.min(height - 1, Math.max(0, spot.top + Math.floorDiv(i, spot.width) + byY));
        return (y * width + x) * step + step - 3;
    }
}
