package wovenset.core.paint.pdf;

import java.awt.Shape;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;
import wovenset.core.paint.LetterShapes;
import wovenset.core.paint.PaintPicture;
import wovenset.core.paint.SoftMask;

/**
 * Writes operations into a form of a PDF (ISO 32000-1): paths stay paths, clips are clipping paths, words are text with embedded
 * fonts, a group that is seen through is a transparency group. The form's user space has to be that of the operations, y
 * running down.
 */
public final class PdfBackend implements Op.Visitor {
    private static final float TEXTURE_QUALITY = 0.9f;
    private static final Map<Blend, BlendMode> BLENDS = Map.of(
            Blend.NORMAL, BlendMode.NORMAL,
            Blend.MULTIPLY, BlendMode.MULTIPLY,
            Blend.SCREEN, BlendMode.SCREEN,
            Blend.OVERLAY, BlendMode.OVERLAY,
            Blend.SOFT_LIGHT, BlendMode.SOFT_LIGHT,
            Blend.DARKEN, BlendMode.DARKEN,
            Blend.LIGHTEN, BlendMode.LIGHTEN);

    private final PDDocument document;
    private final PDPageContentStream content;
    private final PdfImages images;
    private final PdfFonts fonts;

    public PdfBackend(PDDocument document, PDPageContentStream content, PdfImages images, PdfFonts fonts) {
        this.document = document;
        this.content = content;
        this.images = images;
        this.fonts = fonts;
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
            if (!group.to().equals(Affine.IDENTITY)) {
                content.transform(new Matrix(group.to().awt()));
            }
            if (group.isLayer()) {
                onLayer(group);
            } else {
                clipped(group, this);
            }
            content.restoreGraphicsState();
        });
    }

    private static void clipped(Op.Group group, PdfBackend backend) throws IOException {
        if (group.clip().isPresent()) {
            PdfPaths.clip(backend.content, group.clip().get().path());
        }
        backend.draw(group.children());
    }

    private void onLayer(Op.Group group) throws IOException {
        BoxMm ink = Op.ink(group.children());
        PDFormXObject form = PdfForms.transparencyGroup(document, ink);
        try (PDPageContentStream inside = PdfForms.into(document, form)) {
            clipped(group, new PdfBackend(document, inside, images, fonts));
        }
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setNonStrokingAlphaConstant((float) group.opacity());
        state.setStrokingAlphaConstant((float) group.opacity());
        state.setBlendMode(BLENDS.get(group.blend()));
        if (group.fade().isPresent()) {
            BoxMm shown = group.clip().map(ShapeMm::bounds).orElse(ink);
            state.getCOSObject()
                    .setItem(
                            COSName.SMASK, PdfSoftMask.of(document, group.fade().get(), shown));
        }
        content.setGraphicsStateParameters(state);
        content.drawForm(form);
    }

    @Override
    public void fill(Op.Fill fill) {
        Shape path = fill.shape().path();
        BoxMm box = fill.shape().bounds();
        fill.paint().accept(new Paint.Visitor<Void>() {
            @Override
            public Void solid(Paint.Solid solid) {
                written(() -> {
                    content.setNonStrokingColor(solid.colour().awt());
                    PdfPaths.fill(content, path);
                });
                return null;
            }

            @Override
            public Void gradient(Paint.Gradient gradient) {
                within(path, () -> content.shadingFill(PdfShadings.axial(gradient, PaintPicture.axis(gradient, box))));
                return null;
            }

            @Override
            public Void texture(Paint.Texture texture) {
                BoxPicture picture = BoxPicture.fine(box);
                BufferedImage drawn = PaintPicture.of(texture, box, picture.toPixels(), picture.pixels());
                within(
                        path,
                        () -> content.drawImage(
                                JPEGFactory.createFromImage(document, drawn, TEXTURE_QUALITY), picture.place()));
                return null;
            }
        });
    }

    private void within(Shape path, Writing writing) {
        written(() -> {
            content.saveGraphicsState();
            PdfPaths.clip(content, path);
            writing.write();
            content.restoreGraphicsState();
        });
    }

    /** Pixels: a soft edge needs few of them. */
    @Override
    public void shade(Op.Shade shade) {
        BoxPicture picture = BoxPicture.soft(shade.ink(), shade.sigmaMm());
        soft(SoftMask.picture(shade, picture.toPixels(), picture.pixels()), picture);
    }

    @Override
    public void letterShade(Op.LetterShade shade) {
        BoxPicture picture = BoxPicture.soft(shade.ink(), shade.sigmaMm());
        soft(SoftMask.picture(shade, picture.toPixels(), picture.pixels()), picture);
    }

    private void soft(BufferedImage drawn, BoxPicture picture) {
        written(() -> content.drawImage(LosslessFactory.createFromImage(document, drawn), picture.place()));
    }

    @Override
    public void letterEdge(Op.LetterEdge edge) {
        written(() -> {
            content.setNonStrokingColor(edge.colour().awt());
            PdfPaths.fill(content, LetterShapes.of(edge));
        });
    }

    @Override
    public void image(Op.Image image) {
        written(() -> place(images.picture(image.pixels()), image.to()));
    }

    @Override
    public void softImage(Op.SoftImage soft) {
        written(() -> place(images.picture(soft), soft.image().to()));
    }

    @Override
    public void tilted(Op.Tilted tilted) {
        BoxMm ink = tilted.ink();
        written(() -> place(images.picture(tilted), new Affine(ink.width(), 0, 0, ink.height(), ink.x(), ink.y())));
    }

    private void place(PdfImages.Picture picture, Affine unitSquare) throws IOException {
        // A PDF's pictures stand on their lower left corner.
        Affine to = unitSquare.after(picture.toUpright()).after(new Affine(1, 0, 0, -1, 0, 1));
        content.drawImage(picture.object(), new Matrix(to.awt()));
    }

    @Override
    public void said(Op.Said said) {
        written(() -> {
            PdfWords.says(content, said.text());
            draw(said.signs());
            content.endMarkedContent();
        });
    }

    @Override
    public void glyphs(Op.Glyphs line) {
        written(() -> {
            content.setNonStrokingColor(line.colour().awt());
            new PdfWords(content, fonts).write(line);
        });
    }
}
