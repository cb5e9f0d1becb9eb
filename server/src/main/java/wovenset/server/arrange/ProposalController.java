package wovenset.server.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.arrange.FrameTrim;
import wovenset.core.arrange.PhotoProportions;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.Proposal;
import wovenset.core.arrange.Proposals;
import wovenset.core.arrange.Wish;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Marks;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Slicing;
import wovenset.server.piece.PieceService;
import wovenset.server.scene.SceneService;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.RequiredFields;

/** Proposes arrangements for the photos of a page. Nothing is changed: choosing one is the edit {@code arrange}. */
@RestController
@RequestMapping("/api/pieces/{piece}/pages/{page}/proposals")
class ProposalController {
    private static final int MOST = 12;
    private static final int FEWEST_FOR_LINES = 3;

    private final PieceService pieces;
    private final SceneService scenes;
    private final PhotoProportions proportions;

    ProposalController(PieceService pieces, SceneService scenes, PhotoProportions proportions) {
        this.pieces = pieces;
        this.scenes = scenes;
        this.proportions = proportions;
    }

    /**
     * @param gap between neighbours; null for the page's own
     * @param seed another seed may give other proposals
     * @param most how many are wanted, 1 to {@value #MOST}
     */
    record ProposalRequest(@Nullable Length gap, long seed, int most) {}

    /**
     * @param kind how it was found
     * @param order the page's frames in the order of the arrangement's places
     * @param look names the picture of the page as it would be: {@code /pages/{page}/image/{look}}
     * @param lost mean share of a photo that is cropped
     * @param covered share of the page, less margins and gaps, that the frames take
     */
    record ProposalView(Kind kind, Arrangement arrangement, List<UUID> order, String look, double lost, double covered) {}

    /** Found by a search over all cuts, or the photos in their order in rows or columns. */
    enum Kind {
        CUTS,
        ROWS,
        COLUMNS
    }

    /** The searched ones best first, and after them, for three photos and more, rows and columns. */
    @PostMapping
    List<ProposalView> propose(@PathVariable("piece") UUID pieceId, @PathVariable("page") UUID pageId, @RequestBody ProposalRequest request) {
        RequiredFields.check(request);
        if (request.most() < 1 || request.most() > MOST) {
            throw new IllegalArgumentException("Between 1 and " + MOST + " proposals are made at once");
        }
        Piece piece = pieces.get(pieceId).piece();
        Page page = piece.page(pageId).orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        List<Frame> frames = page.frames().stream().filter(frame -> frame.photo() != null).toList();
        if (frames.isEmpty()) {
            throw new EditRefusedException("photos", "Put photos on this page first; proposals are made for them.");
        }
        if (frames.size() > Proposals.MOST_PHOTOS) {
            throw new EditRefusedException("photos", "Proposals are made for at most " + Proposals.MOST_PHOTOS + " photos, and this page has "
                    + frames.size() + "; let some flow to another page.");
        }
        Length gap = request.gap() == null ? gapOf(page) : request.gap();
        Margins margins = page.arrangement().margins();
        BoxMm room = Places.room(piece.format(), margins);
        FrameTrim trim = FrameTrim.of(piece.dress());
        List<Wish> wishes = frames.stream().map(this::wish).toList();
        List<Proposal> proposals = gap.isNegative() ? List.of() : Proposals.of(wishes, room, gap.mm(), trim, request.most(), request.seed());
        if (proposals.isEmpty()) {
            throw new EditRefusedException("gap", noRoom(piece, frames.size(), gap, room, trim, wishes));
        }
        Views views = new Views(piece, page, frames, gap);
        List<ProposalView> all = new ArrayList<>(proposals.stream().map(proposal -> views.view(Kind.CUTS, proposal)).toList());
        if (frames.size() >= FEWEST_FOR_LINES) {
            Proposals.lines(wishes, room, gap.mm(), trim, true).ifPresent(rows -> all.add(views.view(Kind.ROWS, rows)));
            Proposals.lines(wishes, room, gap.mm(), trim, false).ifPresent(columns -> all.add(views.view(Kind.COLUMNS, columns)));
        }
        return all;
    }

    /** Shows proposals for these frames of a page. */
    private final class Views {
        private final Piece piece;
        private final Page page;
        private final List<Frame> frames;
        private final Length gap;

        Views(Piece piece, Page page, List<Frame> frames, Length gap) {
            this.piece = piece;
            this.page = page;
            this.frames = frames;
            this.gap = gap;
        }

        ProposalView view(Kind kind, Proposal proposal) {
            Slicing slicing = new Slicing(page.arrangement().margins(), gap, proposal.whole(), proposal.tree());
            List<Frame> ordered = proposal.order().stream().map(frames::get).toList();
            String look = scenes.view(piece, new Page(page.id(), slicing, ordered)).hash();
            return new ProposalView(kind, slicing, ordered.stream().map(Frame::id).toList(), look, proposal.lost(), proposal.covered());
        }
    }

    private Wish wish(Frame frame) {
        Marks marks = frame.marks() == null ? Marks.NONE : frame.marks();
        return new Wish(proportions.shown(frame), marks.larger(), marks.keepWhole(), marks.turn() == Marks.Turn.FIRST,
                marks.turn() == Marks.Turn.LAST, marks.together());
    }

    private static Length gapOf(Page page) {
        if (page.arrangement() instanceof Grid grid) {
            return grid.columnGap();
        }
        return ((Slicing) page.arrangement()).gap();
    }

    /** What does not fit, and the widest gap of a few tried that does. */
    private static String noRoom(Piece piece, int photos, Length gap, BoxMm room, FrameTrim trim, List<Wish> wishes) {
        for (Length tried = new Length(gap.micrometres() / 2); tried.micrometres() > 100; tried = new Length(tried.micrometres() / 2)) {
            if (!Proposals.of(wishes, room, tried.mm(), trim, 1, 0).isEmpty()) {
                return "Gaps of " + piece.format().say(gap) + " leave no room for " + photos + " photos; " + piece.format().say(tried) + " does.";
            }
        }
        return "Captions and border leave no room for " + photos + " photos on this page; make them smaller, or put fewer photos on it.";
    }
}
