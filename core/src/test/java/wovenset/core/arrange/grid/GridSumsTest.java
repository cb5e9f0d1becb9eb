package wovenset.core.arrange.grid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.format;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;

import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.RandomDistribution;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.arrange.grid.GridOutcome.Cell;
import wovenset.core.arrangement.CellSpan;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Track;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.said.Reason;

class GridSumsTest {
    record Case(Format format, Grid grid) {}

    private record Line(Length page, int count, Length before, Length after, Length gap) {}

    /** Margins and gaps as shares of the page, so that about as many cases fit as do not. */
    private static Arbitrary<Line> track() {
        Arbitrary<Double> margin =
                Arbitraries.doubles().between(-0.01, 0.4).withDistribution(RandomDistribution.uniform());
        Arbitrary<Double> gap =
                Arbitraries.doubles().between(-0.01, 0.6).withDistribution(RandomDistribution.uniform());
        return Combinators.combine(
                        Arbitraries.longs().between(20_000, 5_000_000).withDistribution(RandomDistribution.uniform()),
                        Arbitraries.integers().between(1, Grid.MOST),
                        margin,
                        margin,
                        gap)
                .as((page, count, before, after, between) -> new Line(
                        new Length(page),
                        count,
                        new Length((long) (before * page)),
                        new Length((long) (after * page)),
                        new Length((long) (between * page / count))));
    }

    @Provide
    Arbitrary<Case> cases() {
        return Combinators.combine(track(), track(), Arbitraries.of(LengthUnit.values()))
                .as((x, y, unit) -> new Case(
                        new Format(x.page, y.page, Length.ZERO, unit, Resolution.PRINT),
                        new Grid(
                                y.count,
                                x.count,
                                new Margins(y.before, x.after, y.after, x.before),
                                x.gap,
                                y.gap,
                                null)));
    }

    @Property(tries = 3000)
    void cellsGapsAndMarginsCloseToThePageExactly(@ForAll("cases") Case one) {
        boolean fitting = GridSums.cells(one.format, one.grid) instanceof GridOutcome.Fits;
        Statistics.label("fits").collect(fitting).coverage(seen -> seen.check(true)
                .percentage(share -> share > 15));
        if (!(GridSums.cells(one.format, one.grid) instanceof GridOutcome.Fits fits)) {
            return;
        }
        checkAxis(
                row(fits, one.grid),
                Cell::x,
                Cell::width,
                one.format.width(),
                one.grid.margins().left(),
                one.grid.margins().right(),
                one.grid.columnGap());
        checkAxis(
                column(fits, one.grid),
                Cell::y,
                Cell::height,
                one.format.height(),
                one.grid.margins().top(),
                one.grid.margins().bottom(),
                one.grid.rowGap());
        assertThat(fits.leftOverX()).isEqualTo(Length.ZERO);
        assertThat(fits.leftOverY()).isEqualTo(Length.ZERO);
    }

    private static void checkAxis(
            List<Cell> cells,
            Function<Cell, Length> start,
            Function<Cell, Length> size,
            Length page,
            Length before,
            Length after,
            Length gap) {
        long at = before.micrometres();
        long smallest = Long.MAX_VALUE;
        long largest = 0;
        for (Cell cell : cells) {
            assertThat(start.apply(cell).micrometres()).isEqualTo(at);
            at += size.apply(cell).micrometres() + gap.micrometres();
            smallest = Math.min(smallest, size.apply(cell).micrometres());
            largest = Math.max(largest, size.apply(cell).micrometres());
        }
        assertThat(at - gap.micrometres() + after.micrometres()).isEqualTo(page.micrometres());
        assertThat(largest - smallest).isLessThanOrEqualTo(1);
        assertThat(smallest).isGreaterThanOrEqualTo(GridSums.SMALLEST_CELL.micrometres());
    }

    @Property(tries = 2000)
    void whatDoesNotFitIsNamedWithItsField(@ForAll("cases") Case one) {
        if (GridSums.cells(one.format, one.grid) instanceof GridOutcome.DoesNotFit no) {
            assertThat(no.field()).isIn("margins", "columnGap", "rowGap", "columns", "rows");
            assertThat(no.reason().code()).startsWith("refused.");
        }
    }

