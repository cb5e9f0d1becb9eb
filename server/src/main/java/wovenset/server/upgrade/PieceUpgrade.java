package wovenset.server.upgrade;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import wovenset.core.delta.PieceDelta;
import wovenset.core.item.FrameWords;
import wovenset.core.measure.Format;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.StyleSheet;
import wovenset.server.stored.Documents;

/**
 * A piece of version 4 with its history. Every state that it ever had is brought into the new form, and a step becomes what
 * differs between two of them. Captions belong to entries from now on: where all frames that show a photo agree, theirs; else the
 * words that came with the photo, and the frames keep their own. Cost: pages × steps at worst; pages that a step left as they were
 * are brought into the new form once.
 */
final class PieceUpgrade {
    private final UUID id;
    private final Documents documents;
    private final PhotoFacts facts;
    private final Map<PhotoId, String> captions = new HashMap<>();
    private final Map<Converted, Page> converted = new HashMap<>();

    PieceUpgrade(UUID id, Documents documents, PhotoFacts facts) {
        this.id = id;
        this.documents = documents;
        this.facts = facts;
    }

    /** What a page follows from. */
    private record Converted(JsonNode page, JsonNode dress, JsonNode format, JsonNode subjects) {}

    /** A state of version 4: its head, and its pages in order. */
    record State(JsonNode head, Map<UUID, JsonNode> pages) {
        /** The state with one side of a step put over it. */
        State under(JsonNode snapshot) {
            Map<UUID, JsonNode> known = new HashMap<>(pages);
            snapshot.path("pages")
                    .forEach(page -> known.put(UUID.fromString(page.path("id").asString()), page));
            JsonNode head = snapshot.path("head");
            Map<UUID, JsonNode> ordered = new LinkedHashMap<>();
            head.path("pages").forEach(page -> {
                UUID pageId = UUID.fromString(page.asString());
                JsonNode content = known.get(pageId);
                if (content == null) {
                    throw new IllegalArgumentException("A step names a page that is not there");
                }
                ordered.put(pageId, content);
            });
            return new State(head, ordered);
        }
    }

    /** One row of the journal of version 4. */
    record OldStep(long seq, String name, @Nullable String batch, JsonNode before, JsonNode after) {}

    record NewStep(long seq, String name, @Nullable String batch, PieceDelta delta) {}

    record Upgraded(Piece piece, List<NewStep> steps) {}

    /** @param at the step that is in force */
    Upgraded upgrade(State now, List<OldStep> steps, long at) {
        captions(now);
        Piece piece = piece(now);
        List<NewStep> upgraded = new ArrayList<>();
        State state = now;
        for (int i = steps.size() - 1; i >= 0; i--) {
            OldStep step = steps.get(i);
            if (step.seq() <= at) {
                State before = state.under(step.before());
                upgraded.add(0, step(step, before, state));
                state = before;
            }
        }
        state = now;
        for (OldStep step : steps) {
            if (step.seq() > at) {
                State after = state.under(step.after());
                upgraded.add(step(step, state, after));
                state = after;
            }
        }
        return new Upgraded(piece, upgraded);
    }

    private NewStep step(OldStep step, State before, State after) {
        return new NewStep(step.seq(), step.name(), step.batch(), PieceDelta.of(piece(before), piece(after)));
    }

    /** The words of each photo, as the piece is now. */
    private void captions(State now) {
        Map<PhotoId, Set<String>> written = new HashMap<>();
        now.pages().values().forEach(page -> page.path("frames").forEach(frame -> {
            String photo = frame.path("photo").asString("");
            if (!photo.isEmpty()) {
                written.computeIfAbsent(new PhotoId(photo), key -> new HashSet<>())
                        .add(frame.path("caption").asString(""));
            }
        }));
        written.forEach((photo, words) ->
                captions.put(photo, words.size() == 1 ? words.iterator().next() : embedded(photo)));
    }

    private String embedded(PhotoId photo) {
        String words = facts.embeddedCaption(photo).strip();
        return FrameWords.shortened(words);
    }

    private UUID named(String what) {
        return UUID.nameUUIDFromBytes((id + " " + what).getBytes(StandardCharsets.UTF_8));
    }

    private Piece piece(State state) {
        JsonNode head = state.head();
        UUID style = named("style");
        OldDress dress = OldDress.of(head.path("dress"));
        StyleSheet styles = dress.sheet(style);
        Format format = documents.value(head.path("format"), Format.class);
        Map<PhotoId, Entry> entries = new LinkedHashMap<>();
        head.path("photos").forEach(photo -> {
            PhotoId photoId = new PhotoId(photo.asString());
            entries.put(
                    photoId,
                    new Entry(
                            named(photoId.sha256()),
                            photoId,
                            captions.computeIfAbsent(photoId, this::embedded),
                            shown(head.path("subjects"), photoId),
                            List.of(),
                            false,
                            Optional.empty()));
        });
        PageUpgrade upgrade = new PageUpgrade(documents, dress, format, facts, style);
        List<Page> pages = new ArrayList<>();
        state.pages()
                .forEach((pageId, page) -> pages.add(converted.computeIfAbsent(
                        new Converted(page, head.path("dress"), head.path("format"), head.path("subjects")),
                        key -> upgrade.page(pageId, page, photo -> Optional.of(known(photo, entries))))));
        return new Piece(
                id,
                head.path("name").asString(),
                format,
                styles,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Entries.of(List.copyOf(entries.values())),
                pages);
    }

    /** Frames may show what is no longer on the light table; its name is the same whenever it was there. */
    private PageUpgrade.Known known(PhotoId photo, Map<PhotoId, Entry> entries) {
        return new PageUpgrade.Known(
                named(photo.sha256()),
                captions.computeIfAbsent(photo, this::embedded),
                Optional.ofNullable(entries.get(photo)).flatMap(Entry::subject));
    }

    private Optional<Region> shown(JsonNode subjects, PhotoId photo) {
        for (JsonNode subject : subjects) {
            if (subject.path("photo").asString("").equals(photo.sha256())) {
                return Optional.of(documents.value(subject.path("region"), Region.class));
            }
        }
        return Optional.empty();
    }
}
