package wovenset.server.upgrade;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wovenset.core.arrange.scatter.Scatter;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.geometry.Box;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Look;
import wovenset.core.item.Marks;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.style.Corners;
import wovenset.core.style.Ground;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.StyleUse;
import wovenset.server.stored.Documents;

/**
 * A page of version 4 as one of version 5.
 *
 * <ul>
 *   <li>Frames without a spot take the slots in their order; places without a print are slots without a frame.
 *   <li>Scattered prints lie where the recipe of version 4 put them: it is followed once more, and what comes of it is kept.
 *   <li>A cell of a fixed size was the photo with its words, and is now the photo: it becomes lower by the words' strip.
 *   <li>A border of a frame's own is three differences from the style.
 *   <li>Frames with the same group number that lie next to each other become a group; others would have to change their order.
 *   <li>A caption is the entry's if it is the same, else the frame's own.
 * </ul>
 */
public final class PageUpgrade {
    private final Documents documents;
    private final OldDress dress;
    private final Format format;
    private final PhotoFacts facts;
    private final UUID style;

    PageUpgrade(Documents documents, OldDress dress, Format format, PhotoFacts facts, UUID style) {
        this.documents = documents;
        this.dress = dress;
        this.format = format;
        this.facts = facts;
        this.style = style;
    }

    /** How a photo is known in the new piece. */
    record Known(UUID entry, String caption, Optional<Region> shown) {}

    /** @param known nothing for a photo that the piece does not have */
    Page page(UUID id, JsonNode page, Function<PhotoId, Optional<Known>> known) {
        List<JsonNode> frames = new ArrayList<>();
        page.path("frames").forEach(frames::add);
        List<JsonNode> governed = frames.stream()
                .filter(frame ->
                        frame.path("spot").isMissingNode() || frame.path("spot").isNull())
                .toList();
        JsonNode arranged = arrangementOf(page);
        Arrangement arrangement = arrangement(arranged, governed, known);
        List<Item> items = new ArrayList<>();
        List<Integer> groups = new ArrayList<>();
        int slot = 0;
        for (JsonNode frame : frames) {
            JsonNode spot = frame.path("spot");
            boolean free = spot.isObject();
            Placement placement = free ? spot(spot) : new Placement.InSlot(placeOf(arranged, slot));
            slot += free ? 0 : 1;
            items.add(frame(frame, placement, free && spot.path("locked").asBoolean(false), known));
            groups.add(free ? spot.path("group").asInt(0) : 0);
        }
        List<Guide> guides = new ArrayList<>();
        page.path("guides").forEach(guide -> guides.add(documents.value(guide, Guide.class)));
        return new Page(id, new Ground.Common(), arrangement, grouped(id, items, groups), guides, List.of());
    }

    /** In version 1 a page was a grid. */
    private static JsonNode arrangementOf(JsonNode page) {
        if (page.path("grid") instanceof ObjectNode grid) {
            return grid.deepCopy().put("kind", "grid");
        }
        return page.path("arrangement");
    }

    private Arrangement arrangement(JsonNode old, List<JsonNode> governed, Function<PhotoId, Optional<Known>> known) {
        Margins margins = documents.value(old.path("margins"), Margins.class);
        return switch (old.path("kind").asString("grid")) {
            case "grid" -> grid((ObjectNode) old.deepCopy());
            case "slicing" -> documents.value(old, Arrangement.class);
            case "scattered" -> scattered(old, margins, governed, known);
            case "free" -> new ByHand(margins);
            default -> throw new IllegalArgumentException("There was no such arrangement");
        };
    }

    private Grid grid(ObjectNode old) {
        old.remove("kind");
        if (!old.has("spans")) {
            old.putArray("spans");
        }
        if (!old.has("order")) {
            old.put("order", "ROWS");
        }
        if (old.path("cell") instanceof ObjectNode cell) {
            cell.put("height", cell.path("height").asLong() - dress.strip().micrometres());
        }
        return documents.value(old, Grid.class);
    }

    private static int placeOf(JsonNode arrangement, int print) {
        int place = print;
        for (JsonNode vacancy : arrangement.path("vacancies")) {
            place += vacancy.path("at").asInt() <= place ? 1 : 0;
        }
        return place;
    }

    /** Strewn as version 4 did it, places without a print among the others. */
    private Scattered scattered(
            JsonNode old, Margins margins, List<JsonNode> governed, Function<PhotoId, Optional<Known>> known) {
        Scattered.Recipe recipe = new Scattered.Recipe(
                old.path("seed").asLong(),
                old.path("cover").asDouble(),
                old.path("mostTurn").asDouble(),
                old.path("mostHidden").asDouble());
        List<Double> proportions = new ArrayList<>();
        List<Region> subjects = new ArrayList<>();
        List<FrameTrim> trims = new ArrayList<>();
        for (JsonNode frame : governed) {
            proportions.add(shown(frame));
            subjects.add(region(frame, known));
            trims.add(trim(frame.path("border")));
        }
        for (JsonNode vacancy : old.path("vacancies")) {
            int at = vacancy.path("at").asInt();
            proportions.add(at, vacancy.path("proportion").asDouble());
            subjects.add(at, documents.value(vacancy.path("subject"), Region.class));
            trims.add(at, trim(vacancy.path("border")));
        }
        Space space = Space.of(format, margins, Length.ZERO, trims);
        List<Place> places = Scatter.placesAsBefore(recipe, proportions, subjects, space);
        return new Scattered(
                margins,
                recipe,
                places.stream()
                        .map(place -> new Scattered.Print(Box.of(place.box()), place.turnDegrees()))
                        .toList());
    }

