package wovenset.core.album;

import java.util.UUID;
import wovenset.core.item.Frame;
import wovenset.core.piece.Entry;

/** What flows over an album's pages, one after the other. */
sealed interface FlowItem {
    /** A photo. */
    record Shown(Entry entry) implements FlowItem {
        @Override
        public UUID id() {
            return entry.id();
        }
    }

    /** Words that stand among the photos, after the one that they follow. */
    record Block(Frame words) implements FlowItem {
        @Override
        public UUID id() {
            return words.id();
        }
    }

    /** What it is known by from one flow to the next: the entry, or the frame of the words. */
    UUID id();
}
