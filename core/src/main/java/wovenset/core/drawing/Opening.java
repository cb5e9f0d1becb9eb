package wovenset.core.drawing;

/**
 * Where a photo shows in a ring: an ellipse, in shares of the drawing's box.
 *
 * @param radiusX the photo ends below the ring's own line, so that no gap shows
 */
public record Opening(double centreX, double centreY, double radiusX, double radiusY) {}
