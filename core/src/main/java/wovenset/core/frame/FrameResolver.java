package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Perspective;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Crop;
import wovenset.core.measure.Length;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Outline;
import wovenset.core.style.effect.Fastening;
import wovenset.core.style.effect.Tilt;

/**
 * Composes one frame: the photo in its window, the bands around it, what its style does to light and edge, the words below.
 *
 * <p>What touches the trim runs into the bleed: the outermost band there, or the photo itself, is drawn beyond the frame. The
 * crop inside the trim stays as it is; the bleed shows more of the photo, and where the photo ends, its mirrored edge. Cost:
 * linear in bands and lines.
 */
public final class FrameResolver {
    /** Torn paper's inside. */
    private static final Paint FIBRES = new Paint.Texture(
            Paint.Texture.Material.FELT, new Rgb("#fffefa"), new Rgb("#ddd6c8"), Length.ofMm(0.3), 0.6);

    private final FrameLook look;
    private final FrameForms forms;
    private final List<Op> ops = new ArrayList<>();
    /** Of the thing cut out of the photo; nothing if none is. */
    private Optional<ShapeMm> cutOutline = Optional.empty();

    private FrameResolver(FrameLook look) {
        this.look = look;
        this.forms = new FrameForms(look);
    }

    public static ResolvedFrame resolve(FrameLook look) {
        return new FrameResolver(look).resolved();
    }

    private ResolvedFrame resolved() {
        BoxMm window = forms.window();
        Optional<ResolvedFrame.Photo> photo = look.photo().map(one -> placed(one, window));
        look.photo().ifPresent(one -> {
            Affine to = photo.orElseThrow().to();
            cutOutline = one.pixels()
                    .retouching()
                    .cutOut()
                    .flatMap(cutOut -> CutOutline.of(one, cutOut, to, forms.extended(forms.opening())));
            dressed(effects -> print(one, to, effects));
        });
        look.painted().ifPresent(paint -> dressed(effects -> box(paint, effects)));
        look.rule().ifPresent(rule -> ops.addAll(RuleOps.of(rule, forms.frame())));
        look.ornament().ifPresent(one -> ops.addAll(OrnamentOps.of(one.drawing(), one.colours(), forms.frame())));
        if (look.outline() instanceof Outline.Ringed ringed) {
            ops.addAll(OrnamentOps.of(ringed.ring(), ringed.colours(), ringed.ringBox(forms.frame())));
        }
        WordOps words = new WordOps(look, forms);
        Optional<ResolvedFrame.Words> said = words.set();
        // Words with a picture stay legible when it grows faint.
        List<Op> own = look.text().isPresent() ? join(ops, words.ops()) : ops;
        List<Op> faint = look.fading().isEmpty() || own.isEmpty()
                ? own
                : List.of(FadingOps.of(
                        Affine.IDENTITY, 1, look.fading(), forms.frame().outset(forms.outside()), own));
        List<Op> all = look.text().isPresent() ? faint : join(faint, words.ops());
        return new ResolvedFrame(whole(all), window, photo, said);
    }

    /** What a style's effects go with. */
    private void dressed(Function<EffectOps, List<Op>> drawn) {
        ShapeMm silhouette = forms.silhouette();
        // Without a border, a thing cut out throws its own shadow, not that of a sheet.
        boolean sheet = forms.hasBands() || forms.paper().isPresent();
        EffectOps effects = new EffectOps(look, sheet ? silhouette : cutOutline.orElse(silhouette));
        List<Op> print = effects.softened(drawn.apply(effects));
        List<Op> all = new ArrayList<>(effects.behind(print));
        all.addAll(print);
        look.effect(Fastening.class)
                .ifPresent(fastening -> all.addAll(FasteningOps.of(fastening, silhouette.bounds())));
        look.effect(Tilt.class)
                .map(tilt -> Perspective.of(silhouette.bounds(), tilt.sideDegrees(), tilt.backDegrees()))
                .ifPresentOrElse(seen -> ops.add(new Op.Tilted(seen, all)), () -> ops.addAll(all));
    }

    /** A paint in the place of a photo. */
    private List<Op> box(Paint paint, EffectOps effects) {
        List<Op> box = new ArrayList<>();
        forms.paper().ifPresent(paper -> box.add(new Op.Fill(paper, FIBRES)));
        ShapeMm opening = forms.hasBands() ? forms.opening() : forms.extended(forms.opening());
        box.add(new Op.Fill(opening, paint));
        box.addAll(effects.within(opening));
        box.addAll(BandOps.of(look, forms));
        return box;
    }

