package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Resolution;
import wovenset.core.output.MakeRequest.Extent;
import wovenset.core.output.MakeRequest.Kind;
import wovenset.core.output.MakeRequest.Photos;
import wovenset.core.paint.PaintMemory;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.piece.Piece;
import wovenset.core.scene.FrameScene;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.TestPhotos;
import wovenset.core.testing.Tool;

/** A page of odd photos looks the same as a PNG and as a PDF drawn by two programs that are not ours. */
class OddPhotosMadeTest {
    private static final int PPI = 127;
    private static final int WIDTH = 400;
    private static final int HEIGHT = 300;

    @TempDir
    Path folder;

    private final Map<String, byte[]> odd = new LinkedHashMap<>();

    @BeforeEach
    void photos() throws IOException {
        BufferedImage scene = TestPhotos.scene(WIDTH, HEIGHT, 7);
        byte[] jpeg = TestPhotos.jpeg(WIDTH, HEIGHT, 8);
        byte[] linear = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
        BufferedImage grey = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
        grey.createGraphics().drawImage(scene, 0, 0, null);
        BufferedImage deep = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_USHORT_GRAY);
        deep.createGraphics().drawImage(scene, 0, 0, null);
        BufferedImage indexed = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_INDEXED);
        indexed.createGraphics().drawImage(scene, 0, 0, null);
        odd.put("turned", TestPhotos.withExif(jpeg, 6, "2026:07:11 10:12:05", "words"));
        odd.put("mirrored and turned", TestPhotos.withExif(jpeg, 7, "2026:07:11 10:12:05", "words"));
        odd.put("with a profile of linear light", TestPhotos.withProfile(jpeg, linear));
        odd.put("with a profile of no sense", TestPhotos.withProfile(jpeg, new byte[200]));
        odd.put("grey", TestPhotos.file(grey, "jpg"));
        odd.put("grey with a profile of colours", TestPhotos.withProfile(TestPhotos.file(grey, "jpg"), linear));
        odd.put(
                "grey with a profile of greys",
                TestPhotos.withProfile(TestPhotos.file(grey, "jpg"), TestPhotos.greys(1.8)));
        odd.put("in four inks", TestPhotos.inks(WIDTH, HEIGHT, 30, 200, 90, 20));
        odd.put("in four inks without their marker", TestPhotos.inksUnmarked(WIDTH, HEIGHT, 30, 200, 90, 20));
        odd.put("in four inks by brightness", TestPhotos.inksByBrightness(WIDTH, HEIGHT, 30, 200, 90, 20));
        odd.put("coded arithmetically", rewritten(scene, "-arithmetic"));
        odd.put("progressive with restarts", rewritten(scene, "-progressive", "-restart", "1"));
        odd.put("of 16 bits", TestPhotos.file(deep, "png"));
        odd.put("of few colours", TestPhotos.file(indexed, "png"));
        odd.put("half clear", TestPhotos.clearPng(WIDTH, HEIGHT, 9));
        odd.put("GIF", TestPhotos.file(indexed, "gif"));
        odd.put("TIFF", TestPhotos.file(scene, "tiff"));
        odd.put("WebP", TestPhotos.file(scene, "webp"));
    }

    private byte[] rewritten(BufferedImage scene, String... options) throws IOException {
        Path from = Files.write(folder.resolve("plain.bmp"), TestPhotos.file(scene, "bmp"));
        Path to = folder.resolve("rewritten.jpg");
        List<String> command = new ArrayList<>(List.of("cjpeg", "-quality", "92", "-outfile", to.toString()));
        command.addAll(List.of(options));
        command.add(from.toString());
        Tool.run(command.toArray(String[]::new));
        return Files.readAllBytes(to);
    }

    @ParameterizedTest
    @CsvSource({"poppler, FITTED", "poppler, ORIGINALS", "ghostscript, FITTED", "ghostscript, ORIGINALS"})
    void aPdfShowsWhatThePngDoes(String program, Photos photos) throws IOException {
        Folder stored = new Folder(folder);
        int number = 0;
        for (byte[] file : odd.values()) {
            stored.with(photo(++number), file);
        }
        Piece page = placed(
                piece(grid(3, 6, 10, 5), 1), IntStream.rangeClosed(1, number).toArray());
        PieceMaker maker = new PieceMaker(stored.resolver(), stored, new PaintMemory(1 << 26), Clock.systemUTC());
        Path pdf = make(maker, page, Kind.PDF, photos);
        BufferedImage png =
                quarter(ImageIO.read(make(maker, page, Kind.PNG, photos).toFile()));
        Path rendered = folder.resolve("rendered.png");
        if (program.equals("poppler")) {
            String name = folder.resolve("rendered").toString();
            Tool.run("pdftoppm", "-png", "-singlefile", "-r", String.valueOf(PPI), pdf.toString(), name);
        } else {
            Tool.run("gs", "-q", "-dBATCH", "-dNOPAUSE", "-sDEVICE=png16m", "-r" + PPI, "-o", "" + rendered, "" + pdf);
        }
        BufferedImage drawn = quarter(ImageIO.read(rendered.toFile()));
        List<String> names = List.copyOf(odd.keySet());
        List<FrameScene> frames = stored.resolver().resolve(page, first(page)).frames();
        assertThat(frames).hasSize(names.size());
        for (int i = 0; i < names.size(); i++) {
            BoxMm box = frames.get(i).bounds().outset(-1);
            double scale = PPI / 25.4 / 4;
            int[] at = {(int) ((box.x() + 3) * scale), (int) ((box.y() + 3) * scale)};
            int[] size = {(int) (box.width() * scale), (int) (box.height() * scale)};
            assertThat(Likeness.colourDistance(
                            drawn.getSubimage(at[0], at[1], size[0], size[1]),
                            png.getSubimage(at[0], at[1], size[0], size[1])))
                    .as(names.get(i))
                    .isLessThanOrEqualTo(2);
        }
    }

    /** Dots by which few colours stand for many are seen as what they stand for. */
    private static BufferedImage quarter(BufferedImage picture) {
        return DerivedPixels.reduced(picture, picture.getWidth() / 4, picture.getHeight() / 4);
    }

    private Path make(PieceMaker maker, Piece page, Kind kind, Photos photos) throws IOException {
        MakeRequest request = new MakeRequest(
                kind, List.of(0), new Resolution(PPI), 95, MakeRequest.Ground.PAGE_COLOUR, Extent.BLEED, photos);
        return maker.make(page, request, folder, new Unheard()).file();
    }

    private static final class Unheard implements MakeProgress {
        @Override
        public void done(double share, String doing) {
            // Nobody looks.
        }

        @Override
        public boolean cancelled() {
            return false;
        }
    }
}
