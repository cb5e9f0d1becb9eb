package wovenset.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.colour.ColourProfile;
import wovenset.core.picture.file.PictureFormat;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.MovingPictures;
import wovenset.core.testing.TestPhotos;
import wovenset.core.testing.TiledHeic;
import wovenset.core.testing.Tool;

/** The kinds of files that people bring, with the quirks of each. */
class PhotoKindsTest {
    @TempDir
    Path folder;

    private PhotoHeader inspect(byte[] file) {
        try {
            return PhotoInspector.inspect(Files.write(folder.resolve("photo"), file), PictureLimits.USUAL);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private BufferedImage decode(byte[] file, int longEdge) {
        PhotoHeader header = inspect(file);
        BufferedImage image = PhotoDecoder.decode(folder.resolve("photo"), header, longEdge);
        if (longEdge >= Math.max(header.width(), header.height())) {
            assertThat(image.getWidth()).isEqualTo(header.width());
            assertThat(image.getHeight()).isEqualTo(header.height());
        }
        return image;
    }

    private byte[] encoded(BufferedImage image, String... options) throws IOException {
        Path source = folder.resolve("source.png");
        Path target = folder.resolve("target" + (options.length > 0 && options[0].equals("-A") ? ".avif" : ".heic"));
        ImageIO.write(image, "png", source.toFile());
        String[] command = new String[options.length + 4];
        command[0] = "heif-enc";
        System.arraycopy(options, 0, command, 1, options.length);
        command[options.length + 1] = source.toString();
        command[options.length + 2] = "-o";
        command[options.length + 3] = target.toString();
        Tool.run(command);
        return Files.readAllBytes(target);
    }

    @ParameterizedTest
    @CsvSource({"-q 90, HEIC", "-A -q 90, AVIF", "-q 90 -b 10, HEIC"})
    void whatPhonesWriteIsRead(String options, PictureFormat format) throws IOException {
        BufferedImage scene = TestPhotos.scene(320, 240, 5);
        byte[] file = encoded(scene, options.split(" "));
        assertThat(inspect(file).format()).isEqualTo(format);
        BufferedImage read = decode(file, 320);
        assertThat(Likeness.of(read, scene)).isGreaterThan(0.95);
        assertThat(Likeness.colourDistance(read, scene)).isLessThan(2.5);
        assertThat(decode(file, 160).getWidth()).isEqualTo(160);
    }

    /** Three tiles of 128 × 96, of which the last is cut off. */
    @Test
    void aPictureInTilesIsPutTogether() throws IOException {
        BufferedImage whole = TestPhotos.scene(384, 96, 3);
        List<byte[]> tiles = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            tiles.add(encoded(whole.getSubimage(128 * i, 0, 128, 96), "-q", "90"));
        }
        byte[] file = TiledHeic.of(tiles, 128, 96, 340);
        assertThat(inspect(file).width()).isEqualTo(340);
        assertThat(Likeness.colourDistance(decode(file, 340), whole.getSubimage(0, 0, 340, 96)))
                .isLessThan(2);
    }

    @Test
    void clearPartsOfAvifStayClear() throws IOException {
        BufferedImage clear = new BufferedImage(64, 64, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < 64; y++) {
            for (int x = 0; x < 64; x++) {
                clear.setRGB(x, y, x < 32 ? 0xFFCC3322 : 0x00CC3322);
            }
        }
        BufferedImage read = decode(encoded(clear, "-A", "-q", "95"), 64);
        assertThat(read.getRGB(50, 30) >>> 24).isZero();
        assertThat(read.getRGB(10, 30) >>> 24).isEqualTo(255);
    }

    @Test
    void damagedHeicIsRefusedOrReadAndNothingElse() throws IOException {
        byte[] whole = encoded(TestPhotos.scene(200, 160, 5), "-q", "50");
        assertThatThrownBy(() -> decode(Arrays.copyOf(whole, whole.length / 2), 200))
                .isInstanceOf(RefusedPhotoException.class);
        byte[] hurt = whole.clone();
        Arrays.fill(hurt, 12, 60, (byte) 0x55);
        assertThatThrownBy(() -> decode(hurt, 200)).isInstanceOf(RefusedPhotoException.class);
        assertThat(decode(whole, 200).getWidth()).as("the next one is read").isEqualTo(200);
    }

    private static byte[] tiff(BufferedImage image, String compression) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("tiff").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionType(compression);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    /** Where the stored corners (red, green, blue, white in reading order) lie upright, as for JPEG. */
    @ParameterizedTest
    @CsvSource({
        "None, 1, RGBW", "None, 2, GRWB", "None, 3, WBGR", "None, 4, BWRG", "None, 5, RBGW", "None, 6, BRWG",
        "None, 7, WGBR", "None, 8, GWRB", "LZW, 3, WBGR", "LZW, 6, BRWG", "JPEG, 4, BWRG", "JPEG, 8, GWRB"
    })
    void aTiffIsTurnedAsItSays(String compression, int orientation, String upright) throws IOException {
        byte[] file = Tool.tagged(
                tiff(TestPhotos.corners(80, 48), compression), "tif", "-n", "-IFD0:Orientation=" + orientation);
        BufferedImage image = decode(file, 80);
        assertThat(image.getWidth()).isEqualTo(orientation >= 5 ? 48 : 80);
        assertThat(corners(image)).isEqualTo(upright);
    }

    private static String corners(BufferedImage image) {
        StringBuilder corners = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            int rgb = image.getRGB(i % 2 == 0 ? 5 : image.getWidth() - 6, i / 2 == 0 ? 5 : image.getHeight() - 6);
            boolean red = (rgb >> 16 & 255) > 128;
            boolean green = (rgb >> 8 & 255) > 128;
            corners.append(red && green ? 'W' : red ? 'R' : green ? 'G' : 'B');
        }
        return corners.toString();
    }

