package wovenset.core.drawing;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** The ornaments, by the names that pieces know them by: a name is never given to another drawing. */
public enum Drawing {
    LEAF_RING(Family.RING, Rings::leaves),
    LAUREL_RING(Family.RING, Rings::laurel),
    BERRY_RING(Family.RING, Rings::berries),
    TWINE_RING(Family.RING, Rings::twine),
    BEAD_RING(Family.RING, Rings::beads),
    PETAL_RING(Family.RING, Rings::petals),
    RAY_RING(Family.RING, Rings::rays),
    STITCHED_RING(Family.RING, Rings::stitched),
    DIAL_RING(Family.RING, Rings::dial),
    STRAIGHT_RIBBON(Family.RIBBON, Ribbons::straight),
    ARCHED_RIBBON(Family.RIBBON, Ribbons::arched),
    HANGING_RIBBON(Family.RIBBON, Ribbons::hanging),
    WAVING_RIBBON(Family.RIBBON, Ribbons::wave),
    PENNANT(Family.RIBBON, Ribbons::pennant),
    LABEL(Family.RIBBON, Ribbons::label),
    LEAF_CORNER(Family.CORNER, Corners::leaves),
    LINE_CORNER(Family.CORNER, Corners::lines),
    FAN_CORNER(Family.CORNER, Corners::fan),
    PATCH_CORNER(Family.CORNER, Corners::patch),
    LEAF_DIVIDER(Family.DIVIDER, Dividers::leaves),
    WAVE_DIVIDER(Family.DIVIDER, Dividers::wave),
    DOT_DIVIDER(Family.DIVIDER, Dividers::dots),
    LOZENGE_DIVIDER(Family.DIVIDER, Dividers::lozenges),
    BRAID_DIVIDER(Family.DIVIDER, Dividers::braid),
    BUNTING(Family.DIVIDER, Dividers::bunting),
    STAR(Family.STAR, Stars::star),
    GLINTS(Family.STAR, Stars::glints),
    SUN(Family.STAR, Stars::sun),
    SEAL(Family.STAR, Stars::seal),
    ROSETTE(Family.STAR, Stars::rosette),
    TAPE(Family.FASTENER, Fasteners::tape),
    POSTMARK(Family.FASTENER, Fasteners::postmark),
    STAMP(Family.FASTENER, Fasteners::stamp),
    BUTTON(Family.FASTENER, Fasteners::button),
    SPRIG(Family.SIGN, Signs::sprig),
    FEATHER(Family.SIGN, Signs::feather),
    HEART(Family.SIGN, Signs::heart),
    KITE(Family.SIGN, Signs::kite),
    POT(Family.SIGN, Signs::pot),
    BOW(Family.SIGN, Signs::bow),
    CLOUD(Family.SIGN, Signs::cloud),
    SHELL(Family.SIGN, Signs::shell);

    /** What drawings are for. */
    public enum Family {
        /** Round a photo. */
        RING,
        /** With a face for words. */
        RIBBON,
        CORNER,
        /** Between words or pictures. */
        DIVIDER,
        STAR,
        FASTENER,
        SIGN
    }

    private static final Map<Drawing, Picture> DRAWN = new ConcurrentHashMap<>();

    private final Family family;

    @SuppressWarnings("ImmutableEnumChecker") // Each is a method without state.
    private final Supplier<Picture> maker;

    Drawing(Family family, Supplier<Picture> maker) {
        this.family = family;
        this.maker = maker;
    }

    public Family family() {
        return family;
    }

    /** As it is drawn; made when it is first asked for. */
    public Picture picture() {
        return DRAWN.computeIfAbsent(this, drawing -> drawing.maker.get());
    }
}
