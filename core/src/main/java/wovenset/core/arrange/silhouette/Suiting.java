package wovenset.core.arrange.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import wovenset.core.arrange.silhouette.PieceShapes.PieceShape;
import wovenset.core.photo.Region;

/**
 * Which photo comes into which piece of a figure: the assignment with the least sum of the share of each photo that its piece does not show
 * and, weighing {@value #SUBJECT} times as much, of the share of its subject. A photo fills its piece's box and its subject lies as near to
 * the middle as that goes. Cost: n³ for n pieces.
 */
public final class Suiting {
    private static final double SUBJECT = 2;

    private Suiting() {}

    /**
     * @param proportions of the photos, no more than pieces
     * @param subjects what of each should be seen
     * @return for each photo, the piece
     */
    public static List<Integer> pieces(List<Double> proportions, List<Region> subjects, List<PieceShape> pieces) {
        double[][] costs = new double[proportions.size()][pieces.size()];
        for (int photo = 0; photo < proportions.size(); photo++) {
            for (int piece = 0; piece < pieces.size(); piece++) {
                costs[photo][piece] = cost(proportions.get(photo), subjects.get(photo), pieces.get(piece));
            }
        }
        return new ArrayList<>(IntStream.of(Assignment.cheapest(costs)).boxed().toList());
    }

    private static double cost(double proportion, Region subject, PieceShape piece) {
        double width = piece.box().width();
        double height = piece.box().height();
        if (width <= 0 || height <= 0) {
            return 1 + SUBJECT;
        }
        double photoHeight = Math.max(height, width / proportion);
        double photoWidth = photoHeight * proportion;
        double lost = 1 - piece.areaMm2() / (photoWidth * photoHeight);
        // In a piece that fills its box well the middle is seen, whatever is cut off at the corners.
        double fill = piece.areaMm2() / (width * height);
        double across = Math.min(1, width * fill / Math.max(1e-9, subject.width() * photoWidth));
        double down = Math.min(1, height * fill / Math.max(1e-9, subject.height() * photoHeight));
        return lost + SUBJECT * (1 - across * down);
    }
}
