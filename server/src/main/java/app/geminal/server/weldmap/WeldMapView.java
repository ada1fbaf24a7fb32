package app.geminal.server.weldmap;

import app.geminal.evidence.HoldModel;
import app.geminal.text.Message;
import app.geminal.weldmap.BondCause;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldMapWords;
import app.geminal.weldmap.WeldSetup;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where one weld of a plan bonds, joint by joint. Chances are shares of a number of samples, so
 * nothing is known closer than one of them.
 *
 * @param samples how many
 * @param lengthMm of what is in the fire
 * @param widthMm of it
 * @param heightMm of it, gaps and voids in
 * @param along patches over the length
 * @param across patches over the width
 * @param chance that every joint is sound, null where the joints do not run level through the bar
 * @param byRecord the same by what became of the shop's welds that have a map, null without any
 * @param weakest where it is weakest, and what runs short there; null without a map
 * @param joints from below; none without a map
 */
record WeldMapView(
    int samples,
    double lengthMm,
    double widthMm,
    double heightMm,
    int along,
    int across,
    @Nullable Double chance,
    @Nullable RecordView byRecord,
    @Nullable Message weakest,
    List<JointView> joints) {

  /**
   * A chance by the shop's record.
   *
   * @param chance mean, 0 to 1
   * @param low lower end of the 90 % interval
   * @param high upper end of it
   * @param welds of the shop's that it is from, 1 and more
   */
  record RecordView(double chance, double low, double high, int welds) {
    static RecordView of(HoldModel.Prediction by) {
      return new RecordView(by.mean(), by.limits().low(), by.limits().high(), by.welds());
    }
  }

  /**
   * One joint.
   *
   * @param height over the underside in parts of the height
   * @param chance that it is sound, 0 to 1
   * @param patches along by along, across within
   */
  record JointView(double height, double chance, List<PatchView> patches) {}

  /**
   * One patch. Margins are medians, above 0 where there is enough.
   *
   * @param chance of a place in it to be bonded, 0 to 1
   * @param heatC heat over the floor when the dies were on it, K
   * @param reduction over the least that sets a joint, fraction of the height
   * @param oxideUm what the squeeze would still have broken up, µm
   * @param cause why most of those fail that do, null where none does
   */
  record PatchView(
      double chance, double heatC, double reduction, double oxideUm, @Nullable BondCause cause) {
    static PatchView of(WeldMap.Patch patch) {
      return new PatchView(
          patch.chance(),
          patch.heatC(),
          patch.reduction(),
          patch.oxideUm(),
          patch.cause().orElse(null));
    }
  }

  /** No joint of it runs level through the bar. */
  static final WeldMapView NONE = new WeldMapView(0, 0, 0, 0, 0, 0, null, null, null, List.of());

  static WeldMapView of(WeldMap map, WeldSetup setup, HoldModel.Prediction byRecord) {
    return new WeldMapView(
        Sample.MEMBERS,
        setup.bar().lengthMm(),
        setup.bar().widthMm(),
        setup.bar().heightMm(),
        map.grid().along(),
        map.grid().across(),
        map.chance(),
        byRecord.welds() == 0 ? null : RecordView.of(byRecord),
        WeldMapWords.of(map, setup),
        map.joints().stream()
            .map(j ->
                new JointView(
                    j.height(), j.chance(), j.patches().stream().map(PatchView::of).toList()))
            .toList());
  }
}
