/**
 * Reads files, in the child: a {@link wovenset.core.decode.read.Source} for each format, and what is embedded. Whatever happens here
 * happens to one file only.
 */
@NullMarked
package wovenset.core.decode.read;

import org.jspecify.annotations.NullMarked;
