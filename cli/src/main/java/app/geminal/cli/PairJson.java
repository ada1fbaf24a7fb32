package app.geminal.cli;

import app.geminal.compatibility.Grade;
import app.geminal.compatibility.HardnessRange;
import app.geminal.compatibility.HeatRange;
import app.geminal.compatibility.Reason;
import app.geminal.compatibility.ReasonWeight;
import app.geminal.compatibility.Verdict;
import app.geminal.steel.Quench;
import app.geminal.steel.WeldWindow;
import app.geminal.text.Message;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A verdict for machines: as it is, its reasons with their texts. */
record PairJson(
    Grade grade,
    double score,
    List<ReasonLine> reasons,
    Optional<WeldWindow> weld,
    Optional<HeatRange> hardening,
    Optional<Quench> quench,
    int quenchSteps,
    double msApartC,
    double strainPercent,
    double toneApart,
    OptionalDouble meanCarbon,
    Optional<HardnessRange> hardness) {

  /** One reason. */
  record ReasonLine(
      String id,
      ReasonWeight weight,
      boolean safety,
      List<String> steels,
      Message what,
      Message why,
      Message action) {
    static ReasonLine of(Reason r) {
      return new ReasonLine(
          r.family(), r.weight(), r.safety(), r.steels(), r.what(), r.why(), r.action());
    }
  }

  static PairJson of(Verdict v) {
    return new PairJson(
        v.grade(),
        v.score(),
        v.reasons().stream().map(ReasonLine::of).toList(),
        v.weld(),
        v.hardening(),
        v.quench(),
        v.quenchSteps(),
        v.msApartC(),
        v.strainPercent(),
        v.toneApart(),
        v.meanCarbon(),
        v.hardness());
  }
}
