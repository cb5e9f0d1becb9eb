/**
 * What is to be said to a person, as codes with arguments.
 *
 * <p>The core never makes sentences: a refusal or the name of a step is a {@link wovenset.core.said.Said}, and words are made
 * from it at the edge, in the reader's language, from one catalogue. A new code has to be given its words there; a test sees
 * to it. This room knows no other.
 */
@NullMarked
package wovenset.core.said;

import org.jspecify.annotations.NullMarked;
