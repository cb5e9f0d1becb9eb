package wovenset.server.upgrade;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.testing.Likeness;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * Pieces that the version before the items wrote look the same, and so does every step that is undone. Its pictures were made by
 * that version, but for two pages of a photo that is shown whole: it painted black beside such a photo, where now the ground is
 * seen.
 */
class GoldenUpgradeTest {
    private static final Path GOLDEN = Path.of("src/test/resources/golden/v4");

    private RunningApplication application;
    private Api api;
    private JsonNode expected;

    @BeforeEach
    void start() throws IOException {
        application = RunningApplication.on(PrivateDatabase.Durability.FAST, GoldenUpgradeTest::load);
        api = new Api(application.address());
        expected = new JsonMapper().readTree(Files.readString(GOLDEN.resolve("expected.json")));
    }

    @AfterEach
    void stop() {
        application.close();
    }

    private static void load(PrivateDatabase database, Path data) {
        try (var connection = DriverManager.getConnection(database.url() + "?user=root&allowMultiQueries=true");
                var sql = connection.createStatement();
                var photos = Files.list(GOLDEN.resolve("photos"))) {
            sql.execute(Files.readString(GOLDEN.resolve("dump.sql")));
            for (Path photo : photos.toList()) {
                byte[] file = Files.readAllBytes(photo);
                String name = HexFormat.of()
                        .formatHex(MessageDigest.getInstance("SHA-256").digest(file));
                Path folder = Files.createDirectories(data.resolve("photos").resolve(name.substring(0, 2)));
                Files.write(folder.resolve(name), file);
            }
        } catch (IOException | SQLException | NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private BufferedImage page(String piece, int page) throws IOException {
        byte[] png = api.made(api.make(piece, "PNG", List.of(page), 60, "BLEED"));
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    private void checkPages(String piece, String state) throws IOException {
        JsonNode pages = expected.path("pages").path(state);
        assertThat(api.piece(piece).path("pages")).hasSize(pages.size());
        for (int i = 0; i < pages.size(); i++) {
            String name = pages.get(i).asString();
            BufferedImage golden =
                    ImageIO.read(GOLDEN.resolve("pages").resolve(name).toFile());
            BufferedImage now = page(piece, i);
            assertThat(Likeness.of(now, golden)).as(state + ": " + name).isGreaterThan(0.999);
            assertThat(Likeness.colourDistance(now, golden))
                    .as(state + ": " + name)
                    .isLessThan(0.1);
        }
    }

    private void undo(String piece) {
        long revision = api.piece(piece).path("revision").asLong();
        Api.Answer answer = api.post("/api/pieces/" + piece + "/undo", Map.of("revision", revision));
        assertThat(answer.status())
                .as(new String(answer.bytes(), StandardCharsets.UTF_8))
                .isEqualTo(200);
    }

    @Test
    void everyPageAndEveryUndoneStepLooksAsItDid() throws IOException {
        String kites = expected.path("pieces").path("kites").path("id").asString();
        String plain = expected.path("pieces").path("plain").path("id").asString();
        checkPages(plain, "plain");
        checkPages(kites, "changed");
        undo(kites);
        undo(kites);
        checkPages(kites, "undone-2");
        while (api.piece(kites).has("undo")) {
            undo(kites);
        }
        while (api.piece(kites).has("redo")) {
            long revision = api.piece(kites).path("revision").asLong();
            api.post("/api/pieces/" + kites + "/redo", Map.of("revision", revision));
        }
        checkPages(kites, "changed");
        assertThat(api.get("/api/pieces/" + kites + "/history").json().path("entries"))
                .allSatisfy(entry -> assertThat(entry.path("name").asString()).isNotBlank());
    }
}
