/**
 * What a person does, done in Debian's Chromium against the real application with the demo on its shelf. Start at
 * {@link wovenset.browser.WholePathTest}; {@link wovenset.browser.Browser} gives each test a window of its own.
 */
@NullMarked
package wovenset.browser;

import org.jspecify.annotations.NullMarked;
