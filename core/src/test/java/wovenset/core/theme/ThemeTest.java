package wovenset.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.core.style.Ground;
import wovenset.core.style.TextStyle;
import wovenset.core.testing.Pieces;
import wovenset.core.words.Typefaces;

class ThemeTest {
    private static final double READABLE = 4.5;

    /** Three photos, a title above and a line of reading size in the second cell of the other page. */
    private static final Piece PIECE = written();

    private static Piece written() {
        Piece plain = placed(piece(grid(1, 3, 10, 5), 2), 1, 2, 3);
        UUID page = first(plain).id();
        Piece titled = applied(plain, new WordsEdit.AddWords(page, WordsEdit.WordsPlace.TOP, Optional.of("Kites")));
        Page covered = first(titled).withGround(new Ground.Covered(new Paint.Solid(new Rgb("#123456"))));
        return titled.mapPage(page, old -> covered);
    }

    static Stream<Theme> shipped() {
        return ShippedThemes.of(PIECE.format()).stream();
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void allThatIsSeenIsTheThemesAndNoMeasureChanges(Theme theme) {
        Piece worn = applied(PIECE, new PieceEdit.WearTheme(theme));
        assertThat(worn.styles().grounds().usual()).isEqualTo(theme.ground());
        assertThat(worn.styles().usual().bands()).isEqualTo(theme.frame().bands());
        assertThat(worn.styles().captions().sizePt())
                .isEqualTo(PIECE.styles().captions().sizePt());
        assertThat(worn.styles().captions().typeface()).isEqualTo(theme.text().typeface());
        for (Page page : worn.pages()) {
            Page before = PIECE.page(page.id()).orElseThrow();
            assertThat(page.ground()).isEqualTo(new Ground.Common());
            assertThat(page.arrangement()).isEqualTo(before.arrangement());
            assertThat(page.frames())
                    .extracting(Frame::placement)
                    .isEqualTo(before.frames().stream().map(Frame::placement).toList());
        }
        assertThat(first(worn).frames())
                .filteredOn(Frame::isForPhotos)
                .hasSize(3)
                .allSatisfy(frame -> assertThat(frame.style().in(worn.styles()).bands())
                        .isEqualTo(theme.frame().bands()));
        TextStyle title = title(worn);
        TextStyle was = title(PIECE);
        assertThat(title).isEqualTo(theme.titles().on(was));
        assertThat(title.sizePt()).isEqualTo(was.sizePt());
    }

    private static TextStyle title(Piece piece) {
        return first(piece).frames().stream()
                .flatMap(frame -> frame.ownWords().stream())
                .map(Fill.Words::style)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void wordsAreReadOnTheGroundAndTheirFacesShip(Theme theme) {
        for (Theme.Letters letters : List.of(theme.titles(), theme.text())) {
            assertThat(Typefaces.all()).extracting(Typefaces.Typeface::name).contains(letters.typeface());
            assertThat(contrast(letters.colour(), theme.ground().colour())).isGreaterThan(READABLE);
        }
    }

    /** By the relative luminance of WCAG 2. */
    private static double contrast(Rgb one, Rgb other) {
        double a = one.luminance() + 0.05;
        double b = other.luminance() + 0.05;
        return Math.max(a, b) / Math.min(a, b);
    }

    @Test
    void thereAreTenAndNoTwoAreAlike() {
        assertThat(shipped()).hasSize(10);
        assertThat(shipped().map(Theme::name).distinct()).hasSize(10);
        assertThat(shipped().map(theme -> theme.ground() + theme.frame().name()).distinct())
                .hasSize(10);
    }

    @Test
    void whatAPieceLooksLikeIsTakenByAnother() {
        Theme theme = shipped().skip(4).findFirst().orElseThrow();
        Theme kept = Theme.of(applied(PIECE, new PieceEdit.WearTheme(theme)), new UUID(3, 3), "Ours");
        assertThat(kept)
                .isEqualTo(
                        new Theme(new UUID(3, 3), "Ours", theme.frame(), theme.ground(), theme.titles(), theme.text()));
        Piece other = placed(piece(grid(2, 2, 10, 5), 1), 1, 2);
        assertThat(applied(other, new PieceEdit.WearTheme(kept)).styles().usual())
                .isEqualTo(theme.frame());
    }

    @Test
    void aStyleThatThePieceChangedStaysAsItIs() {
        Theme theme = shipped().skip(1).findFirst().orElseThrow();
        Piece worn = applied(PIECE, new PieceEdit.WearTheme(theme));
        Piece changed = applied(
                worn,
                new StyleEdit.SetFrameStyle(worn.styles().usual().withFoot(Pieces.mm(9))),
                new PieceEdit.WearTheme(shipped().findFirst().orElseThrow()),
                new PieceEdit.WearTheme(theme));
        assertThat(changed.styles().usual().foot()).isEqualTo(Pieces.mm(9));
        assertThat(frames(changed)).isEqualTo(frames(PIECE));
    }

    @Test
    void lettersAreOfAFaceThatShips() {
        assertThatThrownBy(
                        () -> new Theme.Letters("Nobody’s", TextStyle.Weight.REGULAR, TextStyle.Slant.UPRIGHT, Rgb.INK))
                .isInstanceOfSatisfying(
                        UnfitValueException.class,
                        e -> assertThat(e.said().code()).isEqualTo(Reason.TYPEFACE.code()));
    }

    @Test
    void aNameIsALineOfSomeLength() {
        Theme theme = shipped().findFirst().orElseThrow();
        for (String name : List.of("", "  ", "a\nb", "x".repeat(61))) {
            assertThatThrownBy(() -> Theme.of(PIECE, theme.id(), name))
                    .isInstanceOfSatisfying(
                            UnfitValueException.class,
                            e -> assertThat(e.said().code()).isEqualTo(Reason.THEME_NAME.code()));
        }
    }
}
