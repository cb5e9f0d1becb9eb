package wovenset.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrange.free.Alignment;
import wovenset.core.drawing.Drawing;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.piece.Entry;
import wovenset.core.style.Rule;

/** A change to things on a page, whatever they are. */
public sealed interface ItemEdit extends Edit {
    /** Adds a box behind what lies in front, in the page's middle. */
    record AddBox(UUID pageId, Paint paint) implements ItemEdit {}

    /** Adds a line in front, across the page's middle. */
    record AddRule(UUID pageId, Rule rule) implements ItemEdit {}

    /**
     * Adds a drawing in front, in its own proportion: a corner at the page's upper left margins, anything else in the page's
     * middle. A ring is an empty frame with the ring round it.
     */
    record AddOrnament(UUID pageId, Drawing drawing) implements ItemEdit {}

    /** Puts another drawing in the place of ornaments; parts keep their colours as far as there are as many. */
    record ExchangeOrnaments(UUID pageId, List<UUID> itemIds, Drawing drawing) implements ItemEdit {}

    /** Colours ornaments and rings, part by part. */
    record ColourOrnaments(UUID pageId, List<UUID> itemIds, List<Rgb> colours) implements ItemEdit {}

    /** Changes one thing about items. */
    record PatchItems(UUID pageId, List<UUID> itemIds, ItemChange change) implements ItemEdit {}

    /** An item and the place that it is to have. */
    record ItemMove(UUID itemId, Placement.Free to) {}

    /** Puts items where they are wanted; those that the arrangement placed so far are taken out of it. */
    record MoveItems(UUID pageId, List<ItemMove> moves) implements ItemEdit {}

    /**
     * Adds items in front of the others, with new names, each with a place of its own: drawn, pasted or copied ones.
     *
     * @param entries that the items show; those that this piece does not have come in
     */
    record AddItems(UUID pageId, List<Item> items, List<Entry> entries) implements ItemEdit {}

    /** Takes items off the page, their photos wait again; a grid keeps its cell, empty. */
    record RemoveItems(UUID pageId, List<UUID> itemIds) implements ItemEdit {}

    /** Puts the page's items in this order from back to front. */
    record RestackItems(UUID pageId, List<UUID> itemIds) implements ItemEdit {}

    /** Makes a group of items, where the front one of them lies. */
    record GroupItems(UUID pageId, List<UUID> itemIds) implements ItemEdit {}

    /** Takes apart the groups that hold these items. */
    record UngroupItems(UUID pageId, List<UUID> itemIds) implements ItemEdit {}

    /** Lines frames up. */
    record LineUpItems(UUID pageId, List<UUID> itemIds, Alignment.Edge edge, LineUpTo to) implements ItemEdit {}

    /** What frames are lined up to. */
    enum LineUpTo {
        EACH_OTHER,
        PAGE,
        MARGINS
    }

    /** Makes the gaps between frames equal; the outermost stay. */
    record EvenGaps(UUID pageId, List<UUID> itemIds, boolean across) implements ItemEdit {}

    /** Gives frames an exact size about their centres; a side that is not given stays. */
    record SizeItems(UUID pageId, List<UUID> itemIds, Optional<Length> width, Optional<Length> height)
            implements ItemEdit {}
}
