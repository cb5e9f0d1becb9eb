package wovenset.server.scene;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.arrange.GridOutcome;
import wovenset.core.arrange.GridSums;
import wovenset.core.arrange.Place;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Subject;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.PhotoSizes;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.recent.Recent;
import wovenset.server.setting.SettingService;

/** Resolves pages, names their looks by hashes, and remembers what each name stands for while it is shown. */
@Service
public class SceneService {
    /** Part of each name: raise it when the painter draws the same scene differently. */
    private static final String PAINTER = "3";

    private static final int HASH_DIGITS = 32;

    private final PhotoSizes sizes;
    private final SettingService settings;
    private final Recent<String, PageScene.FrameScene> frames = Recent.entries(30_000);
    private final Recent<FrameKey, KnownFrame> resolved = Recent.entries(30_000);
    private final Recent<String, PageScene> pages = Recent.entries(2_000);

    SceneService(PhotoSizes sizes, SettingService settings) {
        this.sizes = sizes;
        this.settings = settings;
    }

    /** A resolver at the present settings. */
    public SceneResolver resolver() {
        return new SceneResolver(sizes, settings.sharpness());
    }

    /** All that a frame's look follows from; a photo's size never changes. */
    private record FrameKey(Dress dress, Frame frame, Place place, Subject subject, SharpnessLimits limits) {}

    private record KnownFrame(PageScene.FrameScene scene, SceneView.FrameView view) {}

    public SceneView view(Piece piece, Page page) {
        SceneResolver resolver = resolver();
        SharpnessLimits limits = settings.sharpness();
        List<SceneView.FrameView> views = new ArrayList<>();
        PageScene scene = resolver.resolve(piece, page, (dress, frame, place, subject) -> {
            KnownFrame known = resolved.get(
                    new FrameKey(dress, frame, place, subject, limits),
                    key -> known(resolver.frame(dress, frame, place, subject)));
            frames.put(known.view.hash(), known.scene);
            views.add(known.view);
            return known.scene;
        });
        String hash = hash(scene.widthMm() + " " + scene.heightMm() + scene.colour()
                + views.stream().map(SceneView.FrameView::hash).toList());
        pages.put(hash, scene);
        return new SceneView(
                page.id(),
                scene.widthMm(),
                scene.heightMm(),
                scene.bleedMm(),
                scene.colour(),
                hash,
                views,
                page.arrangement() instanceof Grid grid ? lines(piece.format(), grid) : null);
    }

    private static SceneView.@Nullable GridView lines(Format format, Grid grid) {
        return GridSums.cells(format, grid) instanceof GridOutcome.Fits fits
                ? new SceneView.GridView(stretches(fits.columns()), stretches(fits.rows()))
                : null;
    }

    private static List<SceneView.StretchView> stretches(List<GridOutcome.Stretch> stretches) {
        return stretches.stream()
                .map(stretch -> new SceneView.StretchView(
                        stretch.from().mm(), stretch.to().mm()))
                .toList();
    }

    /** The frame that goes by this name, if it was resolved lately. */
    PageScene.@Nullable FrameScene frameNamed(String hash) {
        return frames.find(hash);
    }

    @Nullable
    PageScene pageNamed(String hash) {
        return pages.find(hash);
    }

    private static KnownFrame known(PageScene.FrameScene frame) {
        // A record's text holds every number in full, so equal texts are equal looks.
        String hash = hash(frame.toString());
        return new KnownFrame(
                frame,
                new SceneView.FrameView(
                        frame.frameId(),
                        frame.cell(),
                        frame.outer(),
                        frame.window(),
                        frame.turnDegrees(),
                        frame.bounds(),
                        frame.cornerRadiusMm(),
                        frame.borderMm(),
                        hash,
                        photo(frame.photo()),
                        words(frame.words())));
    }

    private static SceneView.@Nullable PhotoView photo(PageScene.@Nullable PhotoScene photo) {
        if (photo == null) {
            return null;
        }
        double[] matrix = new double[6];
        photo.toPage().getMatrix(matrix);
        return new SceneView.PhotoView(
                photo.photo(),
                photo.widthPx(),
                photo.heightPx(),
                DoubleStream.of(matrix).boxed().toList(),
                photo.crop(),
                photo.ppi(),
                photo.sharpness(),
                photo.subject());
    }

    private static SceneView.@Nullable WordsView words(PageScene.@Nullable WordsScene words) {
        return words == null
                ? null
                : new SceneView.WordsView(
                        words.lines().stream().map(PageScene.LineScene::text).toList(),
                        words.sizePt(),
                        words.allShown(),
                        words.missing());
    }

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
