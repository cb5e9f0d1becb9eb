package wovenset.core.edit.items;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wovenset.core.arrange.standing.Standing;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.Slots;
import wovenset.core.geometry.Box;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Balance;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.photo.Tones;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.GroundShadow;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleUse;

/** Makes one picture of what several photos show, as if it stood together. */
public final class StandingEdits {
    private static final GroundShadow SHADOW = new GroundShadow(0.45, 0.22);

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public StandingEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(RetouchEdit.StandTogether.class, this::stand);
    }

    private Outcome stand(Piece piece, RetouchEdit.StandTogether edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> frames = Named.frames(page, edit.itemIds());
        if (frames.size() < 2) {
            throw EditRefusedException.of("itemIds", Reason.STANDING_COUNT);
        }
        if (edit.rows().filter(rows -> rows < 1 || rows > Standing.MOST_ROWS).isPresent()) {
            throw EditRefusedException.of("rows", Reason.STANDING_ROWS, Standing.MOST_ROWS);
        }
        List<CutOut> cutOuts = new ArrayList<>();
        List<Standing.Figure> figures = new ArrayList<>();
        for (Frame frame : frames) {
            PhotoId photo = photo(piece, frame);
            CutOut cutOut = frame.retouching()
                    .cutOut()
                    .or(() -> facts.people(photo).map(labels -> new CutOut(CutOut.From.PERSON, labels)))
                    .orElseThrow(() -> EditRefusedException.of(
                            "itemIds", Reason.NOBODY_AMONG, page.frames().indexOf(frame) + 1));
            PixelSize size =
                    facts.size(photo).orElseThrow(() -> EditRefusedException.of("itemIds", Reason.SHOWS_NO_PHOTO));
            Region seen = seen(cutOut).orElseThrow(() -> EditRefusedException.of("itemIds", Reason.CUT_OUT_NOTHING));
            cutOuts.add(cutOut);
            figures.add(new Standing.Figure(size, seen, head(photo, seen)));
        }
        List<Standing.Place> places = Standing.of(
                figures,
                piece.format().width().mm(),
                piece.format().height().mm(),
                edit.rows().map(OptionalInt::of).orElseGet(OptionalInt::empty));
        Optional<Tones> light = facts.tones(photo(piece, frames.get(0)));
        Map<UUID, Frame> standing = new HashMap<>();
        for (int i = 0; i < frames.size(); i++) {
            Frame frame = frames.get(i);
            boolean shadowed = !figures.get(i).isCutOff();
            CutOut cutOut = shadowed && cutOuts.get(i).shadow().isEmpty()
                    ? cutOuts.get(i).withShadow(Optional.of(SHADOW))
                    : cutOuts.get(i);
            standing.put(
                    frame.id(),
                    standing(piece, frame, places.get(i), cutOut, alike(piece, frames.get(0), frame, light)));
        }
        List<Frame> inOrder = Standing.backToFront(places).stream()
                .map(i -> standing.get(frames.get(i).id()))
                .toList();
        return Outcome.of(piece, withInFront(page, piece, inOrder), Doing.STAND_TOGETHER, frames.size());
    }

    private static PhotoId photo(Piece piece, Frame frame) {
        if (!(frame.fill() instanceof Fill.OwnPhoto own)) {
            throw EditRefusedException.of("itemIds", Reason.SHOWS_NO_PHOTO);
        }
        return Named.entry(piece, own.entry()).photo();
    }

    /** The box around what is seen; nothing if nothing is. */
    private static Optional<Region> seen(CutOut cutOut) {
        PixelPlane plane = cutOut.labels();
        boolean[] seen = cutOut.seen();
        int left = plane.width();
        int top = plane.height();
        int right = 0;
        int bottom = 0;
        for (int i = 0; i < seen.length; i++) {
            if (seen[i]) {
                left = Math.min(left, i % plane.width());
                right = Math.max(right, i % plane.width() + 1);
                top = Math.min(top, Math.floorDiv(i, plane.width()));
                bottom = Math.max(bottom, Math.floorDiv(i, plane.width()) + 1);
            }
        }
        return right == 0
                ? Optional.empty()
                : Optional.of(Region.within(
                        (double) left / plane.width(),
                        (double) top / plane.height(),
                        (double) right / plane.width(),
                        (double) bottom / plane.height()));
    }

    /** Of the largest face in what is cut out. */
    private double head(PhotoId photo, Region seen) {
        Subject subject = facts.subject(photo);
        return subject.faces().stream()
                .filter(face -> face.x() + face.width() / 2 > seen.x()
                        && face.x() + face.width() / 2 < seen.right()
                        && face.y() + face.height() / 2 > seen.y()
                        && face.y() + face.height() / 2 < seen.bottom())
                .mapToDouble(Region::height)
                .max()
                .orElse(0);
    }

    /** The light of the first one. */
    private Adjustments alike(Piece piece, Frame first, Frame frame, Optional<Tones> light) {
        Optional<Tones> own = facts.tones(photo(piece, frame));
        return frame.id().equals(first.id()) || light.isEmpty() || own.isEmpty()
                ? frame.adjustments()
                : Balance.alike(own.get(), light.get(), first.adjustments(), frame.adjustments());
    }

    private static Frame standing(
            Piece piece, Frame frame, Standing.Place place, CutOut cutOut, Adjustments adjustments) {
        Fill.OwnPhoto own = ((Fill.OwnPhoto) frame.fill())
                .withCrop(place.crop())
                .withAdjusted(Optional.of(adjustments))
                .withRetouched(
                        frame.retouching().withCutOut(Optional.of(cutOut)).unlessNone());
        StyleUse bare = StyleUse.bare(piece.styles().frame(frame.style().style()));
        return frame.refilled(own)
                .withPlacement(new Placement.Free(Box.of(place.box()), 0))
                .withOutline(new Outline.Rect())
                .withStyle(bare)
                .withWords(new FrameWords.Own(""));
    }

    /** The page with all things where they lie, and these in front. */
    private Page withInFront(Page page, Piece piece, List<Frame> standing) {
        Set<UUID> moved = standing.stream().map(Frame::id).collect(Collectors.toSet());
        Page released = new Slots(piece, facts, ids).released(page);
        List<Item> items = new ArrayList<>(Items.mapFrames(
                released.items(), frame -> Optional.of(frame).filter(one -> !moved.contains(one.id()))));
        items.addAll(standing);
        return released.withItems(items);
    }
}
