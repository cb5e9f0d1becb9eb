package wovenset.core.picture;

/** What is too large to be decoded. */
public record PictureLimits(long bytes, long pixels, int side) {
    /** 120 MB and 180 megapixels: beyond any camera in a household or a small shop, within this machine's memory. */
    public static final PictureLimits USUAL = new PictureLimits(120_000_000, 180_000_000, 30_000);
    /** Pictures whose colours can only be converted on the Java heap (four inks) are kept smaller. */
    static final long INK_PIXELS = 40_000_000;
}
