package wovenset.server.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.check.Finding;
import wovenset.core.check.Legibility;
import wovenset.core.check.PageCheck;
import wovenset.core.check.PieceCheck;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.piece.PieceService;
import wovenset.server.said.Words;
import wovenset.server.scene.SceneService;
import wovenset.server.scene.SpriteService;
import wovenset.server.setting.SettingService;
import wovenset.server.web.NotFoundException;

/** What a look over all pages finds. */
@RestController
class CheckController {
    private final PieceService pieces;
    private final SceneService scenes;
    private final SpriteService sprites;
    private final PhotoFacts facts;
    private final SettingService settings;

    CheckController(
            PieceService pieces,
            SceneService scenes,
            SpriteService sprites,
            PhotoFacts facts,
            SettingService settings) {
        this.pieces = pieces;
        this.scenes = scenes;
        this.sprites = sprites;
        this.facts = facts;
        this.settings = settings;
    }

    /**
     * @param page counted from 1
     * @param frame its place on the page, counted from 1
     */
    record FindingView(boolean grave, UUID pageId, UUID frameId, int page, int frame, String what) {}

    /** @param ppi where it is shown largest */
    record EntrySharpness(UUID entryId, double ppi, SharpnessLimits.Sharpness sharpness) {}

    /**
     * @param hard whether its words are hard to read where they stand
     * @param reads the colour that reads best there
     * @param readable whether that one reads well
     */
    record ReadingView(UUID frameId, boolean hard, Rgb reads, boolean readable) {}

    record CheckView(List<FindingView> findings, List<EntrySharpness> sharpness) {}

    @GetMapping("/api/pieces/{id}/check")
    CheckView check(@PathVariable UUID id) {
        Piece piece = pieces.get(id).piece();
        SharpnessLimits limits = settings.sharpness().on(piece.format());
        List<FindingView> findings = new ArrayList<>();
        Map<UUID, Double> softest = new HashMap<>();
        for (Page page : piece.pages()) {
            PageScene scene = scenes.scene(piece, page);
            int number = piece.indexOf(page.id()) + 1;
            PageCheck.of(scene, limits, sprites.painter()).forEach(found -> findings.add(view(found, number)));
            scene.frames().forEach(frame -> frame.resolved().photo().ifPresent(photo -> page.frame(frame.frameId())
                    .flatMap(one -> piece.entryOf(page, one))
                    .ifPresent(entry -> softest.merge(entry.id(), photo.ppi(), Math::min))));
        }
        PieceCheck.of(piece, facts).forEach(found -> findings.add(view(found, piece.indexOf(found.pageId()) + 1)));
        List<EntrySharpness> sharpness = softest.entrySet().stream()
                .map(one -> new EntrySharpness(one.getKey(), one.getValue(), limits.of(one.getValue())))
                .toList();
        return new CheckView(findings, sharpness);
    }

    /** How well the words of a page read on what lies behind them. */
    @GetMapping("/api/pieces/{id}/pages/{pageId}/legibility")
    List<ReadingView> legibility(@PathVariable UUID id, @PathVariable UUID pageId) {
        Piece piece = pieces.get(id).piece();
        Page page = piece.pages().stream()
                .filter(one -> one.id().equals(pageId))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        return Legibility.of(scenes.scene(piece, page), sprites.painter()).stream()
                .map(one -> new ReadingView(one.frameId(), one.isHard(), one.reads(), one.best() >= Legibility.LEAST))
                .toList();
    }

    private static FindingView view(Finding found, int page) {
        return new FindingView(
                found.gravity() == Finding.Gravity.GRAVE,
                found.pageId(),
                found.frameId(),
                page,
                found.frame(),
                Words.of(found.what()));
    }
}
