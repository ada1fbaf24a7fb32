/**
 * The stack before the first weld: pieces, their order and size. Entry class: {@link
 * app.geminal.layup.Stack}. All pieces of a stack are cut to one width and length.
 */
@NullMarked
package app.geminal.layup;

import org.jspecify.annotations.NullMarked;
