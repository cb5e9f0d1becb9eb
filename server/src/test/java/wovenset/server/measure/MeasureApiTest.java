package wovenset.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class MeasureApiTest {
    private final Api api = TestServer.api();

    private Api.Answer length(String text) {
        return api.get("/api/measure/length?unit=CM&text=" + URLEncoder.encode(text, StandardCharsets.UTF_8));
    }

    @Test
    void sumsAreComputedInTheFieldsUnit() {
        assertThat(length("35in/5").json().path("length").asLong()).isEqualTo(177_800);
        assertThat(length("35in/5").json().path("text").asString()).isEqualTo("17.78\u2009cm");
        assertThat(length("90 - 2*3").json().path("length").asLong()).isEqualTo(840_000);
        Api.Answer refused = length("3cm +");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("position").asInt()).isEqualTo(5);
        assertThat(refused.detail()).contains("missing at the end");
    }

    @Test
    void aGridIsSummedBothWays() {
        Map<String, Object> format =
                Map.of("width", 300_000, "height", 200_000, "bleed", 0, "unit", "MM", "resolution", 300);
        Map<String, Object> margins = Map.of("top", 10_000, "right", 10_000, "bottom", 10_000, "left", 10_000);
        var cells = api.post(
                        "/api/measure/grid",
                        Map.of(
                                "format",
                                format,
                                "grid",
                                Map.of(
                                        "rows",
                                        4,
                                        "columns",
                                        5,
                                        "columnGap",
                                        5_000,
                                        "rowGap",
                                        5_000,
                                        "margins",
                                        margins)))
                .json();
        assertThat(cells.path("cellWidth").asLong()).isEqualTo(52_000);
        var page = api.post(
                        "/api/measure/grid",
                        Map.of(
                                "format",
                                format,
                                "grid",
                                Map.of(
                                        "rows",
                                        4,
                                        "columns",
                                        5,
                                        "columnGap",
                                        5_000,
                                        "rowGap",
                                        5_000,
                                        "margins",
                                        margins,
                                        "cell",
                                        Map.of("width", 177_800, "height", 127_000))))
                .json();
        assertThat(page.path("reason").asString()).contains("need");
        assertThat(page.path("pageWidth").asLong()).isEqualTo(2 * 10_000 + 5 * 177_800 + 4 * 5_000);
        assertThat(page.path("pageHeight").asLong()).isEqualTo(2 * 10_000 + 4 * 127_000 + 3 * 5_000);
    }

    @Test
    void presetsAndTypefacesAreListed() {
        assertThat(api.get("/api/measure/sizes").json().size()).isGreaterThan(15);
        assertThat(api.get("/api/measure/typefaces").json().size()).isGreaterThanOrEqualTo(2);
    }
}
