package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.Place;
import wovenset.core.frame.CropGeometry;
import wovenset.core.frame.FrameLook;
import wovenset.core.frame.Woven;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Language;
import wovenset.core.style.Light;
import wovenset.core.style.Mount;
import wovenset.core.style.Outline;
import wovenset.core.style.TextStyle;
import wovenset.core.style.effect.Effect;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Shadow;
import wovenset.core.style.effect.SoftEdge;
import wovenset.core.style.effect.Tilt;

/** Says what a frame's picture follows from, wherever it lies on its page. */
final class LookResolver {
    /** A frame whose edge is as near as this to the trim touches it. Millimetres: three times what a cell can be off. */
    private static final double TOUCHES = 0.003;

    private final Piece piece;
    private final Page page;
    private final PhotoFacts facts;
    private final PagePhotos photos;

    LookResolver(Piece piece, Page page, PhotoFacts facts) {
        this.piece = piece;
        this.page = page;
        this.facts = facts;
        this.photos = new PagePhotos(piece, page, facts);
    }

    /** @param mount the papers that it lies on */
    FrameLook look(Frame frame, Place place, Optional<Mount> mount) {
        FrameStyle style = frame.style().in(piece.styles());
        FrameLook.Reach reach = reach(place, style);
        List<Effect> effects = effects(style, mount);
        Outline outline = place.outline(frame);
        String words = said(frame, place);
        return new FrameLook(
                SceneResolver.grain(place.box().width()),
                SceneResolver.grain(place.box().height()),
                place.turnDegrees(),
                reach,
                reach.isNone() ? EdgeRun.CONTINUED : piece.styles().edges(),
                outline,
                style.bands(),
                style.corners(),
                outline instanceof Outline.Rect ? style.foot().mm() : 0,
                effects,
                fall(frame, style, effects, words, place.turnDegrees()),
                frame.look().opacity(),
                frame.look().fading(),
                photo(frame, place),
                frame.fill() instanceof Fill.Ornament ornament
                        ? Optional.of(new FrameLook.Ornament(ornament.drawing(), ornament.colours()))
                        : Optional.empty(),
                frame.fill() instanceof Fill.Painted painted ? Optional.of(painted.paint()) : Optional.empty(),
                frame.fill() instanceof Fill.Ruled ruled ? Optional.of(ruled.rule()) : Optional.empty(),
                frame.ownWords()
                        .map(own -> new FrameLook.Text(own.text(), own.style(), own.course(), hyphens(own.style()))),
                words,
                piece.styles().captions());
    }

    /** Between the pieces of a figure is no room for words; they are set on the picture or not at all. */
    private String said(Frame frame, Place place) {
        boolean room = place.form().isEmpty() || piece.styles().captions().place() == CaptionStyle.Place.ON_PICTURE;
        return room ? piece.wordsOf(page, frame) : "";
    }

    /** What a style does, and the shadow that prints have which lie on papers. */
    private static List<Effect> effects(FrameStyle style, Optional<Mount> mount) {
        List<Effect> effects = new ArrayList<>(
                style.effects().stream().filter(effect -> !effect.isNone()).toList());
        mount.map(Mount::prints)
                .filter(shadow ->
                        !shadow.isNone() && style.effect(InnerShadow.class).isEmpty())
                .ifPresent(effects::add);
        return effects;
    }

    private Optional<Language> hyphens(TextStyle style) {
        return style.finish().hyphenated() ? Optional.of(piece.styles().language()) : Optional.empty();
    }

    /** Seen from the frame: however it is turned, its shadow falls away from the light. */
    private FrameLook.Fall fall(Frame frame, FrameStyle style, List<Effect> effects, String words, double turnDegrees) {
        boolean lit = effects.stream().anyMatch(effect -> effect instanceof Shadow || effect instanceof InnerShadow)
                || style.bands().stream().anyMatch(band -> band.bevel().isPositive())
                || frame.ownWords()
                        .flatMap(own -> own.style().finish().shadow())
                        .isPresent()
                || !words.isBlank() && piece.styles().captions().shadow().isPresent()
                || frame.retouching().cutOut().flatMap(CutOut::shadow).isPresent();
        Light light = piece.styles().light();
        return lit ? new FrameLook.Fall(light.right(1, turnDegrees), light.down(1, turnDegrees)) : FrameLook.Fall.NONE;
    }

    /** How far a straight frame that touches the trim runs on, to the bleed's edge. */
    private FrameLook.Reach reach(Place place, FrameStyle style) {
        double bleed = piece.format().bleed().mm();
        if (bleed == 0
                || place.turnDegrees() != 0
                || style.effect(SoftEdge.class).isPresent()
                || style.effect(Tilt.class).isPresent()
                || !style.corners().areSquare()) {
            return FrameLook.Reach.NONE;
        }
        double foot = style.foot().mm();
        BoxMm outer = place.box().outset(style.width(Band.Side.OUTSIDE).mm());
        return new FrameLook.Reach(
                reach(-outer.x(), bleed),
                reach(-outer.y(), bleed),
                reach(outer.right() - piece.format().width().mm(), bleed),
                reach(outer.bottom() + foot - piece.format().height().mm(), bleed));
    }

    /** @param beyond how far it is beyond the trim already */
    private static double reach(double beyond, double bleed) {
        return beyond < -TOUCHES || beyond >= bleed ? 0 : SceneResolver.grain(bleed - beyond);
    }

    private Optional<FrameLook.Photo> photo(Frame frame, Place place) {
        return piece.entryOf(page, frame).flatMap(entry -> facts.size(entry.photo())
                .map(size -> new FrameLook.Photo(
                        new PhotoPixels(
                                entry.photo(),
                                frame.adjustments(),
                                frame.retouching().ofPixels()),
                        size,
                        frame.crop(),
                        photos.subject(frame),
                        place.form().map(Place.Form::middleX).orElse(0.5),
                        place.form().map(Place.Form::middleY).orElse(0.5),
                        through(frame, place, size),
                        woven(frame, size),
                        frame.retouching().extended(),
                        frame.retouching().sampled())));
    }

    private Optional<Woven> woven(Frame frame, PixelSize size) {
        if (!(frame.fill() instanceof Fill.OwnPhoto own)) {
            return Optional.empty();
        }
        return own.mosaic()
                .map(mosaic -> new Woven(
                        mosaic,
                        mosaic.photos().stream()
                                .map(id ->
                                        piece.entries().find(id).flatMap(entry -> tile(entry, mosaic.proportion(size))))
                                .toList()));
    }

    private Optional<Woven.TilePhoto> tile(Entry entry, double proportion) {
        return facts.size(entry.photo())
                .map(size -> new Woven.TilePhoto(
                        new PhotoPixels(entry.photo()), size, photos.tilePart(entry, size, proportion)));
    }

    /** Where a shared picture lies, seen from the frame: whatever turns the frame, the picture stays. */
    private Optional<Affine> through(Frame frame, Place place, PixelSize size) {
        if (!(frame.fill() instanceof Fill.Through through)) {
            return Optional.empty();
        }
        return page.picture(through.picture()).map(picture -> {
            Affine onPage = Affine.of(CropGeometry.place(
                            size.width(), size.height(), picture.box().mm(), Crop.CENTRED)
                    .toPage());
            BoxMm box = place.box();
            Affine unturned = Affine.turn(-place.turnDegrees(), box.width() / 2, box.height() / 2);
            return unturned.after(Affine.shift(-box.x(), -box.y())).after(onPage);
        });
    }
}
