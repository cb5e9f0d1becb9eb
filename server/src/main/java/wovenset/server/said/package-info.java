/**
 * Words for people, made of the core's codes at the last moment.
 */
@org.jspecify.annotations.NullMarked
package wovenset.server.said;
