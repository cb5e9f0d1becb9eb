package wovenset.server.stored;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wovenset.core.piece.Entry;
import wovenset.core.said.Reason;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/** What cannot be read is told where it is, changed by nobody, and hides nothing else. */
class DamageTest {
    private static RunningApplication application;
    private static Api api;

    @BeforeAll
    static void start() {
        application = RunningApplication.start(PrivateDatabase.Durability.FAST, "");
        api = new Api(application.address());
    }

    @AfterAll
    static void stop() {
        application.close();
    }

    private static void sql(String statement, String... values) throws SQLException {
        try (var connection = DriverManager.getConnection(application.databaseUrl() + "?user=root");
                var sql = connection.prepareStatement(statement)) {
            for (int i = 0; i < values.length; i++) {
                sql.setString(i + 1, values[i]);
            }
            assertThat(sql.executeUpdate()).isEqualTo(1);
        }
    }

    private static String content(String page) throws SQLException {
        try (var connection = DriverManager.getConnection(application.databaseUrl() + "?user=root");
                var sql = connection.prepareStatement("SELECT content FROM page WHERE id = ?")) {
            sql.setString(1, page);
            try (var rows = sql.executeQuery()) {
                rows.next();
                return rows.getString(1);
            }
        }
    }

    @Test
    void aDamagedPageIsShownAsSuchAndTheOthersCanBeWorkedOn() throws SQLException {
        String piece = api.startPiece("Damaged", 300, 200).path("id").asString();
        String page = api.piece(piece).path("pages").get(0).path("id").asString();
        api.edit(piece, 1, "addPage", "afterPageId", page);
        String whole = content(page);
        sql("UPDATE page SET content = ? WHERE id = ?", whole.substring(0, whole.length() / 2), page);
        application.restart();
        api = new Api(application.address());
        JsonNode pages = api.piece(piece).path("pages");
        assertThat(pages.get(0).path("damaged").asString()).isEqualTo("What is stored of this page is damaged.");
        assertThat(pages.get(1).has("damaged")).isFalse();
        String other = pages.get(1).path("id").asString();
        Map<String, Object> ground = Map.of("kind", "covered", "paint", Map.of("kind", "solid", "colour", "#101830"));
        assertThat(api.edit(piece, 2, "setGround", "pageIds", List.of(other), "ground", ground)
                        .status())
                .isEqualTo(200);
        Api.Answer refused = api.edit(piece, 3, "setGround", "pageIds", List.of(page), "ground", ground);
        assertThat(refused.json().path("code").asString()).isEqualTo(Reason.PAGE_DAMAGED.code());
        assertThat(content(page)).as("nothing was written over it").isEqualTo(whole.substring(0, whole.length() / 2));
        sql("UPDATE page SET content = ? WHERE id = ?", whole, page);
        application.restart();
        api = new Api(application.address());
        assertThat(api.piece(piece).path("pages").get(0).has("damaged")).isFalse();
    }

    @Test
    void whatALaterVersionWroteIsRefusedInWords() {
        Documents documents = new Documents();
        String later = "{\"type\":\"entry\",\"version\":99,\"body\":{}}";
        assertThatThrownBy(() -> documents.read(DocumentType.ENTRY, later, Entry.class))
                .isInstanceOf(UnreadableDocumentException.class)
                .hasMessageContaining("later version of Wovenset (99");
        for (String wrong : List.of("", "{", "[]", "{\"type\":\"page\",\"version\":5,\"body\":{}}", "{\"id\":1}")) {
            assertThatThrownBy(() -> documents.read(DocumentType.ENTRY, wrong, Entry.class))
                    .isInstanceOf(UnreadableDocumentException.class);
        }
    }
}
