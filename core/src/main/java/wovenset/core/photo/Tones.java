package wovenset.core.photo;

/**
 * How light and coloured a photo is, as far as it takes to match it with another.
 *
 * @param dark luma, 0 to 1 as sRGB encodes it, of the pixel that one in a hundred is darker than
 * @param middle luma that half of the pixels are darker than
 * @param bright luma of the pixel that one in a hundred is brighter than
 * @param spread standard deviation of the luma
 * @param red mean linear light of what is neither black nor white, likewise green and blue; all above 0
 */
public record Tones(double dark, double middle, double bright, double spread, double red, double green, double blue) {}
