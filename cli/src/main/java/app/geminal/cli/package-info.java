/**
 * The core from a shell. Entry class: {@link app.geminal.cli.Geminal}, one subcommand a file. What
 * fails is one sentence on the error stream and a status that is not 0: 1 when something will fail
 * or cannot be done, 2 when the input cannot be read.
 */
@NullMarked
package app.geminal.cli;

import org.jspecify.annotations.NullMarked;
