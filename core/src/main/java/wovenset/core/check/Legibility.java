package wovenset.core.check;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import wovenset.core.display.Op;
import wovenset.core.display.Wordless;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterPainter;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.WordLine;

/**
 * How well words read on what lies behind them. The page without its letters is drawn small where words stand; of the contrasts (WCAG 2.2)
 * of the words with those pixels the one counts that a fifth of them stay below: a word is lost where a part of it is lost. Where nothing
 * lies behind but a ground of one colour, nothing is drawn. Cost: some thousand pixels a frame with words, and the photos behind.
 */
public final class Legibility {
    /** Below this contrast words of any size are hard to read in print. */
    public static final double LEAST = 2.5;

    private static final double LOST = 0.2;
    private static final int LONG_EDGE = 96;
    private static final double LEAST_MM = 0.1;

    private final PageScene bare;
    private final RasterPainter painter;
    private final List<BoxMm> painted;

    private Legibility(PageScene page, RasterPainter painter) {
        this.bare = page.withUnits(page.units().stream().map(Wordless::of).toList());
        this.painter = painter;
        this.painted = bare.units().stream()
                .flatMap(unit -> leaves(List.of(unit.onPage()), page.bleedBox(), Affine.IDENTITY))
                .toList();
    }

    /**
     * A frame's words.
     *
     * @param contrast with what lies behind, 1 none to 21
     * @param reads the one of ink and paper that reads better there
     * @param best its contrast
     */
    public record Reading(UUID frameId, double contrast, Rgb reads, double best) {
        public boolean isHard() {
            return contrast < LEAST;
        }
    }

    /** All words of a page that is seen, from back to front. */
    public static List<Reading> of(PageScene page, RasterPainter painter) {
        List<FrameScene> worded = page.frames().stream()
                .filter(frame -> !frame.hidden() && !WordLine.of(frame).isEmpty())
                .toList();
        if (worded.isEmpty()) {
            return List.of();
        }
        Legibility legibility = new Legibility(page, painter);
        return worded.stream()
                .map(frame -> legibility.reading(frame.frameId(), WordLine.of(frame)))
                .toList();
    }

    private Reading reading(UUID frame, List<WordLine> lines) {
        double[] behind = behind(lines);
        double contrast = lines.stream()
                .mapToDouble(line -> Math.max(
                        contrast(line.colour(), behind),
                        line.edge().map(line.colour()::contrast).orElse(1.0)))
                .min()
                .orElseThrow();
        Rgb reads = Stream.of(Rgb.INK, Rgb.PAPER)
                .max(Comparator.comparingDouble(one -> contrast(one, behind)))
                .orElseThrow();
        return new Reading(frame, contrast, reads, contrast(reads, behind));
    }

    private static double contrast(Rgb words, double[] behind) {
        double own = words.luminance();
        double[] contrasts = Arrays.stream(behind)
                .map(one -> Rgb.contrast(own, one))
                .sorted()
                .toArray();
        return contrasts[(int) (LOST * (contrasts.length - 1))];
    }

    /** The luminances of what lies behind, at least one. */
    private double[] behind(List<WordLine> lines) {
        boolean plain = bare.ground().isSolid()
                && lines.stream().noneMatch(line -> painted.stream().anyMatch(line.box()::meets));
        if (plain) {
            return new double[] {bare.ground().colour().luminance()};
        }
        BoxMm around = lines.stream().map(WordLine::box).reduce(BoxMm::union).orElseThrow();
        double scale = LONG_EDGE / Math.max(LEAST_MM, Math.max(around.width(), around.height()));
        BufferedImage image = new BufferedImage(
                Math.max(1, (int) Math.round(around.width() * scale)),
                Math.max(1, (int) Math.round(around.height() * scale)),
                BufferedImage.TYPE_3BYTE_BGR);
        try {
            painter.window(bare, image, around.x(), around.y(), scale, RasterPainter.Ground.OF_PAGE);
        } catch (PhotoRasters.MissingPhotoException e) {
            // That a photo cannot be read is told where it is shown.
            return new double[] {bare.ground().colour().luminance()};
        }
        DoubleStream.Builder luminances = DoubleStream.builder();
        for (WordLine line : lines) {
            int bottom = (int) Math.ceil((line.box().bottom() - around.y()) * scale);
            int right = (int) Math.ceil((line.box().right() - around.x()) * scale);
            for (int y = (int) ((line.box().y() - around.y()) * scale); y < Math.min(bottom, image.getHeight()); y++) {
                for (int x = (int) ((line.box().x() - around.x()) * scale);
                        x < Math.min(right, image.getWidth());
                        x++) {
                    int pixel = image.getRGB(x, y);
                    luminances.add(Rgb.luminance(pixel >> 16 & 0xff, pixel >> 8 & 0xff, pixel & 0xff));
                }
            }
        }
        double[] all = luminances.build().toArray();
        // Signs of no size, as a line of spaces is.
        return all.length > 0 ? all : new double[] {bare.ground().colour().luminance()};
    }

    /** The boxes of what is drawn, in page millimetres, as far as their groups let them be seen. */
    private static Stream<BoxMm> leaves(List<Op> ops, BoxMm seen, Affine to) {
        return ops.stream().flatMap(op -> {
            if (op instanceof Op.Group group) {
                Affine inner = to.after(group.to());
                BoxMm clipped = group.clip()
                        .map(clip -> inner.bounds(clip.bounds()).shared(seen))
                        .orElse(seen);
                return leaves(group.children(), clipped, inner);
            }
            BoxMm ink = to.bounds(op.ink()).shared(seen);
            return ink.width() > 0 && ink.height() > 0 ? Stream.of(ink) : Stream.empty();
        });
    }
}
