package wovenset.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class GuardTest {
    private final Api api = TestServer.api();

    private static String firstLine(String host) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), TestServer.port())) {
            socket.getOutputStream()
                    .write(("GET /api/pieces HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .findFirst()
                    .orElse("");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "localhost, 200",
        "127.0.0.1:8640, 200",
        "[::1], 200",
        "evil.example, 403",
        "localhost.evil.example, 403",
        "127.0.0.1.evil.example:80, 403"
    })
    void onlyItsOwnNamesAreAnswered(String host, String status) throws IOException {
        assertThat(firstLine(host)).contains(" " + status);
    }

    @Test
    void anotherSitesPageMayNotSend() {
        assertThat(api.send(api.request("/api/pieces").header("Origin", "http://evil.example"))
                        .status())
                .isEqualTo(403);
        assertThat(api.send(api.request("/api/pieces").header("Origin", "null")).status())
                .isEqualTo(403);
        assertThat(api.send(api.request("/api/pieces").header("Origin", TestServer.address()))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void nothingMayBeLoadedFromElsewhere() {
        Api.Answer answer = api.get("/api/pieces");
        assertThat(answer.header("Content-Security-Policy"))
                .contains("default-src 'none'")
                .contains("script-src 'self'")
                .contains("frame-ancestors 'none'")
                .doesNotContain("unsafe-eval")
                .doesNotContain("script-src 'self' 'unsafe-inline'");
        assertThat(answer.header("X-Content-Type-Options")).isEqualTo("nosniff");
    }

    @Test
    void theDescriptionThatTheInterfaceIsGeneratedFromIsUpToDate() throws IOException {
        var described = api.get("/api/openapi.json").json();
        ((ObjectNode) described).remove("servers");
        var committed = new JsonMapper().readTree(Files.readString(Path.of("../web/openapi.json")));
        ((ObjectNode) committed).remove("servers");
        assertThat(described.equals(GuardTest::compare, committed))
                .as("web/openapi.json is stale: run ./wovenset describe")
                .isTrue();
    }

    /** 300 and 300.0 are one number, however it is written. */
    private static int compare(JsonNode one, JsonNode other) {
        return one.isNumber() && other.isNumber()
                ? Double.compare(one.doubleValue(), other.doubleValue())
                : one.equals(other) ? 0 : 1;
    }
}
