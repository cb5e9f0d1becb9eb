package wovenset.core.frame;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import wovenset.core.display.Op;
import wovenset.core.drawing.Picture;
import wovenset.core.drawing.Spine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.style.Course;
import wovenset.core.style.TextStyle;
import wovenset.core.words.CurveSetter;
import wovenset.core.words.Setting;

/** Sets words along a curve: the course of words in a frame of their own, or the spine of the ribbon that they stand on. */
final class CurvedWordOps {
    /** Of a ribbon's face, the largest type. */
    private static final double OF_FACE = 0.8;
    /** The middle of letters above their baseline, in type sizes. */
    private static final double MIDDLE = 0.33;

    private final FrameLook.Text text;
    private final double wishedPt;
    private final double belowSizes;
    private final FinishOps finish;

    private CurvedWordOps(FrameLook.Text text, double wishedPt, double belowSizes, FrameLook.Fall fall) {
        this.finish = new FinishOps(text.style().finish(), fall);
        this.text = text;
        this.wishedPt = wishedPt;
        this.belowSizes = belowSizes;
    }

    /** What was set, what draws it, and what lies behind it. */
    record Curved(CurveSetter.Line line, List<Op> behind, Optional<Op> op) {}

    /** Along the text's own course; nothing if that is straight. */
    static Optional<Curved> along(FrameLook.Text text, BoxMm box, FrameLook.Fall fall) {
        CurvedWordOps words = new CurvedWordOps(text, text.style().sizePt(), 0, fall);
        Course course = text.course();
        if (course instanceof Course.Arc arc) {
            return Optional.of(words.set(size -> new CourseCurves(box, size).arc(arc)));
        }
        if (course instanceof Course.Circle circle) {
            return Optional.of(words.set(size -> new CourseCurves(box, size).circle(circle)));
        }
        return course instanceof Course.Wave wave
                ? Optional.of(words.set(size -> new CourseCurves(box, size).wave(wave)))
                : Optional.empty();
    }

    /** On the face of a ribbon that fills a box, in its middle. */
    static Curved onRibbon(FrameLook.Text text, Picture ribbon, BoxMm box, FrameLook.Fall fall) {
        Spine spine = ribbon.spine().orElseThrow();
        double right = box.width() / ribbon.width();
        double down = box.height() / ribbon.height();
        AffineTransform toBox = AffineTransform.getTranslateInstance(box.x(), box.y());
        toBox.scale(right, down);
        Shape curve = spine.path().createTransformedShape(toBox);
        double highest = OF_FACE * spine.room() * down / TextStyle.MM_PER_PT;
        return new CurvedWordOps(text, Math.min(text.style().sizePt(), highest), MIDDLE, fall).set(size -> curve);
    }

    /** The curve may follow from the size, which may have to be smaller than wished: set again with the one that it came to. */
    private Curved set(DoubleFunction<Shape> curveAtMm) {
        CurveSetter.Line wished = line(wishedPt, curveAtMm);
        CurveSetter.Line line = wished.sizePt() < wishedPt ? line(wished.sizePt(), curveAtMm) : wished;
        if (line.signs().isEmpty()) {
            return new Curved(line, List.of(), Optional.empty());
        }
        List<Op> behind = line.signs().stream()
                .flatMap(sign -> finish.behind(glyphs(line, sign), sign.to()).stream())
                .toList();
        return new Curved(line, behind, Optional.of(said(line)));
    }

    private CurveSetter.Line line(double sizePt, DoubleFunction<Shape> curveAtMm) {
        TextStyle style = text.style();
        return CurveSetter.set(
                text.words(), Setting.of(style), sizePt, curveAtMm.apply(sizePt * TextStyle.MM_PER_PT), style.align());
    }

    private Op said(CurveSetter.Line line) {
        List<Op> signs = line.signs().stream()
                .<Op>map(sign -> new Op.Group(sign.to(), 1, Optional.empty(), List.of(glyphs(line, sign))))
                .toList();
        return new Op.Said(line.text(), signs);
    }

    /** In its own axes; the signs stand one by one. */
    private Op.Glyphs glyphs(CurveSetter.Line line, CurveSetter.Sign sign) {
        return new Op.Glyphs(
                sign.text(),
                Setting.plain(Setting.of(text.style()).face()),
                line.sizePt(),
                text.style().colour(),
                -sign.widthMm() / 2,
                belowSizes * line.sizePt() * TextStyle.MM_PER_PT,
                sign.widthMm());
    }
}
