package wovenset.core.retouch;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.QuadCurve2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.subject.PersonFinder;
import wovenset.core.subject.SubjectParting;

/** How well things are cut out, by masks that are known: drawn scenes, and subjects of the demo's photos rendered without what is behind them. */
class CutOutQualityTest {
    private static final int WIDTH = 1200;
    private static final int HEIGHT = 900;

    /** @param strokes one a word: k to keep or d to drop, then x and y in percent in turns */
    private static PixelPlane stroked(BufferedImage photo, double width, String strokes) {
        BufferedImage small = DerivedPixels.within(photo, PixelPlane.LONGEST);
        PixelPlane plane = PixelPlane.even(photo.getWidth(), photo.getHeight(), CutOut.OUTSIDE);
        for (String stroke : strokes.split(" ")) {
            List<BrushStroke.Point> points = new ArrayList<>();
            String[] numbers = stroke.substring(1).split(",");
            for (int i = 0; i < numbers.length; i += 2) {
                points.add(new BrushStroke.Point(
                        Double.parseDouble(numbers[i]) / 100, Double.parseDouble(numbers[i + 1]) / 100));
            }
            byte[] labels = plane.values();
            byte label = stroke.startsWith("k") ? CutOut.KEPT : CutOut.DROPPED;
            new BrushStroke(width, 0, points).paint(plane.width(), plane.height(), (at, much) -> labels[at] = label);
            // As it is worked in stroke by stroke.
            plane = SubjectParting.parted(small, PixelPlane.of(plane.width(), plane.height(), labels), true);
        }
        return plane;
    }

    private static byte[] bytes(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }

    /** The share of the union of two masks that both have. */
    private static double shared(byte[] mask, BufferedImage cut) {
        byte[] pixels = bytes(cut);
        double both = 0;
        double either = 0;
        for (int i = 0; i < mask.length; i++) {
            both += Math.min(mask[i] & 0xff, pixels[4 * i] & 0xff);
            either += Math.max(mask[i] & 0xff, pixels[4 * i] & 0xff);
        }
        return both / either;
    }

    @ParameterizedTest
    @CsvSource({
        "pot-01, 0.03, 'k35,40,70,45,50,65'",
        "pot-17, 0.03, 'k50,12,50,30,44,52,56,52,50,62'",
        "pot-12, 0.03, 'k28,60,70,62 k40,82,60,82 d80,88,96,75'",
        "kite-08, 0.015, 'k45,20,56,45 d46,40,48,37.8'",
    })
    void subjectsOfTheDemoAreCutOutByAFewStrokes(String name, double width, String strokes) throws IOException {
        assertThat(share(name, width, strokes)).as(name).isGreaterThan(0.95);
    }

    /** The first stroke may as well say what is not meant. */
    @ParameterizedTest
    @CsvSource({"pot-01, 'd5,12,95,12 d5,92,95,92'", "kite-08, 'd5,10,35,60'"})
    void aStrokeThatDropsIsABeginning(String name, String strokes) throws IOException {
        assertThat(share(name, 0.03, strokes)).as(name).isGreaterThan(0.75);
    }

    private static double share(String name, double width, String strokes) throws IOException {
        Path file = Path.of("..", "demo", "photos", name + ".jpg");
        BufferedImage mask = ImageIO.read(
                Objects.requireNonNull(CutOutQualityTest.class.getResource("/wovenset/core/retouch/" + name + ".png")));
        int edge = Math.max(mask.getWidth(), mask.getHeight());
        BufferedImage photo = PhotoDecoder.decode(file, PhotoInspector.inspect(file, PictureLimits.USUAL), edge);
        CutOut cutOut = new CutOut(CutOut.From.STROKES, stroked(photo, width, strokes));
        return shared(bytes(mask), Matte.of(photo, cutOut).cut(photo));
    }

    /** A brown thing with hair all around before a sky, and how solid each pixel is. */
    private record Hairy(BufferedImage photo, byte[] solid) {}

