/**
 * What fails, reported as RFC 9457 problems that say what, where and how to correct it. Entry
 * class: {@link app.geminal.server.problem.Problems}.
 */
@NullMarked
package app.geminal.server.problem;

import org.jspecify.annotations.NullMarked;