    @Test
    void aTiffOfAnyDepthComesInItsColours() throws IOException {
        BufferedImage grey = new BufferedImage(40, 30, BufferedImage.TYPE_USHORT_GRAY);
        for (int i = 0; i < 1200; i++) {
            grey.getRaster().setSample(i % 40, i / 40, 0, 128 * 257);
        }
        assertThat(new Color(decode(tiff(grey, "LZW"), 40).getRGB(20, 15)).getGreen())
                .isCloseTo(128, within(1));
        BufferedImage bits = new BufferedImage(40, 30, BufferedImage.TYPE_BYTE_BINARY);
        bits.setRGB(20, 15, 0xFFFFFF);
        BufferedImage read = decode(tiff(bits, "None"), 40);
        assertThat(read.getRGB(20, 15) & 0xFFFFFF).isEqualTo(0xFFFFFF);
        assertThat(read.getRGB(5, 5) & 0xFFFFFF).isZero();
    }

    /** What comes row by row is averaged as it comes; the rest is done as for any other. */
    @ParameterizedTest
    @ValueSource(ints = {400, 137, 40})
    void aLargeTiffIsReducedAsItComes(int longEdge) throws IOException {
        BufferedImage scene = TestPhotos.scene(400, 300, 12);
        BufferedImage read = decode(tiff(scene, "LZW"), longEdge);
        BufferedImage expected = DerivedPixels.reduced(scene, read.getWidth(), read.getHeight());
        assertThat(read.getWidth()).isEqualTo(longEdge);
        assertThat(Likeness.colourDistance(read, expected)).isLessThan(0.7);
        BufferedImage clear = ImageIO.read(new ByteArrayInputStream(TestPhotos.clearPng(400, 300, 12)));
        BufferedImage half = decode(tiff(clear, "LZW"), longEdge);
        int rgb = half.getRGB(half.getWidth() / 2, half.getHeight() / 2);
        assertThat(rgb >>> 24).isEqualTo(255);
        assertThat(half.getRGB(0, 0) >>> 24).isZero();
    }

    @Test
    void aTiffsProfileIsHonoured() throws IOException {
        BufferedImage plain = new BufferedImage(32, 32, BufferedImage.TYPE_3BYTE_BGR);
        for (int i = 0; i < 1024; i++) {
            plain.setRGB(i % 32, i / 32, 0x808080);
        }
        Path profile = Files.write(
                folder.resolve("linear.icc"),
                ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData());
        byte[] file = Tool.tagged(tiff(plain, "LZW"), "tif", "-icc_profile<=" + profile);
        // Half the light is 188 of 255 in sRGB's curve (IEC 61966-2-1).
        assertThat(new Color(decode(file, 32).getRGB(16, 16)).getRed()).isCloseTo(188, within(2));
    }

