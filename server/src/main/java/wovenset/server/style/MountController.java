package wovenset.server.style;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.style.Mount;
import wovenset.core.style.ShippedMounts;
import wovenset.server.piece.PieceService;

/** The papers that pictures can be laid on, over HTTP. */
@RestController
class MountController {
    private final PieceService pieces;

    MountController(PieceService pieces) {
        this.pieces = pieces;
    }

    /** The shipped ones, with measures that suit the piece's pages. */
    @GetMapping("/api/pieces/{id}/mounts")
    List<Mount> of(@PathVariable UUID id) {
        return ShippedMounts.of(pieces.get(id).piece().format());
    }
}
