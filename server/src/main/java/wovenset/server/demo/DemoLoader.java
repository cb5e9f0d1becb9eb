package wovenset.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthSum;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.photo.PhotoId;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Corners;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.ShippedMounts;
import wovenset.core.style.ShippedStyles;
import wovenset.core.style.TextStyle;
import wovenset.core.words.Typefaces;
import wovenset.server.WovensetProperties;
import wovenset.server.photo.PhotoStore;
import wovenset.server.piece.PieceService;
import wovenset.server.piece.StoredPiece;

/** Fills an empty shelf with the demo pieces, by the same edits that a person would make. */
@Component
class DemoLoader implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final WovensetProperties properties;
    private final PieceService pieces;
    private final PhotoStore store;
    private final JsonMapper mapper;

    DemoLoader(WovensetProperties properties, PieceService pieces, PhotoStore store, JsonMapper mapper) {
        this.properties = properties;
        this.pieces = pieces;
        this.store = store;
        this.mapper = mapper;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (properties.demo().isBlank() || !pieces.isEmpty()) {
            return;
        }
        Path folder = Path.of(properties.demo());
        for (Path file : sorted(folder.resolve("pieces"), "")) {
            load(mapper.readValue(Files.readString(file), DemoPiece.class), folder.resolve("photos"));
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        LOG.info("Wovenset is ready");
    }

    private static List<Path> sorted(Path folder, String start) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().startsWith(start))
                    .sorted()
                    .toList();
        }
    }

    private void load(DemoPiece demo, Path photoFolder) throws IOException {
        Map<String, PhotoId> photos = new HashMap<>();
        for (Path file : sorted(photoFolder, demo.photos())) {
            String name = file.getFileName().toString();
            photos.put(
                    name.substring(0, name.lastIndexOf('.')),
                    store.take(Files.copy(file, store.arriving()), name).id());
        }
        Format format = new Format(
                length(demo.width()), length(demo.height()), length(demo.bleed()), demo.unit(), Resolution.PRINT);
        Editor editor = new Editor(
                pieces.start(demo.name(), format, length(demo.margin()), Optional.empty(), Optional.of(demo.kind())));
        editor.piece = pieces.addPhotos(
                        editor.piece.piece().id(),
                        photos.entrySet().stream()
                                .sorted(Map.Entry.comparingByKey())
                                .map(Map.Entry::getValue)
                                .toList(),
                        "demo",
                        null)
                .after();
        dress(editor, demo.dress());
        if (demo.album() != null) {
            new DemoAlbums(pieces, store).make(editor, demo, demo.album(), photos);
        }
        for (int i = 0; i < demo.pages().size(); i++) {
            if (i > 0) {
                editor.edit(new PageEdit.AddPage(editor.last().id()));
            }
            fill(editor, demo, demo.pages().get(i), photos);
        }
    }

    private static void fill(Editor editor, DemoPiece demo, DemoPiece.DemoPage page, Map<String, PhotoId> photos) {
        Length gap = length(page.gap());
        UUID id = editor.last().id();
        Grid grid = new Grid(page.rows(), page.columns(), Margins.all(length(demo.margin())), gap, gap, null);
        editor.edit(new ArrangeEdit.SetGrid(id, grid, ArrangeEdit.Reflow.ASK));
        if (page.word() != null) {
            editor.edit(
                    new WordsEdit.AddLetters(id, page.word(), Typefaces.names().get(1)));
            return;
        }
        if (page.ornaments() != null) {
            editor.edit(new ArrangeEdit.ReleasePage(id));
            // A new page begins with what lies on the one before it.
            List<UUID> copied = editor.last().frames().stream().map(Frame::id).toList();
            if (!copied.isEmpty()) {
                editor.edit(new ItemEdit.RemoveItems(id, copied));
            }
            page.ornaments().forEach(ornament -> add(editor, id, ornament, photos));
            write(editor, id, page);
            return;
        }
        for (int i = 0; i < page.frames().size(); i++) {
            DemoPiece.DemoFrame wanted = page.frames().get(i);
            UUID frame = editor.last().slotted().get(i).id();
            PhotoId photo = Objects.requireNonNull(photos.get(wanted.photo()), wanted.photo());
            UUID entry = editor.piece.piece().entries().of(photo).orElseThrow().id();
            editor.edit(new ArrangeEdit.PlaceEntry(id, frame, entry));
            if (wanted.caption() != null) {
                editor.edit(new EntryEdit.CaptionEntry(entry, wanted.caption()));
            }
            if (wanted.focusX() != null || wanted.focusY() != null) {
                Crop crop = new Crop(
                        wanted.focusX() == null ? 0.5 : wanted.focusX(),
                        wanted.focusY() == null ? 0.5 : wanted.focusY(),
                        1,
                        0,
                        false,
                        Crop.Fit.FILL,
                        Crop.Aim.HAND);
                editor.edit(new ItemEdit.PatchItems(id, List.of(frame), new ItemChange.SetCrop(crop)));
            }
        }
        mount(editor, id, page);
        if (page.special() != null) {
            new DemoSpecials(editor, id).make(page.special(), Margins.all(length(demo.margin())), gap);
        }
    }

    private static void mount(Editor editor, UUID id, DemoPiece.DemoPage page) {
        List<UUID> frames = editor.last().slotted().stream().map(Frame::id).toList();
        ShippedMounts.of(editor.piece.piece().format()).stream()
                .filter(mount -> mount.name().equals(page.mount()))
                .forEach(mount -> editor.edit(new StyleEdit.MountItems(id, frames, mount)));
    }

    private static void write(Editor editor, UUID page, DemoPiece.DemoPage demo) {
        for (DemoPiece.DemoWords words : demo.words() == null ? List.<DemoPiece.DemoWords>of() : demo.words()) {
            editor.edit(new WordsEdit.AddWords(page, WordsEdit.WordsPlace.FREE, Optional.of(words.text())));
            UUID id = editor.front().id();
            double width = length(words.width()).mm();
            double height = length(words.height()).mm();
            Box box = Box.of(new BoxMm(
                    length(words.x()).mm() - width / 2, length(words.y()).mm() - height / 2, width, height));
            editor.edit(new ItemEdit.MoveItems(page, List.of(new ItemEdit.ItemMove(id, new Placement.Free(box, 0)))));
            editor.edit(lettered(page, id, Optional.of(words.typeface()), Optional.of(words.sizePt())));
        }
    }

    private static Edit lettered(UUID page, UUID words, Optional<String> typeface, Optional<Double> sizePt) {
        return new WordsEdit.DressWords(
                page,
                List.of(words),
                typeface,
                Optional.empty(),
                Optional.empty(),
                sizePt,
                Optional.empty(),
                Optional.empty(),
                Optional.of(TextStyle.Align.CENTRE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static void add(Editor editor, UUID page, DemoPiece.DemoOrnament demo, Map<String, PhotoId> photos) {
        editor.edit(new ItemEdit.AddOrnament(page, demo.drawing()));
        UUID id = editor.front().id();
        var picture = demo.drawing().picture();
        double width = length(demo.width()).mm();
        double height = width * picture.height() / picture.width();
        Box box = Box.of(
                new BoxMm(length(demo.x()).mm() - width / 2, length(demo.y()).mm() - height / 2, width, height));
        editor.edit(new ItemEdit.MoveItems(
                page, List.of(new ItemEdit.ItemMove(id, new Placement.Free(box, demo.turnDegrees())))));
        if (demo.photo() != null) {
            PhotoId photo = Objects.requireNonNull(photos.get(demo.photo()), demo.photo());
            editor.edit(new ArrangeEdit.PlaceEntry(
                    page,
                    id,
                    editor.piece.piece().entries().of(photo).orElseThrow().id()));
            editor.edit(new ItemEdit.PatchItems(page, List.of(id), new ItemChange.SetWords(new FrameWords.Own(""))));
        }
        if (demo.colours() != null) {
            editor.edit(new ItemEdit.ColourOrnaments(page, List.of(id), demo.colours()));
        }
        if (demo.words() != null) {
            editor.edit(new WordsEdit.WriteWords(page, id, demo.words()));
        }
        if (demo.typeface() != null) {
            editor.edit(lettered(page, id, Optional.of(demo.typeface()), Optional.empty()));
        }
    }

    private static void dress(Editor editor, DemoPiece.DemoDress demo) {
        FrameStyle usual = editor.piece.piece().styles().usual();
        Band band = Band.of(length(demo.borderWidth()), new Rgb(demo.borderColour()), Band.Side.INSIDE);
        editor.edit(new StyleEdit.SetFrameStyle(
                usual.withBand(0, none -> band).withCorners(Corners.round(length(demo.cornerRadius())))));
        if (demo.style() != null) {
            ShippedStyles.of(editor.piece.piece().format()).stream()
                    .filter(style -> style.name().equals(demo.style()))
                    .forEach(style -> editor.edit(new StyleEdit.DressAll(style)));
        }
        editor.edit(new PieceEdit.SetCommonGround(ground(demo)));
        editor.edit(new PieceEdit.SetCaptionStyle(new CaptionStyle(
                demo.captions(), demo.typeface(), demo.sizePt(), new Rgb(demo.captionColour()), demo.lines())));
    }

    private static Paint ground(DemoPiece.DemoDress demo) {
        Rgb colour = new Rgb(demo.pageColour());
        return demo.material() == null || demo.secondColour() == null
                ? new Paint.Solid(colour)
                : new Paint.Texture(demo.material(), colour, demo.secondColour(), Length.ofMm(0.8), 0.7);
    }

    static Length length(String text) {
        return LengthSum.parse(text, LengthUnit.MM, Resolution.PRINT);
    }

    /** Makes one edit after the other on the piece as it has become. */
    final class Editor {
        StoredPiece piece;

        Editor(StoredPiece piece) {
            this.piece = piece;
        }

        void edit(Edit edit) {
            piece = pieces.edit(piece.piece().id(), piece.revision(), edit, null, null)
                    .after();
        }

        /** What lies in front on the last page. */
        Frame front() {
            List<Frame> frames = last().frames();
            return frames.get(frames.size() - 1);
        }

        Page last() {
            Piece now = piece.piece();
            return now.pages().get(now.pages().size() - 1);
        }
    }
}
