/** Messages as text in JSON. Entry class: {@link app.geminal.library.text.MessageJson}. */
@NullMarked
package app.geminal.library.text;

import org.jspecify.annotations.NullMarked;
