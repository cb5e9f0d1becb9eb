/**
 * Looking over a whole piece: what will go wrong in print, and how sharp each photo comes out.
 */
@NullMarked
package wovenset.server.check;

import org.jspecify.annotations.NullMarked;
