/**
 * How documents are written in the database, and how those of earlier versions are brought up to date.
 *
 * <p>Every document is {@code {type, version, body}}. Upgrades are small functions on the JSON tree, one a version, in order; a
 * document of a version that this program does not know is refused by name and left as it is.
 */
@NullMarked
package wovenset.server.stored;

import org.jspecify.annotations.NullMarked;
