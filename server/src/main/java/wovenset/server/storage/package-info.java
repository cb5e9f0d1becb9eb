/**
 * What takes how much of the disk, and giving it back: pieces that were deleted long enough ago, then photos that no piece needs,
 * then files whose piece is gone. Start at {@link wovenset.server.storage.Clearing}. Several processes may clear at once.
 */
@NullMarked
package wovenset.server.storage;

import org.jspecify.annotations.NullMarked;
