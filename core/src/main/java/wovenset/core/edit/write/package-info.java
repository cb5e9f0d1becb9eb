/**
 * What applies edits of words, of the styles that they share, and of words as letter shapes that photos fill.
 *
 * <p>Each class registers what it applies by the type of edit and is found by {@code edit.apply}; what they share is in {@code edit.slots}.
 */
@NullMarked
package wovenset.core.edit.write;

import org.jspecify.annotations.NullMarked;
