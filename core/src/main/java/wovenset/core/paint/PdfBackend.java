package wovenset.core.paint;

import java.awt.Font;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.util.Matrix;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.scene.Op;
import wovenset.core.words.Typefaces;

/**
 * Writes operations into a form of a PDF (ISO 32000-1): paths stay paths, clips are clipping paths, words are text with embedded
 * fonts, a group that is seen through is a transparency group. The form's user space has to be that of the operations, y
 * running down.
 *
 * <p>A PDF advances by each sign's own width, so kerning is written between the signs. Scripts whose signs change with their
 * neighbours, and signs that the typeface lacks, are drawn as outlines that carry their text.
 */
public final class PdfBackend implements Op.Visitor {
    private static final double MM_PER_PT = 25.4 / 72;
    /** What any printer shows of a soft edge. */
    private static final double SHADE_PIXELS_PER_MM = 8;

    private static final double MOST_SHADE_PIXELS = 3000;
    private static final float TEXTURE_QUALITY = 0.9f;
    /** Steps of a straight fade: what eight bits can tell. */
    private static final double FADE_PIXELS = 256;

    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    /** Thousandths of the type size; less than anyone could see. */
    private static final double KERNED = 0.5;

    private final PDDocument document;
    private final PDPageContentStream content;
    private final PdfImages images;
    private final PdfFonts fonts;

    /**
     * A form's content. PDFBox cuts a font to the signs that are used only where the stream knows its document, and of the
     * streams of forms only that of an appearance does; the form is the same object either way.
     */
    public static PDPageContentStream into(PDDocument document, PDFormXObject form) throws IOException {
        return new PDPageContentStream(
                document,
                new PDAppearanceStream(form.getCOSObject()),
                form.getContentStream().createOutputStream(COSName.FLATE_DECODE));
    }

    public PdfBackend(PDDocument document, PDPageContentStream content, PdfImages images, PdfFonts fonts) {
        this.document = document;
        this.content = content;
        this.images = images;
        this.fonts = fonts;
    }

    /** An empty form, to be filled by a backend. */
    public static PDFormXObject form(PDDocument document, PDRectangle box) {
        PDFormXObject form = new PDFormXObject(document);
        form.setResources(new PDResources());
        form.setBBox(box);
        return form;
    }

    public void draw(List<? extends Op> ops) {
        ops.forEach(op -> op.accept(this));
    }

    /** Something that writes. */
    private interface Writing {
        void write() throws IOException;
    }

    private static void written(Writing writing) {
        try {
            writing.write();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void group(Op.Group group) {
        written(() -> {
            content.saveGraphicsState();
            transform(group.to());
            if (group.opacity() < 1 || group.fade().isPresent()) {
                seenThrough(group);
            } else {
                clipped(group, this);
            }
            content.restoreGraphicsState();
        });
    }

    private static void clipped(Op.Group group, PdfBackend backend) throws IOException {
        if (group.clip().isPresent()) {
            if (backend.path(group.clip().get().path())) {
                backend.content.clipEvenOdd();
            } else {
                backend.content.clip();
            }
        }
        backend.draw(group.children());
    }

    private void seenThrough(Op.Group group) throws IOException {
        BoxMm ink = Op.ink(group.children());
        PDFormXObject form = transparencyGroup(ink);
        try (PDPageContentStream inside = into(document, form)) {
            clipped(group, new PdfBackend(document, inside, images, fonts));
        }
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setNonStrokingAlphaConstant((float) group.opacity());
        state.setStrokingAlphaConstant((float) group.opacity());
        if (group.fade().isPresent()) {
            BoxMm shown = group.clip().map(ShapeMm::bounds).orElse(ink);
            state.getCOSObject().setItem(COSName.SMASK, softMask(group.fade().get(), shown));
        }
        content.setGraphicsStateParameters(state);
        content.drawForm(form);
    }

    private PDFormXObject transparencyGroup(BoxMm box) {
        PDFormXObject form = form(
                document, new PDRectangle((float) box.x(), (float) box.y(), (float) box.width(), (float) box.height()));
        COSDictionary attributes = new COSDictionary();
        attributes.setItem(COSName.TYPE, COSName.GROUP);
        attributes.setItem(COSName.S, COSName.TRANSPARENCY);
        form.getCOSObject().setItem(COSName.GROUP, new PDTransparencyGroupAttributes(attributes).getCOSObject());
        return form;
    }

    /** A soft mask by luminosity (ISO 32000-1, 11.6.5.2): a grey picture that covers the box. */
    private COSDictionary softMask(Op.Fade fade, BoxMm box) throws IOException {
        double perMm = fade instanceof Op.Fade.SoftShape soft
                ? pixelsPerMm(box, soft.softMm() / 3)
                : FADE_PIXELS / Math.max(box.width(), box.height());
        Picture picture = new Picture(box, perMm);
        PDImageXObject grey = grey(FadeMask.of(fade, picture.toPixels(), picture.pixels()), picture.pixels());
        PDFormXObject form = transparencyGroup(box);
        ((COSDictionary) form.getCOSObject().getDictionaryObject(COSName.GROUP))
                .setItem(COSName.CS, COSName.DEVICEGRAY);
        try (PDPageContentStream inside = into(document, form)) {
            inside.drawImage(grey, picture.place());
        }
        COSDictionary mask = new COSDictionary();
        mask.setItem(COSName.TYPE, COSName.MASK);
        mask.setItem(COSName.S, COSName.getPDFName("Luminosity"));
        mask.setItem(COSName.G, form);
        return mask;
    }

    /** Written by hand: PDFBox would take a grey picture's levels as light and not as they are. */
    private PDImageXObject grey(FadeMask mask, Rectangle pixels) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream out = new DeflaterOutputStream(packed)) {
            out.write(mask.grey(pixels.width, pixels.height));
        }
        return new PDImageXObject(
                document,
                new ByteArrayInputStream(packed.toByteArray()),
                COSName.FLATE_DECODE,
                pixels.width,
                pixels.height,
                8,
                PDDeviceGray.INSTANCE);
    }

