/**
 * What goes wrong, told as RFC 9457 problems that say what, where and how to mend it. Entry class:
 * {@link app.geminal.server.problem.Problems}.
 */
@NullMarked
package app.geminal.server.problem;

import org.jspecify.annotations.NullMarked;
