/**
 * Words for people, made of the core's codes at the last moment.
 */
@NullMarked
package wovenset.server.said;

import org.jspecify.annotations.NullMarked;
