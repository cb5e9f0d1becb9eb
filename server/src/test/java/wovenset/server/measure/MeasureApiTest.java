package wovenset.server.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
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
    void typefacesAreListed() {
        assertThat(api.get("/api/measure/typefaces").json().size()).isGreaterThanOrEqualTo(2);
    }
}
