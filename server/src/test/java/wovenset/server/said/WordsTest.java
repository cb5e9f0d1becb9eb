package wovenset.server.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wovenset.core.said.Code;
import wovenset.core.said.Doing;
import wovenset.core.said.Notice;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

class WordsTest {
    @Test
    void everyCodeHasItsWordsAndTheyReadWithWhateverArguments() {
        Stream.of(Reason.values(), Doing.values(), Notice.values())
                .flatMap(Stream::of)
                .forEach(code -> {
                    assertThat(Words.has(((Code) code).code()))
                            .as(code.toString())
                            .isTrue();
                    String words = Words.of(Said.of((Code) code, 2, 1, 3, 4, 5, 6));
                    assertThat(words).as(code.toString()).isNotBlank().doesNotContain("{");
                });
    }

    @Test
    void numbersTakeTheirForm() {
        assertThat(Words.of(Said.of(Reason.REFLOW, 1, 1, 2))).isEqualTo("1 photo, 1 → 2 pages.");
        assertThat(Words.of(Said.of(Reason.REFLOW, 3, 4, 5))).isEqualTo("3 photos, 4 → 5 pages.");
        assertThat(Words.of(Said.of(Reason.ON_PAGE, 2, Said.of(Reason.CELL_FIRST))))
                .isEqualTo("Page 2: Give the cell's size first.");
    }
}
