/**
 * What applies edits of styles, of papers under pictures, and of ornaments, boxes and lines.
 *
 * <p>Each class registers what it applies by the type of edit and is found by {@code edit.apply}; what they share is in {@code edit.slots}.
 */
@NullMarked
package wovenset.core.edit.dress;

import org.jspecify.annotations.NullMarked;
