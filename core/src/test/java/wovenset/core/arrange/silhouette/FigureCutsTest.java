package wovenset.core.arrange.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import wovenset.core.arrange.silhouette.PieceShapes.PieceShape;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.Region;
import wovenset.core.words.LetterRow;
import wovenset.core.words.Typefaces;

/** Figures cut into pieces. */
class FigureCutsTest {
    private static final double WIDTH = 240;

    private static Cutting cutting(int way, int pieces, long seed) {
        return switch (way) {
            case 0 -> new Cutting.Rows(1 + pieces % 6, 1 + pieces / 6);
            case 1 -> new Cutting.Halves(pieces, seed);
            default -> new Cutting.Cells(pieces, seed);
        };
    }

    private static List<Double> proportions(int count, long seed) {
        Random random = new Random(seed);
        return DoubleStream.generate(() -> random.nextBoolean() ? 1.5 : 0.67)
                .limit(count)
                .boxed()
                .toList();
    }

    private static List<Geometry> areas(List<PieceShape> pieces) {
        List<Geometry> areas = new ArrayList<>();
        for (PieceShape piece : pieces) {
            Geometry own = FigureArea.area(
                    piece.data(), piece.box().width(), piece.box().height(), 0.01);
            areas.add(AffineTransformation.translationInstance(
                            piece.box().x(), piece.box().y())
                    .transform(own));
        }
        return areas;
    }

    /** Without a gap they make up the figure; with one each is as far from its neighbours, and the figure's edge stays. */
    @Property(tries = 25)
    void piecesMakeUpTheFigureWithEvenGaps(
            @ForAll @IntRange(max = 11) int which,
            @ForAll @IntRange(max = 2) int way,
            @ForAll @IntRange(min = 1, max = 40) int count,
            @ForAll long seed,
            @ForAll @DoubleRange(min = 0.5, max = 4) double gap) {
        Figure figure = ShippedFigures.all().get(which);
        List<String> cells = FigureCuts.cells(figure, cutting(way, count, seed), proportions(count, seed));
        double height = WIDTH / figure.proportion();
        Geometry whole = FigureArea.area(figure.data(), WIDTH, height, 0.01);
        List<PieceShape> touching = PieceShapes.of(figure, cells, WIDTH, 0);
        double sum = touching.stream().mapToDouble(PieceShape::areaMm2).sum();
        assertThat(sum).isCloseTo(whole.getArea(), within(0.002 * whole.getArea()));

        List<Geometry> apart = areas(PieceShapes.of(figure, cells, WIDTH, gap));
        List<Geometry> shown = apart.stream().filter(area -> !area.isEmpty()).toList();
        Geometry all = shown.get(0);
        for (int i = 0; i < shown.size(); i++) {
            all = all.union(shown.get(i));
            for (int j = 0; j < i; j++) {
                assertThat(shown.get(i).distance(shown.get(j))).isGreaterThan(gap - 0.03);
            }
        }
        assertThat(whole.difference(all.buffer(1.6 * gap + 0.2)).getArea())
                .as("nothing is lost but gaps")
                .isLessThan(0.02 * whole.getArea());
        assertThat(all.difference(whole.buffer(0.1)).getArea())
                .as("nothing lies outside")
                .isZero();
        assertThat(FigureCuts.cells(figure, cutting(way, count, seed), proportions(count, seed)))
                .as("the same again")
                .isEqualTo(cells);
    }

    /** As many as were asked for, none of them tiny or a thread. */
    @Property(tries = 25)
    void piecesAreNeitherEmptyNorTiny(
            @ForAll @IntRange(max = 11) int which,
            @ForAll @IntRange(min = 1, max = 2) int way,
            @ForAll @IntRange(min = 4, max = 40) int count,
            @ForAll long seed) {
        Figure figure = ShippedFigures.all().get(which);
        List<String> cells = FigureCuts.cells(figure, cutting(way, count, seed), proportions(count, seed));
        assertThat(cells).hasSizeBetween(count * 4 / 5, count * 6 / 5);
        List<PieceShape> pieces = PieceShapes.of(figure, cells, WIDTH, 0);
        double mean = pieces.stream().mapToDouble(PieceShape::areaMm2).average().orElseThrow();
        assertThat(pieces).allMatch(piece -> piece.areaMm2() > 0.2 * mean);
    }

    /** Of a form like a U, cut once across, the upper half is two pieces. */
    @Test
    void aCellWithTwoPartsIsParted() {
        Figure legs = new Figure(
                "legs", "M 0 0 L 0.3 0 L 0.3 0.7 L 0.7 0.7 L 0.7 0 L 1 0 L 1 1 L 0 1 Z", /* proportion= */ 1);
        List<String> cells = FigureCuts.cells(legs, new Cutting.Rows(2, 1), List.of());
        List<PieceShape> pieces = PieceShapes.of(legs, cells, WIDTH, 2);
        assertThat(pieces).hasSize(3);
        assertThat(pieces.get(0).box()).isEqualTo(new BoxMm(0, 0, 0.3 * WIDTH, WIDTH / 2 - 1));
        assertThat(pieces.get(1).box().x()).isCloseTo(0.7 * WIDTH, within(1e-6));
        assertThat(pieces.get(2).box().y()).isCloseTo(WIDTH / 2 + 1, within(1e-6));
        assertThat(pieces.get(2).box().width()).isEqualTo(WIDTH);
    }

