package wovenset.core.output;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.color.PDICCBased;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import wovenset.core.adjust.PrintSharpening;
import wovenset.core.colour.ColourProfile;
import wovenset.core.colour.GreyProfile;
import wovenset.core.display.Op;
import wovenset.core.display.PhotoVisitor;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.paint.SoftPhoto;
import wovenset.core.paint.TiltedPicture;
import wovenset.core.paint.pdf.PdfImages;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.FileBytes;
import wovenset.core.picture.file.JpegSegments;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.scene.PageScene;

/**
 * The photos of one PDF: each is one object however often it shows, at the largest size at which it does. A JPEG of one or three
 * colours goes in with its compressed data untouched, under its own profile, unless it is much finer than was asked for or its light or colour is
 * changed; others are decoded at the PDF's resolution.
 */
final class PdfPhotos implements PdfImages {
    private static final float QUALITY = 0.95f;
    /** Of what becomes pixels as a whole. */
    private static final double MOST_PIXELS = 6000;

    /** Of what is soft all over. */
    private static final double SOFT_PER_MM = 4;

    private final PDDocument document;
    private final PhotoFiles files;
    private final MakeRequest request;
    private final Map<PhotoPixels, Double> largest;
    private final Map<PhotoPixels, Picture> pictures = new HashMap<>();
    private final Map<Op.SoftImage, Picture> softened = new HashMap<>();
    private final Map<Integer, PDICCBased> profiles = new HashMap<>();

    /** @param pages all that will be drawn, for each photo's largest size */
    PdfPhotos(PDDocument document, PhotoFiles files, MakeRequest request, List<PageScene> pages) {
        this.document = document;
        this.files = files;
        this.request = request;
        this.largest = largest(pages);
    }

    static Map<Passing, Integer> passing(PhotoFiles files, MakeRequest request, List<PageScene> pages) {
        Map<Passing, Integer> counts = new EnumMap<>(Passing.class);
        Map<PhotoPixels, Double> photos = largest(pages);
        photos.keySet().removeIf(pixels -> pixels.beyond().isPresent());
        photos.forEach((pixels, mmPerPixel) -> {
            try {
                PhotoHeader header = files.original(pixels.photo()).header();
                counts.merge(Passing.of(pixels, header, mmPerPixel, request), 1, Integer::sum);
            } catch (PhotoRasters.MissingPhotoException gone) {
                // The check says so, and so does making.
            }
        });
        return counts;
    }

    /** Of each photo, the size of a pixel where it is largest. */
    private static Map<PhotoPixels, Double> largest(List<PageScene> pages) {
        Map<PhotoPixels, Double> largest = new LinkedHashMap<>();
        pages.forEach(page -> {
            measure(page.groundOps(0), largest);
            page.units().forEach(unit -> measure(unit.ops(), largest));
        });
        return largest;
    }

    private static void measure(List<Op> ops, Map<PhotoPixels, Double> largest) {
        ops.forEach(op -> op.accept(new PhotoVisitor() {
            @Override
            public void group(Op.Group group) {
                measure(group.children(), largest);
            }

            @Override
            public void image(Op.Image image) {
                largest.merge(image.pixels(), image.mmPerPixel(), Math::max);
            }

            @Override
            public void tilted(Op.Tilted tilted) {
                // Becomes pixels of its own.
            }
        }));
    }

    @Override
    public Picture picture(PhotoPixels pixels) throws IOException {
        Picture known = pictures.get(pixels);
        if (known == null) {
            known = made(pixels);
            pictures.put(pixels, known);
        }
        return known;
    }

    @Override
    public Picture picture(Op.SoftImage soft) throws IOException {
        Picture known = softened.get(soft);
        if (known == null) {
            BufferedImage image = SoftPhoto.fine(soft, PieceMaker.rasters(files, request), SOFT_PER_MM);
            known = new Picture(packed(image), Affine.IDENTITY);
            softened.put(soft, known);
        }
        return known;
    }

