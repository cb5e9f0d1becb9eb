/**
 * What lies on a page: frames for photos or words, and groups of items.
 *
 * <p>Every item has a name, a {@link wovenset.core.item.Placement} told by type (a slot of the page's arrangement, or a place of
 * its own) and a {@link wovenset.core.item.Look}. A new kind of thing on a page is a new {@link wovenset.core.item.Item}; the
 * compiler then asks for every answer that differs by kind. Items name entries and shared pictures and do not know them, nor the
 * page that they lie on.
 */
@NullMarked
package wovenset.core.item;

import org.jspecify.annotations.NullMarked;