    /** About six pixels for each σ of a soft edge. */
    private static double pixelsPerMm(BoxMm box, double sigmaMm) {
        double most = MOST_SHADE_PIXELS / Math.max(box.width(), box.height());
        return Math.min(most, Math.min(SHADE_PIXELS_PER_MM, 6 / Math.max(0.01, sigmaMm)));
    }

    /** A picture that covers a box from its upper left corner on. */
    private record Picture(BoxMm box, double perMm) {
        Rectangle pixels() {
            return new Rectangle(Math.max(1, (int) Math.ceil(box.width() * perMm)), Math.max(1, (int)
                    Math.ceil(box.height() * perMm)));
        }

        AffineTransform toPixels() {
            AffineTransform toPixels = AffineTransform.getScaleInstance(perMm, perMm);
            toPixels.translate(-box.x(), -box.y());
            return toPixels;
        }

        Matrix place() {
            double width = pixels().width / perMm;
            double height = pixels().height / perMm;
            return new Matrix(new Affine(width, 0, 0, -height, box.x(), box.y() + height).awt());
        }
    }

    private void transform(Affine to) throws IOException {
        if (!to.equals(Affine.IDENTITY)) {
            content.transform(new Matrix(to.awt()));
        }
    }

    @Override
    public void fill(Op.Fill fill) {
        written(() -> {
            Shape path = fill.shape().path();
            BoxMm box = fill.shape().bounds();
            if (fill.paint() instanceof Paint.Solid solid) {
                colour(solid.colour());
                filled(path);
                return;
            }
            content.saveGraphicsState();
            if (path(path)) {
                content.clipEvenOdd();
            } else {
                content.clip();
            }
            if (fill.paint() instanceof Paint.Gradient gradient) {
                content.shadingFill(PdfShadings.axial(gradient, PaintPicture.axis(gradient, box)));
            } else {
                Picture picture = new Picture(box, texturePixelsPerMm(box));
                BufferedImage drawn = PaintPicture.of(fill.paint(), box, picture.toPixels(), picture.pixels());
                content.drawImage(JPEGFactory.createFromImage(document, drawn, TEXTURE_QUALITY), picture.place());
            }
            content.restoreGraphicsState();
        });
    }

    private static double texturePixelsPerMm(BoxMm box) {
        return Math.min(SHADE_PIXELS_PER_MM, MOST_SHADE_PIXELS / Math.max(box.width(), box.height()));
    }

    private void colour(Rgb colour) throws IOException {
        content.setNonStrokingColor(colour.awt());
    }

    private void filled(Shape shape) throws IOException {
        if (path(shape)) {
            content.fillEvenOdd();
        } else {
            content.fill();
        }
    }

