package wovenset.server.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.MapPropertySource;
import org.springframework.core.env.StandardEnvironment;
import org.springframework.util.unit.DataSize;
import tools.jackson.databind.json.JsonMapper;
import wovenset.server.WovensetProperties;

class RehearsalTest {
    private static final String SHELF =
            """
            [{"id":"broken"},{"id":"whole","coverPage":"p","coverLook":7}]""";
    private static final String PIECE =
            """
            {"pages":[{"id":"p"}],"head":{"styles":{"frames":[{"corners":{"cut":"ROUND","size":0}}]}}}""";
    private static final String PAGE =
            """
            {"scene":{"widthMm":200,"heightMm":100,"units":[{"name":"a"},{"name":"b"}]}}""";

    private final List<String> asked = new CopyOnWriteArrayList<>();

    private static String answer(String path) {
        return switch (path) {
            case "/api/pieces" -> SHELF;
            case "/api/pieces/whole" -> PIECE;
            case "/api/pieces/whole/pages/p" -> PAGE;
            default -> "{}";
        };
    }

    /** Only what looks is asked for, and a piece that cannot be read keeps no other from being opened. */
    @Test
    void opensEachPieceAndChangesNothing() throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", exchange -> {
            String path = exchange.getRequestURI().getPath();
            asked.add(exchange.getRequestMethod() + " " + path);
            byte[] body = answer(path).getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(path.endsWith("/broken") ? 500 : 200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
        });
        server.start();
        try {
            StandardEnvironment environment = new StandardEnvironment();
            environment
                    .getPropertySources()
                    .addFirst(new MapPropertySource(
                            "port",
                            Map.of("local.server.port", server.getAddress().getPort())));
            WovensetProperties properties =
                    new WovensetProperties(Path.of("."), "", List.of(), true, DataSize.ofMegabytes(1));
            new Rehearsal(properties, environment, JsonMapper.shared()).run();
        } finally {
            server.stop(0);
        }
        assertThat(asked)
                .containsOnly(
                        "GET /api/pieces",
                        "GET /api/pieces/whole/pages/p/picture",
                        "GET /api/pieces/broken",
                        "GET /api/pieces/whole",
                        "GET /api/pieces/whole/photos",
                        "GET /api/pieces/whole/pages/p",
                        "POST /api/pieces/whole/pages/p/sprites",
                        "POST /api/pieces/whole/preview/drawn");
        assertThat(asked).filteredOn("GET /api/pieces/whole"::equals).hasSizeGreaterThan(5);
    }
}
