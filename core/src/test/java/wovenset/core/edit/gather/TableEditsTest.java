package wovenset.core.edit.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.row;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.caption.OwnTable;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.piece.PieceCopy;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.core.testing.Pieces;

/** A person's own table, and the words that follow it. */
class TableEditsTest {
    private static final Piece BARE = row(3);
    private static final OwnTable PRICES = new OwnTable(List.of("Name", "Price"), "{number}. {name} · {price}");
    private static final Piece PRICED = applied(
            BARE, table(PRICES, List.of("Small bowl", "18 €"), List.of("Jug", ""), List.of("Tall vase", "44 €")));

    @SafeVarargs
    private static Edit table(OwnTable table, List<String>... rows) {
        return new EntryEdit.SetTable(
                Optional.of(table),
                IntStream.range(0, rows.length)
                        .mapToObj(i -> new EntryEdit.TableRow(entry(BARE, i + 1), rows[i]))
                        .toList());
    }

    private static Edit write(int photo, String... cells) {
        return new EntryEdit.WriteRow(new EntryEdit.TableRow(entry(BARE, photo), List.of(cells)));
    }

    private static List<String> captions(Piece piece) {
        return piece.entries().list().stream().map(Entry::caption).toList();
    }

    @Test
    void wordsAreMadeOfTheirRowsAndFollowEachCell() {
        assertThat(captions(PRICED)).containsExactly("1. Small bowl · 18 €", "2. Jug", "3. Tall vase · 44 €");
        Piece dearer = applied(PRICED, write(2, "Jug", "26 €"));
        assertThat(captions(dearer)).containsExactly("1. Small bowl · 18 €", "2. Jug · 26 €", "3. Tall vase · 44 €");
        OwnTable shorter = new OwnTable(PRICES.columns(), "{price}");
        Piece other = applied(dearer, table(shorter, List.of("Small bowl", "20 €"), List.of("Jug", "26 €")));
        assertThat(captions(other)).containsExactly("20 €", "26 €", "");
    }

    /** What a person wrote stays until the row itself is another one. */
    @Test
    void wordsWrittenByHandStayUntilTheirRowIsAnotherOne() {
        Piece byHand = applied(PRICED, new EntryEdit.CaptionEntry(entry(BARE, 1), "Sold"));
        OwnTable dashes = new OwnTable(PRICES.columns(), "{name} — {price}");
        List<String> first = List.of("Small bowl", "18 €");
        Piece rewritten = applied(byHand, table(dashes, first, List.of("Jug"), List.of("Tall vase", "44 €")));
        assertThat(captions(rewritten)).containsExactly("Sold", "Jug", "Tall vase — 44 €");
        assertThat(captions(applied(rewritten, write(1, "Small bowl", "16 €")))).startsWith("Small bowl — 16 €");
        assertThat(captions(applied(rewritten, write(1)))).startsWith("Sold");
        assertThat(captions(applied(rewritten, write(3)))).endsWith("");
    }

    @Test
    void aTableThatIsLetGoLeavesItsWordsAndTakesItsRows() {
        Piece left = applied(PRICED, new EntryEdit.SetTable(Optional.empty(), List.of()));
        assertThat(captions(left)).isEqualTo(captions(PRICED));
        assertThat(left.table()).isEmpty();
        assertThat(left.entries().list()).allMatch(entry -> entry.cells().isEmpty());
        checkRefused(left, write(1, "Small bowl"), "row", Reason.TABLE_GONE);
    }

    @Test
    void aCopyKeepsTheTableAndAPhotoTakenElsewhereLeavesItsRow() {
        Piece copy = PieceCopy.of(PRICED, "Copy", UUID::randomUUID);
        assertThat(copy.table()).contains(PRICES);
        assertThat(copy.entries().list())
                .extracting(Entry::cells)
                .containsExactlyElementsOf(
                        PRICED.entries().list().stream().map(Entry::cells).toList());
        Entry own = PRICED.entries().list().get(0);
        Entry foreign = new Entry(
                new UUID(1, 9), Pieces.photo(8), own.caption(), own.subject(), own.cells(), false, Optional.empty());
        Frame pasted = Frame.empty(
                        new UUID(1, 8), free(1, 1, 9, 9), BARE.styles().usual().id())
                .withFill(new Fill.OwnPhoto(foreign.id(), Crop.CENTRED));
        Piece with = applied(BARE, new ItemEdit.AddItems(first(BARE).id(), List.of(pasted), List.of(foreign)));
        assertThat(with.entries().list().get(3).cells()).isEmpty();
    }

    @Test
    void whatCannotBeATableSaysWhy() {
        checkRefused(
                BARE,
                table(new OwnTable(List.of("Name"), "{prise}")),
                "pattern",
                Reason.CAPTION_FIELD_UNKNOWN,
                "prise");
        checkRefused(
                PRICED,
                new EntryEdit.WriteRow(new EntryEdit.TableRow(new UUID(0, 5), List.of())),
                "entryId",
                Reason.ENTRY_GONE);
        checkRefused(PRICED, write(1, "x".repeat(501)), "", Reason.TABLE_CELL);
        checkRefused(PRICED, write(1, Collections.nCopies(51, "x").toArray(String[]::new)), "", Reason.TABLE_COLUMNS);
        checkUnfit(Reason.TABLE_COLUMN_TWICE, "Price", "price");
        checkUnfit(Reason.TABLE_COLUMN_NAME, "Price {net}");
        checkUnfit(Reason.TABLE_COLUMN_NAME, " ");
        checkUnfit(Reason.TABLE_COLUMNS);
        assertThat(captions(applied(PRICED, write(1, "x".repeat(500), "18 €"))).get(0))
                .hasSize(500);
    }

    private static void checkUnfit(Reason reason, String... columns) {
        assertThatThrownBy(() -> new OwnTable(Arrays.asList(columns), ""))
                .isInstanceOfSatisfying(
                        UnfitValueException.class,
                        unfit -> assertThat(unfit.said().code()).isEqualTo(reason.code()));
    }
}
