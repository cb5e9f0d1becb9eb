/**
 * The form of picture files, without decoding them: which format, which segments and chunks, whether they are whole; and PNGs written.
 */
@NullMarked
package wovenset.core.picture.file;

import org.jspecify.annotations.NullMarked;
