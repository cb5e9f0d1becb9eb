package wovenset.core.output;

import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.row;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.drawing.Drawing;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Form;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fading;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Treatment;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Course;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.Mount;
import wovenset.core.style.Outline;
import wovenset.core.style.Rule;
import wovenset.core.style.ShippedMounts;
import wovenset.core.style.ShippedStyles;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Reflection;
import wovenset.core.style.effect.Shadow;
import wovenset.core.style.effect.Tilt;
import wovenset.core.testing.Pieces;

/** Pages that show all there is of a kind, each in a place of its own, to be compared and looked at. */
final class Sheets {
    private Sheets() {}

    static Piece sheet(int columns, int rows) {
        Piece row = Pieces.row(1);
        Piece piece = applied(
                row,
                new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#e6dfd0"))),
                new ArrangeEdit.SetGrid(first(row).id(), Pieces.grid(rows, columns, 8, 12), ArrangeEdit.Reflow.ASK));
        UUID entry = piece.entries().iterator().next().id();
        for (UUID frame : frames(piece)) {
            piece = applied(piece, new ArrangeEdit.PlaceEntry(first(piece).id(), frame, entry));
        }
        return piece;
    }

    static Piece stylesSheet() {
        Piece piece = applied(sheet(7, 3), new PieceEdit.SetFormat(Pieces.format(400, 200)));
        List<FrameStyle> styles = ShippedStyles.of(piece.format());
        for (int i = 0; i < styles.size(); i++) {
            piece = applied(
                    piece,
                    new StyleEdit.DressFrames(
                            first(piece).id(), List.of(frames(piece).get(i)), styles.get(i)));
        }
        return piece;
    }

