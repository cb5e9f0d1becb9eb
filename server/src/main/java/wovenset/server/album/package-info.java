/** Albums: what it would come to if their photos flowed. That they flow is an edit. */
@NullMarked
package wovenset.server.album;

import org.jspecify.annotations.NullMarked;
