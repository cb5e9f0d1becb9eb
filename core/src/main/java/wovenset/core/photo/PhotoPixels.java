package wovenset.core.photo;

/**
 * The pixels that are drawn: today those of the photo as they are. What will be done to them for one use (adjustments, a
 * cut-out) belongs here, so that it names sprites and rasters.
 */
public record PhotoPixels(PhotoId photo) {}
