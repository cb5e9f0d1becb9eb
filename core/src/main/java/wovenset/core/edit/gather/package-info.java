/**
 * What applies edits of the photos that take part, of the album that they flow through, and of which photo lies in which frame.
 *
 * <p>Each class registers what it applies by the type of edit and is found by {@code edit.apply}; what they share is in {@code edit.slots}.
 */
@NullMarked
package wovenset.core.edit.gather;

import org.jspecify.annotations.NullMarked;
