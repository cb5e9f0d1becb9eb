/**
 * The library of frame styles: those that ship, and those that were kept from frames or came from files.
 *
 * <p>A piece that uses one has its own copy under the same identity; the library changes no piece, and no piece the library,
 * unless the person says so. Putting a style on frames is an edit ({@link wovenset.core.edit.Edit.DressFrames}).
 */
@NullMarked
package wovenset.server.style;

import org.jspecify.annotations.NullMarked;