    @Override
    public Picture picture(Op.Tilted tilted) throws IOException {
        BoxMm ink = tilted.ink();
        double perMm = Math.min(request.resolution().pixelsPerMm(), MOST_PIXELS / Math.max(ink.width(), ink.height()));
        Rectangle region = new Rectangle(
                (int) Math.max(1, Math.ceil(ink.width() * perMm)), (int) Math.max(1, Math.ceil(ink.height() * perMm)));
        AffineTransform toPixels =
                AffineTransform.getScaleInstance(region.width / ink.width(), region.height / ink.height());
        toPixels.translate(-ink.x(), -ink.y());
        BufferedImage drawn = TiltedPicture.of(tilted, PieceMaker.rasters(files, request), toPixels, region);
        BufferedImage bytes = new BufferedImage(region.width, region.height, BufferedImage.TYPE_4BYTE_ABGR_PRE);
        Graphics2D graphics = bytes.createGraphics();
        graphics.drawImage(drawn, 0, 0, null);
        graphics.dispose();
        return new Picture(packed(bytes), Affine.IDENTITY);
    }

    private PDImageXObject packed(BufferedImage image) throws IOException {
        return image.getColorModel().hasAlpha()
                ? ClearPdfImage.of(document, image, QUALITY)
                : JPEGFactory.createFromImage(document, image, QUALITY);
    }

    private Picture made(PhotoPixels pixels) throws IOException {
        PhotoFiles.Original original = files.original(pixels.photo());
        try {
            return made(pixels, original);
        } catch (RefusedPhotoException e) {
            throw PhotoRasters.MissingPhotoException.damaged(original.name(), e);
        }
    }

    private Picture made(PhotoPixels pixels, PhotoFiles.Original original) throws IOException {
        PhotoHeader header = original.header();
        double mmPerPixel = largest.getOrDefault(pixels, 1.0);
        if (Passing.of(pixels, header, mmPerPixel, request) == Passing.UNTOUCHED) {
            JpegSegments segments = JpegSegments.read(FileBytes.of(original.file()));
            // What few programs can read would print as nothing.
            if (!segments.arithmetic() && segments.bits() == 8) {
                return new Picture(
                        embed(segments), Affine.of(header.orientation().toUpright()));
            }
        }
        double wantedScale = mmPerPixel * request.resolution().pixelsPerMm();
        BufferedImage image =
                PrintPixels.of(files, pixels, RasterScale.longEdge(header.width(), header.height(), wantedScale));
        double perMm = Math.max(image.getWidth(), image.getHeight())
                / (Math.max(header.width(), header.height()) * mmPerPixel);
        BufferedImage sharp = request.sharpening()
                .map(how -> PrintSharpening.of(image, perMm, how.amount()))
                .orElse(image);
        return new Picture(packed(sharp), Affine.IDENTITY);
    }

    private PDImageXObject embed(JpegSegments segments) throws IOException {
        COSStream stream = document.getDocument().createCOSStream();
        stream.setItem(COSName.FILTER, COSName.DCT_DECODE);
        try (OutputStream out = stream.createRawOutputStream()) {
            segments.writePictureOnly(out);
        }
        PDImageXObject object = new PDImageXObject(new PDStream(stream), null);
        stream.setItem(COSName.TYPE, COSName.XOBJECT);
        stream.setItem(COSName.SUBTYPE, COSName.IMAGE);
        object.setWidth(segments.width());
        object.setHeight(segments.height());
        object.setBitsPerComponent(8);
        object.setColorSpace(space(segments));
        return object;
    }

    private PDColorSpace space(JpegSegments segments) throws IOException {
        boolean grey = segments.components() == 1;
        byte[] profile = segments.profile();
        if (!(grey ? GreyProfile.is(profile) : segments.components() == 3 && ColourProfile.isOfColours(profile))) {
            return grey ? PDDeviceGray.INSTANCE : PDDeviceRGB.INSTANCE;
        }
        PDICCBased known = profiles.get(Arrays.hashCode(profile));
        if (known == null) {
            known = new PDICCBased(document);
            try (OutputStream out = known.getPDStream().createOutputStream(COSName.FLATE_DECODE)) {
                out.write(profile);
            }
            known.getPDStream().getCOSObject().setInt(COSName.N, segments.components());
            known.getPDStream()
                    .getCOSObject()
                    .setItem(COSName.ALTERNATE, grey ? COSName.DEVICEGRAY : COSName.DEVICERGB);
            profiles.put(Arrays.hashCode(profile), known);
        }
        return known;
    }
}
