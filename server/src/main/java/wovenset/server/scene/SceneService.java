package wovenset.server.scene;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.grid.GridOutcome;
import wovenset.core.arrange.grid.GridSums;
import wovenset.core.arrangement.Grid;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.frame.FrameLook;
import wovenset.core.frame.ResolvedFrame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.recent.Recent;
import wovenset.server.setting.SettingService;

/**
 * Resolves pages, names the looks of what is drawn by hashes of their display lists, and remembers what each name stands for
 * while it is shown. All that is kept is bounded by bytes.
 */
@Service
public class SceneService {
    /** Part of each name: raise it when the painter draws the same list differently. */
    private static final String PAINTER = "4";

    private static final int HASH_DIGITS = 32;
    /** About what a look, a list or a line of words takes of the memory. */
    private static final int LOOK_BYTES = 2500;

    private static final int LINE_BYTES = 250;

    private final PhotoFacts facts;
    private final SettingService settings;
    private final Recent<FrameLook, ResolvedFrame> resolved = Recent.bytes(
            share(24), frame -> LOOK_BYTES + LINE_BYTES * frame.ops().size());
    private final Recent<List<Op>, String> names = Recent.bytes(share(48), name -> LOOK_BYTES);
    private final Recent<String, Unit> units =
            Recent.bytes(share(24), unit -> LOOK_BYTES + LINE_BYTES * unit.ops().size());
    private final Recent<String, PageScene> pages =
            Recent.bytes(share(32), page -> LOOK_BYTES * (1 + page.frames().size()));
    private final Recent<Seen, SceneView> seen =
            Recent.bytes(share(64), view -> LOOK_BYTES * (1 + view.frames().size()));
    private final SceneResolver resolver;

    /** A stored page at one of its looks. */
    private record Seen(UUID page, long look, SharpnessLimits limits) {}

    SceneService(PhotoFacts facts, SettingService settings) {
        this.facts = facts;
        this.settings = settings;
        this.resolver = new SceneResolver(facts, resolved::get);
    }

    private static long share(int part) {
        return Runtime.getRuntime().maxMemory() / part;
    }

    /** A resolver that remembers nothing: for what is made once. */
    public SceneResolver resolver() {
        return new SceneResolver(facts);
    }

    public PageScene scene(Piece piece, Page page) {
        return resolver.resolve(piece, page);
    }

    /**
     * A stored page's scene.
     *
     * @param look that the page has in this piece
     */
    public SceneView view(Piece piece, Page page, long look) {
        Seen key = new Seen(page.id(), look, settings.sharpness());
        SceneView known = seen.find(key);
        // Whoever gets a view goes on to ask for what it names.
        if (known != null && known.units().stream().allMatch(unit -> units.find(unit.name()) != null)) {
            return known;
        }
        SceneView view = view(piece, page);
        seen.put(key, view);
        return view;
    }

    public SceneView view(Piece piece, Page page) {
        PageScene scene = scene(piece, page);
        SharpnessLimits limits = settings.sharpness().on(piece.format());
        List<SceneView.UnitView> shown = new ArrayList<>();
        for (Unit unit : scene.pictures()) {
            String name = names.get(unit.ops(), ops -> hash(ops.toString()));
            units.put(name, unit);
            shown.add(new SceneView.UnitView(unit.itemId(), name, unit.x(), unit.y(), unit.ownInk(), unit.blend()));
        }
        return new SceneView(
                page.id(),
                scene.widthMm(),
                scene.heightMm(),
                scene.bleedMm(),
                scene.ground().colour(),
                shown,
                scene.frames().stream().map(frame -> view(frame, limits)).toList(),
                page.arrangement() instanceof Grid grid ? lines(piece, page, grid) : null);
    }

    /** Remembers how a page that is only proposed or tried would look, and names it. */
    public String propose(Piece piece, Page page) {
        PageScene scene = scene(piece, page);
        String hash = hash(scene.toString());
        pages.put(hash, scene);
        return hash;
    }

    private static SceneView.@Nullable GridView lines(Piece piece, Page page, Grid grid) {
        if (!(Places.grid(piece, page, grid) instanceof GridOutcome.Fits fits)) {
            return null;
        }
        Optional<GridSums.PageSize> size =
                grid.cell() == null ? Optional.empty() : Optional.of(Places.pageFor(piece, page, grid));
        return new SceneView.GridView(
                stretches(fits.columns()),
                stretches(fits.rows()),
                grid.cell() == null ? fits.cellWidth() : grid.cell().width(),
                grid.cell() == null ? fits.cellHeight() : grid.cell().height(),
                fits.leftOverX(),
                fits.leftOverY(),
                size.map(GridSums.PageSize::width).orElse(null),
                size.map(GridSums.PageSize::height).orElse(null));
    }

    private static List<SceneView.StretchView> stretches(List<GridOutcome.Stretch> stretches) {
        return stretches.stream()
                .map(stretch -> new SceneView.StretchView(
                        stretch.from().mm(), stretch.to().mm()))
                .toList();
    }

    /** The unit that goes by this name, if it was resolved lately. */
    @Nullable
    Unit unitNamed(String name) {
        return units.find(name);
    }

    @Nullable
    PageScene pageNamed(String hash) {
        return pages.find(hash);
    }

    private static SceneView.FrameView view(FrameScene frame, SharpnessLimits limits) {
        FrameLook look = frame.look();
        SceneView.PhotoView photo = look.photo()
                .flatMap(one -> frame.resolved()
                        .photo()
                        .map(placed -> new SceneView.PhotoView(
                                one.pixels().photo(),
                                one.size().width(),
                                one.size().height(),
                                placed.crop(),
                                placed.ppi(),
                                limits.of(placed.ppi()),
                                limits.warnPpi(),
                                one.subject())))
                .orElse(null);
        SceneView.WordsView words = frame.resolved()
                .words()
                .map(one -> new SceneView.WordsView(
                        one.lines(), one.sizePt(), one.allShown(), one.missing(), one.lenders()))
                .orElse(null);
        return new SceneView.FrameView(
                frame.frameId(),
                frame.box(),
                frame.window(),
                look.turnDegrees(),
                frame.piece().orElse(null),
                frame.bounds(),
                look.corners(),
                look.footMm(),
                look.bands(),
                frame.hidden(),
                photo,
                words);
    }

    /** A record's text holds every number in full, so equal texts are equal looks. */
    private static String hash(String text) {
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest((PAINTER + text).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(Arrays.copyOf(digest, HASH_DIGITS / 2));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
