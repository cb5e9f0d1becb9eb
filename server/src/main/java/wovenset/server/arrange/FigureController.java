package wovenset.server.arrange;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.arrange.silhouette.CutOutFigures;
import wovenset.core.arrange.silhouette.ShippedFigures;
import wovenset.core.arrangement.Figure;
import wovenset.core.edit.write.LetterEdits;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.words.LetterRow;
import wovenset.server.piece.PieceService;
import wovenset.server.web.RequiredFields;

/** Figures to cut; cutting one is the edit {@code cutSilhouette}. Those of SVG files are read as outlines. */
@RestController
class FigureController {
    private static final int MOST_LETTERS = 12;

    private final PieceService pieces;
    private final PhotoFacts facts;

    FigureController(PieceService pieces, PhotoFacts facts) {
        this.pieces = pieces;
        this.facts = facts;
    }

    /** @param typeface whose bold letters are meant */
    record WordRequest(String word, String typeface) {}

    @GetMapping("/api/figures")
    List<Figure> shipped() {
        return ShippedFigures.all();
    }

    /** The outlines of what is cut out in a piece. */
    @GetMapping("/api/pieces/{piece}/figures")
    List<Figure> cutOut(@PathVariable UUID piece) {
        return CutOutFigures.of(pieces.get(piece).piece(), facts);
    }

    @PostMapping("/api/figures/words")
    Figure word(@RequestBody WordRequest request) {
        RequiredFields.check(request);
        return ShippedFigures.word(
                LetterRow.set(request.word()), LetterEdits.letters(request.word(), request.typeface(), MOST_LETTERS));
    }
}
