package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.frame.CropGeometry;
import wovenset.core.frame.FrameForms;
import wovenset.core.frame.FrameLook;
import wovenset.core.frame.FrameResolver;
import wovenset.core.frame.ResolvedFrame;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.measure.Format;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;
import wovenset.core.style.CutMarks;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.Light;
import wovenset.core.style.Outline;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Shadow;
import wovenset.core.style.effect.SoftEdge;

/** Resolves pages into scenes. The same piece and photos always give an equal scene. Cost: linear in the frames. */
public final class SceneResolver {
    /** A frame whose edge is as near as this to the trim touches it. Millimetres: three times what a cell can be off. */
    private static final double TOUCHES = 0.003;
    /** Sizes are the same if they are so to the nanometre; sums of doubles differ by less. */
    private static final double GRAIN = 1e6;

    private final PhotoFacts facts;
    private final Memo memo;

    public SceneResolver(PhotoFacts facts) {
        this(facts, Memo.NONE);
    }

    /** @param memo may remember what looks were resolved to */
    public SceneResolver(PhotoFacts facts, Memo memo) {
        this.facts = facts;
        this.memo = memo;
    }

    /** Remembers resolved frames. */
    public interface Memo {
        Memo NONE = (look, resolve) -> resolve.apply(look);

        ResolvedFrame get(FrameLook look, Function<FrameLook, ResolvedFrame> resolve);
    }

    /**
     * @throws IllegalStateException if the page's frames do not fit its format, which no edit lets happen
     */
    public PageScene resolve(Piece piece, Page page) {
        return new Resolving(piece, page).scene();
    }

    /** What a page's ground is covered with. */
    public static Paint ground(Piece piece, Page page) {
        return page.ground() instanceof Ground.Covered own
                ? own.paint()
                : piece.styles().ground();
    }

    private final class Resolving {
        private final Piece piece;
        private final Page page;
        private final PagePhotos photos;
        private final PlacesOutcome.Fits places;
        private final List<FrameScene> frames = new ArrayList<>();

        Resolving(Piece piece, Page page) {
            this.piece = piece;
            this.page = page;
            this.photos = new PagePhotos(piece, page, facts);
            PlacesOutcome outcome = Places.of(piece, page, facts);
            if (!(outcome instanceof PlacesOutcome.Fits fits)) {
                throw new IllegalStateException(
                        ((PlacesOutcome.DoesNotFit) outcome).reason().toString());
            }
            this.places = fits;
        }

        PageScene scene() {
            List<Unit> units = new ArrayList<>(units(page.items(), false));
            if (piece.styles().cutMarks() == CutMarks.FINE) {
                cutLines().ifPresent(units::add);
            }
            return new PageScene(
                    page.id(),
                    piece.format().width().mm(),
                    piece.format().height().mm(),
                    piece.format().bleed().mm(),
                    ground(piece, page),
                    units,
                    frames);
        }

        /** Drawn in front of all, as the page's own. */
        private Optional<Unit> cutLines() {
            Format format = piece.format();
            List<BoxMm> prints = frames.stream()
                    .filter(frame -> !frame.hidden() && frame.look().photo().isPresent())
                    // Turned by quarters, its edges are upright, too.
                    .filter(frame -> frame.look().turnDegrees() % 90 == 0)
                    .map(SceneResolver::print)
                    .toList();
            List<Op> lines = CutLines.of(
                    prints, new BoxMm(0, 0, format.width().mm(), format.height().mm()));
            return lines.isEmpty() ? Optional.empty() : Optional.of(new Unit(page.id(), 0, 0, lines));
        }

        private List<Unit> units(List<Item> items, boolean inHidden) {
            List<Unit> units = new ArrayList<>();
            for (Item item : items) {
                boolean hidden = inHidden || item.look().hidden();
                units.addAll(item.accept(new Item.Visitor<List<Unit>>() {
                    @Override
                    public List<Unit> frame(Frame frame) {
                        return unit(frame, hidden).map(List::of).orElse(List.of());
                    }

                    @Override
                    public List<Unit> group(Group group) {
                        List<Unit> children = units(group.children(), hidden);
                        boolean plain =
                                group.look().opacity() == 1 && group.look().blend() == Blend.NORMAL;
                        return plain || children.isEmpty() ? children : List.of(one(group, children));
                    }
                }));
            }
            return units;
        }

        /** A group that is seen through or blended shows as one thing: what lies behind its front must not show through it. */
        private static Unit one(Group group, List<Unit> children) {
            double x = children.get(0).x();
            double y = children.get(0).y();
            List<Op> ops = new ArrayList<>();
            for (Unit child : children) {
                ops.add(new Op.Group(
                        Affine.shift(grain(child.x() - x), grain(child.y() - y)),
                        1,
                        child.blend(),
                        Optional.empty(),
                        Optional.empty(),
                        child.ops()));
            }
            return new Unit(
                    group.id(),
                    x,
                    y,
                    group.look().blend(),
                    List.of(new Op.Group(Affine.IDENTITY, group.look().opacity(), Optional.empty(), ops)));
        }

