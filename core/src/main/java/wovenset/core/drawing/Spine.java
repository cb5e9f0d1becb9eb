package wovenset.core.drawing;

import java.awt.geom.Path2D;

/**
 * The curve in the middle of a ribbon's face, in its natural measures, along which words stand.
 *
 * @param path from left to right
 * @param room across the curve, from edge to edge of the face
 */
public record Spine(Path2D path, double room) {}
