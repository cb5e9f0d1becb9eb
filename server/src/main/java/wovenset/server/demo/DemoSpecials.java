package wovenset.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrange.silhouette.ShippedFigures;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AdjustEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Mosaic;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.photo.Treatment;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.style.Outline;

/** Makes a silhouette, a mosaic, a torn strip or a group of a demo page, by the same edits that a person would make. */
final class DemoSpecials {
    /** Of the brush, in shares of a photo's longer side. */
    private static final double BRUSH = 0.03;

    private final DemoLoader.Editor editor;
    private final UUID page;

    DemoSpecials(DemoLoader.Editor editor, UUID page) {
        this.editor = editor;
        this.page = page;
    }

    void make(DemoPiece.DemoSpecial special, Margins margins, Length gap) {
        if (special.silhouette() != null) {
            Figure figure = ShippedFigures.all().stream()
                    .filter(one -> one.name().equals(special.silhouette()))
                    .findFirst()
                    .orElseThrow();
            editor.edit(new ArrangeEdit.CutSilhouette(
                    page, margins, gap, figure, new Cutting.Cells(special.pieces(), 1), List.of()));
        } else if (special.mosaic() > 0) {
            editor.edit(new AdjustEdit.MakeMosaic(
                    page, editor.front().id(), new Mosaic.Weave(special.mosaic(), 2, 0), List.of(), 0.35, 0.12));
        } else if (special.torn()) {
            tear();
        } else if (special.strokes() != null) {
            stand(special.strokes());
        }
    }

    private void stand(List<DemoPiece.DemoStroke> strokes) {
        List<UUID> frames = editor.last().slotted().stream().map(Frame::id).toList();
        for (DemoPiece.DemoStroke stroke : strokes) {
            List<BrushStroke.Point> points = new ArrayList<>();
            for (int i = 0; i < stroke.at().size(); i += 2) {
                points.add(new BrushStroke.Point(
                        stroke.at().get(i) / 100, stroke.at().get(i + 1) / 100));
            }
            RetouchEdit.Mark mark = stroke.drop() ? RetouchEdit.Mark.DROP : RetouchEdit.Mark.KEEP;
            editor.edit(new RetouchEdit.MarkCutOut(
                    page, frames.get(stroke.frame()), mark, new BrushStroke(BRUSH, 0, points)));
        }
        editor.edit(new RetouchEdit.StandTogether(page, frames, Optional.empty()));
    }

    /** One photo twice in register: in greys, and in a strip of torn paper as it is. */
    private void tear() {
        editor.edit(new ArrangeEdit.ReleasePage(page));
        Frame whole = editor.front();
        BoxMm box = ((Placement.Free) whole.placement()).box().mm();
        double height = box.height() * 0.3;
        BoxMm strip = new BoxMm(
                box.x() - box.width() * 0.06, box.y() + box.height() * 0.44 - height / 2, box.width() * 1.12, height);
        Frame torn = Frame.of(
                UUID.randomUUID(),
                new Placement.Free(Box.of(strip), -9),
                whole.style().style(),
                Fill.EMPTY);
        editor.edit(new ItemEdit.AddItems(page, List.of(torn), List.of()));
        Frame front = editor.front();
        editor.edit(new ArrangeEdit.ShowThrough(page, List.of(whole.id(), front.id())));
        editor.edit(new ItemEdit.PatchItems(
                page,
                List.of(whole.id()),
                new ItemChange.SetTreatment(Optional.of(Treatment.of(Treatment.Kind.GREY, 100)))));
        editor.edit(new ItemEdit.PatchItems(
                page,
                List.of(front.id()),
                new ItemChange.SetOutline(
                        new Outline.Torn(true, false, true, false, Length.ofMm(box.width() * 0.012), 7))));
    }
}
