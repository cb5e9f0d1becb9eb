package wovenset.server.demo;

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
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Mosaic;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.photo.Treatment;
import wovenset.core.style.Outline;

/** Makes a silhouette, a mosaic or a torn strip of a demo page, by the same edits that a person would make. */
final class DemoSpecials {
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
        }
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
