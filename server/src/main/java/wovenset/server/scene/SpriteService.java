package wovenset.server.scene;

import jakarta.annotation.PreDestroy;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.display.Unit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.PaintMemory;
import wovenset.core.paint.RasterPainter;
import wovenset.core.picture.file.PngWriter;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.server.recent.Recent;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.Rounded;
import wovenset.server.web.UnfitRequestException;

/**
 * Draws units and pages, and keeps what was drawn up to a sixteenth of the heap. A name that this process has not met (it was
 * restarted) is looked for in the piece as it is. Of what one window asks for, only the latest is drawn to its end.
 */
@Service
public class SpriteService {
    private static final double LARGEST_SIDE_PX = 6000;
    private static final long MOST_PIXELS = 24_000_000;
    /** Of the picture while it is drawn, and packed. */
    private static final double BYTES_A_PIXEL = 6;

    private static final int MOST_PIXELS_PER_MM = 500;

    /** How much is seen of a page to show one frame, by the frame's longer side: its shadow, and a little air. */
    private static final double AROUND = 1.16;

    private static final int WINDOWS = 1000;
    /** By the parts of a pixel at which a unit may begin. */
    public static final int PHASES = RasterPainter.PHASES;

    private final SceneService scenes;
    private final PageLookup pieces;
    private final RasterPainter painter;
    private final RasterPainter fine;
    private final Drawers drawers = new Drawers(Runtime.getRuntime().availableProcessors());
    private final Recent<Key, byte[]> drawn =
            Recent.bytes(Runtime.getRuntime().maxMemory() / 16, png -> 200 + png.length);
    /** Large pictures are drawn one after the other: a dozen at once would be more than the heap. */
    private final PaintMemory room = new PaintMemory(Runtime.getRuntime().maxMemory() / 4);

    private final Recent<String, AtomicLong> latest = Recent.entries(WINDOWS);

    SpriteService(SceneService scenes, PageLookup pieces, ScreenRasters rasters, FineRasters fine) {
        this.scenes = scenes;
        this.pieces = pieces;
        this.painter = new RasterPainter(rasters);
        this.fine = new RasterPainter(fine);
    }

    /**
     * One picture that is wanted.
     *
     * @param name of the unit's look
     * @param phaseX by how many 256ths of a pixel its axes lie right of a whole one, 0 to 255
     */
    public record Sprite(String name, int phaseX, int phaseY) {
        public Sprite {
            if (phaseX < 0 || phaseX >= PHASES || phaseY < 0 || phaseY >= PHASES) {
                throw new UnfitRequestException("A phase is a number of 256ths, 0 to 255");
            }
        }

        /** By which a window tells what it has. */
        public String key() {
            return name + " " + phaseX + " " + phaseY;
        }
    }

    /** The picture of a unit as a screen of this scale shows it: where its axes begin is told to the 256th of a pixel. */
    public static Sprite sprite(SceneView.UnitView unit, double pixelsPerMm) {
        return new Sprite(
                unit.name(), phase(Rounded.of(unit.x()) * pixelsPerMm), phase(Rounded.of(unit.y()) * pixelsPerMm));
    }

    private static int phase(double at) {
        return Math.floorMod(Math.round(at * PHASES), PHASES);
    }

    private record Key(String name, int phaseX, int phaseY, double scale) {}

    /** Draws as screens show it: for who looks at what is drawn. */
    public RasterPainter painter() {
        return painter;
    }

