/** The ornaments that ship with the application, told over HTTP. */
@NullMarked
package wovenset.server.ornament;

import org.jspecify.annotations.NullMarked;
