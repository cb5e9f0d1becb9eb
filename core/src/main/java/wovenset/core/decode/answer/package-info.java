/**
 * What a child tells: pixels as stored, what is embedded, or why it could not read a file. Known to both sides of the pipe.
 */
@NullMarked
package wovenset.core.decode.answer;

import org.jspecify.annotations.NullMarked;
