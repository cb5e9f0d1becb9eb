package wovenset.core.testing;

import static wovenset.core.testing.Pieces.mm;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.CellSpan;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.Track;
import wovenset.core.caption.OwnTable;
import wovenset.core.drawing.Drawing;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.Form;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.item.Fading;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Look;
import wovenset.core.item.Marks;
import wovenset.core.item.Mosaic;
import wovenset.core.item.MosaicTiles;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Region;
import wovenset.core.photo.Treatment;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.GroundShadow;
import wovenset.core.photo.retouch.Mend;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Cover;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.piece.Waiting;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Corners;
import wovenset.core.style.Course;
import wovenset.core.style.CutMarks;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Folio;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;
import wovenset.core.style.Language;
import wovenset.core.style.Light;
import wovenset.core.style.Mount;
import wovenset.core.style.Outline;
import wovenset.core.style.Rule;
import wovenset.core.style.SharedText;
import wovenset.core.style.Sheet;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.StyleSheet;
import wovenset.core.style.StyleUse;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;
import wovenset.core.style.effect.Effect;
import wovenset.core.style.effect.Fastening;
import wovenset.core.style.effect.Glow;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Reflection;
import wovenset.core.style.effect.Shadow;
import wovenset.core.style.effect.SoftEdge;
import wovenset.core.style.effect.Tilt;

/** Pieces of every kind of thing that a document may hold, the same for the same seed. */
public final class RandomPieces {
    private static final String[] WORDS = {"", "Last boat home", "älter\n“zwei” \\ \u0000", "🪁 kites", "x".repeat(500)
    };

    private final Random random;

    private RandomPieces(long seed) {
        this.random = new Random(seed);
    }

    public static Piece of(long seed) {
        return new RandomPieces(seed).piece();
    }

    /** The piece after something was done to some of its parts: changed, gone, new, or in another order. */
    public static Piece changed(Piece piece, long seed) {
        // Another stream of numbers than that of any piece: two things never have one name.
        return new RandomPieces(~seed ^ 0x9E37_79B9_7F4A_7C15L).change(piece);
    }

    private Piece piece() {
        StyleSheet styles = styles();
        Entries entries = Entries.of(times(1, 6, this::entry));
        Format format = new Format(
                length(50, 900),
                length(50, 900),
                length(0, 10),
                any(LengthUnit.values()),
                new Resolution(72 + random.nextInt(600)));
        return new Piece(
                id(),
                "Kites of " + random.nextInt(),
                format,
                styles,
                table(),
                album(styles, entries),
                cover(),
                entries,
                times(1, 5, () -> page(styles, entries)));
    }

    private Piece change(Piece piece) {
        StyleSheet styles = random.nextBoolean() ? piece.styles() : styles();
        Entries entries = random.nextBoolean()
                ? piece.entries()
                : Entries.of(reworked(
                        piece.entries().list(),
                        entry -> entry.withCaption(any(WORDS)).withCells(times(0, 3, () -> any(WORDS))),
                        this::entry));
        List<Page> pages = reworked(piece.pages(), page -> change(page, styles, entries), () -> page(styles, entries));
        return new Piece(
                piece.id(),
                random.nextBoolean() ? piece.name() : "Renamed",
                random.nextBoolean() ? piece.format() : Pieces.format(210, 297),
                styles,
                random.nextBoolean() ? piece.table() : table(),
                random.nextBoolean() ? piece.album() : album(styles, entries),
                random.nextBoolean() ? piece.cover() : cover(),
                entries,
                pages.isEmpty() ? List.of(page(styles, entries)) : pages);
    }

