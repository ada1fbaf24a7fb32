/**
 * Lengths, temperatures and the two unit systems a smith thinks in.
 *
 * <p>Entry classes: {@link app.geminal.units.Lengths} and {@link app.geminal.units.Temperatures}
 * read what was typed and write it back without loss; {@link app.geminal.units.Measure} marks a
 * figure inside a sentence so that the person who shows the sentence can put it in the reader's
 * unit.
 *
 * <p>Inside the program a length is a {@code double} in millimetres and a temperature a {@code
 * double} in degrees Celsius. What was typed is converted by exact rational arithmetic and rounded
 * once, so that 3/32 in is the {@code double} nearest to 2.38125 and no other.
 */
@NullMarked
package app.geminal.units;

import org.jspecify.annotations.NullMarked;