    @Property(tries = 2000)
    void aPageSizedFromItsCellsHoldsThemWithNothingLeft(@ForAll("cases") Case one) {
        Grid.CellSize cell = new Grid.CellSize(one.format.width(), one.format.height());
        Margins margins =
                Margins.all(new Length(Math.abs(one.grid.margins().top().micrometres())));
        Grid fixed = new Grid(
                one.grid.rows(),
                one.grid.columns(),
                margins,
                new Length(Math.abs(one.grid.columnGap().micrometres())),
                new Length(Math.abs(one.grid.rowGap().micrometres())),
                cell);
        GridSums.PageSize page = GridSums.page(fixed, CellSurround.NONE);
        GridOutcome outcome = GridSums.cells(one.format.withSize(page.width(), page.height()), fixed);
        assertThat(outcome).isInstanceOfSatisfying(GridOutcome.Fits.class, fits -> {
            assertThat(fits.leftOverX()).isEqualTo(Length.ZERO);
            assertThat(fits.leftOverY()).isEqualTo(Length.ZERO);
            assertThat(fits.cells()).allSatisfy(c -> assertThat(new Grid.CellSize(c.width(), c.height()))
                    .isEqualTo(cell));
        });
    }

    @Test
    void fiveBySevenInchCellsComeToAPage() {
        Grid grid = new Grid(
                4,
                5,
                Margins.all(Length.ofInches(1)),
                Length.ofInches(0.25),
                Length.ofInches(0.25),
                new Grid.CellSize(Length.ofInches(7), Length.ofInches(5)));
        assertThat(GridSums.page(grid, CellSurround.NONE))
                .isEqualTo(new GridSums.PageSize(Length.ofInches(38), Length.ofInches(22.75)));
    }

