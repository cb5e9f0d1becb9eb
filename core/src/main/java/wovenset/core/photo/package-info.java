/**
 * What is known of a photo before it is on any page: its name, its size, what it is about, its colour.
 *
 * <p>Photos are named by their bytes and never change. Shares of a photo run from 0 to 1, left to right and top to bottom, as it
 * stands upright. How photos are read is in {@code picture}; start at {@link wovenset.core.photo.PhotoFacts}.
 */
@NullMarked
package wovenset.core.photo;

import org.jspecify.annotations.NullMarked;
