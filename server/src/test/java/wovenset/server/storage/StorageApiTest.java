package wovenset.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class StorageApiTest {
    private final Api api = TestServer.api();

    private String pieceWith(String... files) {
        String piece = api.startPiece("Kept", 300, 200).path("id").asString();
        for (String name : files) {
            api.bring(piece, Map.of(name, TestPhotos.jpeg(90, 60, name.hashCode())));
        }
        return piece;
    }

    private String photo(String piece, int index) {
        return api.get("/api/pieces/" + piece + "/photos")
                .json()
                .get(index)
                .path("id")
                .asString();
    }

    private static Path original(String photo) {
        return TestServer.data()
                .resolve("photos")
                .resolve(photo.substring(0, 2))
                .resolve(photo);
    }

    /** Lets all photos and deletions be so many days old. */
    private static void age(int days) throws SQLException {
        try (Connection connection = DriverManager.getConnection(TestServer.databaseUrl() + "?user=root");
                var statement = connection.createStatement()) {
            statement.execute("UPDATE photo SET added_at = added_at - INTERVAL " + days + " DAY");
            statement.execute("UPDATE piece SET deleted_at = deleted_at - INTERVAL " + days + " DAY");
        }
    }

    private List<String> deleted() {
        return api.get("/api/storage")
                .json()
                .path("deleted")
                .valueStream()
                .map(piece -> piece.path("id").asString())
                .toList();
    }

    @Test
    void photosGoWithTheLastPieceThatNeedsThemOnceItIsDeletedForGood() throws SQLException {
        String gone = pieceWith("storage-a.jpg", "storage-b.jpg");
        String other = pieceWith("storage-b.jpg");
        String alone = photo(gone, 0);
        String shared = photo(other, 0);
        assertThat(photo(gone, 1)).isEqualTo(shared);
        api.delete("/api/pieces/" + gone);
        age(29);
        api.post("/api/storage/clear", "");
        assertThat(deleted()).contains(gone);
        assertThat(original(alone)).exists();

        age(2);
        JsonNode after = api.post("/api/storage/clear", "").json();
        assertThat(deleted()).doesNotContain(gone);
        assertThat(original(alone)).doesNotExist();
        assertThat(api.get("/api/photos/" + alone + "/small").status()).isEqualTo(404);
        assertThat(original(shared)).exists();
        assertThat(api.get("/api/photos/" + shared + "/small").status()).isEqualTo(200);
        assertThat(after.path("originals").path("count").asInt()).isPositive();
    }

    @Test
    void aPhotoThatUndoCouldBringBackStaysAndOneBroughtInAgainIsThereAgain() throws SQLException {
        String piece = pieceWith("storage-c.jpg");
        String photo = photo(piece, 0);
        api.post(
                "/api/pieces/" + piece + "/undo",
                Map.of("revision", api.piece(piece).path("revision")));
        assertThat(api.get("/api/pieces/" + piece + "/photos").json()).isEmpty();
        age(1);
        api.post("/api/storage/clear", "");
        assertThat(original(photo)).exists();

        api.delete("/api/pieces/" + piece);
        assertThat(api.delete("/api/storage/pieces/" + piece).status()).isEqualTo(204);
        assertThat(api.delete("/api/storage/pieces/" + piece).status()).isEqualTo(404);
        age(1);
        api.post("/api/storage/clear", "");
        assertThat(original(photo)).doesNotExist();
        assertThat(photo(pieceWith("storage-c.jpg"), 0)).isEqualTo(photo);
        assertThat(original(photo)).exists();
    }

    @Test
    void aPieceOnTheShelfIsNotDeletedForGood() {
        String piece = pieceWith();
        assertThat(api.delete("/api/storage/pieces/" + piece).status()).isEqualTo(404);
        assertThat(api.get("/api/pieces/" + piece).status()).isEqualTo(200);
    }

    @Test
    void madeFilesTellTheirSizeAndAreRemoved() {
        String piece = pieceWith();
        JsonNode made = api.make(piece, "PNG", List.of(0), 50);
        String id = made.path("id").asString();
        Path file = TestServer.data().resolve("made").resolve(id);
        assertThat(file).hasSize(made.path("bytes").asLong());
        assertThat(api.get("/api/storage").json().path("made").path("bytes").asLong())
                .isGreaterThanOrEqualTo(made.path("bytes").asLong());
        assertThat(api.delete("/api/makes/" + id).status()).isEqualTo(204);
        assertThat(Files.exists(file)).isFalse();
        assertThat(api.get("/api/makes/" + id).status()).isEqualTo(404);
    }

    @Test
    void theDaysOfKeepingAreASetting() {
        assertThat(api.put("/api/settings/keeping", Map.of("days", 0)).detail())
                .isEqualTo("Deleted pieces are kept for 1 to 3,650 days.");
        assertThat(api.put("/api/settings/keeping", Map.of("days", 30)).status())
                .isEqualTo(200);
        assertThat(api.get("/api/storage").json().path("keptDays").asInt()).isEqualTo(30);
    }
}