    private Page change(Page page, StyleSheet styles, Entries entries) {
        Page other = page(styles, entries);
        return switch (random.nextInt(5)) {
            case 0 -> page.withGround(other.ground());
            case 1 ->
                new Page(
                        page.id(),
                        other.ground(),
                        other.arrangement(),
                        other.items(),
                        other.guides(),
                        other.pictures(),
                        other.flow(),
                        other.numbered());
            case 2 -> page.withGuides(other.guides());
            case 3 -> page.mapItems(item -> random.nextBoolean() ? item : item.withLook(look()));
            default -> page.withItems(shuffled(page.items()));
        };
    }

    /** Some as they were, some changed, some gone, new ones among them, and at times in another order. */
    private <T> List<T> reworked(List<T> list, Function<T, T> change, Supplier<T> fresh) {
        List<T> now = new ArrayList<>();
        for (T one : list) {
            int what = random.nextInt(6);
            if (what == 0) {
                now.add(fresh.get());
            }
            if (what != 1) {
                now.add(what == 2 ? change.apply(one) : one);
            }
        }
        return random.nextInt(3) == 0 ? shuffled(now) : now;
    }

    private StyleSheet styles() {
        List<FrameStyle> frames = times(
                1, 4, () -> new FrameStyle(id(), "Style", times(1, 3, this::band), corners(), length(0, 5), effects()));
        CaptionStyle captions = new CaptionStyle(
                any(CaptionStyle.Show.values()),
                any(CaptionStyle.Place.values()),
                "Alegreya",
                4 + random.nextInt(100) / 7.0,
                random.nextInt(9) / 10.0,
                colour(),
                random.nextBoolean() ? Optional.of(new TextFinish.Edge(length(0, 9), colour())) : Optional.empty(),
                random.nextBoolean()
                        ? Optional.of(new Shadow(length(0, 9), length(0, 20), random.nextDouble(), colour()))
                        : Optional.empty(),
                1 + random.nextInt(4),
                length(8, 60));
        List<Mount> mounts = times(
                0,
                2,
                () -> new Mount(
                        id(),
                        "Papers " + random.nextInt(99),
                        times(1, 3, () -> new Sheet(length(0, 9), paint())),
                        new Shadow(length(0, 9), length(0, 20), random.nextDouble(), colour()),
                        new InnerShadow(length(0, 9), length(0, 20), random.nextDouble(), colour())));
        List<SharedText> texts = times(0, 2, () -> new SharedText(id(), "Heads " + random.nextInt(99), textStyle()));
        return new StyleSheet(
                frames,
                captions,
                new Grounds(paint(), random.nextBoolean() ? Optional.of(paint()) : Optional.empty()),
                mounts,
                texts,
                new Light(turn()),
                new EdgeRun(any(EdgeRun.Kind.values()), colour()),
                any(CutMarks.values()),
                any(Language.values()),
                random.nextBoolean() ? Optional.empty() : Optional.of(folio()));
    }

    private Folio folio() {
        return new Folio(
                any(Folio.Place.values()),
                any(Folio.Running.values()),
                "Alegreya",
                4 + random.nextInt(40) / 3.0,
                colour(),
                length(0, 20),
                random.nextInt(9) - 2);
    }

    private Optional<OwnTable> table() {
        return random.nextBoolean()
                ? Optional.empty()
                : Optional.of(new OwnTable(List.of("Name", "Price " + random.nextInt(9)), "{name}"));
    }

    private Optional<Cover> cover() {
        return random.nextBoolean()
                ? Optional.empty()
                : Optional.of(new Cover(id(), 1 + random.nextInt(99), length(1, 3), length(0, 3)));
    }

    private Optional<Album> album(StyleSheet styles, Entries entries) {
        int least = 1 + random.nextInt(9);
        return random.nextBoolean()
                ? Optional.empty()
                : Optional.of(new Album(
                        least,
                        least + random.nextInt(10 - least),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        Margins.all(length(0, 20)),
                        length(0, 9),
                        random.nextBoolean() ? Optional.empty() : Optional.of(any(Album.AlikePhotos.values())),
                        Waiting.with(Optional.empty(), times(0, 2, () -> page(styles, entries))),
                        times(0, 3, () -> new Chapter(id(), any(WORDS).replaceAll("\\p{Cntrl}|x{300}x*", ""), id()))));
    }

