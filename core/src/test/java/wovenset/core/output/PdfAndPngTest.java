package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.output.PieceMakerTest.request;
import static wovenset.core.output.PieceMakerTest.sample;
import static wovenset.core.output.PieceMakerTest.words;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;
import static wovenset.core.testing.Pieces.row;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.display.Op;
import wovenset.core.drawing.Drawing;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Mosaic;
import wovenset.core.item.MosaicTiles;
import wovenset.core.output.MakeRequest.Extent;
import wovenset.core.output.MakeRequest.Kind;
import wovenset.core.output.MakeRequest.Photos;
import wovenset.core.paint.PaintMemory;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Treatment;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.GroundShadow;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.piece.Piece;
import wovenset.core.scene.FrameScene;
import wovenset.core.style.Band;
import wovenset.core.style.Corners;
import wovenset.core.style.Light;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.effect.Shadow;
import wovenset.core.testing.ItemLikeness;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;
import wovenset.core.testing.Tool;

/** A page is the same in a PDF, rendered by an independent program, and in a PNG. */
class PdfAndPngTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-08-03T10:00:00Z"), ZoneOffset.UTC);

    private static final Crop WHOLE = new Crop(0.5, 0.5, 1, 0, false, Crop.Fit.WHOLE, Crop.Aim.SUBJECT);

    @TempDir
    Path folder;

    private Folder photos;
    private PieceMaker maker;

    @BeforeEach
    void photos() {
        photos = new Folder(folder)
                .with(photo(1), TestPhotos.withExif(TestPhotos.jpeg(900, 600, 1), 6, "2026:07:11 10:12:05", "words"))
                .with(photo(2), TestPhotos.jpeg(800, 800, 2))
                .with(photo(3), TestPhotos.file(TestPhotos.scene(700, 500, 3), "png"));
        maker = new PieceMaker(photos.resolver(), photos, new PaintMemory(100_000_000), CLOCK);
    }

    private PieceMaker.Made make(Piece piece, MakeRequest request) throws IOException {
        return maker.make(piece, request, folder, new PieceMakerTest.Listening());
    }

    @Test
    void pdfAndPngOfAPageAgree() throws IOException, InterruptedException {
        BufferedImage[] both = pdfAndPng(sample(1), 150);
        assertThat(Likeness.of(both[0], both[1])).isGreaterThanOrEqualTo(0.98);
    }

    /**
     * Half clear groups, turned, oval and banded on both sides; one that bleeds; a whole photo in a rounded, turned frame; a photo
     * with clear parts on a coloured page; all with soft shadows in one light, and words across the page and turned.
     */
    private Piece odd() {
        photos.with(photo(3), TestPhotos.file(TestPhotos.scene(2100, 1500, 3), "png"))
                .with(photo(4), TestPhotos.jpeg(1800, 1050, 4))
                .with(photo(5), TestPhotos.clearPng(1200, 1000, 5));
        Piece piece = row(5);
        UUID[] ids = frames(piece).toArray(UUID[]::new);
        Piece moved = applied(
                piece,
                new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#e6dfd0"))),
                move(piece, ids[0], free(20, 20, 80, 60, 20)),
                move(piece, ids[1], free(70, 50, 100, 70, 0)),
                move(piece, ids[2], free(190, -5, 115, 120, 0)),
                move(piece, ids[3], free(20, 130, 110, 55, -8)),
                move(piece, ids[4], free(200, 125, 70, 65, 0)));
        Piece drawn = applied(
                moved,
                new StyleEdit.SetFrameStyle(moved.styles()
                        .usual()
                        .withBand(0, band -> band.withWidth(mm(3)))
                        .with(new Shadow(mm(2.5), mm(5), 0.7, Rgb.INK))),
                new WordsEdit.AddWords(
                        first(piece).id(), WordsEdit.WordsPlace.TOP, Optional.of("Avalanche, “fi” and Ærø")),
                new PieceEdit.SetLight(new Light(70)),
                patch(moved, new ItemChange.Differ(new StyleDifference.BandSide(0, Band.Side.OUTSIDE)), ids[0]),
                patch(moved, new ItemChange.SetOutline(new Outline.Ellipse()), ids[1]),
                patch(moved, new ItemChange.SetOpacity(0.7), ids[0]),
                patch(moved, new ItemChange.Differ(new StyleDifference.CornersCut(Corners.round(mm(14)))), ids[3]),
                patch(moved, new ItemChange.SetCrop(WHOLE), ids[3]),
                patch(moved, new ItemChange.Differ(new StyleDifference.BandWidth(0, mm(0))), ids[4]),
                new ItemEdit.GroupItems(first(piece).id(), List.of(ids[0], ids[1])));
        UUID group = first(drawn).holder(ids[0]).orElseThrow().id();
        Piece seen = applied(
                drawn,
                patch(drawn, new ItemChange.SetOpacity(0.6), group),
                new WordsEdit.AddWords(
                        first(piece).id(), WordsEdit.WordsPlace.FREE, Optional.of("Two lines\nturned a little")));
        UUID words = first(seen).frames().get(6).id();
        return applied(seen, move(seen, words, free(215, 60, 70, 30, -12)));
    }

    @ParameterizedTest
    @ValueSource(ints = {127, 254})
    void pdfAndPngAgreeItemByItem(int ppi) throws IOException, InterruptedException {
        checkPdfAndPngAgree(odd(), ppi, 7);
    }

    @Test
    void lightAndColourAreChangedAlikeInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.adjustedSheet();
        checkPdfAndPngAgree(sheet, 127, first(sheet).frames().size());
        Files.copy(
                make(sheet, request(Kind.PNG, 1, 127)).file(),
                Path.of("target", "all-adjustments.png"),
                StandardCopyOption.REPLACE_EXISTING);
    }

    /** Every style that ships, and every form with two borders, a bevel and shadows outside and in. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void everyStyleAndEveryFormIsTheSameInPdfAndPng(boolean styles) throws IOException, InterruptedException {
        Piece sheet = styles ? Sheets.stylesSheet() : Sheets.formsSheet();
        checkPdfAndPngAgree(sheet, 127, first(sheet).frames().size());
        Path kept = Path.of("target", styles ? "all-styles.png" : "all-forms.png");
        Files.copy(make(sheet, request(Kind.PNG, 1, 127)).file(), kept, StandardCopyOption.REPLACE_EXISTING);
    }

    @Test
    void everyOrnamentIsTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.ornamentsSheet();
        checkPdfAndPngAgree(sheet, 127, Drawing.values().length + 6);
        Path kept = Path.of("target", "all-ornaments.png");
        Files.copy(make(sheet, request(Kind.PNG, 1, 127)).file(), kept, StandardCopyOption.REPLACE_EXISTING);
    }

    @Test
    void papersLinesAndAPhotoAsTheGroundAreTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.papersSheet();
        checkPdfAndPngAgree(sheet, 127, first(sheet).frames().size());
        BufferedImage[] both = pdfAndPng(sheet, 127);
        assertThat(Likeness.of(both[0], both[1])).isGreaterThanOrEqualTo(0.98);
        assertThat(Likeness.colourDistance(both[0], both[1])).isLessThan(1.5);
        Path kept = Path.of("target", "all-papers.png");
        Files.copy(make(sheet, request(Kind.PNG, 1, 127)).file(), kept, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Edges, shadows and grounds of words, straight, in columns and on a curve. */
    @Test
    void tiltedPrintsAreTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.tiltedSheet();
        checkPdfAndPngAgree(sheet, 127, 6);
        Path kept = Path.of("target", "all-tilts.png");
        Files.copy(make(sheet, request(Kind.PNG, 1, 127)).file(), kept, StandardCopyOption.REPLACE_EXISTING);
    }

    @Test
    void whatGrowsFaintAndWordsBesidePhotosAreTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.fadedSheet();
        checkPdfAndPngAgree(sheet, 127, 9);
        Path kept = Path.of("target", "all-faded.png");
        Files.copy(make(sheet, request(Kind.PNG, 1, 127)).file(), kept, StandardCopyOption.REPLACE_EXISTING);
    }

    @Test
    void finishedWordsAreTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.wordsSheet();
        checkPdfAndPngAgree(sheet, 127, first(sheet).frames().size());
        Path kept = Path.of("target", "all-words.png");
        Files.copy(make(sheet, request(Kind.PNG, 1, 127)).file(), kept, StandardCopyOption.REPLACE_EXISTING);
        Path pdf = make(sheet, request(Kind.PDF, 1, 300)).file();
        Path text = folder.resolve("finished.txt");
        Tool.run("pdftotext", pdf.toString(), text.toString());
        assertThat(Files.readString(text)).containsOnlyOnce("Edged all round").containsOnlyOnce("Shadow below");
    }

    @Test
    void everyBlendIsTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece grid = Sheets.sheet(4, 2);
        Piece sheet = applied(grid, new ArrangeEdit.ReleasePage(first(grid).id()));
        UUID below = frames(sheet).get(7);
        Piece piece = applied(
                sheet,
                move(sheet, below, free(20, 30, 260, 140, 0)),
                new ItemEdit.RestackItems(
                        first(sheet).id(),
                        Stream.concat(Stream.of(below), frames(sheet).stream().limit(7))
                                .toList()));
        Iterator<UUID> frames = frames(sheet).iterator();
        for (Blend blend : Blend.values()) {
            UUID frame = frames.next();
            piece = applied(
                    piece,
                    patch(piece, new ItemChange.SetBlend(blend), frame),
                    patch(piece, new ItemChange.SetOpacity(0.8), frame));
        }
        checkPdfAndPngAgree(piece, 127, 8);
    }

    /** Tiles of two sizes, some of a photo that is gone, below a tint and a veil; the other photo is turned behind its tiles. */
    @Test
    void aMosaicIsTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.sheet(2, 1);
        Mosaic.Weave weave = new Mosaic.Weave(12, 2, 0);
        List<UUID> named = List.of(sheet.entries().list().get(0).id(), new UUID(9, 9));
        Piece woven = sheet.mapPage(
                first(sheet).id(),
                page -> page.mapFrames(frame -> {
                    boolean turned = frame.id().equals(frames(sheet).get(1));
                    int rows = 8;
                    List<MosaicTiles.Tile> tiles = new ArrayList<>();
                    for (MosaicTiles.Tile place :
                            MosaicTiles.places(weave, rows, (column, row, side, before) -> (column + row) % 4 == 0)) {
                        tiles.add(new MosaicTiles.Tile(
                                place.column(), place.row(), place.side(), tiles.size() % 7 == 0 ? 1 : 0));
                    }
                    Mosaic mosaic = new Mosaic(weave, rows, named, MosaicTiles.text(tiles), 0.4, turned ? 0 : 0.2);
                    Fill.OwnPhoto own = (Fill.OwnPhoto) frame.fill();
                    Crop crop = new Crop(0.5, 0.5, 1.2, turned ? 12 : 0, turned, Crop.Fit.FILL, Crop.Aim.HAND);
                    return frame.refilled(own.withCrop(crop).withMosaic(Optional.of(mosaic)));
                }));
        checkPdfAndPngAgree(woven, 127, 2);
        Files.copy(
                make(woven, request(Kind.PNG, 1, 127)).file(),
                Path.of("target", "mosaic.png"),
                StandardCopyOption.REPLACE_EXISTING);
    }

    /** Plainly with its shadow on the ground, with the style's shadow and turned, and within a border; a photo that is cut out is made anew. */
    @Test
    void whatIsCutOutIsTheSameInPdfAndPng() throws IOException, InterruptedException {
        Piece sheet = Sheets.sheet(3, 1);
        byte[] labels = new byte[90 * 60];
        for (int i = 0; i < labels.length; i++) {
            boolean inside = Math.hypot(i % 90 - 45, 1.3 * (Math.floorDiv(i, 90) - 28)) < 30 && i % 90 > 20;
            labels[i] = inside ? CutOut.INSIDE : CutOut.OUTSIDE;
        }
        CutOut cutOut = new CutOut(CutOut.From.STROKES, PixelPlane.of(90, 60, labels))
                .withShadow(Optional.of(new GroundShadow(0.6, 0.4)));
        Piece cut = sheet.mapPage(
                first(sheet).id(),
                page -> page.mapFrames(frame -> {
                    Fill.OwnPhoto own = (Fill.OwnPhoto) frame.fill();
                    int turn = frame.id().equals(frames(sheet).get(1)) ? 15 : 0;
                    Crop crop = new Crop(0.5, 0.5, 1.1, turn, turn > 0, Crop.Fit.FILL, Crop.Aim.HAND);
                    return frame.refilled(own.withCrop(crop)
                            .withRetouched(Optional.of(Retouching.NONE.withCutOut(Optional.of(cutOut)))));
                }));
        Piece bordered = applied(
                cut,
                patch(
                        cut,
                        new ItemChange.Differ(new StyleDifference.OtherEffect(new Shadow(mm(2), mm(3), 0.6, Rgb.INK))),
                        frames(cut).get(1)),
                patch(
                        cut,
                        new ItemChange.Differ(new StyleDifference.BandWidth(0, mm(2))),
                        frames(cut).get(2)));
        checkPdfAndPngAgree(bordered, 127, 3);
        Files.copy(
                make(bordered, request(Kind.PNG, 1, 127)).file(),
                Path.of("target", "cut-outs.png"),
                StandardCopyOption.REPLACE_EXISTING);
    }

    /** Curved words are found as they were written, by two readers that know nothing of each other. */
    @Test
    void wordsOnACurveAreWordsInThePdf() throws IOException {
        Path pdf = make(Sheets.ornamentsSheet(), request(Kind.PDF, 1, 300)).file();
        Path text = folder.resolve("words.txt");
        Tool.run("pdftotext", pdf.toString(), text.toString());
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            for (String read : List.of(new PDFTextStripper().getText(document), Files.readString(text))) {
                assertThat(read.replaceAll("\\s+", " "))
                        .contains("Eleven days of wind", "Over the gate", "Round the bay", "Up and down", "Set apart");
            }
        }
    }

    /** Grounds of every material and of two colours; a fine texture's pixels are other ones, its tones the same. */
    @Test
    void texturesAndGradientsHaveTheSameTonesInPdfAndPng() throws IOException, InterruptedException {
        List<Paint> paints = new ArrayList<>(List.of(new Paint.Gradient(new Rgb("#f0e8d8"), new Rgb("#2f4b7c"), 135)));
        for (Paint.Texture.Material material : Paint.Texture.Material.values()) {
            paints.add(new Paint.Texture(material, new Rgb("#f0e8d8"), new Rgb("#99703f"), mm(2), 0.8));
        }
        Piece piece = applied(Sheets.sheet(1, 1), new PieceEdit.SetFormat(Pieces.format(100, 70)));
        for (Paint paint : paints) {
            Piece covered = applied(piece, new PieceEdit.SetCommonGround(paint));
            BufferedImage[] both = pdfAndPng(covered, 127);
            assertThat(Likeness.colourDistance(both[0], both[1]))
                    .as(paint.toString())
                    .isLessThan(1.5);
            assertThat(Likeness.of(both[0], both[1])).as(paint.toString()).isGreaterThanOrEqualTo(0.98);
        }
    }

    private void checkPdfAndPngAgree(Piece piece, int ppi, int frames) throws IOException, InterruptedException {
        BufferedImage[] both = pdfAndPng(piece, ppi);
        double scale = ppi / 25.4;
        List<FrameScene> shown = photos.resolver().resolve(piece, first(piece)).frames().stream()
                .filter(frame -> !frame.resolved().ops().isEmpty())
                .toList();
        assertThat(shown).hasSize(frames);
        for (FrameScene frame : shown) {
            BoxMm seen = frame.bounds();
            ItemLikeness alike = ItemLikeness.of(
                    both[0],
                    both[1],
                    (int) ((seen.x() + 3) * scale),
                    (int) ((seen.y() + 3) * scale),
                    (int) (seen.width() * scale),
                    (int) (seen.height() * scale));
            String which = frame.look().ornament() + " " + frame.look().outline()
                    + frame.look().text() + " " + frame.look().bands() + " "
                    + frame.look().effects() + " " + frame.look().photo() + ": " + alike;
            // That program sets each sign on whole quarters of its pixels, which counts where signs do not follow their
            // face.
            boolean signBySign = frame.resolved().ops().stream()
                    .anyMatch(op -> op instanceof Op.Said
                            || op instanceof Op.Glyphs line && line.setting().tracking() != 0);
            // Lines and grains of a pixel come out a little softer where a picture is drawn between its pixels.
            boolean finest = frame.look().photo().stream()
                    .map(photo -> photo.pixels().adjustments())
                    .anyMatch(one -> one.of(Adjustment.GRAIN) != 0
                            || one.treatment()
                                    .filter(treatment -> treatment.kind() == Treatment.Kind.INK)
                                    .isPresent());
            assertThat(alike.similarity()).as(which).isGreaterThanOrEqualTo(signBySign || finest ? 0.95 : 0.98);
            assertThat(alike.colour()).as(which).isLessThanOrEqualTo(2);
            assertThat(alike.edges()).as(which).isLessThanOrEqualTo(0.5);
        }
    }

    /**
     * The first page with its bleed, as the PDF rendered by an independent program and as the PNG of the same size. That program sets
     * pictures on whole pixels, so it renders at twice the size, which is then averaged; and it moves pictures that it enlarges by half
     * of one of their own pixels, so the PDF is made for a finer print. At multiples of 127 ppi a millimetre is whole pixels.
     */
    private BufferedImage[] pdfAndPng(Piece piece, int ppi) throws IOException, InterruptedException {
        Path pdf = make(piece, request(Kind.PDF, 1, 4 * ppi)).file();
        BufferedImage png = ImageIO.read(make(piece, request(Kind.PNG, 1, ppi, Extent.BLEED, Photos.FITTED))
                .file()
                .toFile());
        Process process = new ProcessBuilder(
                        "pdftoppm",
                        "-tiff",
                        "-singlefile",
                        "-scale-to-x",
                        String.valueOf(2 * png.getWidth()),
                        "-scale-to-y",
                        String.valueOf(2 * png.getHeight()),
                        pdf.toString(),
                        folder.resolve("rendered").toString())
                .inheritIO()
                .start();
        assertThat(process.waitFor()).isZero();
        BufferedImage twice = ImageIO.read(folder.resolve("rendered.tif").toFile());
        return new BufferedImage[] {DerivedPixels.reduced(twice, png.getWidth(), png.getHeight()), png};
    }

    @Test
    void wordsStandWhereTheyDoOnTheScreenKernedPairsToo() throws IOException, InterruptedException {
        Piece plain = placed(piece(grid(1, 1, 10, 0), 1), 1);
        Piece piece = applied(
                plain,
                words(48, "#000000"),
                new EntryEdit.CaptionEntry(entry(plain, 1), "AVATAR To Type: WAVES, Yves"));
        BufferedImage[] both = pdfAndPng(piece, 200);
        int[] print = ink(band(both[0]));
        int[] screen = ink(band(both[1]));
        assertThat(screen.length).as("letters, with the gaps between them").isGreaterThan(12);
        assertThat(print).hasSameSizeAs(screen);
        for (int i = 0; i < screen.length; i++) {
            assertThat(print[i] * 25.4 / 200).as("edge %d", i).isCloseTo(screen[i] * 25.4 / 200, within(0.15));
        }
    }

    /** The columns, from the left, at which ink begins or ends. */
    private static int[] ink(BufferedImage band) {
        return IntStream.range(1, band.getWidth())
                .filter(x -> dark(band, x) != dark(band, x - 1))
                .toArray();
    }

    private static boolean dark(BufferedImage band, int x) {
        return IntStream.range(0, band.getHeight()).anyMatch(y -> (band.getRGB(x, y) & 255) < 110);
    }

    /** The part of the page that the words stand in. */
    private static BufferedImage band(BufferedImage page) {
        int top = page.getHeight() * 80 / 100;
        return page.getSubimage(0, top, page.getWidth(), page.getHeight() - top);
    }
}