    @Test
    void fixedCellsLieCentredAndSayWhatIsLeft() {
        Grid grid = grid(1, 2, 10, 5).withCell(new Grid.CellSize(mm(100), mm(100)));
        GridOutcome.Fits fits = (GridOutcome.Fits) GridSums.cells(format(300, 200), grid);
        assertThat(fits.leftOverX()).isEqualTo(mm(75));
        assertThat(fits.leftOverY()).isEqualTo(mm(80));
        assertThat(fits.cells().get(0)).isEqualTo(new Cell(mm(47.5), mm(50), mm(100), mm(100)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 | 1 | 160 | 0 | margins | MARGINS_TAKE_ALL | 320 mm",
                "1 | 3 | 10 | 150 | columnGap | GAPS_TOO_WIDE | 137 mm",
                "3 | 1 | 10 | 100 | rowGap | GAPS_TOO_WIDE | 87 mm",
                "40 | 2 | 70 | 0 | rows | TOO_MANY_CELLS | 30",
            })
    void impossibleGridsSayTheNearestThatFits(
            int rows, int columns, double margin, double gap, String field, Reason reason, String nearest) {
        GridOutcome outcome = GridSums.cells(format(300, 200), grid(rows, columns, margin, gap));
        assertThat(outcome).isInstanceOfSatisfying(GridOutcome.DoesNotFit.class, no -> {
            assertThat(no.field()).isEqualTo(field);
            assertThat(no.reason().code()).isEqualTo(reason.code());
            assertThat(said(no)).contains(nearest);
        });
    }

    @Test
    void cellsLargerThanTheSheetSayHowManyThereIsRoomFor() {
        Grid grid = grid(1, 3, 10, 5).withCell(new Grid.CellSize(mm(120), mm(100)));
        assertThat(GridSums.cells(format(300, 200), grid)).isInstanceOfSatisfying(GridOutcome.DoesNotFit.class, no -> {
            assertThat(no.field()).isEqualTo("cell");
            assertThat(no.reason().code()).isEqualTo(Reason.FIXED_CELLS.code());
            assertThat(said(no)).containsExactly("3", "120 mm", "0", "370 mm", "280 mm", "2");
        });
    }

    private static List<Cell> row(GridOutcome.Fits fits, Grid grid) {
        return fits.cells().subList(0, grid.columns());
    }

    private static List<Cell> column(GridOutcome.Fits fits, Grid grid) {
        return IntStream.range(0, grid.rows())
                .mapToObj(row -> fits.cells().get(row * grid.columns()))
                .toList();
    }

    /** Three columns: one of a fixed width, the others sharing what is left. */
    @Property(tries = 2000)
    void fixedTracksAreExactAndSharesTakeTheRest(
            @ForAll @LongRange(min = 5_000, max = 100_000) long fixed,
            @ForAll @DoubleRange(min = 0.2, max = 5) double share,
            @ForAll @LongRange(min = 0, max = 20_000) long gap) {
        List<Track> tracks = List.of(Track.EQUAL, Track.fixed(new Length(fixed)), new Track(null, share));
        Grid grid = new Grid(1, 3, Margins.all(mm(10)), new Length(gap), Length.ZERO, null, tracks, null, null, null);
        GridOutcome.Fits fits = (GridOutcome.Fits) GridSums.cells(format(300, 200), grid);
        long first = fits.cells().get(0).width().micrometres();
        long last = fits.cells().get(2).width().micrometres();
        assertThat(fits.cells().get(1).width().micrometres()).isEqualTo(fixed);
        assertThat(first + fixed + last + 2 * gap).isEqualTo(280_000);
        assertThat((double) last).isCloseTo(first * Math.round(share * 1000) / 1000.0, within(2 + share));
    }

    @Test
    void joinedCellsCoverTheirGapsAndOrdersGoByRowByColumnAndToAndFro() {
        Grid plain = grid(2, 3, 10, 5);
        Grid joined = plain.withSpans(List.of(new CellSpan(0, 1, 2, 2)));
        assertThat(joined.slots()).isEqualTo(3);
        GridOutcome.Fits fits = (GridOutcome.Fits) GridSums.cells(format(300, 200), joined);
        Cell large = fits.cells().get(1);
        assertThat(large.x().plus(large.width())).isEqualTo(mm(290));
        assertThat(large.height()).isEqualTo(mm(180));
        assertThat(large.width().micrometres()).isEqualTo(2 * 90_000 + 5_000);
        assertThat(slots(plain, Grid.Order.COLUMNS)).containsExactly("00", "10", "01", "11", "02", "12");
        assertThat(slots(plain, Grid.Order.SNAKING)).containsExactly("00", "01", "02", "12", "11", "10");
        assertThat(slots(joined, Grid.Order.SNAKING)).containsExactly("00", "01", "10");
        assertThatThrownBy(() -> plain.withSpans(List.of(new CellSpan(1, 1, 2, 1))))
                .hasMessageContaining(Reason.SPAN_OUTSIDE.code());
        assertThatThrownBy(() -> plain.withSpans(List.of(new CellSpan(0, 0, 1, 2), new CellSpan(0, 1, 2, 1))))
                .hasMessageContaining(Reason.SPANS_MEET.code());
    }

    private static List<String> slots(Grid grid, Grid.Order order) {
        return new Grid(
                        grid.rows(),
                        grid.columns(),
                        grid.margins(),
                        grid.columnGap(),
                        grid.rowGap(),
                        null,
                        null,
                        null,
                        grid.spans(),
                        order)
                .cells().stream().map(slot -> "" + slot.row() + slot.column()).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "300, 200, 100, 150, 2, 2, 150",
        "310, 420, 100, 150, 4, 2, 150",
        "330, 210, 150, 100, 2, 2, 150",
        "320, 320, 100, 150, 2, 3, 100"
    })
    void asManyCellsAsFitAreTurnedOnlyWhereMoreFit(
            double width, double height, double cellWidth, double cellHeight, int rows, int columns, double chosen) {
        Grid grid = grid(1, 1, 0, 0).withCell(new Grid.CellSize(mm(cellWidth), mm(cellHeight)));
        Grid most = GridSums.most(format(width, height), grid, true, CellSurround.NONE);
        assertThat(List.of(most.rows(), most.columns())).containsExactly(rows, columns);
        assertThat(Objects.requireNonNull(most.cell()).width()).isEqualTo(mm(chosen));
    }

    @Test
    void tracksThatCannotBeSayWhy() {
        Grid wide = new Grid(
                1,
                2,
                Margins.all(mm(10)),
                mm(5),
                mm(5),
                null,
                List.of(Track.fixed(mm(274.5)), Track.EQUAL),
                null,
                null,
                null);
        assertThat(GridSums.cells(format(300, 200), wide)).isInstanceOfSatisfying(GridOutcome.DoesNotFit.class, no -> {
            assertThat(no.field()).isEqualTo("columnTracks");
            assertThat(no.reason().code()).isEqualTo(Reason.TRACKS_LEAVE_NOTHING.code());
        });
        Grid thin = new Grid(
                2,
                1,
                Margins.all(mm(10)),
                mm(5),
                mm(5),
                null,
                null,
                List.of(new Track(null, 0.01), new Track(null, 10)),
                null,
                null);
        assertThat(GridSums.cells(format(300, 200), thin))
                .isInstanceOfSatisfying(
                        GridOutcome.DoesNotFit.class,
                        no -> assertThat(no.reason().code()).isEqualTo(Reason.TRACK_TOO_NARROW.code()));
    }

    private static List<String> said(GridOutcome.DoesNotFit no) {
        return no.reason().args().stream()
                .map(arg -> arg.toString().replace('\u2009', ' '))
                .toList();
    }
}
