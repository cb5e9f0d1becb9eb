package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.bordered;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.row;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.measure.Resolution;
import wovenset.core.output.MakeRequest.Extent;
import wovenset.core.output.MakeRequest.Kind;
import wovenset.core.output.MakeRequest.Photos;
import wovenset.core.paint.PaintMemory;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterPainter;
import wovenset.core.piece.Piece;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Corners;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.effect.Shadow;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.TestPhotos;

class PieceMakerTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-08-03T10:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private Folder photos;
    private PieceMaker maker;
    private byte[] jpeg;

    @BeforeEach
    void photos() {
        jpeg = TestPhotos.withExif(TestPhotos.jpeg(900, 600, 1), 6, "2026:07:11 10:12:05", "secret words");
        photos = new Folder(folder)
                .with(photo(1), jpeg)
                .with(photo(2), TestPhotos.jpeg(800, 800, 2))
                .with(photo(3), TestPhotos.file(TestPhotos.scene(700, 500, 3), "png"));
        maker = new PieceMaker(photos.resolver(), photos, new PaintMemory(100_000_000), CLOCK);
    }

    /** Three photos (one turned by the camera, one PNG) with captions, a border, round corners, a turn and a flip. */
    static Piece sample(int pages) {
        Piece piece = bordered(row(3), 1.5);
        FrameStyle round = piece.styles()
                .usual()
                .withCorners(Corners.round(mm(6)))
                .withBand(0, band -> band.withPaint(new Paint.Solid(new Rgb("#22293a"))));
        Crop turned = new Crop(0.4, 0.5, 1.3, 7, true, Crop.Fit.FILL, Crop.Aim.HAND);
        Piece sample = applied(
                piece,
                new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#f5f1e8"))),
                new StyleEdit.SetFrameStyle(round),
                words(14, "#a4373a"),
                new EntryEdit.CaptionEntry(entry(piece, 2), "Grounded, quite fine"),
                patch(piece, new ItemChange.SetCrop(turned), frame(piece, 1)));
        return sample.withPages(Collections.nCopies(pages, first(sample)));
    }

    static Edit words(double sizePt, String colour) {
        return new PieceEdit.SetCaptionStyle(
                new CaptionStyle(CaptionStyle.Show.ALWAYS, "Alegreya", sizePt, new Rgb(colour), 1));
    }

    static MakeRequest request(Kind kind, int pages, double ppi) {
        return request(kind, pages, ppi, Extent.TRIM, Photos.FITTED);
    }

    static MakeRequest request(Kind kind, int pages, double ppi, Extent extent, Photos photos) {
        return new MakeRequest(
                kind,
                IntStream.range(0, pages).boxed().toList(),
                new Resolution(ppi),
                95,
                MakeRequest.Ground.PAGE_COLOUR,
                extent,
                photos);
    }

    private PieceMaker.Made make(Piece piece, MakeRequest request) throws IOException {
        return maker.make(piece, request, folder, new Listening());
    }

    static class Listening implements MakeProgress {
        double last;

        @Override
        public void done(double share, String doing) {
            assertThat(share).isBetween(last, 1.0);
            last = share;
        }

        @Override
        public boolean cancelled() {
            return false;
        }
    }

    @Test
    void pdfBoxesAreRightToAHundredthOfAMillimetre() throws IOException {
        PieceMaker.Made made = make(sample(2), request(Kind.PDF, 2, 300));
        assertThat(made.name()).isEqualTo("Kites, 2 pages.pdf");
        try (PDDocument document = Loader.loadPDF(made.file().toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            PDPage page = document.getPage(0);
            checkBox(page.getMediaBox(), 0, 0, 306, 206);
            checkBox(page.getBleedBox(), 0, 0, 306, 206);
            checkBox(page.getTrimBox(), 3, 3, 300, 200);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Kites");
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en-GB");
        }
    }

    private static void checkBox(PDRectangle box, double left, double bottom, double width, double height) {
        double mm = 25.4 / 72;
        assertThat(box.getLowerLeftX() * mm).isCloseTo(left, within(0.01));
        assertThat(box.getLowerLeftY() * mm).isCloseTo(bottom, within(0.01));
        assertThat(box.getWidth() * mm).isCloseTo(width, within(0.01));
        assertThat(box.getHeight() * mm).isCloseTo(height, within(0.01));
    }

    @Test
    void pdfWordsAreTextInEmbeddedSubsets() throws IOException {
        try (PDDocument document =
                Loader.loadPDF(make(sample(1), request(Kind.PDF, 1, 300)).file().toFile())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Grounded, quite fine")
                    .contains("words of 1");
            List<PDFont> fonts = new ArrayList<>();
            for (PDResources resources : resources(document.getPage(0))) {
                for (COSName name : resources.getFontNames()) {
                    fonts.add(resources.getFont(name));
                }
            }
            assertThat(fonts).isNotEmpty().allSatisfy(font -> {
                assertThat(font.isEmbedded()).isTrue();
                assertThat(font.getName()).matches("[A-Z]{6}\\+Alegreya.*");
            });
        }
    }

    /** The page's fonts and images, those of its groups, too. */
    private static List<PDResources> resources(PDPage page) throws IOException {
        List<PDResources> all = new ArrayList<>(List.of(page.getResources()));
        for (int i = 0; i < all.size(); i++) {
            for (COSName name : all.get(i).getXObjectNames()) {
                if (all.get(i).getXObject(name) instanceof PDFormXObject form) {
                    all.add(form.getResources());
                }
            }
        }
        return all;
    }

    private static List<PDImageXObject> images(PDPage page) throws IOException {
        List<PDImageXObject> images = new ArrayList<>();
        for (PDResources resources : resources(page)) {
            for (COSName name : resources.getXObjectNames()) {
                if (resources.getXObject(name) instanceof PDImageXObject image) {
                    images.add(image);
                }
            }
        }
        return images;
    }

    @Test
    void originalsGoInOnceWithTheirDataUntouchedAndNothingTheCameraTold() throws IOException {
        MakeRequest originals = request(Kind.PDF, 2, 300, Extent.TRIM, Photos.ORIGINALS);
        try (PDDocument document =
                Loader.loadPDF(make(sample(2), originals).file().toFile())) {
            byte[] scan = Arrays.copyOfRange(jpeg, lastIndexOf(jpeg, 0xDA), jpeg.length - 2);
            int untouched = 0;
            for (PDImageXObject image : images(document.getPage(0))) {
                byte[] raw = image.getCOSObject().createRawInputStream().readAllBytes();
                String text = new String(raw, StandardCharsets.ISO_8859_1);
                assertThat(text).doesNotContain("Exif", "secret words", "SECRET-PLACE");
                if (text.contains(new String(scan, StandardCharsets.ISO_8859_1))) {
                    assertThat(image.getWidth())
                            .as("stored as the camera held it")
                            .isEqualTo(900);
                    untouched++;
                }
            }
            assertThat(untouched).isEqualTo(1);
            assertThat(keys(document.getPage(1)))
                    .as("both pages share the photos")
                    .containsAnyElementsOf(keys(document.getPage(0)));
        }
    }

    /** What is said before is what then happens; sharpened for print no photo is the one that came. */
    @Test
    void whatIsMadeAnewIsSaidBefore() throws IOException {
        MakeRequest originals = request(Kind.PDF, 1, 300, Extent.TRIM, Photos.ORIGINALS);
        assertThat(maker.passing(sample(1), originals)).containsEntry(Passing.UNTOUCHED, 2);
        assertThat(maker.passing(sample(1), request(Kind.PDF, 1, 30))).containsEntry(Passing.FINER, 2);
        MakeRequest sharpened = originals.withSharpening(Optional.of(MakeRequest.Sharpening.MORE));
        assertThat(maker.passing(sample(1), sharpened))
                .containsEntry(Passing.SHARPENED, 2)
                .doesNotContainKey(Passing.UNTOUCHED);
        assertThat(maker.passing(sample(1), sharpened).values().stream()
                        .mapToInt(Integer::intValue)
                        .sum())
                .isEqualTo(3);
        String scan = new String(
                Arrays.copyOfRange(jpeg, lastIndexOf(jpeg, 0xDA), jpeg.length - 2), StandardCharsets.ISO_8859_1);
        try (PDDocument document =
                Loader.loadPDF(make(sample(1), sharpened).file().toFile())) {
            for (PDImageXObject image : images(document.getPage(0))) {
                byte[] raw = image.getCOSObject().createRawInputStream().readAllBytes();
                assertThat(new String(raw, StandardCharsets.ISO_8859_1)).doesNotContain(scan);
            }
        }
        BufferedImage plain =
                ImageIO.read(make(sample(1), request(Kind.PNG, 1, 100)).file().toFile());
        BufferedImage sharp = ImageIO.read(
                make(sample(1), request(Kind.PNG, 1, 100).withSharpening(Optional.of(MakeRequest.Sharpening.MORE)))
                        .file()
                        .toFile());
        assertThat(differing(plain, sharp)).isGreaterThan(1000);
    }

    private static int differing(BufferedImage one, BufferedImage other) {
        int differing = 0;
        for (int at = 0; at < one.getWidth() * one.getHeight(); at++) {
            int x = at % one.getWidth();
            differing += one.getRGB(x, at / one.getWidth()) == other.getRGB(x, at / one.getWidth()) ? 0 : 1;
        }
        return differing;
    }

    @Test
    void photosThatAreMuchFinerThanTheyPrintAreMadeSmaller() throws IOException {
        try (PDDocument document =
                Loader.loadPDF(make(sample(1), request(Kind.PDF, 1, 30)).file().toFile())) {
            assertThat(images(document.getPage(0))).hasSize(3).allSatisfy(image -> assertThat(
                            Math.max(image.getWidth(), image.getHeight()))
                    .as("of 700 and more; 180 mm at 30 ppi are 213, and a crop and a turn beyond that")
                    .isLessThan(480));
        }
    }

    private static List<Object> keys(PDPage page) throws IOException {
        return List.copyOf(
                images(page).stream().map(PDImageXObject::getCOSObject).toList());
    }

    private static int lastIndexOf(byte[] file, int marker) {
        for (int i = file.length - 2; i >= 0; i--) {
            if ((file[i] & 255) == 0xFF && (file[i + 1] & 255) == marker) {
                return i;
            }
        }
        throw new IllegalArgumentException();
    }

    @Test
    void imagesCarrySizeResolutionAndProfile() throws IOException {
        PieceMaker.Made jpg = make(sample(1), request(Kind.JPEG, 1, 254));
        assertThat(jpg.name()).isEqualTo("Kites, page 1, 3000 x 2000 px.jpg");
        byte[] file = Files.readAllBytes(jpg.file());
        assertThat(new String(file, 6, 4, StandardCharsets.US_ASCII)).isEqualTo("JFIF");
        assertThat(file[13]).as("dots an inch").isEqualTo((byte) 1);
        assertThat((file[14] & 255) << 8 | file[15] & 255).isEqualTo(254);
        assertThat(new String(file, StandardCharsets.ISO_8859_1))
                .contains("ICC_PROFILE")
                .doesNotContain("Exif");
        BufferedImage image = ImageIO.read(jpg.file().toFile());
        assertThat(image.getWidth()).isEqualTo(3000);
        assertThat(image.getHeight()).isEqualTo(2000);

        PieceMaker.Made png = make(sample(1), request(Kind.PNG, 1, 254));
        String text = new String(Files.readAllBytes(png.file()), StandardCharsets.ISO_8859_1);
        int at = text.indexOf("pHYs") + 4;
        assertThat(ByteBuffer.wrap(text.substring(at, at + 4).getBytes(StandardCharsets.ISO_8859_1))
                        .getInt())
                .isEqualTo(10_000);
        assertThat(text).contains("iCCPsRGB");
        assertThat(ImageIO.read(png.file().toFile()).getWidth()).isEqualTo(3000);
    }

    @Test
    void stripsMeetWithoutASeam() throws IOException {
        Piece plain = sample(1);
        Piece piece = applied(
                plain,
                new StyleEdit.SetFrameStyle(plain.styles().usual().with(new Shadow(mm(3), mm(9), 0.6, Rgb.INK))));
        BufferedImage strips =
                ImageIO.read(make(piece, request(Kind.PNG, 1, 280)).file().toFile());
        BufferedImage whole = new RasterPainter(new ExportRasters(photos))
                .page(photos.resolver().resolve(piece, piece.pages().get(0)), new Resolution(280).pixelsPerMm());
        int seam = 6_000_000 / strips.getWidth() / 8 * 8;
        assertThat(strips.getHeight()).as("more than one strip").isGreaterThan(seam + 32);
        assertThat(Likeness.of(
                        strips.getSubimage(0, seam - 32, strips.getWidth(), 64),
                        whole.getSubimage(0, seam - 32, whole.getWidth(), 64)))
                .isGreaterThan(0.9999);
    }

    /** Put together at its restart markers, to the pixel what it is when packed as one. */
    @Test
    void aJpegOfStripsIsTheOneOfTheWhole() throws IOException {
        Piece piece = sample(1);
        Path file = make(piece, request(Kind.JPEG, 1, 280)).file();
        Path plain = make(piece, request(Kind.PNG, 1, 280)).file();
        try (Mat picture = opencv_imgcodecs.imread(plain.toString());
                BytePointer packed = new BytePointer();
                IntPointer options = new IntPointer(
                        opencv_imgcodecs.IMWRITE_JPEG_QUALITY,
                        95,
                        opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR,
                        0x111111)) {
            opencv_imgcodecs.imencode(".jpg", picture, packed, options);
            try (Mat whole = opencv_imgcodecs.imdecode(new Mat(packed), opencv_imgcodecs.IMREAD_COLOR);
                    Mat strips = opencv_imgcodecs.imread(file.toString())) {
                assertThat(strips.rows()).isEqualTo(whole.rows());
                assertThat(opencv_core.norm(strips, whole, opencv_core.NORM_INF, new Mat()))
                        .isZero();
            }
        }
    }

    @Test
    void aClearGroundIsClearAndOnlyThere() throws IOException {
        MakeRequest request = new MakeRequest(
                Kind.PNG, List.of(0), new Resolution(50), 95, MakeRequest.Ground.CLEAR, Extent.TRIM, Photos.FITTED);
        BufferedImage image = ImageIO.read(make(sample(1), request).file().toFile());
        assertThat(image.getRGB(3, 3) >>> 24).isZero();
        assertThat(image.getRGB(image.getWidth() / 2, image.getHeight() / 2) >>> 24)
                .isEqualTo(255);
    }

    @Test
    void manyPagesComeAsAZipNamedByPage() throws IOException {
        PieceMaker.Made made = make(sample(11), request(Kind.JPEG, 11, 20));
        assertThat(made.name()).isEqualTo("Kites, JPEG pages.zip");
        try (ZipFile zip = new ZipFile(made.file().toFile())) {
            List<String> names = zip.stream().map(ZipEntry::getName).toList();
            assertThat(names)
                    .hasSize(11)
                    .startsWith("Kites, page 01, 236 x 157 px.jpg")
                    .endsWith("Kites, page 11, 236 x 157 px.jpg");
            for (String name : names) {
                assertThat(ImageIO.read(zip.getInputStream(zip.getEntry(name))).getWidth())
                        .isEqualTo(236);
            }
        }
        assertThat(leftOvers()).isEmpty();
    }

    private List<Path> leftOvers() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().startsWith("page"))
                    .toList();
        }
    }

    @Test
    void whatCannotBeMadeSaysWhatCan() throws IOException {
        assertThatThrownBy(() -> make(sample(1), request(Kind.JPEG, 1, 4800)))
                .isInstanceOf(MakeRefusedException.class)
                .hasMessageContaining("MAKE_PIXELS");
        assertThatThrownBy(() -> make(
                        sample(1),
                        new MakeRequest(
                                Kind.PDF,
                                List.of(3),
                                Resolution.PRINT,
                                90,
                                MakeRequest.Ground.CLEAR,
                                Extent.TRIM,
                                Photos.FITTED)))
                .hasMessageContaining("MAKE_PAGES[1]");
        Files.delete(photos.original(photo(2)).file());
        assertThatThrownBy(() -> make(sample(1), request(Kind.JPEG, 1, 50)))
                .isInstanceOf(PhotoRasters.MissingPhotoException.class);
    }

    @Test
    void stoppingLeavesNothingBehind() throws IOException {
        long before = files();
        MakeProgress impatient = new MakeProgress() {
            private double share;

            @Override
            public void done(double share, String doing) {
                this.share = share;
            }

            @Override
            public boolean cancelled() {
                return share > 0.3;
            }
        };
        for (Kind kind : Kind.values()) {
            assertThatThrownBy(() -> maker.make(sample(4), request(kind, 4, 60), folder, impatient))
                    .isInstanceOf(MakeProgress.MakeCancelledException.class);
        }
        assertThat(files()).isEqualTo(before);
    }

    private long files() throws IOException {
        try (var all = Files.list(folder)) {
            return all.count();
        }
    }

    @Test
    void fileNamesAreSafeOnAnyDisk() {
        assertThat(FileNames.safe("../../etc/passwd")).isEqualTo("etc passwd");
        assertThat(FileNames.safe("Oma & Opa: 50 Jahre / 2026?")).isEqualTo("Oma & Opa 50 Jahre 2026");
        assertThat(FileNames.safe("🪁".repeat(300))).isEqualTo("piece");
        assertThat(FileNames.safe("ž".repeat(300))).hasSize(60);
        assertThat(FileNames.safe("...")).isEqualTo("piece");
    }
}
