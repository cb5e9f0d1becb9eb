package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.frame.FadingOps;
import wovenset.core.frame.FrameForms;
import wovenset.core.frame.FrameLook;
import wovenset.core.frame.FrameResolver;
import wovenset.core.frame.ResolvedFrame;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.measure.Format;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.CutMarks;
import wovenset.core.style.Mount;

/** Resolves pages into scenes. The same piece and photos always give an equal scene. Cost: linear in the frames. */
public final class SceneResolver {
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

    private final class Resolving {
        private final Piece piece;
        private final Page page;
        private final LookResolver looks;
        private final PlacesOutcome.Fits places;
        private final List<FrameScene> frames = new ArrayList<>();

        Resolving(Piece piece, Page page) {
            this.piece = piece;
            this.page = page;
            this.looks = new LookResolver(piece, page, facts);
            PlacesOutcome outcome = Places.of(piece, page, facts);
            if (!(outcome instanceof PlacesOutcome.Fits fits)) {
                throw new IllegalStateException(
                        ((PlacesOutcome.DoesNotFit) outcome).reason().toString());
            }
            this.places = fits;
        }

        PageScene scene() {
            List<Unit> units = new ArrayList<>(units(page.items(), false, Optional.empty()));
            if (piece.styles().cutMarks() == CutMarks.FINE) {
                cutLines().ifPresent(units::add);
            }
            PageGround ground = GroundResolver.of(piece, page, facts);
            folio(ground.colour()).ifPresent(units::add);
            return new PageScene(
                    page.id(),
                    piece.format().width().mm(),
                    piece.format().height().mm(),
                    piece.format().bleed().mm(),
                    ground,
                    units,
                    frames);
        }

        /** The number of the page, known apart from what else is the page's own. */
        private Optional<Unit> folio(Rgb ground) {
            List<BoxMm> photos = frames.stream()
                    .filter(frame -> !frame.hidden() && frame.look().photo().isPresent())
                    .map(FrameScene::bounds)
                    .toList();
            UUID id = new UUID(~page.id().getMostSignificantBits(), page.id().getLeastSignificantBits());
            return FolioOps.of(piece, page, ground, photos).map(line -> new Unit(id, 0, 0, List.of(line)));
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

        private List<Unit> units(List<Item> items, boolean inHidden, Optional<Mount> mount) {
            List<Unit> units = new ArrayList<>();
            for (Item item : items) {
                boolean hidden = inHidden || item.look().hidden();
                units.addAll(item.accept(new Item.Visitor<List<Unit>>() {
                    @Override
                    public List<Unit> frame(Frame frame) {
                        return unit(frame, hidden, mount).map(List::of).orElse(List.of());
                    }

                    @Override
                    public List<Unit> group(Group group) {
                        Optional<Mount> papers = group.mount().flatMap(piece.styles()::mount);
                        int before = frames.size();
                        List<Unit> children = units(group.children(), hidden, papers.or(() -> mount));
                        if (papers.isPresent() && !hidden) {
                            children = mounted(group, papers.get(), frames.subList(before, frames.size()), children);
                        }
                        return group.look().isPlain() || children.isEmpty() ? children : List.of(one(group, children));
                    }
                }));
            }
            return units;
        }

        /** A group that is seen through, blended or faded shows as one thing: what lies behind its front must not show through it. */
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
                    List.of(FadingOps.of(
                            Affine.IDENTITY,
                            group.look().opacity(),
                            group.look().fading(),
                            Op.ink(ops),
                            ops)));
        }

        private static Optional<String> pieceOf(Place place) {
            return place.form().map(form -> form.outline().data());
        }

        private Optional<Unit> unit(Frame frame, boolean hidden, Optional<Mount> mount) {
            Place place = places.of(frame.id());
            FrameLook look = looks.look(frame, place, mount);
            ResolvedFrame resolved = memo.get(look, FrameResolver::resolve);
            BoxMm box = place.box();
            BoxMm ink = Op.ink(resolved.ops()).movedBy(box.x(), box.y());
            BoxMm bounds =
                    resolved.ops().isEmpty() ? place.bounds() : place.bounds().union(ink);
            frames.add(new FrameScene(frame.id(), box, pieceOf(place), bounds, hidden, look, resolved));
            return hidden || resolved.ops().isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            new Unit(frame.id(), box.x(), box.y(), frame.look().blend(), resolved.ops()));
        }

        /** The papers behind all that lies on them. */
        private List<Unit> mounted(Group group, Mount mount, List<FrameScene> on, List<Unit> children) {
            Optional<BoxMm> under = on.stream()
                    .filter(frame -> !frame.hidden())
                    .flatMap(frame -> Stream.concat(
                            Stream.of(print(frame)), WordLine.of(frame).stream().map(WordLine::box)))
                    .reduce(BoxMm::union);
            if (under.isEmpty()) {
                return children;
            }
            double x = under.get().x();
            double y = under.get().y();
            Format format = piece.format();
            BoxMm trim = new BoxMm(0, 0, format.width().mm(), format.height().mm());
            List<Op> ops = MountOps.of(
                    mount,
                    under.get(),
                    trim,
                    format.bleed().mm(),
                    piece.styles().light());
            List<Unit> all = new ArrayList<>(List.of(new Unit(group.id(), x, y, ops)));
            all.addAll(children);
            return all;
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

    static double grain(double mm) {
        return Math.round(mm * GRAIN) / GRAIN;
    }
}
