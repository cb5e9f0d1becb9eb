/**
 * What all features share on the way to and from the browser: JSON of the core's values, problems (RFC 9457), the
 * OpenAPI description, security headers, static files. No feature's rules.
 */
@NullMarked
package wovenset.server.web;

import org.jspecify.annotations.NullMarked;
