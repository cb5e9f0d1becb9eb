package wovenset.core.testing;

import java.awt.image.BufferedImage;

/**
 * How alike two pictures of one item are, over no more than the box of its ink: an average over a page would be kind to what is
 * mostly paper.
 *
 * @param similarity see {@link Likeness#of}
 * @param colour mean colour difference, see {@link Likeness#colourDistance}
 * @param edges by how many pixels its farthest edge lies beside where it should
 */
public record ItemLikeness(double similarity, double colour, double edges) {
    /** How far an edge is looked for on either side of the box, in pixels. */
    private static final int NEAR = 8;

    /** @param x of the item's box, in pixels of both pictures; what lies outside them is left out */
    public static ItemLikeness of(BufferedImage one, BufferedImage other, int x, int y, int width, int height) {
        BufferedImage a = part(one, x, y, width, height);
        BufferedImage b = part(other, x, y, width, height);
        double edges = Math.max(Math.abs(Likeness.shift(a, b, true)), Math.abs(Likeness.shift(a, b, false)));
        int thick = 2 * NEAR;
        for (int at : new int[] {x - NEAR, x + width - NEAR}) {
            edges = Math.max(edges, edge(one, other, at, y, thick, height, true));
        }
        for (int at : new int[] {y - NEAR, y + height - NEAR}) {
            edges = Math.max(edges, edge(one, other, x, at, width, thick, false));
        }
        return new ItemLikeness(Likeness.of(a, b), Likeness.colourDistance(a, b), edges);
    }

    private static double edge(
            BufferedImage one, BufferedImage other, int x, int y, int width, int height, boolean across) {
        return Math.abs(Likeness.shift(part(one, x, y, width, height), part(other, x, y, width, height), across));
    }

    private static BufferedImage part(BufferedImage image, int x, int y, int width, int height) {
        int left = Math.max(0, Math.min(x, image.getWidth() - 2 * NEAR));
        int top = Math.max(0, Math.min(y, image.getHeight() - 2 * NEAR));
        return image.getSubimage(
                left,
                top,
                Math.max(2 * NEAR, Math.min(width, image.getWidth() - left)),
                Math.max(2 * NEAR, Math.min(height, image.getHeight() - top)));
    }
}