    /** The photo in its window, what falls on it, and the bands. */
    private List<Op> print(FrameLook.Photo photo, Affine to, EffectOps effects) {
        BoxMm window = forms.window();
        List<Op> print = new ArrayList<>();
        forms.paper().ifPresent(paper -> print.add(new Op.Fill(paper, FIBRES)));
        ShapeMm opening = forms.hasBands() ? forms.opening() : forms.extended(forms.opening());
        groundShadow(photo).ifPresent(shadow -> print.add(forms.hasBands() ? shown(opening, List.of(shadow)) : shadow));
        boolean runsOn = !opening.bounds().equals(window);
        switch (runsOn ? look.edges().kind() : EdgeRun.Kind.CONTINUED) {
            case CONTINUED -> print.add(shown(opening, images(photo, to, window, opening.bounds())));
            case MIRRORED ->
                print.add(shown(opening, reflected(images(photo, to, window, window), window, opening.bounds())));
            case COLOURED -> {
                print.add(new Op.Fill(opening, look.edges().colour()));
                print.add(shown(forms.shape(0), images(photo, to, window, window)));
            }
        }
        print.addAll(effects.within(opening));
        print.addAll(BandOps.of(look, forms));
        return print;
    }

    private Optional<Op> groundShadow(FrameLook.Photo photo) {
        return cutOutline.flatMap(outline -> photo.pixels()
                .retouching()
                .cutOut()
                .flatMap(CutOut::shadow)
                .map(shadow -> CutOutline.shadow(shadow, outline, look.fall())));
    }

    private static Op shown(ShapeMm clip, List<Op> images) {
        return new Op.Group(Affine.IDENTITY, 1, Optional.of(clip), images);
    }

    /** What the window shows, and its mirror images over each of its sides that the opening reaches beyond. */
    private static List<Op> reflected(List<Op> images, BoxMm window, BoxMm opening) {
        Optional<ShapeMm> inside = Optional.of(new ShapeMm.Rectangle(window));
        List<Op> all = new ArrayList<>();
        for (int across = -1; across <= 1; across++) {
            for (int down = -1; down <= 1; down++) {
                Affine over = new Affine(
                        across == 0 ? 1 : -1,
                        0,
                        0,
                        down == 0 ? 1 : -1,
                        across == 0 ? 0 : 2 * (across < 0 ? window.x() : window.right()),
                        down == 0 ? 0 : 2 * (down < 0 ? window.y() : window.bottom()));
                if (over.bounds(window).meets(opening)) {
                    all.add(new Op.Group(over, 1, inside, images));
                }
            }
        }
        return all;
    }

    private static List<Op> join(List<Op> first, List<Op> then) {
        return Stream.concat(first.stream(), then.stream()).toList();
    }

    /** All of it turned about the frame's middle, and as solid as it is to be. */
    private List<Op> whole(List<Op> all) {
        Affine turn = Affine.turn(look.turnDegrees(), look.widthMm() / 2, look.heightMm() / 2);
        boolean plain = turn.equals(Affine.IDENTITY) && look.opacity() == 1;
        return plain || all.isEmpty() ? all : List.of(new Op.Group(turn, look.opacity(), Optional.empty(), all));
    }

    private static ResolvedFrame.Photo placed(FrameLook.Photo photo, BoxMm window) {
        int width = photo.size().width();
        int height = photo.size().height();
        if (photo.through().isPresent()) {
            Affine to = photo.through().get();
            double mmPerPixel = Math.hypot(to.a(), to.b()) / width;
            return new ResolvedFrame.Photo(to, photo.crop(), 25.4 / mmPerPixel);
        }
        Crop aimed = SubjectAim.aimed(
                width, height, window, photo.crop(), photo.subject(), photo.middleX(), photo.middleY());
        CropGeometry.Placed placed = CropGeometry.place(width, height, window, aimed);
        Affine to = Affine.of(placed.toPage());
        double ppi = photo.woven()
                .map(woven -> MosaicOps.ppi(to, woven))
                .orElseGet(OptionalDouble::empty)
                .orElseGet(placed::pixelsPerInch);
        return new ResolvedFrame.Photo(to, placed.crop(), ppi);
    }

    /** The photo, and below it what is drawn wherever the opening reaches beyond the photo's edges. */
    private static List<Op> images(FrameLook.Photo photo, Affine to, BoxMm window, BoxMm opening) {
        List<Op> images = new ArrayList<>();
        BesidePhoto.of(photo, to, window, opening).forEach(beside -> images.addAll(drawn(photo, beside, opening)));
        images.addAll(drawn(photo, image(photo, to), opening));
        return images;
    }

    private static List<Op> drawn(FrameLook.Photo photo, Op.Image image, BoxMm opening) {
        return photo.woven().map(woven -> MosaicOps.of(image, woven, opening)).orElseGet(() -> List.of(image));
    }

    private static Op.Image image(FrameLook.Photo photo, Affine to) {
        return new Op.Image(photo.pixels(), photo.size().width(), photo.size().height(), to);
    }
}