    /** The middle grey of light without a curve, in the three formats that scanners write; a profile of colours says nothing of it. */
    @ParameterizedTest
    @ValueSource(strings = {"jpg", "png", "tif"})
    void aProfileOfGreysIsHonoured(String format) throws IOException {
        BufferedImage plain = new BufferedImage(32, 32, BufferedImage.TYPE_BYTE_GRAY);
        for (int i = 0; i < 1024; i++) {
            plain.getRaster().setSample(i % 32, i / 32, 0, 128);
        }
        byte[] bare = format.equals("tif") ? tiff(plain, "None") : TestPhotos.file(plain, format);
        assertThat(level(bare)).isCloseTo(128, within(1));
        assertThat(level(profiled(bare, format, TestPhotos.greys(1.8)))).isCloseTo(146, within(2));
        assertThat(level(profiled(
                        bare,
                        format,
                        ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData())))
                .isCloseTo(128, within(1));
    }

    private int level(byte[] file) {
        return new Color(decode(file, 32).getRGB(16, 16)).getRed();
    }

    private byte[] profiled(byte[] file, String format, byte[] profile) throws IOException {
        Path path = Files.write(folder.resolve("profile.icc"), profile);
        return Tool.tagged(file, format, "-icc_profile<=" + path);
    }

    @Test
    void aTiffInFourInksLooksAsItPrints() throws IOException {
        ICC_Profile paper;
        try (var file = ColourProfile.class.getResourceAsStream("coated-paper.icc")) {
            paper = ICC_Profile.getInstance(file);
        }
        ColorModel inks = new ComponentColorModel(
                new ICC_ColorSpace(paper), false, false, Transparency.OPAQUE, DataBuffer.TYPE_BYTE);
        WritableRaster raster = inks.createCompatibleWritableRaster(64, 48);
        for (int i = 0; i < 64 * 48; i++) {
            raster.setPixel(i % 64, i / 64, new int[] {0, 255, 255, 0});
        }
        byte[] file = tiff(new BufferedImage(inks, raster, false, null), "LZW");
        assertThat(inspect(file).inks()).isTrue();
        Color red = new Color(decode(file, 64).getRGB(32, 24));
        assertThat(red.getRed()).isBetween(200, 255);
        assertThat(red.getGreen()).isLessThan(60);
        assertThat(red.getBlue()).isLessThan(60);
    }

    @Test
    void inksWithoutAMarkerOfTheirKindAreRead() {
        byte[] unmarked = TestPhotos.inksUnmarked(64, 64, 0, 255, 255, 0);
        Color red = new Color(decode(unmarked, 64).getRGB(32, 32));
        assertThat(red.getRed()).isGreaterThan(200);
        assertThat(red.getGreen()).isLessThan(60);
    }

    @Test
    void wordsAreTakenFromWhereTheyAreMostTrusted() {
        byte[] plain = TestPhotos.jpeg(64, 48, 1);
        String[] all = {
            "-XMP-dc:Description=Älter, by hand",
            "-IPTC:Caption-Abstract=From the wire",
            "-IFD0:ImageDescription=CAMERA"
        };
        assertThat(inspect(Tool.tagged(plain, "jpg", all)).caption()).isEqualTo("Älter, by hand");
        assertThat(inspect(Tool.tagged(plain, "jpg", all[1], all[2])).caption()).isEqualTo("From the wire");
        assertThat(inspect(Tool.tagged(plain, "jpg", all[2])).caption()).isEqualTo("CAMERA");
        assertThat(inspect(Tool.tagged(plain, "jpg", "-XMP-dc:Title=Kites", all[2]))
                        .caption())
                .isEqualTo("Kites");
        assertThat(inspect(Tool.tagged(plain, "jpg", "-XPTitle=Window title")).caption())
                .isEqualTo("Window title");
    }