    private Entry entry() {
        Optional<Region> subject = random.nextBoolean()
                ? Optional.empty()
                : Optional.of(new Region(random.nextDouble() / 2, 0.25, 0.5, random.nextDouble() / 2 + 0.1));
        return new Entry(
                id(),
                Pieces.photo(random.nextInt(9)),
                any(WORDS),
                subject,
                times(0, 3, () -> any(WORDS)),
                random.nextBoolean(),
                random.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(LocalDateTime.of(1974, 1 + random.nextInt(12), 3, 12, 30)));
    }

    private Page page(StyleSheet styles, Entries entries) {
        Arrangement arrangement = arrangement();
        List<SharedPicture> pictures =
                entries.size() == 0 ? List.of() : times(0, 3, () -> new SharedPicture(id(), any(entries), box()));
        List<Item> items = new ArrayList<>();
        for (int slot : shuffled(IntStream.range(0, arrangement.slots()).boxed().toList())) {
            if (!arrangement.mayBeVacant() || random.nextInt(4) > 0) {
                items.add(frame(new Placement.InSlot(slot), styles, entries, pictures));
            }
        }
        items.addAll(times(0, 3, () -> frame(new Placement.Free(box(), turn()), styles, entries, pictures)));
        return new Page(id(), ground(entries), arrangement, grouped(items), times(0, 3, this::guide), pictures)
                .withFlow(any(Page.Flow.values()))
                .withNumbered(random.nextBoolean());
    }

    /** Some of the items in groups, and groups in groups. */
    private List<Item> grouped(List<Item> items) {
        List<Item> now = new ArrayList<>(items);
        while (now.size() > 2 && random.nextInt(3) > 0) {
            int from = random.nextInt(now.size() - 1);
            List<Item> part = now.subList(from, from + 1 + random.nextInt(now.size() - from));
            Group group = new Group(
                    id(), look(), List.copyOf(part), random.nextBoolean() ? Optional.of(id()) : Optional.empty());
            part.clear();
            now.add(from, group);
        }
        return now;
    }

    private Arrangement arrangement() {
        Margins margins = new Margins(length(0, 20), length(0, 20), length(0, 20), length(0, 20));
        return switch (random.nextInt(5)) {
            case 0 -> grid(margins);
            case 1 ->
                new Slicing(margins, length(0, 9), random.nextBoolean(), SlicingTree.parse(any(new String[] {
                    "p", "(pp1.5)", "[p(p2[pp])p0.7]"
                })));
            case 2 ->
                new Scattered(
                        margins,
                        new Scattered.Recipe(
                                random.nextLong(),
                                0.2 + random.nextDouble(),
                                random.nextInt(45),
                                random.nextDouble() * 0.6),
                        times(0, 5, () -> new Scattered.Print(box(), turn())));
            case 3 -> silhouette(margins);
            default -> new ByHand(margins);
        };
    }

    private Silhouette silhouette(Margins margins) {
        String square = "M 0 0 L 1 0 L 1 1 L 0 1 Z";
        return new Silhouette(
                margins,
                length(0, 3),
                new Figure("square", square, 0.5 + random.nextDouble()),
                any(new Cutting[] {
                    new Cutting.Rows(1, 2), new Cutting.Halves(2, random.nextLong()), new Cutting.Cells(2, 7)
                }),
                List.of("M 0 0 L 0.5 0 L 0.5 1 L 0 1 Z", "M 0.5 0 L 1 0 L 1 1 L 0.5 1 Z"));
    }