    /** All ornaments, those with a face with words on it, and words along every kind of course. */
    static Piece ornamentsSheet() {
        Piece empty = Pieces.piece(Pieces.grid(1, 1, 10, 5), 1);
        UUID page = first(empty).id();
        Piece piece = applied(empty, new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#f5f1e8"))));
        int cell = 0;
        for (Drawing drawing : Drawing.values()) {
            piece = atCell(applied(piece, new ItemEdit.AddOrnament(page, drawing)), cell++);
            if (drawing.picture().spine().isPresent()) {
                piece = applied(
                        piece, new WordsEdit.WriteWords(page, last(piece).id(), "Eleven days of wind"));
            }
        }
        List<Course> courses = List.of(
                new Course.Arc(90),
                new Course.Arc(-120),
                new Course.Circle(false),
                new Course.Circle(true),
                new Course.Wave(0.6),
                Course.STRAIGHT);
        List<String> texts =
                List.of("Over the gate", "In the bowl", "Round the bay", "Along the shore", "Up and down", "Set apart");
        for (int i = 0; i < courses.size(); i++) {
            piece = applied(piece, new WordsEdit.AddWords(page, WordsEdit.WordsPlace.FREE, Optional.of(texts.get(i))));
            piece = atCell(piece, cell++);
            piece = applied(
                    piece,
                    new WordsEdit.DressWords(
                            page,
                            List.of(last(piece).id()),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(11.0),
                            Optional.empty(),
                            courses.get(i) instanceof Course.Straight ? Optional.of(0.15) : Optional.empty(),
                            Optional.of(TextStyle.Align.CENTRE),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(courses.get(i))));
        }
        return piece;
    }

    private static Frame last(Piece piece) {
        List<Frame> all = first(piece).frames();
        return all.get(all.size() - 1);
    }

    /** The frame in front, in its own proportion, in the middle of one of 8 × 6 cells. */
    private static Piece atCell(Piece piece, int cell) {
        Frame frame = last(piece);
        BoxMm own = ((Placement.Free) frame.placement()).box().mm();
        boolean isWords = frame.fill() instanceof Fill.Words;
        BoxMm box = new BoxMm(6 + cell % 8 * 36.5, 5 + cell / 8 * 32, 33, 28)
                .fitted(isWords ? 33.0 / 28 : own.width() / own.height());
        return applied(
                piece, move(piece, frame.id(), free(box.x(), box.y(), box.width(), Math.max(2, box.height()), 0)));
    }

    /** Prints with a border, a shadow and a reflection that are seen at a slant in each direction, one of them turned. */
    static Piece tiltedSheet() {
        Piece piece = sheet(3, 2);
        FrameStyle style = FrameStyle.plain(new UUID(1, 1), "All")
                .withBands(List.of(Band.of(mm(2), new Rgb("#fffdf8"), Band.Side.OUTSIDE)))
                .with(new Shadow(mm(2), mm(4), 0.6, Rgb.INK))
                .with(new Reflection(0.2, mm(1), 0.5));
        piece = applied(piece, new StyleEdit.DressAll(style));
        List<Tilt> tilts = List.of(
                new Tilt(40, 0),
                new Tilt(-40, 0),
                new Tilt(0, 40),
                new Tilt(0, -40),
                new Tilt(30, 20),
                new Tilt(-25, 25));
        for (int i = 0; i < tilts.size(); i++) {
            UUID frame = frames(piece).get(i);
            piece = applied(
                    piece, patch(piece, new ItemChange.Differ(new StyleDifference.OtherEffect(tilts.get(i))), frame));
        }
        return applied(piece, move(piece, frames(piece).get(5), free(205, 110, 75, 65, 12)));
    }

    /** Light and colour changed, each amount both ways. */
    static Piece adjustedSheet() {
        Piece piece = sheet(8, 5);
        List<UUID> frames = frames(piece);
        List<ItemChange> changes = new ArrayList<>();
        for (Adjustment which : Adjustment.values()) {
            for (double share : which.least() < 0 ? new double[] {-0.6, 0.6} : new double[] {0.6}) {
                changes.add(new ItemChange.SetAdjustment(which, share * which.most()));
            }
        }
        for (Treatment.Kind kind : Treatment.Kind.values()) {
            changes.add(new ItemChange.SetTreatment(Optional.of(Treatment.of(kind, 90))));
        }
        for (int i = 0; i < changes.size(); i++) {
            piece = applied(piece, patch(piece, changes.get(i), frames.get(i)));
        }
        return piece;
    }

    /** All papers that ship, all kinds of lines, a box, and a photo as the ground. */
    static Piece papersSheet() {
        Piece piece = sheet(4, 2);
        UUID page = first(piece).id();
        List<UUID> cells = frames(piece);
        List<Mount> mounts = ShippedMounts.of(piece.format());
        for (int i = 0; i < mounts.size(); i++) {
            piece = applied(piece, new StyleEdit.MountItems(page, List.of(cells.get(i)), mounts.get(i)));
        }
        double at = 10;
        for (Rule.Stroke stroke : Rule.Stroke.values()) {
            piece = applied(piece, new ItemEdit.AddRule(page, new Rule(Rgb.INK, mm(1.5), stroke)));
            piece = applied(piece, move(piece, last(piece).id(), free(at, 98, 50, 4, at / 58)));
            at += 58;
        }
        UUID entry = piece.entries().iterator().next().id();
        return applied(
                piece,
                new ItemEdit.AddBox(page, new Paint.Gradient(new Rgb("#ffffff"), new Rgb("#d0c0a0"), 90)),
                new PageEdit.SetGround(List.of(page), new Ground.Pictured(entry, mm(12), new Rgb("#ffffff"), 0.35)));
    }

    /** Each kind of finish that words have, alone and all together, straight and on a curve; and three columns. */
    static Piece wordsSheet() {
        Piece empty = Pieces.piece(Pieces.grid(1, 1, 10, 5), 1);
        UUID page = first(empty).id();
        Piece piece = applied(
                empty,
                new ArrangeEdit.ReleasePage(page),
                new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#8fb0c4"))));
        Optional<TextFinish.Edge> edge = Optional.of(new TextFinish.Edge(mm(0.6), new Rgb("#fffdf8")));
        Optional<Shadow> shadow = Optional.of(new Shadow(mm(1), mm(1.5), 0.6, Rgb.INK));
        Optional<TextFinish.Panel> panel = Optional.of(new TextFinish.Panel(new Rgb("#fffdf8"), 0.7, mm(3), mm(2)));
        Optional<TextFinish.Columns> three = Optional.of(new TextFinish.Columns(3, mm(5)));
        String prose =
                "The wind came in from the point before breakfast. ".repeat(7).strip();
        piece = words(
                piece, free(10, 10, 130, 25), "Edged all round", 34, finish(edge, Optional.empty()), Course.STRAIGHT);
        piece = words(
                piece, free(155, 10, 130, 25), "Shadow below", 34, finish(Optional.empty(), shadow), Course.STRAIGHT);
        piece = words(piece, free(10, 50, 130, 40), "Both, bent", 34, finish(edge, shadow), new Course.Arc(70));
        piece = words(
                piece,
                free(155, 55, 130, 25),
                "On a ground",
                30,
                new TextFinish(Optional.empty(), shadow, panel, Optional.empty(), false),
                Course.STRAIGHT);
        return words(
                piece,
                free(15, 105, 270, 80),
                prose,
                14,
                new TextFinish(Optional.empty(), Optional.empty(), panel, three, true),
                Course.STRAIGHT);
    }

    /** Photos that grow faint to each side and outwards, two as one thing, words and a drawing, with words beside all photos. */
    static Piece fadedSheet() {
        Piece piece = sheet(4, 2);
        UUID page = first(piece).id();
        piece = applied(
                piece,
                new EntryEdit.CaptionEntry(piece.entries().iterator().next().id(), "Beside it, in lines as high as it"),
                new PieceEdit.SetCaptionStyle(new CaptionStyle(CaptionStyle.Show.ALWAYS, "Alegreya", 11, Rgb.INK, 1)
                        .withPlace(CaptionStyle.Place.RIGHT)
                        .withBeside(mm(22))
                        .withLetters(
                                0.04,
                                Optional.of(new TextFinish.Edge(mm(0.4), new Rgb("#fffdf8"))),
                                Optional.of(new Shadow(mm(0.6), mm(1), 0.5, Rgb.INK)))));
        List<UUID> cells = frames(piece);
        piece = applied(piece, new ItemEdit.GroupItems(page, List.of(cells.get(6), cells.get(7))));
        UUID group = first(piece).items().stream()
                .filter(Group.class::isInstance)
                .map(Item::id)
                .findFirst()
                .orElseThrow();
        piece = applied(piece, new ItemEdit.AddOrnament(page, Drawing.ARCHED_RIBBON));
        piece = applied(piece, move(piece, last(piece).id(), free(110, 84, 70, 26, 0)));
        List<UUID> faded = List.of(
                cells.get(0),
                cells.get(1),
                cells.get(2),
                cells.get(3),
                cells.get(4),
                cells.get(5),
                group,
                last(piece).id());
        for (int i = 0; i < faded.size(); i++) {
            boolean round = i == 4 || i == 5;
            Fading fading = new Fading(
                    round ? Fading.Form.MIDDLE : Fading.Form.SIDE, 90 * i % 360, i == 5 ? 0.2 : 0.4, i == 5 ? 1.4 : 1);
            piece = applied(piece, patch(piece, new ItemChange.SetFading(Optional.of(fading)), faded.get(i)));
        }
        return piece;
    }

    private static TextFinish finish(Optional<TextFinish.Edge> edge, Optional<Shadow> shadow) {
        return new TextFinish(edge, shadow, Optional.empty(), Optional.empty(), false);
    }

    private static Piece words(
            Piece piece, Placement.Free place, String text, double sizePt, TextFinish finish, Course course) {
        UUID page = first(piece).id();
        Piece added = applied(piece, new WordsEdit.AddWords(page, WordsEdit.WordsPlace.FREE, Optional.of(text)));
        UUID frame = last(added).id();
        return applied(
                added,
                move(added, frame, place),
                new WordsEdit.DressWords(
                        page,
                        List.of(frame),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(sizePt),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(new Rgb("#2f4b7c")),
                        Optional.of(finish),
                        Optional.of(course)));
    }

    static Piece formsSheet() {
        Piece piece = sheet(4, 2);
        FrameStyle style = FrameStyle.plain(new UUID(1, 1), "All")
                .withBands(List.of(
                        new Band(mm(2), new Paint.Solid(new Rgb("#fffdf8")), Band.Side.OUTSIDE, mm(0.8)),
                        Band.of(mm(1), new Rgb("#2f4b7c"), Band.Side.OUTSIDE)))
                .with(new InnerShadow(mm(0.7), mm(1.5), 0.5, Rgb.INK))
                .with(new Shadow(mm(1), mm(2), 0.5, Rgb.INK));
        piece = applied(piece, new StyleEdit.DressAll(style));
        for (int i = 0; i < Form.values().length; i++) {
            piece = applied(
                    piece,
                    patch(
                            piece,
                            new ItemChange.SetOutline(new Outline.Drawn(Form.values()[i])),
                            frames(piece).get(i)));
        }
        return applied(
                piece,
                patch(
                        piece,
                        new ItemChange.SetOutline(new Outline.Torn(true, true, true, false, mm(3), 5)),
                        frames(piece).get(7)));
    }
}
