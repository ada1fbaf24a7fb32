package app.geminal.server.card;

import app.geminal.text.Catalogue;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.QuantityKind;
import app.geminal.units.Units;

/** Figures as they are printed, in the reader's units. */
record CardWords(Units units, Catalogue texts) {
  String length(double mm) {
    return QuantityKind.LENGTH.figure(mm, units.of(QuantityKind.LENGTH));
  }

  String withUnit(double mm) {
    return Quantity.mm(mm).format(units);
  }

  String heat(double celsius) {
    return Quantity.celsius(celsius).format(units);
  }

  String mass(double kg) {
    return Quantity.kg(kg).format(units);
  }

  String size(double widthMm, double heightMm, double lengthMm) {
    return length(widthMm) + " × " + length(heightMm) + " × " + withUnit(lengthMm);
  }

  String sentence(Message message) {
    return texts.read(message, units);
  }
}