    private Grid grid(Margins margins) {
        int rows = 2 + random.nextInt(3);
        int columns = 2 + random.nextInt(3);
        return new Grid(
                rows,
                columns,
                margins,
                length(0, 9),
                length(0, 9),
                random.nextBoolean() ? null : new Grid.CellSize(length(10, 90), length(10, 90)),
                random.nextBoolean()
                        ? null
                        : IntStream.range(0, columns).mapToObj(i -> track()).toList(),
                random.nextBoolean()
                        ? null
                        : IntStream.range(0, rows).mapToObj(i -> track()).toList(),
                random.nextBoolean() ? List.of() : List.of(new CellSpan(0, random.nextInt(columns - 1), 2, 2)),
                any(Grid.Order.values()));
    }

    private Frame frame(Placement placement, StyleSheet styles, Entries entries, List<SharedPicture> pictures) {
        return new Frame(
                id(),
                placement,
                look(),
                styleUse(styles),
                outline(),
                fill(entries, pictures),
                random.nextBoolean() ? FrameWords.OF_ENTRY : new FrameWords.Own(any(WORDS)),
                new Marks(
                        random.nextBoolean(),
                        random.nextBoolean(),
                        any(Marks.Turn.values()),
                        random.nextInt(10),
                        random.nextBoolean()));
    }

    private Outline outline() {
        return switch (random.nextInt(6)) {
            case 0 -> new Outline.Rect();
            case 5 -> new Outline.Ringed(Drawing.TWINE_RING, List.of(colour(), colour()));
            case 4 ->
                new Outline.Torn(
                        random.nextBoolean(), true, random.nextBoolean(), false, length(0, 9), random.nextInt());
            case 3 -> new Outline.Traced("V", "M 0.0 0.0 L 1.0 0.0 Q 0.5 0.5 0.5 1.0 Z");
            case 1 -> new Outline.Ellipse();
            default -> new Outline.Drawn(any(Form.values()));
        };
    }

    private StyleUse styleUse(StyleSheet styles) {
        StyleUse use = StyleUse.of(any(styles.frames()).id());
        List<StyleDifference> differences = List.of(
                new StyleDifference.BandWidth(0, length(0, 9)),
                new StyleDifference.BandPaint(random.nextInt(3), paint()),
                new StyleDifference.BandBevel(0, length(0, 3)),
                new StyleDifference.BandSide(0, any(Band.Side.values())),
                new StyleDifference.CornersCut(corners()),
                new StyleDifference.FootHeight(length(0, 30)),
                new StyleDifference.OtherEffect(any(effects())));
        for (StyleDifference difference : differences) {
            use = random.nextInt(3) == 0 ? use.with(difference) : use;
        }
        return use;
    }

    private Corners corners() {
        return new Corners(any(Corners.Cut.values()), length(0, 9));
    }

    /** One of each kind, in any order. */
    private List<Effect> effects() {
        return shuffled(List.of(
                new Shadow(length(0, 9), length(0, 20), random.nextDouble(), colour()),
                new InnerShadow(length(0, 9), length(0, 20), random.nextDouble(), colour()),
                new Glow(length(0, 9), random.nextDouble(), colour()),
                new SoftEdge(length(0, 9)),
                new Tilt(turn() / 3, turn() / 3),
                new Reflection(random.nextDouble(), length(0, 9), random.nextDouble()),
                new Fastening(any(Fastening.Means.values()), length(0, 20), colour())));
    }

    private TextStyle textStyle() {
        return new TextStyle(
                "Kalam",
                any(TextStyle.Weight.values()),
                any(TextStyle.Slant.values()),
                4 + random.nextInt(500) / 7.0,
                1 + random.nextInt(10) / 9.0,
                random.nextInt(4) / 10.0,
                any(TextStyle.Align.values()),
                any(TextStyle.Stand.values()),
                colour(),
                finish());
    }

