package app.geminal.accordion;

import app.geminal.text.Topic;

/** What a check of an accordion can find. */
enum AccordionTopic implements Topic {
  HINGE_THIN("hinge-tears"),
  HINGE_THICK("hinge-too-stiff"),
  HOT_CUT("hot-cut");

  private final String family;

  AccordionTopic(String family) {
    this.family = family;
  }

  @Override
  public String section() {
    return "accordion";
  }

  @Override
  public String family() {
    return family;
  }
}
