/**
 * From an ordered choice of photos to pages, and again when the choice or the wishes change.
 *
 * <p>{@link wovenset.core.album.Pagination} finds where pages break and how each is cut, over the whole album at once;
 * {@link wovenset.core.album.AlbumFlow} makes pages of it and keeps what was done by hand, keyed by entry. Nothing here knows about edits.
 */
@NullMarked
package wovenset.core.album;

import org.jspecify.annotations.NullMarked;
