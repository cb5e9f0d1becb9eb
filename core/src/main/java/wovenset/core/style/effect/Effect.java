package wovenset.core.style.effect;

/**
 * What a style does to light and edge beyond its bands. Of each kind a style has one at most; one that is not there does
 * nothing, and so does one turned down to nothing, which keeps its other measures.
 */
public sealed interface Effect permits Shadow, InnerShadow, Glow, SoftEdge, Reflection, Fastening, Tilt {
    /** Names the kind. */
    String kind();

    /** The same with nothing of it that shows; what it can, it keeps. */
    Effect turnedDown();

    /** Whether nothing of it shows. */
    boolean isNone();
}
