package wovenset.server.arrange;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.arrange.wall.WallSet;
import wovenset.core.edit.PageEdit.HangSet;
import wovenset.core.edit.PageEdit.SetFinish;
import wovenset.core.edit.pages.WallSetEdits;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.server.piece.PieceService;
import wovenset.server.web.RequiredFields;

/** How large the pictures of a set for a wall would be. Nothing is changed: making it is the edit {@code hangSet}. */
@RestController
class WallSetController {
    private final PieceService pieces;
    private final PhotoFacts facts;

    WallSetController(PieceService pieces, PhotoFacts facts) {
        this.pieces = pieces;
        this.facts = facts;
    }

    /** As the edit has it; see {@link HangSet}. */
    record WallSetRequest(
            List<UUID> entryIds,
            Length wallWidth,
            Length wallHeight,
            int parts,
            Length gap,
            boolean bridged,
            @Nullable Double proportion) {}

    /** @param span from the outer edge of the first to that of the last */
    record WallSetView(Length width, Length height, int parts, Length gap, Length span) {}

    @PostMapping("/api/pieces/{piece}/wall-set")
    WallSetView sized(@PathVariable("piece") UUID piece, @RequestBody WallSetRequest request) {
        RequiredFields.check(request);
        HangSet wanted = new HangSet(
                request.entryIds(),
                request.wallWidth(),
                request.wallHeight(),
                request.parts(),
                request.gap(),
                request.bridged(),
                Optional.ofNullable(request.proportion()),
                SetFinish.TO_THE_EDGE);
        WallSet set = WallSetEdits.sized(pieces.get(piece).piece(), wanted, facts);
        return new WallSetView(set.width(), set.height(), set.parts(), set.gap(), set.span());
    }
}
