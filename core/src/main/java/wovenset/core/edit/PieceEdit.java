package wovenset.core.edit;

import java.util.Optional;
import wovenset.core.ink.Paint;
import wovenset.core.measure.Format;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.CutMarks;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Folio;
import wovenset.core.style.Grounds;
import wovenset.core.style.Language;
import wovenset.core.style.Light;
import wovenset.core.theme.Theme;

/** A change to what holds for the whole piece: its name, size, edges, language and common look. */
public sealed interface PieceEdit extends Edit {
    /** Gives the piece another name. */
    record RenamePiece(String name) implements PieceEdit {}

    /** Changes size, bleed or unit; every page's cells follow. */
    record SetFormat(Format format) implements PieceEdit {}

    /** Lets the whole piece look as a theme has it: frames, grounds of all pages, letters and colours of words; no measure changes. */
    record WearTheme(Theme theme) implements PieceEdit {}

    /** Changes how words below photos look, and where room is kept for them. */
    record SetCaptionStyle(CaptionStyle captions) implements PieceEdit {}

    /** Gives the pages numbers, or takes them away. */
    record SetFolio(Optional<Folio> folio) implements PieceEdit {}

    /** Changes the ground of all pages that have none of their own, or of left or right ones. */
    record SetCommonGround(Paint ground, Grounds.Side pages) implements PieceEdit {
        public SetCommonGround(Paint ground) {
            this(ground, Grounds.Side.BOTH);
        }
    }

    /** Lets the piece's light come from elsewhere; every shadow follows. */
    record SetLight(Light light) implements PieceEdit {}

    /** Changes how photos end that touch the trim. */
    record SetEdges(EdgeRun edges) implements PieceEdit {}

    /** Whether fine lines show where photos are cut out. */
    record SetCutMarks(CutMarks marks) implements PieceEdit {}

    /** Says what language the words are in. */
    record SetLanguage(Language language) implements PieceEdit {}
}
