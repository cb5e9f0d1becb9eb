package wovenset.core.edit.cells;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.silhouette.FigureCuts;
import wovenset.core.arrange.silhouette.PiecePlaces;
import wovenset.core.arrange.silhouette.PieceShapes;
import wovenset.core.arrange.silhouette.Suiting;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Laying;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** The edit that makes a page a silhouette of photos. */
public final class SilhouetteEdits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public SilhouetteEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ArrangeEdit.CutSilhouette.class, this::cut);
    }

    private Outcome cut(Piece piece, ArrangeEdit.CutSilhouette edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> ordered = ArrangeEdits.ordered(page, edit.order());
        Places.marginProblem(piece.format(), edit.margins()).ifPresent(problem -> {
            throw new EditRefusedException(problem.field(), problem.reason());
        });
        if (page.arrangement() instanceof Silhouette now
                && now.figure().equals(edit.figure())
                && now.cutting().equals(edit.cutting())
                && ordered.size() == now.slots()) {
            Silhouette spaced = now.withMargins(edit.margins()).withGap(edit.gap());
            return Outcome.of(piece, Laying.inSlots(page, spaced, ordered, Laying.Stacking.KEPT), Doing.SPREAD_PIECES);
        }
        return anew(
                piece, page, ordered.stream().filter(frame -> !frame.isEmpty()).toList(), edit);
    }

    private Outcome anew(Piece piece, Page page, List<Frame> shown, ArrangeEdit.CutSilhouette edit) {
        List<Frame> frames = new ArrayList<>(shown);
        Iterator<Entry> waiting = Named.waiting(piece).iterator();
        List<String> cells = FigureCuts.cells(edit.figure(), edit.cutting(), proportions(piece, page, shown));
        if (cells.isEmpty()) {
            throw EditRefusedException.of("figure", Reason.FIGURE_EMPTY);
        }
        Silhouette silhouette = new Silhouette(edit.margins(), edit.gap(), edit.figure(), edit.cutting(), cells);
        List<Item> items = new ArrayList<>(page.items());
        while (frames.size() < cells.size()) {
            Fill fill = waiting.hasNext() ? new Fill.OwnPhoto(waiting.next().id(), Crop.CENTRED) : Fill.EMPTY;
            Frame more = Frame.of(
                    ids.get(), Laying.FREE_FOR_NOW, piece.styles().usual().id(), fill);
            frames.add(more);
            items.add(more);
        }
        Page filled = page.withItems(items);
        List<Frame> laid = suited(piece, filled, silhouette, frames.subList(0, cells.size()));
        return Outcome.of(
                piece,
                Laying.inSlots(filled, silhouette, laid, Laying.Stacking.KEPT),
                Doing.CUT_SILHOUETTE,
                edit.figure().name(),
                cells.size());
    }

    private List<Double> proportions(Piece piece, Page page, List<Frame> shown) {
        List<Double> proportions = new ArrayList<>(new PagePhotos(piece, page, facts).shown(shown));
        Named.waiting(piece)
                .forEach(entry -> proportions.add(
                        facts.size(entry.photo()).map(size -> size.proportion()).orElse(1.0)));
        return proportions;
    }

    /** The frames in the order of the pieces that suit them. */
    private List<Frame> suited(Piece piece, Page page, Silhouette silhouette, List<Frame> frames) {
        BoxMm box = PiecePlaces.figureBox(
                piece.format(),
                silhouette.withMargins(
                        Heads.of(piece, page, silhouette.margins()).margins()));
        PagePhotos photos = new PagePhotos(piece, page, facts);
        List<Integer> pieceOf = Suiting.pieces(
                photos.shown(frames),
                frames.stream().map(photos::region).toList(),
                PieceShapes.of(
                        silhouette.figure(),
                        silhouette.cells(),
                        box.width(),
                        silhouette.gap().mm()));
        List<Frame> laid = new ArrayList<>(frames);
        for (int i = 0; i < frames.size(); i++) {
            laid.set(pieceOf.get(i), frames.get(i));
        }
        return laid;
    }
}
