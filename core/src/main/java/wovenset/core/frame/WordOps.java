package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.BoxMm;
import wovenset.core.style.TextStyle;
import wovenset.core.words.CurveSetter;
import wovenset.core.words.FittedWords;
import wovenset.core.words.Hyphens;
import wovenset.core.words.Setting;
import wovenset.core.words.Typefaces;
import wovenset.core.words.WordFitter;

/** Sets the words of a frame: those that fill it, or those with its picture. Cost: linear in the lines. */
final class WordOps {
    private final FrameLook look;
    private final FrameForms forms;
    private final BoxMm frame;
    private final List<Op> ops = new ArrayList<>();

    WordOps(FrameLook look, FrameForms forms) {
        this.look = look;
        this.forms = forms;
        this.frame = forms.frame();
    }

    /** What was set, drawn by {@link #ops}. */
    Optional<ResolvedFrame.Words> set() {
        return look.text().map(this::ownWords).or(() -> {
            CaptionOps captions = new CaptionOps(look, forms);
            Optional<ResolvedFrame.Words> said = captions.set();
            ops.addAll(captions.ops());
            return said;
        });
    }

    List<Op> ops() {
        return ops;
    }

    private ResolvedFrame.Words ownWords(FrameLook.Text text) {
        return look.ornament()
                .map(ribbon -> CurvedWordOps.onRibbon(text, ribbon.drawing().picture(), frame, look.fall()))
                .or(() -> CurvedWordOps.along(text, frame, look.fall()))
                .map(this::curved)
                .orElseGet(() -> text(text));
    }

    private ResolvedFrame.Words curved(CurvedWordOps.Curved curved) {
        ops.addAll(curved.behind());
        curved.op().ifPresent(ops::add);
        CurveSetter.Line line = curved.line();
        List<String> lines = line.text().isEmpty() ? List.of() : List.of(line.text());
        Setting setting = Setting.of(look.text().orElseThrow().style());
        return new ResolvedFrame.Words(
                lines, line.sizePt(), line.allShown(), line.missing(), Typefaces.lenders(setting.face(), line.text()));
    }

    /** Words that fill the frame, in columns as high as each other; bands are of pictures, so there are none around them. */
    private ResolvedFrame.Words text(FrameLook.Text text) {
        TextStyle style = text.style();
        Setting setting = Setting.of(style);
        int columns = style.finish().columnCount();
        double gap = style.finish().columns().map(one -> one.gap().mm()).orElse(0.0);
        double width = style.finish().columnMm(frame.width());
        WordFitter.Room room = WordFitter.height(frame.height(), style.leading());
        FittedWords fitted = WordFitter.fit(
                text.words(),
                setting,
                style.sizePt(),
                width,
                size -> columns * room.lines(size),
                text.hyphens().map(Hyphens::of).orElse(Hyphens.NONE));
        double sizeMm = fitted.sizePt() * TextStyle.MM_PER_PT;
        double line = style.leading() * sizeMm;
        int rows = (fitted.lines().size() + columns - 1) / columns;
        double over = frame.height() - line * rows;
        double top =
                switch (style.stand()) {
                    case TOP -> 0;
                    case MIDDLE -> over / 2;
                    case BOTTOM -> over;
                };
        List<Op.Glyphs> lines = new ArrayList<>();
        for (int i = 0; i < fitted.lines().size(); i++) {
            FittedWords.Line one = fitted.lines().get(i);
            double y = top + Typefaces.baseline(setting.face(), style.leading()) * sizeMm + i % rows * line;
            double left = Math.floorDiv(i, rows) * (width + gap);
            double x = left
                    + switch (style.align()) {
                        case LEFT -> 0;
                        case CENTRE -> (width - one.widthMm()) / 2;
                        case RIGHT -> width - one.widthMm();
                    };
            if (!one.text().isBlank()) {
                lines.add(new Op.Glyphs(one.text(), setting, fitted.sizePt(), style.colour(), x, y, one.widthMm()));
            }
        }
        ops.addAll(new FinishOps(style.finish(), look.fall()).with(lines, top, rows * line));
        return said(fitted);
    }

    static ResolvedFrame.Words said(FittedWords fitted) {
        return new ResolvedFrame.Words(
                fitted.lines().stream().map(FittedWords.Line::text).toList(),
                fitted.sizePt(),
                fitted.allShown(),
                fitted.missing(),
                fitted.lenders());
    }
}
