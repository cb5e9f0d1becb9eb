package wovenset.core.album;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Margins;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Cover;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.GroundColour;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.TextStyle;

/**
 * Covers of albums, each a piece of one page: back, spine and front beside each other, 2·W + s wide for pages W wide and a spine s. What lies right of
 * the spine moves with it when the spine becomes wider, what lies on it stays in its middle, what covers the whole sheet goes on covering it.
 */
public final class Covers {
    private static final double PHOTO_MARGIN = 0.1;
    private static final double PHOTO_HEIGHT = 0.58;
    /** A spine narrower than this has no words: they would slip round its edge. */
    private static final double WORDED_SPINE_MM = 4;

    private static final double SPINE_WORDS = 0.55;
    /** What is nearly as wide as the sheet covers it. */
    private static final double WHOLE = 0.9;

    private Covers() {}

    /** The sheet's format. */
    public static Format format(Format album, Length spine) {
        return album.withSize(album.width().times(2).plus(spine), album.height());
    }

    /** A new cover: the album's name on the front and along the spine, its first photo between. */
    public static Piece of(Piece album, Cover cover, String name, PhotoFacts facts, Supplier<UUID> ids) {
        Format pages = album.format();
        Page page = Page.of(ids.get(), new ByHand(Margins.all(Length.ZERO)), List.of())
                .withNumbered(false)
                .withGuides(guides(pages.width(), cover.spine()));
        Piece piece = new Piece(
                ids.get(),
                name,
                format(pages, cover.spine()),
                album.styles().withFolio(Optional.empty()),
                Optional.empty(),
                Optional.empty(),
                Optional.of(cover),
                Entries.of(album.entries().list().stream()
                        .map(entry -> entry.as(ids.get()))
                        .toList()),
                List.of(page));
        return piece.withPages(List.of(page.withItems(items(piece, page, album, cover, facts, ids))));
    }

    private static List<Item> items(
            Piece piece, Page page, Piece album, Cover cover, PhotoFacts facts, Supplier<UUID> ids) {
        double width = album.format().width().mm();
        double height = album.format().height().mm();
        double spine = cover.spine().mm();
        double front = width + spine;
        double margin = PHOTO_MARGIN * Math.min(width, height);
        TextStyle title = TextStyle.title(album.format());
        TextStyle coloured = title.withFace(
                title.typeface(),
                title.weight(),
                title.slant(),
                GroundColour.of(piece, page, facts).wordsOn());
        List<Item> items = new ArrayList<>();
        Optional<Entry> first =
                piece.entries().list().stream().filter(entry -> !entry.aside()).findFirst();
        first.ifPresent(entry -> items.add(Frame.of(
                ids.get(),
                free(new BoxMm(front + margin, margin, width - 2 * margin, PHOTO_HEIGHT * height), 0),
                piece.styles().usual().id(),
                new Fill.OwnPhoto(entry.id(), Crop.CENTRED))));
        double below = first.isPresent() ? margin + PHOTO_HEIGHT * height : height * 0.3;
        items.add(words(
                piece,
                ids.get(),
                album.name(),
                coloured,
                free(
                        new BoxMm(
                                front + margin, below + margin / 2, width - 2 * margin, height - below - 1.5 * margin),
                        0)));
        if (spine >= WORDED_SPINE_MM) {
            double size = Math.min(1, SPINE_WORDS * spine / title.sizeMm());
            BoxMm along = new BoxMm(
                    width + spine / 2 - (height - 2 * margin) / 2, height / 2 - spine / 2, height - 2 * margin, spine);
            TextStyle fitted = coloured.scaled(Math.max(size, TextStyle.SMALLEST / title.sizePt()));
            items.add(words(piece, ids.get(), album.name(), fitted, free(along, 90)));
        }
        return items;
    }

    private static Frame words(Piece piece, UUID id, String text, TextStyle style, Placement place) {
        return Frame.of(id, place, piece.styles().usual().id(), new Fill.Words(text, style));
    }

    private static Placement.Free free(BoxMm box, double turn) {
        return new Placement.Free(Box.of(box), turn);
    }

    private static List<Guide> guides(Length width, Length spine) {
        return List.of(
                new Guide(Guide.Direction.UPRIGHT, width), new Guide(Guide.Direction.UPRIGHT, width.plus(spine)));
    }

    /** The cover with another spine. */
    public static Piece fitted(Piece piece, Cover before, Cover now) {
        Length wider = now.spine().minus(before.spine());
        Length width = new Length(
                Math.floorDiv(piece.format().width().minus(before.spine()).micrometres(), 2));
        Length right = width.plus(before.spine());
        Format format = piece.format()
                .withSize(piece.format().width().plus(wider), piece.format().height());
        double whole = WHOLE * piece.format().width().mm();
        return piece.withCover(Optional.of(now)).withFormat(format).mapPages(page -> page.withGuides(
                        page.guides().stream()
                                .map(guide -> guide.direction() == Guide.Direction.UPRIGHT
                                                && guide.at().compareTo(right) >= 0
                                        ? new Guide(
                                                guide.direction(), guide.at().plus(wider))
                                        : guide)
                                .toList())
                .mapFrames(frame -> frame.placement() instanceof Placement.Free free
                        ? frame.withPlacement(moved(free, whole, width.mm(), right.mm(), wider))
                        : frame));
    }

    private static Placement.Free moved(Placement.Free free, double whole, double left, double right, Length wider) {
        Box box = free.box();
        double middle = box.mm().centreX();
        boolean turned = Math.abs(Math.sin(Math.toRadians(free.turnDegrees()))) > Math.sqrt(0.5);
        if (!turned && box.mm().width() >= whole) {
            return new Placement.Free(
                    new Box(box.x(), box.y(), box.width().plus(wider), box.height()), free.turnDegrees());
        }
        Length by = middle > right
                ? wider
                : middle > left ? new Length(Math.floorDiv(wider.micrometres(), 2)) : Length.ZERO;
        return new Placement.Free(new Box(box.x().plus(by), box.y(), box.width(), box.height()), free.turnDegrees());
    }
}
