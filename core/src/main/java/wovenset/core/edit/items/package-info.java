/**
 * What applies edits of things on a page, whatever they are: changed, moved, put together, lined up.
 *
 * <p>Each class registers what it applies by the type of edit and is found by {@code edit.apply}; what they share is in {@code edit.slots}.
 */
@NullMarked
package wovenset.core.edit.items;

import org.jspecify.annotations.NullMarked;
