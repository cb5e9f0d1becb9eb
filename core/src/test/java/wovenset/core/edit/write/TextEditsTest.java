package wovenset.core.edit.write;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.row;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.Edit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.style.SharedText;
import wovenset.core.style.TextStyle;
import wovenset.core.theme.ShippedThemes;
import wovenset.core.words.Typefaces;

class TextEditsTest {
    private static final Piece PHOTOS = row(3);
    private static final UUID PAGE = first(PHOTOS).id();
    private static final UUID STYLE = new UUID(6, 6);

    private final Piece written = applied(
            applied(PHOTOS, new WordsEdit.AddWords(PAGE, WordsEdit.WordsPlace.FREE, Optional.of("One"))),
            new WordsEdit.AddWords(PAGE, WordsEdit.WordsPlace.BOTTOM, Optional.of("Two")));
    private final List<UUID> both = first(written).frames().stream()
            .filter(frame -> frame.fill() instanceof Fill.Words)
            .map(Frame::id)
            .toList();
    private final Piece shared = applied(written, new WordsEdit.ShareText(PAGE, both, STYLE, "Heads"));

    private static TextStyle style(Piece piece, UUID frame) {
        return words(piece, frame).style();
    }

    private static Fill.Words words(Piece piece, UUID frame) {
        return first(piece).frame(frame).orElseThrow().ownWords().orElseThrow();
    }

    private static SharedText heads(Piece piece) {
        return piece.styles().text(STYLE).orElseThrow();
    }

    private static Edit coloured(List<UUID> frames, String colour) {
        return new WordsEdit.DressWords(
                PAGE,
                frames,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Rgb(colour)),
                Optional.empty(),
                Optional.empty());
    }

    private static SharedText larger(Piece piece) {
        return heads(piece).withStyle(heads(piece).style().scaled(2));
    }

    @Test
    void wordsThatShareAStyleLookAlikeAndFollowIt() {
        assertThat(style(shared, both.get(1))).isEqualTo(style(written, both.get(0)));
        assertThat(heads(shared).style()).isEqualTo(style(written, both.get(0)));
        Piece changed = applied(shared, new WordsEdit.SetText(larger(shared)));
        for (UUID frame : both) {
            assertThat(style(changed, frame)).isEqualTo(larger(shared).style());
        }
        assertThat(words(changed, both.get(1)).text()).isEqualTo("Two");
    }

    @Test
    void whatDiffersStaysAndIsPutBack() {
        Piece differing = applied(shared, coloured(both.subList(0, 1), "#a4373a"));
        Piece changed = applied(differing, new WordsEdit.SetText(larger(shared)));
        assertThat(style(changed, both.get(0)).colour().hex()).isEqualTo("#a4373a");
        assertThat(style(changed, both.get(0)).sizePt())
                .isEqualTo(larger(shared).style().sizePt());
        Piece back = applied(changed, new WordsEdit.FollowText(PAGE, both.subList(0, 1), STYLE));
        assertThat(style(back, both.get(0))).isEqualTo(larger(shared).style());
    }

    @Test
    void newWordsFollowWhatWordsInTheirPlaceDo() {
        Piece more = applied(shared, new WordsEdit.AddWords(PAGE, WordsEdit.WordsPlace.FREE, Optional.of("Three")));
        Fill.Words third = first(more)
                .frames()
                .get(first(more).frames().size() - 1)
                .ownWords()
                .orElseThrow();
        assertThat(third.shared()).contains(STYLE);
        assertThat(third.style()).isEqualTo(heads(more).style());
    }

    @Test
    void takenAwayWordsLookAsBeforeAndFollowNothing() {
        Piece without = applied(shared, new WordsEdit.RemoveText(STYLE));
        assertThat(without.styles().texts()).isEmpty();
        for (UUID frame : both) {
            assertThat(words(without, frame)).isEqualTo(words(shared, frame).sharing(Optional.empty()));
        }
        checkRefused(without, new WordsEdit.FollowText(PAGE, both, STYLE), "style", Reason.TEXT_STYLE_GONE);
    }

    @Test
    void namesAreToldApartAndTypefacesShip() {
        Edit again = new WordsEdit.ShareText(PAGE, both, new UUID(7, 7), " heads ");
        checkRefused(shared, again, "name", Reason.TEXT_STYLE_TAKEN, "heads");
        SharedText called = new SharedText(STYLE, "Titles", heads(shared).style());
        assertThat(applied(shared, new WordsEdit.SetText(called)).styles().texts())
                .containsExactly(called);
        TextStyle odd =
                heads(shared).style().withFace("Nowhere", TextStyle.Weight.BOLD, TextStyle.Slant.UPRIGHT, Rgb.INK);
        checkRefused(
                shared,
                new WordsEdit.SetText(called.withStyle(odd)),
                "typeface",
                Reason.TYPEFACE,
                String.join(", ", Typefaces.names()));
    }

    @Test
    void aLookOfTheWholePieceChangesTheSharedStyleAndItsWordsAlike() {
        Piece worn = applied(
                shared,
                new PieceEdit.WearTheme(ShippedThemes.of(PHOTOS.format()).get(2)));
        for (UUID frame : both) {
            assertThat(style(worn, frame))
                    .isEqualTo(heads(worn).style())
                    .isNotEqualTo(heads(shared).style());
        }
    }
}
