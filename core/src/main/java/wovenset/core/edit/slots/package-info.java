/**
 * What edits share: which frames lie in which slots of an arrangement, how they leave and come back, how what they show flows
 * over pages when slots become fewer or more, and whether every place still has room.
 *
 * <p>Pure functions of a piece and the facts of its photos. What a person may ask for is in {@code edit.apply}, which alone uses
 * this room.
 */
@NullMarked
package wovenset.core.edit.slots;

import org.jspecify.annotations.NullMarked;