        private Optional<Unit> unit(Frame frame, boolean hidden) {
            Place place = places.of(frame.id());
            FrameLook look = look(frame, place);
            ResolvedFrame resolved = memo.get(look, FrameResolver::resolve);
            BoxMm box = place.box();
            BoxMm ink = Op.ink(resolved.ops()).movedBy(box.x(), box.y());
            BoxMm bounds =
                    resolved.ops().isEmpty() ? place.bounds() : place.bounds().union(ink);
            frames.add(new FrameScene(frame.id(), box, bounds, hidden, look, resolved));
            return hidden || resolved.ops().isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            new Unit(frame.id(), box.x(), box.y(), frame.look().blend(), resolved.ops()));
        }

        private FrameLook look(Frame frame, Place place) {
            FrameStyle style = frame.style().in(piece.styles());
            FrameLook.Reach reach = reach(place, style);
            return new FrameLook(
                    grain(place.box().width()),
                    grain(place.box().height()),
                    place.turnDegrees(),
                    reach,
                    reach.isNone() ? EdgeRun.CONTINUED : piece.styles().edges(),
                    frame.outline(),
                    style.bands(),
                    style.corners(),
                    frame.outline() instanceof Outline.Rect ? style.foot().mm() : 0,
                    style.effects().stream().filter(effect -> !effect.isNone()).toList(),
                    fall(style, place.turnDegrees()),
                    frame.look().opacity(),
                    photo(frame, place),
                    frame.fill() instanceof Fill.Ornament ornament
                            ? Optional.of(new FrameLook.Ornament(ornament.drawing(), ornament.colours()))
                            : Optional.empty(),
                    frame.ownWords().map(words -> new FrameLook.Text(words.text(), words.style(), words.course())),
                    piece.wordsOf(page, frame),
                    piece.styles().captions());
        }

        /** Seen from the frame: however it is turned, its shadow falls away from the light. */
        private FrameLook.Fall fall(FrameStyle style, double turnDegrees) {
            boolean lit = style.effect(Shadow.class).isPresent()
                    || style.effect(InnerShadow.class).isPresent()
                    || style.bands().stream().anyMatch(band -> band.bevel().isPositive());
            Light light = piece.styles().light();
            return lit
                    ? new FrameLook.Fall(light.right(1, turnDegrees), light.down(1, turnDegrees))
                    : FrameLook.Fall.NONE;
        }

        /** How far a straight frame that touches the trim runs on, to the bleed's edge. */
        private FrameLook.Reach reach(Place place, FrameStyle style) {
            double bleed = piece.format().bleed().mm();
            if (bleed == 0
                    || place.turnDegrees() != 0
                    || style.effect(SoftEdge.class).isPresent()
                    || !style.corners().areSquare()) {
                return FrameLook.Reach.NONE;
            }
            double foot = style.foot().mm();
            BoxMm outer = place.box().outset(style.width(Band.Side.OUTSIDE).mm());
            return new FrameLook.Reach(
                    reach(-outer.x(), bleed),
                    reach(-outer.y(), bleed),
                    reach(outer.right() - piece.format().width().mm(), bleed),
                    reach(outer.bottom() + foot - piece.format().height().mm(), bleed));
        }

        /** @param beyond how far it is beyond the trim already */
        private static double reach(double beyond, double bleed) {
            return beyond < -TOUCHES || beyond >= bleed ? 0 : grain(bleed - beyond);
        }

        private Optional<FrameLook.Photo> photo(Frame frame, Place place) {
            return piece.entryOf(page, frame).flatMap(entry -> facts.size(entry.photo())
                    .map(size -> new FrameLook.Photo(
                            new PhotoPixels(entry.photo()),
                            size,
                            frame.crop(),
                            photos.subject(frame),
                            through(frame, place, size))));
        }

        /** Where a shared picture lies, seen from the frame: whatever turns the frame, the picture stays. */
        private Optional<Affine> through(Frame frame, Place place, PixelSize size) {
            if (!(frame.fill() instanceof Fill.Through through)) {
                return Optional.empty();
            }
            return page.picture(through.picture()).map(picture -> {
                Affine onPage = Affine.of(CropGeometry.place(
                                size.width(), size.height(), picture.box().mm(), Crop.CENTRED)
                        .toPage());
                BoxMm box = place.box();
                Affine unturned = Affine.turn(-place.turnDegrees(), box.width() / 2, box.height() / 2);
                return unturned.after(Affine.shift(-box.x(), -box.y())).after(onPage);
            });
        }
    }

    /** The print with its bands and its foot, as it lies on the page. */
    private static BoxMm print(FrameScene frame) {
        BoxMm box = frame.box();
        return new FrameForms(frame.look())
                .silhouette()
                .bounds()
                .movedBy(box.x(), box.y())
                .turned(frame.look().turnDegrees(), box.centreX(), box.centreY());
    }

    private static double grain(double mm) {
        return Math.round(mm * GRAIN) / GRAIN;
    }
}
