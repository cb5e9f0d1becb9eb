package wovenset.core.output;

import java.awt.Image;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.color.PDICCBased;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import wovenset.core.measure.Resolution;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.picture.JpegSegments;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.PictureFormat;
import wovenset.core.picture.RefusedPhotoException;
import wovenset.core.piece.PhotoId;

/**
 * The photos of one PDF: each is one object however often it shows. A JPEG of one or three colours goes in with its
 * compressed data untouched, under its own profile; others are decoded at the PDF's resolution.
 */
final class PdfPhotos implements PhotoRasters {
    private static final float QUALITY = 0.95f;

    private final PDDocument document;
    private final PhotoFiles files;
    private final Resolution resolution;
    private final Map<PhotoId, PDImageXObject> untouched = new HashMap<>();
    private final Map<Integer, PDICCBased> profiles = new HashMap<>();

    PdfPhotos(PDDocument document, PhotoFiles files, Resolution resolution) {
        this.document = document;
        this.files = files;
        this.resolution = resolution;
    }

    @Override
    public Raster raster(PhotoId photo, double pointsPerPixel) {
        PhotoFiles.Original original = files.original(photo);
        PhotoHeader header = original.header();
        if (header.format() == PictureFormat.JPEG && !header.inks()) {
            return new Raster(new UntouchedJpeg(photo), header.orientation().toUpright());
        }
        int longEdge = RasterScale.longEdge(header.width(), header.height(), pointsPerPixel / 72 * resolution.ppi());
        try {
            return Raster.upright(PhotoDecoder.decode(original.file(), header, longEdge));
        } catch (RefusedPhotoException e) {
            throw new MissingPhotoException(String.valueOf(e.getMessage()), e);
        }
    }

    /** The PDF's object for an image that the painter draws. */
    PDImageXObject object(Image image) {
        try {
            if (image instanceof UntouchedJpeg jpeg) {
                PDImageXObject known = untouched.get(jpeg.photo);
                if (known == null) {
                    known = embed(jpeg.photo);
                    untouched.put(jpeg.photo, known);
                }
                return known;
            }
            return JPEGFactory.createFromImage(document, (BufferedImage) image, QUALITY);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private PDImageXObject embed(PhotoId photo) throws IOException {
        byte[] file = Files.readAllBytes(files.original(photo).file());
        JpegSegments segments = JpegSegments.read(file);
        COSStream stream = document.getDocument().createCOSStream();
        stream.setItem(COSName.FILTER, COSName.DCT_DECODE);
        try (OutputStream out = stream.createRawOutputStream()) {
            segments.writePictureOnly(out);
        }
        PDImageXObject object = new PDImageXObject(new org.apache.pdfbox.pdmodel.common.PDStream(stream), null);
        stream.setItem(COSName.TYPE, COSName.XOBJECT);
        stream.setItem(COSName.SUBTYPE, COSName.IMAGE);
        object.setWidth(segments.width());
        object.setHeight(segments.height());
        object.setBitsPerComponent(8);
        object.setColorSpace(space(segments));
        return object;
    }

    private PDColorSpace space(JpegSegments segments) throws IOException {
        PDColorSpace device = segments.components() == 1 ? PDDeviceGray.INSTANCE : PDDeviceRGB.INSTANCE;
        byte[] profile = segments.profile();
        if (profile == null || segments.components() != 3) {
            return device;
        }
        PDICCBased known = profiles.get(Arrays.hashCode(profile));
        if (known == null) {
            known = new PDICCBased(document);
            try (OutputStream out = known.getPDStream().createOutputStream(COSName.FLATE_DECODE)) {
                out.write(profile);
            }
            known.getPDStream().getCOSObject().setInt(COSName.N, 3);
            known.getPDStream().getCOSObject().setItem(COSName.ALTERNATE, COSName.DEVICERGB);
            profiles.put(Arrays.hashCode(profile), known);
        }
        return known;
    }
}
