/**
 * The application: Spring Boot around the core, one package a feature, each with its web, service and store together.
 * Dependencies run from here to the core and never back.
 */
@org.jspecify.annotations.NullMarked
package wovenset.server;
