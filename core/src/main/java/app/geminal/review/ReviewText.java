package app.geminal.review;

import app.geminal.text.MessageKey;

/** Texts of the review of a session. */
enum ReviewText implements MessageKey {
  REVIEW_FLUXED,
  REVIEW_FLUXED_WHY,
  REVIEW_HEAT,
  REVIEW_HEAT_WHY,
  REVIEW_JOINTS,
  REVIEW_JOINTS_WHY,
  REVIEW_PULLED,
  REVIEW_PULLED_WHY,
  REVIEW_SKIPPED,
  REVIEW_SQUEEZED,
  REVIEW_SQUEEZED_WHY,
  REVIEW_WAITED,
  REVIEW_WAITED_WHY;

  @Override
  public String section() {
    return "heat";
  }
}
