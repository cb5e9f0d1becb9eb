package wovenset.server.storage;

import java.util.List;
import java.util.UUID;

/**
 * What takes how much of the disk, in bytes.
 *
 * @param originals the photos as they were brought in
 * @param derived their smaller sizes for the screen
 * @param pieces all pages with their whole history
 * @param free what the disk still has
 * @param keptDays how long deleted pieces can be brought back
 */
record StorageView(
        Part originals, Part derived, Part made, Part pieces, long free, int keptDays, List<DeletedView> deleted) {
    /** So many things and their bytes. */
    record Part(int count, long bytes) {}

    /**
     * A piece that can be brought back.
     *
     * @param goesAt when it goes for good, as an ISO instant
     */
    record DeletedView(UUID id, String name, String deletedAt, String goesAt) {}
}
