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
import wovenset.core.style.Language;

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
        assertThat(WordFitter.fit("Drachen ᚠ im Wind 𒀀", FACE, 10, 80, 1).missing())
                .isEqualTo("ᚠ𒀀");
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

    private static List<String> parted(String text, double widthMm, Hyphens hyphens) {
        return WordFitter.fit(text, FACE, 10, widthMm, size -> 60, hyphens).lines().stream()
                .map(FittedWords.Line::text)
                .toList();
    }

    @Test
    void wordsArePartedByTheRulesOfTheirLanguage() {
        assertThat(parted("Fotobuchseite", 20, Hyphens.of(Language.GERMAN))).containsExactly("Fotobuch-", "seite");
        assertThat(parted("photographie", 16, Hyphens.of(Language.FRENCH))).containsExactly("photogra-", "phie");
        assertThat(parted("The hyphenation", 22, Hyphens.of(Language.ENGLISH))).containsExactly("The hyphena-", "tion");
        assertThat(parted("fotografía", 14, Hyphens.of(Language.SPANISH))).containsExactly("fotogra-", "fía");
    }

    /** Whatever the language and the width: nothing is lost, no line is too wide, and few letters are never alone. */
    @Property(tries = 200)
    void partedWordsAreWhole(@ForAll Language language, @ForAll @DoubleRange(min = 12, max = 60) double widthMm) {
        String text = "Eleven photographs remembering extraordinary windmill afternoons, Donaudampfschifffahrt!";
        FittedWords fitted = WordFitter.fit(text, FACE, 10, widthMm, size -> 60, Hyphens.of(language));
        List<String> lines = fitted.lines().stream().map(FittedWords.Line::text).toList();
        String joined = String.join(" ", lines).replace("- ", "");
        assertThat(joined.replace(" ", "")).isEqualTo(text.replace(" ", ""));
        for (String line : lines) {
            assertThat(FACE.width(line) * fitted.sizeMm()).isLessThanOrEqualTo(widthMm + 1e-6);
        }
    }

    /** Set a little smaller, a word is whole; one that would have to be much smaller is broken, and keeps its size. */
    @Test
    void aWordThatIsTooWideIsSetSmallerRatherThanBroken() {
        FittedWords smaller = WordFitter.fit("Windbreaks, all in a row", FACE, 10, 14, 8);
        assertThat(smaller.lines().get(0).text()).isEqualTo("Windbreaks,");
        assertThat(smaller.sizePt()).isBetween(6.0, 9.7);
        FittedWords broken = WordFitter.fit("Donaudampfschifffahrtsgesellschaft", FACE, 10, 14, 8);
        assertThat(broken.lines()).hasSizeGreaterThan(2);
        assertThat(broken.sizePt()).isEqualTo(10);
        assertThat(broken.allShown()).isTrue();
    }

    @Test
    void signsThatTheTypefaceLacksAreLentByOthers() {
        FittedWords lent = WordFitter.fit("Drachen 🪁 im Wind 風, سلام, שלום, नमस्ते", FACE, 10, 200, 1);
        assertThat(lent.missing()).isEmpty();
        assertThat(lent.lenders())
                .containsExactly("Noto Emoji", "Noto Sans SC", "Noto Naskh Arabic", "Noto Sans Hebrew", "Noto Sans");
        assertThat(WordFitter.fit("Last boat home", FACE, 10, 80, 1).lenders()).isEmpty();
    }

    /** Letters of one word take each other's forms, and a family is one sign, as a shaper of its own would have it. */
    @Test
    void lentSignsAreShapedTogether() {
        assertThat(FACE.width("سلام"))
                .isLessThan(0.85 * (FACE.width("س") + FACE.width("ل") + FACE.width("ا") + FACE.width("م")));
        assertThat(FACE.width("👨‍👩‍👧")).isLessThan(1.5 * FACE.width("👨"));
        assertThat(Typefaces.outline(FACE, "नमस्ते").getBounds2D().getWidth()).isPositive();
    }

    /** No line begins with a full stop or a small kana, and none is broken within a word of Latin letters. */
    @Test
    void scriptsWithoutSpacesAreBrokenByTheirRules() {
        List<String> lines = parted("夏の凧。ちょっと休みます。風が強い日。", 22, Hyphens.NONE);
        assertThat(String.join("", lines)).isEqualTo("夏の凧。ちょっと休みます。風が強い日。");
        assertThat(lines)
                .hasSizeGreaterThan(2)
                .allSatisfy(line -> assertThat(line).doesNotStartWith("。").doesNotStartWith("ょ"));
        assertThat(parted("凧kites凧", 10, Hyphens.NONE)).contains("kites");
    }
}
