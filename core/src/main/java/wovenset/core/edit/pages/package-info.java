/**
 * What applies edits of the piece as a whole and of its pages: name, size, common look, pages added, copied, moved and
 * taken away, and edits that make pages of prints or of parts of one photo.
 *
 * <p>Each class registers what it applies by the type of edit and is found by {@code edit.apply}; what they share is in {@code edit.slots}.
 */
@NullMarked
package wovenset.core.edit.pages;

import org.jspecify.annotations.NullMarked;
