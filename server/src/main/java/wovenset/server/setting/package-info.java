/** What holds for all pieces of an installation. */
@org.jspecify.annotations.NullMarked
package wovenset.server.setting;
