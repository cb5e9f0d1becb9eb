/**
 * What edits share: what they name, looked up or refused; which frames lie in which slots of an arrangement, how they leave and
 * come back, how what they show flows over pages when slots become fewer or more, and whether every place still has room.
 *
 * <p>Pure functions of a piece and the facts of its photos. The rooms beside it that apply edits use this one, and no other room
 * does.
 */
@NullMarked
package wovenset.core.edit.slots;

import org.jspecify.annotations.NullMarked;