    private static Hairy hairy(boolean spotted) {
        Random random = new Random(5);
        BufferedImage behind = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = behind.createGraphics();
        graphics.setPaint(new GradientPaint(0, 0, new Color(150, 180, 205), WIDTH, HEIGHT, new Color(225, 215, 190)));
        graphics.fillRect(0, 0, WIDTH, HEIGHT);
        for (int i = 0; spotted && i < 60; i++) {
            graphics.setColor(
                    new Color(120 + random.nextInt(100), 150 + random.nextInt(90), 120 + random.nextInt(100)));
            int size = 30 + random.nextInt(150);
            graphics.fillOval(random.nextInt(WIDTH), random.nextInt(HEIGHT), size, size);
        }
        graphics.dispose();
        BufferedImage mask = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
        graphics = mask.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.WHITE);
        graphics.fill(new Ellipse2D.Double(400, 250, 400, 500));
        for (int i = 0; i < 200; i++) {
            double at = Math.toRadians(1.8 * i);
            double x = 600 + 190 * Math.cos(at);
            double y = 500 + 240 * Math.sin(at);
            double length = 20 + 22 * random.nextDouble();
            graphics.setStroke(new BasicStroke((float) (1.2 + 1.6 * random.nextDouble())));
            double bent = at + 0.4 * (random.nextDouble() - 0.5);
            graphics.draw(new QuadCurve2D.Double(
                    x,
                    y,
                    x + 0.8 * length * Math.cos(at),
                    y + 0.8 * length * Math.sin(at),
                    x + (length + 10) * Math.cos(bent),
                    y + (length + 10) * Math.sin(bent)));
        }
        graphics.dispose();
        byte[] solid = bytes(mask);
        byte[] pixels = bytes(behind);
        int[] hair = {40, 60, 95};
        for (int i = 0; i < solid.length; i++) {
            double alpha = (solid[i] & 0xff) / 255.0;
            for (int channel = 0; channel < 3; channel++) {
                int at = 3 * i + channel;
                pixels[at] = (byte) Math.round(alpha * hair[channel] + (1 - alpha) * (pixels[at] & 0xff));
            }
        }
        return new Hairy(behind, solid);
    }

    @ParameterizedTest
    @CsvSource({"false", "true"})
    void hairIsAsSolidAsItIs(boolean spotted) {
        Hairy hairy = hairy(spotted);
        PixelPlane labels = stroked(hairy.photo, 0.03, "k42,45,55,50,50,70 d10,10,90,10,90,90");
        BufferedImage cut =
                Matte.of(hairy.photo, new CutOut(CutOut.From.STROKES, labels)).cut(hairy.photo);
        byte[] pixels = bytes(cut);
        double off = 0;
        int near = 0;
        double colour = 0;
        int solid = 0;
        for (int i = 0; i < hairy.solid.length; i++) {
            double from = Math.hypot((i % WIDTH - 600) / 200.0, (Math.floorDiv(i, WIDTH) - 500) / 250.0);
            int alpha = pixels[4 * i] & 0xff;
            // Only where there is hair: the rest would make it look better.
            if (from > 0.85 && from < 1.3) {
                off += Math.abs((hairy.solid[i] & 0xff) - alpha) / 255.0;
                near++;
                if ((hairy.solid[i] & 0xff) > 64 && alpha > 64) {
                    colour += Math.abs((pixels[4 * i + 3] & 0xff) * 255.0 / alpha - 95);
                    solid++;
                }
            }
        }
        assertThat(off / near).isLessThan(0.05);
        // Nothing of the sky is left in it.
        assertThat(colour / solid).isLessThan(6);
        assertThat(shared(hairy.solid, cut)).isGreaterThan(0.95);
    }

    @Test
    void theSameStrokesGiveTheSame() {
        Hairy hairy = hairy(true);
        assertThat(stroked(hairy.photo, 0.03, "k42,45,55,50,50,70"))
                .isEqualTo(stroked(hairy.photo, 0.03, "k42,45,55,50,50,70"));
    }

    @Test
    void nobodyIsFoundWhereNobodyIs() {
        BufferedImage sky = new BufferedImage(400, 300, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = sky.createGraphics();
        graphics.setColor(new Color(120, 160, 210));
        graphics.fillRect(0, 0, 400, 300);
        graphics.dispose();
        assertThat(new PersonFinder().find(sky)).isEmpty();
    }
}
