package wovenset.server.arrange;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.arrange.propose.LargePlace;
import wovenset.core.arrange.propose.PageProposals;
import wovenset.core.arrange.propose.PageProposals.Answer;
import wovenset.core.arrange.propose.PageProposals.Kind;
import wovenset.core.arrange.propose.PageProposals.Offer;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.server.piece.PieceService;
import wovenset.server.scene.SceneService;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.RequiredFields;
import wovenset.server.web.UnfitRequestException;

/** Proposes arrangements for the photos of a page. Nothing is changed: choosing one is the edit {@code arrange}. */
@RestController
@RequestMapping("/api/pieces/{piece}/pages/{page}/proposals")
class ProposalController {
    private static final int MOST = 12;

    private final PieceService pieces;
    private final SceneService scenes;
    private final PhotoFacts facts;

    ProposalController(PieceService pieces, SceneService scenes, PhotoFacts facts) {
        this.pieces = pieces;
        this.scenes = scenes;
        this.facts = facts;
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
     * @param look names the picture of the page as it would be: {@code /pages/{page}/looks/{look}}
     * @param larger how many frames are at least twice as large as the middle one of all
     * @param large where one frame is that is much larger than the others; null if there is none
     * @param lost mean share of a photo that is cropped
     * @param covered share of the page, less margins and gaps, that the frames take
     */
    record ProposalView(
            Kind kind,
            Arrangement arrangement,
            List<UUID> order,
            String look,
            int larger,
            @Nullable LargePlace large,
            double lost,
            double covered) {}

    /** The searched ones best first, and after them, for three photos and more, rows and columns. */
    @PostMapping
    List<ProposalView> propose(
            @PathVariable("piece") UUID pieceId,
            @PathVariable("page") UUID pageId,
            @RequestBody ProposalRequest request) {
        RequiredFields.check(request);
        if (request.most() < 1 || request.most() > MOST) {
            throw new UnfitRequestException("Between 1 and " + MOST + " proposals are made at once");
        }
        Piece piece = pieces.get(pieceId).piece();
        Page page = piece.page(pageId).orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        Length gap = request.gap() == null ? PageProposals.gapOf(page) : request.gap();
        Answer answer = PageProposals.of(piece, page, facts, gap, request.most(), request.seed());
        if (answer instanceof Answer.Cannot problem) {
            throw new EditRefusedException(problem.field(), problem.reason());
        }
        return ((Answer.Offers) answer)
                .offers().stream().map(offer -> view(piece, offer)).toList();
    }

    private ProposalView view(Piece piece, Offer offer) {
        return new ProposalView(
                offer.kind(),
                offer.page().arrangement(),
                offer.order(),
                scenes.propose(piece, offer.page()),
                offer.larger(),
                offer.large().orElse(null),
                offer.lost(),
                offer.covered());
    }
}
