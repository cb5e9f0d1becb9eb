package wovenset.server.upgrade;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import wovenset.core.delta.Head;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.said.Doing;
import wovenset.core.said.Said;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/**
 * Brings all pieces of version 4 into the new form, each by itself: one that cannot be read is left as it is, and is shown as
 * unreadable, while the others work.
 */
@Component
public class V5__Pieces extends BaseJavaMigration {
    private static final Logger LOG = LoggerFactory.getLogger(V5__Pieces.class);
    private static final long STEP = 1L << 32;

    private final Documents documents;

    public V5__Pieces(Documents documents) {
        this.documents = documents;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection database = context.getConnection();
        StoredPhotoFacts facts = new StoredPhotoFacts(database, documents);
        for (UUID id : ids(database)) {
            try {
                upgrade(database, id, facts);
            } catch (RuntimeException e) {
                LOG.error("The piece {} could not be brought up to date and is left as it is", id, e);
            }
        }
    }

    private static List<UUID> ids(Connection database) throws SQLException {
        List<UUID> ids = new ArrayList<>();
        try (PreparedStatement query = database.prepareStatement("SELECT id FROM piece");
                ResultSet rows = query.executeQuery()) {
            while (rows.next()) {
                ids.add(UUID.fromString(rows.getString(1)));
            }
        }
        return ids;
    }

    private void upgrade(Connection database, UUID id, StoredPhotoFacts facts) throws SQLException {
        JsonNode head;
        long revision;
        long at;
        try (PreparedStatement query =
                database.prepareStatement("SELECT head, revision, journal_at FROM piece WHERE id = ?")) {
            query.setString(1, id.toString());
            try (ResultSet row = query.executeQuery()) {
                row.next();
                head = documents.tree(row.getString(1));
                revision = row.getLong(2);
                at = row.getLong(3);
            }
        }
        Map<UUID, JsonNode> pages = pages(database, id, head);
        PieceUpgrade.Upgraded upgraded = new PieceUpgrade(id, documents, facts)
                .upgrade(new PieceUpgrade.State(head, pages), steps(database, id), at);
        write(database, id, revision, upgraded);
    }

    private Map<UUID, JsonNode> pages(Connection database, UUID id, JsonNode head) throws SQLException {
        Map<UUID, JsonNode> known = new LinkedHashMap<>();
        try (PreparedStatement query = database.prepareStatement("SELECT id, content FROM page WHERE piece_id = ?")) {
            query.setString(1, id.toString());
            try (ResultSet rows = query.executeQuery()) {
                while (rows.next()) {
                    known.put(
                            UUID.fromString(rows.getString(1)),
                            documents.tree(rows.getString(2)).path("page"));
                }
            }
        }
        Map<UUID, JsonNode> ordered = new LinkedHashMap<>();
        head.path("pages").forEach(page -> {
            UUID pageId = UUID.fromString(page.asString());
            ordered.put(pageId, Optional.ofNullable(known.get(pageId)).orElseThrow());
        });
        return ordered;
    }

    private List<PieceUpgrade.OldStep> steps(Connection database, UUID id) throws SQLException {
        List<PieceUpgrade.OldStep> steps = new ArrayList<>();
        try (PreparedStatement query = database.prepareStatement(
                "SELECT seq, name, batch, before_doc, after_doc FROM journal_entry WHERE piece_id = ? ORDER BY seq")) {
            query.setString(1, id.toString());
            try (ResultSet rows = query.executeQuery()) {
                while (rows.next()) {
                    steps.add(new PieceUpgrade.OldStep(
                            rows.getLong(1),
                            rows.getString(2),
                            rows.getString(3),
                            documents.tree(rows.getString(4)),
                            documents.tree(rows.getString(5))));
                }
            }
        }
        return steps;
    }

    private void write(Connection database, UUID id, long revision, PieceUpgrade.Upgraded upgraded)
            throws SQLException {
        run(
                database,
                "UPDATE piece SET head = ?, look_revision = ? WHERE id = ?",
                documents.write(DocumentType.HEAD, Head.of(upgraded.piece())),
                revision,
                id.toString());
        long position = 0;
        for (Page page : upgraded.piece().pages()) {
            run(
                    database,
                    "UPDATE page SET content = ?, position = ?, revision = ? WHERE id = ?",
                    documents.write(DocumentType.PAGE, page),
                    position += STEP,
                    revision,
                    page.id().toString());
        }
        position = 0;
        for (Entry entry : upgraded.piece().entries()) {
            run(
                    database,
                    "INSERT INTO entry (id, piece_id, position, content) VALUES (?, ?, ?, ?)",
                    entry.id().toString(),
                    id.toString(),
                    position += STEP,
                    documents.write(DocumentType.ENTRY, entry));
        }
        for (PieceUpgrade.NewStep step : upgraded.steps()) {
            run(
                    database,
                    "UPDATE journal_entry SET said = ?, step = ? WHERE piece_id = ? AND seq = ?",
                    documents.write(DocumentType.STEP_NAME, Said.of(Doing.SAID, step.name())),
                    documents.write(DocumentType.STEP, step.delta()),
                    id.toString(),
                    step.seq());
        }
    }

    private static void run(Connection database, String sql, Object... values) throws SQLException {
        try (PreparedStatement statement = database.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }
    }
}
