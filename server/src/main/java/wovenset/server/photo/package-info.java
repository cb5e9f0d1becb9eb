/**
 * Bringing photos in and serving their derived sizes.
 *
 * <p>Order of storing: derived sizes (which proves that the file decodes), then the original under its SHA-256 (write,
 * sync, rename), then the row. A crash leaves at most files without a row, which the next start removes.
 */
@NullMarked
package wovenset.server.photo;

import org.jspecify.annotations.NullMarked;
