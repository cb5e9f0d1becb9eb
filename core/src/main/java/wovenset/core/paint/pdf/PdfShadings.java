package wovenset.core.paint.pdf;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;

/** Gradients as axial shadings (ISO 32000-1, 8.7.4.5.3), which stay smooth at any resolution. */
final class PdfShadings {
    private PdfShadings() {}

    /** @param axis where it begins and ends, x and y each */
    static PDShading axial(Paint.Gradient gradient, double[] axis) {
        COSDictionary run = new COSDictionary();
        run.setInt(COSName.FUNCTION_TYPE, 2);
        run.setItem(COSName.DOMAIN, numbers(0, 1));
        run.setItem(COSName.C0, levels(gradient.colour()));
        run.setItem(COSName.C1, levels(gradient.to()));
        run.setItem(COSName.N, COSInteger.ONE);
        PDShadingType2 shading = new PDShadingType2(new COSDictionary());
        shading.setShadingType(PDShading.SHADING_TYPE2);
        shading.setColorSpace(PDDeviceRGB.INSTANCE);
        shading.setCoords(numbers(axis));
        shading.setFunction(new PDFunctionType2(run));
        COSArray both = new COSArray();
        both.add(COSBoolean.TRUE);
        both.add(COSBoolean.TRUE);
        shading.setExtend(both);
        return shading;
    }

    private static COSArray levels(Rgb colour) {
        float[] levels = colour.awt().getRGBColorComponents(null);
        return numbers(levels[0], levels[1], levels[2]);
    }

    private static COSArray numbers(double... numbers) {
        COSArray array = new COSArray();
        for (double number : numbers) {
            array.add(new COSFloat((float) number));
        }
        return array;
    }
}
