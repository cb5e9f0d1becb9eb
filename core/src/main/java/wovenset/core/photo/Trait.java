package wovenset.core.photo;

/**
 * By what photos are told apart when some are chosen from many.
 *
 * @param likeness a perceptual hash: photos that look alike differ in few of its 64 bits
 * @param crispness how fine the finest details are, 0 none
 */
public record Trait(long likeness, double crispness) {
    /** Photos that differ in at most so many bits are alike: pictures of one burst, or one that was cropped a little. */
    public static final int ALIKE_BITS = 10;
    /** Less crisp than this, nothing in a photo is in focus. */
    public static final double CRISP = 5;

    public boolean isAlike(Trait other) {
        return Long.bitCount(likeness ^ other.likeness) <= ALIKE_BITS;
    }

    public boolean isBlurred() {
        return crispness < CRISP;
    }
}
