package wovenset.bench;

import java.awt.image.BufferedImage;
import java.awt.image.LookupOp;
import java.awt.image.ShortLookupTable;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.bench.figure.Times;
import wovenset.core.adjust.Adjusting;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Treatment;
import wovenset.core.testing.TestPhotos;

/**
 * What light and colour cost: all amounts at once on a photo of 12 megapixels and on one as large as
 * it is seen where it fills the page, on a screen of twice as many pixels as usual and on a usual one. The baseline is
 * the platform's own way through three tables, which is a part of it.
 */
final class AdjustBench implements Benchmark {
    private static final int WARM = 10;
    private static final int MEASURED = 30;
    private static final double SLIDER_MS = 50;

    private static final Adjustments ALL = new Adjustments(Map.of(
            Adjustment.EXPOSURE, 0.4,
            Adjustment.BRIGHTNESS, 10.0,
            Adjustment.CONTRAST, 25.0,
            Adjustment.HIGHLIGHTS, -30.0,
            Adjustment.SHADOWS, 20.0,
            Adjustment.SATURATION, 15.0,
            Adjustment.WARMTH, 20.0,
            Adjustment.TINT, -5.0));

    @Override
    public List<Figure> run(Path folder) {
        BufferedImage whole = TestPhotos.scene(4000, 3000, 1);
        BufferedImage seen = TestPhotos.scene(1600, 1200, 1);
        BufferedImage fitted = TestPhotos.scene(800, 600, 1);
        Adjustments detailed = ALL.with(Adjustment.LOCAL_CONTRAST, 30)
                .with(Adjustment.SHARPEN, 40)
                .with(Adjustment.VIGNETTE, 30);
        List<Figure> figures = new ArrayList<>(List.of(
                figure("light and colour of 12 megapixels, median", whole, ALL),
                figure("light and colour of a photo 1600 pixels long, median", seen, ALL),
                figure("the same, with depth, sharper and dark corners, of 12 megapixels, median", whole, detailed),
                figure("the same of a photo 1600 pixels long, median", seen, detailed),
                figure("the same of a photo 800 pixels long, median", fitted, detailed)));
        for (Treatment.Kind kind :
                List.of(Treatment.Kind.TWO_COLOURS, Treatment.Kind.BRUSH, Treatment.Kind.INK, Treatment.Kind.GLOW)) {
            Adjustments treated = Adjustments.NONE.withTreatment(Optional.of(Treatment.of(kind, 100)));
            figures.add(figure(kind + " of a photo 1600 pixels long, median", seen, treated));
            figures.add(figure(kind + " of a photo 800 pixels long, median", fitted, treated));
        }
        return figures;
    }

    private static Figure figure(String name, BufferedImage scene, Adjustments adjustments) {
        BufferedImage image = new BufferedImage(scene.getWidth(), scene.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        image.createGraphics().drawImage(scene, 0, 0, null);
        short[][] tables = new short[3][256];
        for (int i = 0; i < 256; i++) {
            for (short[] table : tables) {
                table[i] = (short) Math.min(255, i * 1.1);
            }
        }
        LookupOp lookup = new LookupOp(new ShortLookupTable(0, tables), null);
        BufferedImage target = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        Times ours = new Times();
        Times platform = new Times();
        for (int i = -WARM; i < MEASURED; i++) {
            long start = System.nanoTime();
            Adjusting.of(image, adjustments);
            long between = System.nanoTime();
            lookup.filter(image, target);
            long end = System.nanoTime();
            if (i >= 0) {
                ours.add((between - start) / 1e6);
                platform.add((end - between) / 1e6);
            }
        }
        return Figure.atMost(name, ours.median(), "ms", platform.median(), SLIDER_MS);
    }
}
