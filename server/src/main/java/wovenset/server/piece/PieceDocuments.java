package wovenset.server.piece;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.ShownSubject;

/**
 * How a piece is written in the database: one document for what changes together. The head holds all but the pages'
 * content; each page is a document of its own, so that an edit of a frame writes one page.
 */
@Component
class PieceDocuments {
    /**
     * 2: pages have arrangements of several kinds; before, a page was a grid. 3: frames may have spots, pages guides.
     * 4: photos may be pinned, frames have borders of their own.
     */
    private static final int VERSION = 4;

    private final JsonMapper mapper;

    PieceDocuments(JsonMapper mapper) {
        this.mapper = mapper;
    }

    record Head(
            int version,
            String name,
            Format format,
            Dress dress,
            List<PhotoId> photos,
            List<UUID> pages,
            List<ShownSubject> subjects) {
        Head(
                int version,
                String name,
                Format format,
                Dress dress,
                List<PhotoId> photos,
                List<UUID> pages,
                @Nullable List<ShownSubject> subjects) {
            this.version = version;
            this.name = name;
            this.format = format;
            this.dress = dress;
            this.photos = photos;
            this.pages = pages;
            this.subjects = subjects == null ? List.of() : subjects;
        }
    }

    record PageContent(int version, Page page) {}

    static Head headOf(Piece piece) {
        return new Head(
                VERSION,
                piece.name(),
                piece.format(),
                piece.dress(),
                piece.photos(),
                piece.pages().stream().map(Page::id).toList(),
                piece.subjects());
    }

    String write(Object document) {
        return mapper.writeValueAsString(document);
    }

    String writePage(Page page) {
        return write(new PageContent(VERSION, page));
    }

    Head readHead(String json) {
        return mapper.readValue(json, Head.class);
    }

    Page readPage(String json) {
        JsonNode document = mapper.readTree(json);
        upgrade(document.path("page"));
        return mapper.treeToValue(document, PageContent.class).page();
    }

    Snapshot readSnapshot(String json) {
        JsonNode document = mapper.readTree(json);
        document.path("pages").forEach(PieceDocuments::upgrade);
        return mapper.treeToValue(document, Snapshot.class);
    }

    /** Brings a page as an earlier version wrote it into the present form. */
    private static void upgrade(JsonNode page) {
        if (page instanceof ObjectNode object && object.remove("grid") instanceof ObjectNode grid) {
            object.set("arrangement", grid.put("kind", "grid"));
        }
        for (JsonNode frame : page.path("frames")) {
            if (frame.path("marks") instanceof ObjectNode marks && !marks.has("pinned")) {
                marks.put("pinned", false);
            }
        }
    }
}