    private FrameTrim trim(JsonNode border) {
        double inside = border.isObject()
                ? Length.ofMicrometres(border.path("width").asLong()).mm()
                : dress.borderWidth().mm();
        return new FrameTrim(inside, 0, dress.bandMm());
    }

    private double shown(JsonNode frame) {
        double own =
                photo(frame).flatMap(facts::size).map(PixelSize::proportion).orElse(1.0);
        return crop(frame).onItsSide() ? 1 / own : own;
    }

    private Region region(JsonNode frame, Function<PhotoId, Optional<Known>> known) {
        return photo(frame)
                .map(photo -> known.apply(photo).flatMap(Known::shown).orElseGet(() -> facts.subject(photo)
                        .region()))
                .orElse(Subject.UNKNOWN.region());
    }

    private static Optional<PhotoId> photo(JsonNode frame) {
        String sha256 = frame.path("photo").asString("");
        return sha256.isEmpty() ? Optional.empty() : Optional.of(new PhotoId(sha256));
    }

    private Crop crop(JsonNode frame) {
        if (!(frame.path("crop") instanceof ObjectNode crop)) {
            return Crop.CENTRED;
        }
        ObjectNode copy = crop.deepCopy();
        // Before there were aims, crops were all made by hand.
        if (!copy.has("aim") || copy.path("aim").isNull()) {
            copy.put("aim", "HAND");
        }
        return documents.value(copy, Crop.class);
    }

    private Marks marks(JsonNode frame) {
        if (!(frame.path("marks") instanceof ObjectNode marks)) {
            return Marks.NONE;
        }
        ObjectNode copy = marks.deepCopy();
        if (!copy.has("pinned")) {
            copy.put("pinned", false);
        }
        return documents.value(copy, Marks.class);
    }

    private static Placement.Free spot(JsonNode spot) {
        return new Placement.Free(
                new Box(
                        length(spot.path("x")),
                        length(spot.path("y")),
                        length(spot.path("width")),
                        length(spot.path("height"))),
                spot.path("turnDegrees").asDouble());
    }

    private static Length length(JsonNode node) {
        return Length.ofMicrometres(node.asLong());
    }

    private Frame frame(JsonNode frame, Placement placement, boolean locked, Function<PhotoId, Optional<Known>> known) {
        Optional<Known> entry = photo(frame).flatMap(known);
        String caption = frame.path("caption").asString("");
        boolean ofEntry = entry.map(one -> one.caption().equals(caption)).orElse(caption.isEmpty());
        return new Frame(
                UUID.fromString(frame.path("id").asString()),
                placement,
                Look.PLAIN.withLocked(locked),
                border(frame.path("border")),
                new Outline.Rect(),
                entry.<Fill>map(one -> new Fill.OwnPhoto(one.entry(), crop(frame)))
                        .orElse(Fill.EMPTY),
                ofEntry ? FrameWords.OF_ENTRY : new FrameWords.Own(caption),
                marks(frame));
    }

    private StyleUse border(JsonNode border) {
        if (!border.isObject()) {
            return StyleUse.of(style);
        }
        return new StyleUse(
                style,
                List.of(
                        new StyleDifference.BandWidth(0, length(border.path("width"))),
                        new StyleDifference.BandPaint(
                                0, new Paint.Solid(new Rgb(border.path("colour").asString()))),
                        new StyleDifference.CornersCut(Corners.round(length(border.path("radius"))))));
    }

    /** Neighbours with the same number above 0 become a group. */
    private static List<Item> grouped(UUID page, List<Item> items, List<Integer> groups) {
        List<Item> all = new ArrayList<>();
        for (int i = 0; i < items.size(); ) {
            int end = i + 1;
            while (groups.get(i) > 0 && end < items.size() && groups.get(end).equals(groups.get(i))) {
                end++;
            }
            if (end - i > 1) {
                UUID id = UUID.nameUUIDFromBytes((page + " group at " + i).getBytes(StandardCharsets.UTF_8));
                all.add(new Group(id, Look.PLAIN, items.subList(i, end)));
            } else {
                all.add(items.get(i));
            }
            i = end;
        }
        return all;
    }

    /** A pattern of version 1 as the page of one of version 2; its photos are made up, wide and upright in turn. */
    public static Page pattern(Documents documents, JsonNode pattern, OldDress dress, Format format, UUID style) {
        ObjectNode page = (ObjectNode) pattern.deepCopy();
        int[] number = {0};
        Map<Integer, PixelSize> sizes = Map.of(0, new PixelSize(1500, 1000), 1, new PixelSize(750, 1000));
        page.path("frames").forEach(frame -> {
            if (frame instanceof ObjectNode object) {
                UUID id = UUID.nameUUIDFromBytes(("frame " + number[0]).getBytes(StandardCharsets.UTF_8));
                object.put("id", id.toString());
                object.put("photo", String.format("%064x", number[0]++));
            }
        });
        PhotoFacts madeUp =
                photo -> Optional.ofNullable(sizes.get(photo.sha256().charAt(63) % 2));
        return new PageUpgrade(documents, dress, format, madeUp, style)
                .page(new UUID(0, 1), page, photo -> Optional.empty());
    }
}
