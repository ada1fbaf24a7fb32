package app.geminal.server.card;

import java.util.List;

/**
 * What is on a billet's card, in the reader's units and ready to print.
 *
 * @param name name
 * @param purpose what it is for, may be empty
 * @param cutList what is cut for the stack, thickest line first
 * @param rows the Run, the stack first
 * @param heats one line for each weld
 * @param counts visible and nominal layers
 * @param flaws that are still in the bar
 * @param cautions where it can hurt
 * @param link opens the Fire view with this billet
 */
public record Card(
    String name,
    String purpose,
    List<String> cutList,
    List<Row> rows,
    List<Heat> heats,
    Counts counts,
    List<String> flaws,
    List<String> cautions,
    String link) {

  /**
   * A stage of the Run.
   *
   * @param what is done, in shorthand
   * @param after how many bars of what size
   * @param layers visible in each
   * @param stops heights of the stop blocks for its heats, empty for none
   */
  public record Row(String what, String after, String layers, String stops) {}

  /**
   * A weld at the fire.
   *
   * @param title name
   * @param aim temperature to aim at, in the reader's units
   * @param window the welding heat in the reader's units
   * @param soak how long to soak, in words
   * @param protection how air is kept from the joint
   */
  public record Heat(String title, String aim, String window, String soak, String protection) {}

  /**
   * Both counts of the finished bar.
   *
   * @param visible layers as counted in the finished bar
   * @param shop nominal layers: pieces × cuts
   * @param bar layers in one bar
   */
  public record Counts(String visible, String shop, String bar) {}
}
