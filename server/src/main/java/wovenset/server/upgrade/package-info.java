/**
 * How pieces and patterns of versions 1 to 4 become what they are now.
 *
 * <p>In those versions a page was a list of frames, a look was one dress for all, and a step of the history was two snapshots.
 * What comes out prints the same; strips that were kept below photos are kept. Read {@link wovenset.server.upgrade.PageUpgrade}
 * first.
 */
@NullMarked
package wovenset.server.upgrade;

import org.jspecify.annotations.NullMarked;
