package wovenset.core.photo;

/** One thing about a photo's light or colour that can be changed; 0 leaves it as it is. */
public enum Adjustment {
    /** Light, in stops: one more is twice as much. */
    EXPOSURE(3),
    /** Middle tones, in percent; black and white stay. */
    BRIGHTNESS(100),
    /** Of light and dark, in percent. */
    CONTRAST(100),
    /** Light tones, in percent; below 0 they are held back. */
    HIGHLIGHTS(100),
    /** Dark tones, in percent; above 0 they are lifted. */
    SHADOWS(100),
    /** Of colours, in percent; -100 is grey. */
    SATURATION(100),
    /** From bluish to yellowish, in percent. */
    WARMTH(100),
    /** From greenish to reddish, in percent. */
    TINT(100),
    /** Of what lies beside each other, in percent; below 0 it is flattened. */
    LOCAL_CONTRAST(100),
    /** Of edges, in percent. */
    SHARPEN(0, 100),
    /** How much of a blurred picture lies over it, in percent. */
    SOFTEN(0, 100),
    /** How much darker it is towards the corners, in percent; below 0 lighter. */
    VIGNETTE(100),
    /** Of film, in percent. */
    GRAIN(0, 100);

    private final double least;
    private final double most;

    Adjustment(double most) {
        this(-most, most);
    }

    Adjustment(double least, double most) {
        this.least = least;
        this.most = most;
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }
}
