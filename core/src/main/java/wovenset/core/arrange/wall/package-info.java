/** Sets of pictures that hang side by side on a wall: how large each is. */
@NullMarked
package wovenset.core.arrange.wall;

import org.jspecify.annotations.NullMarked;
