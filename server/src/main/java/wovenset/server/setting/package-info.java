/** What holds for all pieces of an installation. */
@NullMarked
package wovenset.server.setting;

import org.jspecify.annotations.NullMarked;
