/**
 * Looking over a whole piece: what will go wrong in print, and how sharp each photo comes out.
 */
@org.jspecify.annotations.NullMarked
package wovenset.server.check;