    @Test
    void datesKeepPartsOfASecondTheirZoneAndThePlace() {
        byte[] plain = TestPhotos.jpeg(64, 48, 1);
        PhotoHeader header = inspect(Tool.tagged(
                plain,
                "jpg",
                "-ExifIFD:DateTimeOriginal=2026:08:02 20:48:36",
                "-ExifIFD:SubSecTimeOriginal=07",
                "-ExifIFD:OffsetTimeOriginal=+02:00",
                "-GPS:GPSLatitude=54.9",
                "-GPS:GPSLatitudeRef=N",
                "-GPS:GPSLongitude=1.4",
                "-GPS:GPSLongitudeRef=W"));
        assertThat(header.takenAt()).isEqualTo(LocalDateTime.of(2026, 8, 2, 20, 48, 36, 70_000_000));
        assertThat(header.zoneMinutes()).isEqualTo(120);
        assertThat(header.place().latitude()).isCloseTo(54.9, within(1e-4));
        assertThat(header.place().longitude()).isCloseTo(-1.4, within(1e-4));
        PhotoHeader edited =
                inspect(Tool.tagged(plain, "jpg", "-XMP-exif:DateTimeOriginal=2025:01:02 03:04:05.5-03:00"));
        assertThat(edited.takenAt()).isEqualTo(LocalDateTime.of(2025, 1, 2, 3, 4, 5, 500_000_000));
        assertThat(edited.zoneMinutes()).isEqualTo(-180);
    }

    @Test
    void aMovingPictureShowsItsFirstFrameAndABigTiffIsATiff() {
        BufferedImage first = TestPhotos.corners(80, 48);
        BufferedImage second = new BufferedImage(80, 48, BufferedImage.TYPE_3BYTE_BGR);
        for (byte[] file : new byte[][] {
            MovingPictures.png(first, second), MovingPictures.webp(first, second), MovingPictures.bigTiff(first)
        }) {
            assertThat(Likeness.colourDistance(decode(file, 80), first)).isLessThan(2);
        }
    }

    @Test
    void aBigTiffIsTurnedAndTellsItsWordsAndDate() {
        String xmp = "<x:xmpmeta xmlns:x=\"adobe:ns:meta/\">"
                + "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\"><rdf:Description rdf:about=\"\""
                + " xmlns:dc=\"http://purl.org/dc/elements/1.1/\" xmlns:exif=\"http://ns.adobe.com/exif/1.0/\""
                + " exif:DateTimeOriginal=\"2026-08-02T20:48:36\"><dc:description><rdf:Alt>"
                + "<rdf:li xml:lang=\"x-default\">The blue kite</rdf:li></rdf:Alt></dc:description>"
                + "</rdf:Description></rdf:RDF></x:xmpmeta>";
        byte[] file = MovingPictures.bigTiff(TestPhotos.corners(80, 48), 6, xmp);
        PhotoHeader header = inspect(file);
        assertThat(header.width()).isEqualTo(48);
        assertThat(header.height()).isEqualTo(80);
        assertThat(header.caption()).isEqualTo("The blue kite");
        assertThat(header.takenAt()).isEqualTo(LocalDateTime.of(2026, 8, 2, 20, 48, 36));
    }

    /** A frame of 40 × 30 at 50, 20 of a screen of 200 × 100. */
    @Test
    void aGifsFirstFrameLiesOnItsScreen() {
        byte[] gif = TestPhotos.file(TestPhotos.corners(40, 30), "gif");
        gif[6] = (byte) 200;
        gif[8] = 100;
        int at = 13 + 3 * (2 << (gif[10] & 7));
        while (gif[at] == 0x21) {
            at += 2;
            while (gif[at] != 0) {
                at += 1 + (gif[at] & 255);
            }
            at++;
        }
        gif[at + 1] = 50;
        gif[at + 3] = 20;
        BufferedImage read = decode(gif, 200);
        assertThat(read.getWidth()).isEqualTo(200);
        assertThat(read.getHeight()).isEqualTo(100);
        assertThat(read.getRGB(10, 10) >>> 24).isZero();
        assertThat(read.getRGB(52, 22)).isEqualTo(0xFFFF0000);
        assertThat(read.getRGB(88, 22)).isEqualTo(0xFF00FF00);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\0\0\0\u0020ftypisom....",
                "\0\0\0\u0014ftypqt  ....",
                "\u001aE\u00df\u00a3............",
                "RIFF....AVI ...."
            })
    void aVideoIsToldAsWhatItIs(String start) {
        checkRefused(start, "FILE_VIDEO");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\0\0\0\fJXL \r\n\u0087\n....", "\u00ff\n.............."})
    void jpegXlIsToldAsWhatItIs(String start) {
        checkRefused(start, "FILE_JPEG_XL");
    }

    private void checkRefused(String start, String reason) {
        assertThatThrownBy(() -> inspect(start.getBytes(StandardCharsets.ISO_8859_1)))
                .isInstanceOf(RefusedPhotoException.class)
                .hasMessageContaining(reason);
    }
}
