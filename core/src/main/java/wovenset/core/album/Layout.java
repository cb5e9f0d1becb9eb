package wovenset.core.album;

import wovenset.core.arrangement.SlicingTree;

/**
 * How photos in their order lie on one page.
 *
 * @param whole whether every picture keeps its proportion and something stays empty, or the room is filled and all are cropped a little
 * @param lost the share of each picture that is cropped to fill the room, or of the room that stays empty
 * @param words width by height of words in it
 * @param cost how far it is from what is wished, for each photo; less is better
 */
record Layout(SlicingTree tree, boolean whole, double lost, double words, double cost) {}