    private TextFinish finish() {
        return random.nextBoolean()
                ? TextFinish.PLAIN
                : new TextFinish(
                        Optional.of(new TextFinish.Edge(length(0, 9), colour())),
                        Optional.of(new Shadow(length(0, 9), length(0, 20), random.nextDouble(), colour())),
                        Optional.of(new TextFinish.Panel(colour(), random.nextDouble(), length(0, 20), length(0, 9))),
                        Optional.of(new TextFinish.Columns(2 + random.nextInt(4), length(0, 20))),
                        random.nextBoolean());
    }

    private Fill fill(Entries entries, List<SharedPicture> pictures) {
        if (!pictures.isEmpty() && random.nextInt(4) == 0) {
            return new Fill.Through(any(pictures).id(), adjusted());
        }
        if (random.nextInt(5) == 0) {
            return ownWords();
        }
        if (random.nextInt(6) == 0) {
            return random.nextBoolean()
                    ? new Fill.Painted(paint())
                    : new Fill.Ruled(new Rule(colour(), length(1, 9), any(Rule.Stroke.values())));
        }
        if (random.nextInt(5) == 0) {
            return random.nextBoolean()
                    ? new Fill.Ornament(Drawing.ARCHED_RIBBON, times(3, 3, this::colour), Optional.of(ownWords()))
                    : new Fill.Ornament(Drawing.BRAID_DIVIDER, times(2, 2, this::colour), Optional.empty());
        }
        return entries.size() == 0 || random.nextInt(4) == 0
                ? Fill.EMPTY
                : new Fill.OwnPhoto(
                        any(entries),
                        crop(),
                        adjusted(),
                        random.nextInt(5) == 0 ? Optional.of(retouched()) : Optional.empty(),
                        random.nextInt(5) == 0 ? mosaic(entries) : Optional.empty());
    }

