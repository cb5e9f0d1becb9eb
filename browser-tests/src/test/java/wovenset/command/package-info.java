/** The one command of the project, run as a person runs it: starting, stopping, saving, restoring. */
@NullMarked
package wovenset.command;

import org.jspecify.annotations.NullMarked;
