/**
 * What is said to people, apart from why it is said.
 *
 * <p>Entry classes: a {@link app.geminal.text.MessageKey} names a text of a catalogue; {@link
 * app.geminal.text.Message} is that key with its figures; {@link app.geminal.text.Catalogue} turns
 * it into a language and a reader's units. Logic holds messages and never looks at their words.
 *
 * <p>English is in {@code <module>.properties} as ICU message patterns with named figures; another
 * language is one more file beside it, {@code <module>_xx.properties}.
 */
@NullMarked
package app.geminal.text;

import org.jspecify.annotations.NullMarked;
