package wovenset.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.format;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.RandomDistribution;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.arrange.GridOutcome.Cell;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.piece.Format;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;

class GridSumsTest {
    record Case(Format format, Grid grid) {}

    private record Track(Length page, int count, Length before, Length after, Length gap) {}

    /** Margins and gaps as shares of the page, so that about as many cases fit as do not. */
    private static Arbitrary<Track> track() {
        Arbitrary<Double> margin = Arbitraries.doubles().between(-0.01, 0.4).withDistribution(RandomDistribution.uniform());
        Arbitrary<Double> gap = Arbitraries.doubles().between(-0.01, 0.6).withDistribution(RandomDistribution.uniform());
        return Combinators.combine(Arbitraries.longs().between(20_000, 5_000_000).withDistribution(RandomDistribution.uniform()), Arbitraries.integers().between(1, Grid.MOST), margin, margin, gap)
                .as((page, count, before, after, between) -> new Track(new Length(page), count, new Length((long) (before * page)),
                        new Length((long) (after * page)), new Length((long) (between * page / count))));
    }

    @Provide
    Arbitrary<Case> cases() {
        return Combinators.combine(track(), track(), Arbitraries.of(LengthUnit.values())).as((x, y, unit) -> new Case(
                new Format(x.page, y.page, Length.ZERO, unit, Resolution.PRINT),
                new Grid(y.count, x.count, new Margins(y.before, x.after, y.after, x.before), x.gap, y.gap, null)));
    }

    @Property(tries = 3000)
    void cellsGapsAndMarginsCloseToThePageExactly(@ForAll("cases") Case one) {
        boolean fitting = GridSums.cells(one.format, one.grid) instanceof GridOutcome.Fits;
        Statistics.label("fits").collect(fitting).coverage(seen -> seen.check(true).percentage(share -> share > 15));
        if (!(GridSums.cells(one.format, one.grid) instanceof GridOutcome.Fits fits)) {
            return;
        }
        checkAxis(row(fits, one.grid), Cell::x, Cell::width, one.format.width(), one.grid.margins().left(), one.grid.margins().right(), one.grid.columnGap());
        checkAxis(column(fits, one.grid), Cell::y, Cell::height, one.format.height(), one.grid.margins().top(), one.grid.margins().bottom(), one.grid.rowGap());
        assertThat(fits.leftOverX()).isEqualTo(Length.ZERO);
        assertThat(fits.leftOverY()).isEqualTo(Length.ZERO);
    }

    private static void checkAxis(List<Cell> cells, java.util.function.Function<Cell, Length> start, java.util.function.Function<Cell, Length> size,
            Length page, Length before, Length after, Length gap) {
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
            assertThat(no.reason()).isNotBlank();
        }
    }

    @Property(tries = 2000)
    void aPageSizedFromItsCellsHoldsThemWithNothingLeft(@ForAll("cases") Case one) {
        Grid.CellSize cell = new Grid.CellSize(one.format.width(), one.format.height());
        Margins margins = Margins.all(new Length(Math.abs(one.grid.margins().top().micrometres())));
        Grid fixed = new Grid(one.grid.rows(), one.grid.columns(), margins, new Length(Math.abs(one.grid.columnGap().micrometres())),
                new Length(Math.abs(one.grid.rowGap().micrometres())), cell);
        GridSums.PageSize page = GridSums.page(fixed);
        GridOutcome outcome = GridSums.cells(one.format.withSize(page.width(), page.height()), fixed);
        assertThat(outcome).isInstanceOfSatisfying(GridOutcome.Fits.class, fits -> {
            assertThat(fits.leftOverX()).isEqualTo(Length.ZERO);
            assertThat(fits.leftOverY()).isEqualTo(Length.ZERO);
            assertThat(fits.cells()).allSatisfy(c -> assertThat(new Grid.CellSize(c.width(), c.height())).isEqualTo(cell));
        });
    }

    @Test
    void fiveBySevenInchCellsComeToAPage() {
        Grid grid = new Grid(4, 5, Margins.all(Length.ofInches(1)), Length.ofInches(0.25), Length.ofInches(0.25),
                new Grid.CellSize(Length.ofInches(7), Length.ofInches(5)));
        assertThat(GridSums.page(grid)).isEqualTo(new GridSums.PageSize(Length.ofInches(38), Length.ofInches(22.75)));
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
    @CsvSource(delimiter = '|', value = {
        "1 | 1 | 160 | 0 | margins | nothing is left for photos",
        "1 | 3 | 10 | 150 | columnGap | at most 137 mm fits",
        "3 | 1 | 10 | 100 | rowGap | at most 87 mm fits",
        "40 | 2 | 70 | 0 | rows | at most 30 do",
    })
    void impossibleGridsSayTheNearestThatFits(int rows, int columns, double margin, double gap, String field, String reason) {
        GridOutcome outcome = GridSums.cells(format(300, 200), grid(rows, columns, margin, gap));
        assertThat(outcome).isInstanceOfSatisfying(GridOutcome.DoesNotFit.class, no -> {
            assertThat(no.field()).isEqualTo(field);
            assertThat(no.reason().replace('\u2009', ' ')).contains(reason);
        });
    }

    @Test
    void cellsLargerThanTheSheetSayHowManyThereIsRoomFor() {
        Grid grid = grid(1, 3, 10, 5).withCell(new Grid.CellSize(mm(120), mm(100)));
        assertThat(GridSums.cells(format(300, 200), grid)).isInstanceOfSatisfying(GridOutcome.DoesNotFit.class, no -> {
            assertThat(no.field()).isEqualTo("cell");
            assertThat(no.reason().replace('\u2009', ' ')).isEqualTo(
                    "3 cells of 120 mm across need 370 mm; between the margins there are 280 mm, room for 2.");
        });
    }

    private static List<Cell> row(GridOutcome.Fits fits, Grid grid) {
        return fits.cells().subList(0, grid.columns());
    }

    private static List<Cell> column(GridOutcome.Fits fits, Grid grid) {
        return java.util.stream.IntStream.range(0, grid.rows()).mapToObj(row -> fits.cells().get(row * grid.columns())).toList();
    }
}
