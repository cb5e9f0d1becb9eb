/**
 * What tests of several rooms and modules need: pieces to work on, photo files with every quirk, and a measure of how
 * alike two pictures are. No test of its own stands here.
 */
@NullMarked
package wovenset.core.testing;

import org.jspecify.annotations.NullMarked;