    private Retouching retouched() {
        byte[] labels = new byte[6];
        byte[] brushed = new byte[6];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = (byte) random.nextInt(4);
            brushed[i] = (byte) random.nextInt(256);
        }
        CutOut cutOut = new CutOut(any(CutOut.From.values()), PixelPlane.of(3, 2, labels));
        Retouching cut = Retouching.NONE.withCutOut(Optional.of(
                random.nextBoolean()
                        ? cutOut
                        : cutOut.withBrushed(PixelPlane.of(3, 2, brushed))
                                .withEdge(random.nextInt(3) - 1)
                                .withShadow(Optional.of(new GroundShadow(random.nextDouble(), random.nextDouble())))));
        BrushStroke.Point at = new BrushStroke.Point(random.nextDouble(), random.nextDouble());
        BrushStroke stroke = new BrushStroke(0.1, random.nextDouble(), List.of(at));
        Mend mend =
                new Mend(any(Mend.Kind.values()), stroke, random.nextBoolean() ? Optional.of(at) : Optional.empty());
        List<FacedPlane.Corner> corners = List.of(
                new FacedPlane.Corner(0.1 * random.nextDouble(), 0.1),
                new FacedPlane.Corner(0.9, 0.3 * random.nextDouble()),
                new FacedPlane.Corner(0.8, 0.9),
                new FacedPlane.Corner(0.2 * random.nextDouble(), 1));
        FacedPlane plane = new FacedPlane(corners, random.nextBoolean());
        return random.nextBoolean()
                ? cut.withExtended(true, random.nextBoolean() ? Optional.of(Pieces.edgeSources()) : Optional.empty())
                : cut.with(mend).withPlane(Optional.of(plane));
    }

    private Optional<Mosaic> mosaic(Entries entries) {
        Mosaic.Weave weave = new Mosaic.Weave(4, 1 + random.nextInt(2), random.nextInt(3));
        int rows = 1 + random.nextInt(4);
        String chosen =
                MosaicTiles.text(MosaicTiles.places(weave, rows, (column, row, side, before) -> random.nextBoolean()));
        return Optional.of(
                new Mosaic(weave, rows, List.of(any(entries)), chosen, random.nextDouble(), random.nextDouble()));
    }

    private Optional<Adjustments> adjusted() {
        Adjustments adjustments = Adjustments.NONE;
        for (Adjustment which : Adjustment.values()) {
            double amount = Math.rint(which.least() + random.nextDouble() * (which.most() - which.least()));
            adjustments = random.nextInt(4) == 0 ? adjustments.with(which, amount) : adjustments;
        }
        return Optional.of(adjustments.withTreatment(
                random.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(Treatment.of(any(Treatment.Kind.values()), 1 + random.nextInt(100)))));
    }

    private Fill.Words ownWords() {
        Course course =
                switch (random.nextInt(4)) {
                    case 0 -> new Course.Arc(any(List.of(-300.0, -5.0, 60.0)));
                    case 1 -> new Course.Circle(random.nextBoolean());
                    case 2 -> new Course.Wave(2 * random.nextDouble() - 1);
                    default -> Course.STRAIGHT;
                };
        return new Fill.Words(
                any(WORDS), textStyle(), course, random.nextBoolean() ? Optional.of(id()) : Optional.empty());
    }

    private Crop crop() {
        return new Crop(
                random.nextDouble(),
                random.nextDouble(),
                1 + 19 * random.nextDouble(),
                turn(),
                random.nextBoolean(),
                any(Crop.Fit.values()),
                any(Crop.Aim.values()));
    }

    private Ground ground(Entries entries) {
        return switch (random.nextInt(entries.size() == 0 ? 2 : 3)) {
            case 0 -> new Ground.Common();
            case 1 -> new Ground.Covered(paint());
            default -> new Ground.Pictured(any(entries), length(0, 50), colour(), random.nextDouble());
        };
    }

    private Look look() {
        return new Look(random.nextDouble(), any(Blend.values()), fading(), random.nextBoolean(), random.nextBoolean());
    }

    private Optional<Fading> fading() {
        return random.nextInt(3) > 0
                ? Optional.empty()
                : Optional.of(new Fading(
                        any(Fading.Form.values()), turn(), random.nextDouble() / 2, 0.6 + random.nextDouble() / 2));
    }

    private Band band() {
        return new Band(length(0, 20), paint(), any(Band.Side.values()), length(0, 4));
    }

    private Paint paint() {
        return switch (random.nextInt(3)) {
            case 0 -> new Paint.Solid(colour());
            case 1 -> new Paint.Gradient(colour(), colour(), turn());
            default ->
                new Paint.Texture(
                        any(Paint.Texture.Material.values()), colour(), colour(), length(1, 9), random.nextDouble());
        };
    }

    private Guide guide() {
        return new Guide(any(Guide.Direction.values()), length(0, 300));
    }

    private Track track() {
        return random.nextBoolean() ? Track.fixed(length(10, 50)) : new Track(null, 0.5 + random.nextDouble());
    }

    private Box box() {
        return new Box(length(-50, 300), length(-50, 300), length(2, 300), length(2, 300));
    }

    private double turn() {
        return random.nextBoolean() ? 0 : random.nextDouble() * 360 - 180;
    }

    private Rgb colour() {
        return new Rgb(String.format("#%06x", random.nextInt(1 << 24)));
    }

    private Length length(int fromMm, int toMm) {
        return mm(fromMm).plus(Length.ofMicrometres(random.nextInt((toMm - fromMm) * 1000 + 1)));
    }

    private UUID id() {
        return new UUID(random.nextLong(), random.nextLong());
    }

    private UUID any(Entries entries) {
        return any(entries.list()).id();
    }

    private <T> T any(T[] list) {
        return list[random.nextInt(list.length)];
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private <T> List<T> times(int least, int most, Supplier<T> one) {
        return IntStream.range(0, least + random.nextInt(most - least + 1))
                .mapToObj(i -> one.get())
                .toList();
    }

    private <T> List<T> shuffled(List<T> list) {
        List<T> shuffled = new ArrayList<>(list);
        Collections.shuffle(shuffled, random);
        return shuffled;
    }
}
