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
import wovenset.core.check.PageCheck;
import wovenset.core.check.PieceCheck;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.piece.PieceService;
import wovenset.server.said.Words;
import wovenset.server.scene.SceneService;
import wovenset.server.setting.SettingService;

/** What a look over all pages finds. */
@RestController
class CheckController {
    private final PieceService pieces;
    private final SceneService scenes;
    private final SettingService settings;

    CheckController(PieceService pieces, SceneService scenes, SettingService settings) {
        this.pieces = pieces;
        this.scenes = scenes;
        this.settings = settings;
    }

    /**
     * @param page counted from 1
     * @param frame its place on the page, counted from 1
     */
    record FindingView(boolean grave, UUID pageId, UUID frameId, int page, int frame, String what) {}

    /** @param ppi where it is shown largest */
    record EntrySharpness(UUID entryId, double ppi, SharpnessLimits.Sharpness sharpness) {}

    record CheckView(List<FindingView> findings, List<EntrySharpness> sharpness) {}

    @GetMapping("/api/pieces/{id}/check")
    CheckView check(@PathVariable UUID id) {
        Piece piece = pieces.get(id).piece();
        SharpnessLimits limits = settings.sharpness();
        List<FindingView> findings = new ArrayList<>();
        Map<UUID, Double> softest = new HashMap<>();
        for (Page page : piece.pages()) {
            PageScene scene = scenes.scene(piece, page);
            int number = piece.indexOf(page.id()) + 1;
            PageCheck.of(scene, limits).forEach(found -> findings.add(view(found, number)));
            scene.frames().forEach(frame -> frame.resolved().photo().ifPresent(photo -> page.frame(frame.frameId())
                    .flatMap(one -> piece.entryOf(page, one))
                    .ifPresent(entry -> softest.merge(entry.id(), photo.ppi(), Math::min))));
        }
        PieceCheck.of(piece).forEach(found -> findings.add(view(found, piece.indexOf(found.pageId()) + 1)));
        List<EntrySharpness> sharpness = softest.entrySet().stream()
                .map(one -> new EntrySharpness(one.getKey(), one.getValue(), limits.of(one.getValue())))
                .toList();
        return new CheckView(findings, sharpness);
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
