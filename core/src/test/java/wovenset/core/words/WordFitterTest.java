package wovenset.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class WordFitterTest {
    private static final Setting FACE = Setting.plain("Source Sans 3");

    @Test
    void shortWordsStandOnOneLineAtTheWishedSize() {
        FittedWords fitted = WordFitter.fit("Last boat home", FACE, 10, 60, 1);
        assertThat(fitted.lines()).singleElement().satisfies(line -> assertThat(line.text())
                .isEqualTo("Last boat home"));
        assertThat(fitted.sizePt()).isEqualTo(10);
        assertThat(fitted.allShown()).isTrue();
    }

    @Test
    void longWordsShrinkBeforeTheyAreCut() {
        FittedWords shrunk = WordFitter.fit("The box kite that would not land", FACE, 10, 42, 1);
        assertThat(shrunk.allShown()).isTrue();
        assertThat(shrunk.sizePt()).isBetween(6.0, 9.9);
        FittedWords cut = WordFitter.fit("The box kite that would not land ".repeat(4), FACE, 10, 42, 1);
        assertThat(cut.allShown()).isFalse();
        assertThat(cut.lines().get(0).text()).startsWith("The box kite").endsWith("…");
    }

    @Test
    void wordsBreakOverTheLinesThatThereAreAndKeepTypedBreaks() {
        assertThat(WordFitter.fit("Grounded\nfor the day", FACE, 10, 60, 2).lines())
                .extracting(FittedWords.Line::text)
                .containsExactly("Grounded", "for the day");
        assertThat(WordFitter.fit("The box kite that would not land", FACE, 10, 30, 2)
                        .lines())
                .extracting(FittedWords.Line::text)
                .containsExactly("The box kite that", "would not land");
    }

    @Test
    void lettersThatStandApartTakeMoreRoomButNoneBehindTheLast() {
        double plain = WordFitter.fit("Kites", FACE, 10, 60, 1).lines().get(0).widthMm();
        Setting apart = new Setting(FACE.face(), 0.2);
        assertThat(WordFitter.fit("Kites", apart, 10, 60, 1).lines().get(0).widthMm())
                .isCloseTo(plain + 4 * 0.2 * 10 * 25.4 / 72, within(1e-9));
        assertThat(WordFitter.lines("The box kite", FACE, 10, plain * 2.6)).isEqualTo(1);
        assertThat(WordFitter.lines("The box kite", apart, 10, plain * 2.6)).isEqualTo(2);
        // Letters that join stay as they are.
        double joined = WordFitter.fit("طائرة", FACE, 10, 60, 1).lines().get(0).widthMm();
        assertThat(WordFitter.fit("طائرة", apart, 10, 60, 1).lines().get(0).widthMm())
                .isEqualTo(joined);
    }

    @Test
    void noWordIsAloneAtTheEndOfAHeading() {
        assertThat(texts("The box kite that would not land", 42))
                .containsExactly("The box kite that would", "not land");
        assertThat(texts("Kites over Wrackmouth", 32)).containsExactly("Kites over", "Wrackmouth");
        assertThat(texts("One\nThe box kite that would not land", 42))
                .containsExactly("One", "The box kite that would", "not land");
        // Two words that would each be alone, and text that is no heading.
        assertThat(texts("wide word ".repeat(2) + "end", 18)).containsExactly("wide word", "wide word", "end");
        assertThat(texts("a wide word ".repeat(6) + "end", 20))
                .hasSize(7)
                .last()
                .isEqualTo("end");
    }

    private static List<String> texts(String words, double width) {
        return WordFitter.fit(words, FACE, 10, width, 9).lines().stream()
                .map(FittedWords.Line::text)
                .toList();
    }

    @Test
    void namesSignsThatTheTypefaceLacks() {
        assertThat(WordFitter.fit("Drachen 🪁 im Wind 風", FACE, 10, 80, 1).missing())
                .isEqualTo("🪁風");
        assertThat(WordFitter.fit("Über Ærø, žluťoučký", FACE, 10, 80, 1).missing())
                .isEmpty();
    }

    @Property(tries = 300)
    void noLineIsWiderThanItsRoomAndNoneIsTooMany(
            @ForAll @StringLength(min = 1, max = 120) String text,
            @ForAll @DoubleRange(min = 8, max = 200) double width,
            @ForAll @IntRange(min = 1, max = 4) int lines) {
        FittedWords fitted = WordFitter.fit(text, Setting.plain("Alegreya"), 9, width, lines);
        assertThat(fitted.lines().size()).isLessThanOrEqualTo(lines);
        assertThat(fitted.lines()).allSatisfy(line -> {
            if (line.text().codePointCount(0, line.text().length()) > 1) {
                assertThat(line.widthMm()).isLessThanOrEqualTo(width + 1e-6);
            }
        });
    }

    @Test
    void everyShippedTypefaceLoadsUnderItsOwnName() {
        assertThat(Typefaces.all()).hasSize(18).allSatisfy(family -> {
            String name = family.name();
            String first = name.split(" ")[0];
            assertThat(Typefaces.font(name).getFontName()).startsWith(first);
            String boldest = Typefaces.face(name, true, true);
            assertThat(Typefaces.font(boldest).getFontName()).startsWith(first);
            assertThat(boldest.contains("Bold")).isEqualTo(family.hasBold());
            assertThat(boldest.contains("Italic")).isEqualTo(family.hasItalic());
        });
        // A typeface with one face only is set in it, whatever is asked for.
        assertThat(Typefaces.face("Pacifico", true, true)).isEqualTo("Pacifico");
    }
}
