package app.geminal.operation;

import app.geminal.shop.ShopDefaults;

/** A step at the shop's drawing heat, in so many heats; each takes a skin of scale off the bar. */
public sealed interface Heated extends Operation
    permits Draw, Twist, Resquare, Upset, RollUp, Ladder, Dimples {

  /** How many, 1 to 60. */
  int heats();

  /** Scale off every face before the bar is shaped, mm; see {@link ScaleLoss}. */
  default double skinMm(ShopDefaults defaults) {
    return heats() * defaults.drawSkinMm();
  }
}
