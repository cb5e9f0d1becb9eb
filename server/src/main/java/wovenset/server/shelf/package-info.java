/**
 * Pieces as they stand on the shelf: what is told of each without reading it whole, and which are off it but still kept. One that
 * cannot be read is told as such and hides no other.
 */
@NullMarked
package wovenset.server.shelf;

import org.jspecify.annotations.NullMarked;
