/**
 * Finds what a photo is about, by faces and else by what stands out. Nothing here knows of pages; where a subject is kept in a
 * crop is decided in {@code scene}.
 */
@NullMarked
package wovenset.core.subject;

import org.jspecify.annotations.NullMarked;