    /**
     * Units alone, as {@link SpritePixels}: each by itself in the asked order, drawn side by side on all processors.
     *
     * @param window whose earlier wishes are no longer wanted; null to draw in any case
     * @throws NotFoundException if nothing on the page looks like one of these
     * @throws UnfitRequestException if a picture would be too large
     */
    public List<CompletableFuture<byte[]>> sprites(
            UUID piece, UUID page, List<Sprite> sprites, double pixelsPerMm, @Nullable String window) {
        List<Unit> units =
                sprites.stream().map(sprite -> unit(piece, page, sprite.name())).toList();
        for (Unit unit : units) {
            BoxMm ink = unit.ownInk();
            checkSize(ink.width() * pixelsPerMm, ink.height() * pixelsPerMm);
        }
        AtomicLong turn = window == null ? new AtomicLong() : latest.get(window, key -> new AtomicLong());
        long mine = turn.incrementAndGet();
        List<CompletableFuture<byte[]>> pictures = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            Unit unit = units.get(i);
            Sprite sprite = sprites.get(i);
            Key key = new Key(sprite.name(), sprite.phaseX(), sprite.phaseY(), pixelsPerMm);
            pictures.add(CompletableFuture.supplyAsync(
                    () -> {
                        if (turn.get() != mine) {
                            throw new CancellationException();
                        }
                        return drawn.get(key, absent -> draw(unit, absent));
                    },
                    drawers.bench()));
        }
        return pictures;
    }

    private byte[] draw(Unit unit, Key key) {
        return SpritePixels.of(
                painter.unit(unit, key.scale(), key.phaseX() / (double) PHASES, key.phaseY() / (double) PHASES));
    }

    private Unit unit(UUID piece, UUID page, String name) {
        Unit known = scenes.unitNamed(name);
        if (known == null) {
            pieces.page(piece, page).ifPresent(found -> scenes.view(found.piece(), found.page(), found.look()));
            known = scenes.unitNamed(name);
        }
        if (known == null) {
            throw new NotFoundException("The page no longer looks like this.");
        }
        return known;
    }

    /** A picture of a page and whether it is the one that was asked for. */
    @SuppressWarnings("ArrayRecordComponent") // Handed on at once, and never compared.
    record PagePicture(byte[] png, boolean current) {}

    /** A trimmed page as it is now, as PNG, this wide. */
    PagePicture page(UUID piece, UUID page, long look, int width) {
        PageLookup.FoundPage found = pieces.page(piece, page)
                .orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        byte[] png = drawn.get(
                new Key(page + " at " + found.look(), 0, 0, width),
                key -> drawers.behind(() -> draw(scenes.scene(found.piece(), found.page()), width)));
        return new PagePicture(png, look == found.look());
    }

    /**
     * What of a page is seen through a window that may reach beyond its trim.
     *
     * @param x where on the page the window's left edge lies, in millimetres
     * @param width of the picture in pixels
     */
    record Window(double x, double y, int width, int height, double pixelsPerMm) {}

    /**
     * A part of a page as it is now, as PNG, drawn from the originals where the derived sizes are too coarse for it.
     *
     * @throws UnfitRequestException if the picture would be too large
     */
    @SuppressWarnings("try") // It is only held.
    byte[] window(UUID piece, UUID page, Window window) {
        PageLookup.FoundPage found = pieces.page(piece, page)
                .orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        checkSize(window.width(), window.height());
        if (!(window.pixelsPerMm() > 0 && window.pixelsPerMm() <= MOST_PIXELS_PER_MM)) {
            throw new UnfitRequestException(
                    "A page is seen at no more than " + MOST_PIXELS_PER_MM + " pixels a millimetre");
        }
        PageScene scene = scenes.scene(found.piece(), found.page());
        long bytes = (long) (BYTES_A_PIXEL * window.width() * window.height());
        try (PaintMemory.Share share = room.take(bytes, () -> {})) {
            BufferedImage image = new BufferedImage(window.width(), window.height(), BufferedImage.TYPE_3BYTE_BGR);
            fine.window(scene, image, window.x(), window.y(), window.pixelsPerMm(), RasterPainter.Ground.OF_PAGE);
            return PngWriter.png(image);
        }
    }

    /** A page that was proposed or tried, as PNG, this wide; throws as {@link #sprites}. */
    byte[] look(String look, int width) {
        PageScene scene = known(look);
        return drawn.get(new Key(look, 0, 0, width), key -> drawers.behind(() -> draw(scene, width)));
    }

    /** A frame of such a page without its neighbours, in the middle of a square of this side; throws as {@link #sprites}. */
    byte[] look(String look, UUID frame, int side) {
        PageScene scene = known(look);
        FrameScene shown = scene.frames().stream()
                .filter(one -> one.frameId().equals(frame))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("This frame is not on the page as it was tried."));
        checkSize(side, side);
        return drawn.get(
                new Key(look + " " + frame, 0, 0, side),
                key -> drawers.behind(() -> draw(scene.alone(frame), shown.bounds(), side)));
    }

    private PageScene known(String look) {
        PageScene scene = scenes.pageNamed(look);
        if (scene == null) {
            throw new NotFoundException("How the page would look is no longer known; ask again.");
        }
        return scene;
    }

    private byte[] draw(PageScene scene, BoxMm box, int side) {
        double seen = AROUND * Math.max(box.width(), box.height());
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(scene.ground().colour().awt());
        graphics.fillRect(0, 0, side, side);
        graphics.dispose();
        double left = box.x() + (box.width() - seen) / 2;
        double top = box.y() + (box.height() - seen) / 2;
        painter.window(scene, image, left, top, side / seen, RasterPainter.Ground.OF_PAGE);
        return PngWriter.png(image);
    }

    @SuppressWarnings("try") // It is only held.
    private byte[] draw(PageScene scene, int width) {
        double pixelsPerMm = width / scene.widthMm();
        checkSize(width, scene.heightMm() * pixelsPerMm);
        long bytes = (long) (BYTES_A_PIXEL * width * scene.heightMm() * pixelsPerMm);
        try (PaintMemory.Share share = room.take(bytes, () -> {})) {
            return PngWriter.png(painter.picture(scene, width));
        }
    }

    @PreDestroy
    void close() {
        drawers.close();
    }

    private static void checkSize(double width, double height) {
        if (!(width > 0 && width <= LARGEST_SIDE_PX && height <= LARGEST_SIDE_PX && width * height <= MOST_PIXELS)) {
            throw new UnfitRequestException(
                    "A picture for the screen has at most " + (int) LARGEST_SIDE_PX + " pixels on a side");
        }
    }
}