    /** Two squares corner to corner: cells that share no border, with nothing in the cells beside them. */
    @Test
    void piecesThatTouchAtACornerComeApart() {
        Figure squares = new Figure(
                "squares", "M 0 0 L 0.5 0 L 0.5 0.5 L 1 0.5 L 1 1 L 0.5 1 L 0.5 0.5 L 0 0.5 Z", /* proportion= */ 1);
        List<String> cells = FigureCuts.cells(squares, new Cutting.Rows(2, 2), List.of());
        List<Geometry> apart = areas(PieceShapes.of(squares, cells, WIDTH, 4));
        assertThat(apart).hasSize(2);
        assertThat(apart.get(0).distance(apart.get(1))).isCloseTo(4, within(0.03));
    }

    /** The islands of a word are pieces of their own, however small. */
    @Test
    void lettersOfAWordStayApart() {
        Figure word = ShippedFigures.word("Ä", LetterRow.of(Typefaces.bold("Oswald"), "ä"));
        List<String> cells = FigureCuts.cells(word, new Cutting.Rows(1, 1), List.of());
        assertThat(cells).as("the letter and its two dots").hasSize(3);
        assertThat(FigureCuts.cells(word, new Cutting.Cells(8, 3), List.of())).hasSize(8);
    }

    /** Upright photos make upright pieces, wide ones wide pieces. */
    @Test
    void halvesSuitThePhotos() {
        Figure circle = ShippedFigures.all().get(1);
        assertThat(meanProportion(circle, 0.6)).isLessThan(0.9);
        assertThat(meanProportion(circle, 1.7)).isGreaterThan(1.15);
    }

    private static double meanProportion(Figure figure, double photos) {
        List<Double> proportions = IntStream.range(0, 12).mapToObj(i -> photos).toList();
        List<String> cells = FigureCuts.cells(figure, new Cutting.Halves(12, 1), proportions);
        return Math.exp(PieceShapes.of(figure, cells, WIDTH, 0).stream()
                .mapToDouble(piece -> Math.log(piece.box().width() / piece.box().height()))
                .average()
                .orElseThrow());
    }

    /** Against all orders of small tables. */
    @Property(tries = 100)
    void theAssignmentIsTheCheapest(@ForAll @IntRange(min = 1, max = 5) int rows, @ForAll long seed) {
        Random random = new Random(seed);
        int columns = rows + random.nextInt(2);
        double[][] costs = new double[rows][columns];
        for (double[] row : costs) {
            for (int i = 0; i < columns; i++) {
                row[i] = random.nextInt(20);
            }
        }
        int[] columnOf = Assignment.cheapest(costs);
        assertThat(IntStream.of(columnOf).distinct().count()).isEqualTo(rows);
        double found = 0;
        for (int i = 0; i < rows; i++) {
            found += costs[i][columnOf[i]];
        }
        assertThat(found).isEqualTo(least(costs, 0, new boolean[columns]));
    }

    private static double least(double[][] costs, int row, boolean[] taken) {
        if (row == costs.length) {
            return 0;
        }
        double least = Double.MAX_VALUE;
        for (int i = 0; i < taken.length; i++) {
            if (!taken[i]) {
                taken[i] = true;
                least = Math.min(least, costs[row][i] + least(costs, row + 1, taken));
                taken[i] = false;
            }
        }
        return least;
    }

    @Test
    void widePhotosComeIntoWidePieces() {
        Figure circle = ShippedFigures.all().get(1);
        List<Double> proportions = List.of(1.8, 0.55, 1.0, 0.55, 1.8, 1.0);
        List<String> cells = FigureCuts.cells(circle, new Cutting.Halves(6, 4), proportions);
        List<PieceShape> pieces = PieceShapes.of(circle, cells, WIDTH, 3);
        List<Region> subjects =
                proportions.stream().map(each -> Region.within(0, 0, 1, 1)).toList();
        List<Integer> pieceOf = Suiting.pieces(proportions, subjects, pieces);
        assertThat(pieceOf).doesNotHaveDuplicates();
        double wide = proportion(pieces.get(pieceOf.get(0))) + proportion(pieces.get(pieceOf.get(4)));
        double upright = proportion(pieces.get(pieceOf.get(1))) + proportion(pieces.get(pieceOf.get(3)));
        assertThat(wide).isGreaterThan(upright);
    }

    private static double proportion(PieceShape piece) {
        return piece.box().width() / piece.box().height();
    }
}
