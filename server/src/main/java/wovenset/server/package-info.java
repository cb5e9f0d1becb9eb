/**
 * The application: Spring Boot around the core, one package a feature, each with its web, service and store together.
 * Dependencies run from here to the core and never back.
 */
@NullMarked
package wovenset.server;

import org.jspecify.annotations.NullMarked;