    /** Writes a path and tells whether it is filled by the even-odd rule. */
    private boolean path(Shape shape) throws IOException {
        PathIterator iterator = shape.getPathIterator(null);
        float[] at = new float[6];
        float x = 0;
        float y = 0;
        for (; !iterator.isDone(); iterator.next()) {
            switch (iterator.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    content.moveTo(at[0], at[1]);
                    x = at[0];
                    y = at[1];
                }
                case PathIterator.SEG_LINETO -> {
                    content.lineTo(at[0], at[1]);
                    x = at[0];
                    y = at[1];
                }
                case PathIterator.SEG_QUADTO -> {
                    // The same curve with two controls, each two thirds of the way to the one.
                    content.curveTo(
                            x + 2 * (at[0] - x) / 3,
                            y + 2 * (at[1] - y) / 3,
                            at[2] + 2 * (at[0] - at[2]) / 3,
                            at[3] + 2 * (at[1] - at[3]) / 3,
                            at[2],
                            at[3]);
                    x = at[2];
                    y = at[3];
                }
                case PathIterator.SEG_CUBICTO -> {
                    content.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                    x = at[4];
                    y = at[5];
                }
                default -> content.closePath();
            }
        }
        return iterator.getWindingRule() == PathIterator.WIND_EVEN_ODD;
    }

    /** Pixels: a soft edge needs few of them. */
    @Override
    public void shade(Op.Shade shade) {
        written(() -> {
            Picture picture = new Picture(shade.ink(), pixelsPerMm(shade.ink(), shade.sigmaMm()));
            BufferedImage drawn = SoftMask.picture(shade, picture.toPixels(), picture.pixels());
            content.drawImage(LosslessFactory.createFromImage(document, drawn), picture.place());
        });
    }

    @Override
    public void image(Op.Image image) {
        written(() -> {
            PdfImages.Picture picture = images.picture(image.pixels());
            // A PDF's pictures stand on their lower left corner.
            Affine to = image.to().after(picture.toUpright()).after(new Affine(1, 0, 0, -1, 0, 1));
            content.drawImage(picture.object(), new Matrix(to.awt()));
        });
    }

    @Override
    public void glyphs(Op.Glyphs line) {
        written(() -> {
            colour(line.colour());
            char[] signs = line.text().toCharArray();
            Font font = Typefaces.font(line.typeface());
            boolean plain = !Font.textRequiresLayout(signs, 0, signs.length) && font.canDisplayUpTo(line.text()) < 0;
            if (plain) {
                text(line, font.deriveFont(1000f), signs);
            } else {
                outlined(line);
            }
        });
    }

    private void text(Op.Glyphs line, Font font, char[] signs) throws IOException {
        PDType0Font embedded = fonts.font(line.typeface());
        content.beginText();
        content.setFont(embedded, (float) line.sizePt());
        content.setTextMatrix(
                new Matrix((float) MM_PER_PT, 0, 0, (float) -MM_PER_PT, (float) line.x(), (float) line.y()));
        content.showTextWithPositioning(kerned(font, signs).toArray());
        content.endText();
    }

    /** Runs of signs, and between them by how many thousandths of the type size the next one is drawn nearer. */
    private static List<Object> kerned(Font font, char[] signs) {
        GlyphVector glyphs = font.layoutGlyphVector(EXACT, signs, 0, signs.length, Font.LAYOUT_LEFT_TO_RIGHT);
        if (glyphs.getNumGlyphs() != signs.length) {
            return List.of(new String(signs));
        }
        List<Object> runs = new ArrayList<>();
        int start = 0;
        for (int i = 0; i + 1 < signs.length; i++) {
            double advance = glyphs.getGlyphPosition(i + 1).getX()
                    - glyphs.getGlyphPosition(i).getX();
            double nearer = font.getStringBounds(signs, i, i + 1, EXACT).getWidth() - advance;
            if (Math.abs(nearer) > KERNED) {
                runs.add(new String(signs, start, i + 1 - start));
                runs.add((float) nearer);
                start = i + 1;
            }
        }
        runs.add(new String(signs, start, signs.length - start));
        return runs;
    }

    private void outlined(Op.Glyphs line) throws IOException {
        COSDictionary properties = new COSDictionary();
        properties.setString("ActualText", line.text());
        content.beginMarkedContent(COSName.getPDFName("Span"), PDPropertyList.create(properties));
        double size = line.sizePt() * MM_PER_PT;
        AffineTransform place = AffineTransform.getTranslateInstance(line.x(), line.y());
        place.scale(size, size);
        filled(place.createTransformedShape(Typefaces.outline(line.typeface(), line.text())));
        content.endMarkedContent();
    }
}
