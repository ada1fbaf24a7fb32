package app.geminal.hardening;

import app.geminal.ledger.Amount;
import app.geminal.steel.Hardening;
import app.geminal.steel.Hardness;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a finished piece asks for, from the steels in it.
 *
 * @param steels that harden, with their own windows; empty where nothing does
 * @param soft steels that stay soft whatever is done
 * @param normalizingC three heats, hottest first
 * @param fromC where hardening begins: the highest of the steels' lowest heats
 * @param toC where it ends: the lowest of their highest; under {@code fromC} where they do not meet
 * @param hardenC the heat to harden at: the middle of the window, or of the gap
 * @param compromise what is given up, empty where all steels get what they ask for
 * @param quench the fiercest any of them needs at this thickness
 * @param tempers what each temper leaves
 * @param etch how to etch it, step by step; may hold measure marks
 * @param cautions where it can hurt
 */
public record HardeningPlan(
    List<OfSteel> steels,
    List<String> soft,
    List<Double> normalizingC,
    double fromC,
    double toC,
    double hardenC,
    List<Message> compromise,
    Optional<Quench> quench,
    List<Temper> tempers,
    List<Message> etch,
    List<Message> cautions) {
  /** Sections to this thickness are quenched as blades, mm. */
  private static final double BLADE_MM = 6;

  /** The first normalizing heat is this far over the hottest hardening heat, °C. A shop's rule. */
  private static final double OVER_C = 50;

  private static final double COOLEST_TEMPER_C = 150;
  private static final double HOTTEST_TEMPER_C = 260;
  private static final double TEMPER_STEP_C = 25;
  private static final int QUENCH_APART = 2;

  private static final List<Message> ETCH =
      List.of(
          HardeningText.ETCH_SAND.with(),
          HardeningText.ETCH_BATH.with("from", Quantity.celsius(20), "to", Quantity.celsius(30)),
          HardeningText.ETCH_CYCLES.with(),
          HardeningText.ETCH_NEUTRALIZE.with(),
          HardeningText.ETCH_DARKER.with());

  private static final List<Message> CAUTIONS =
      List.of(
          HardeningText.CAUTION_OIL.with(),
          HardeningText.CAUTION_BLACK_HEAT.with(),
          HardeningText.CAUTION_ETCHANT.with(),
          HardeningText.CAUTION_MAKERS.with());

  /**
   * One steel's own wishes.
   *
   * @param steel name of the steel
   * @param share share of the section, 0 to 1
   * @param fromC lower end, °C
   * @param toC upper end, °C
   * @param quench what to quench it in
   * @param asQuenchedHrc HRC after quenching, before tempering
   */
  public record OfSteel(
      String steel, double share, double fromC, double toC, Quench quench, double asQuenchedHrc) {}

  /**
   * Hardness after one temper of two times two hours.
   *
   * @param celsius of the temper
   * @param hrcBySteel of those whose curve reaches it
   * @param layersHrc all together, by share; empty where one of them is not known
   */
  public record Temper(
      double celsius, Map<String, Double> hrcBySteel, Optional<Double> layersHrc) {}

  /**
   * The plan of a piece.
   *
   * @param amount the steels in it
   * @param thickMm its thickness
   */
  public static HardeningPlan of(Amount amount, double thickMm, Steels steels) {
    double volume = amount.volumeMm3();
    List<OfSteel> hard = new ArrayList<>();
    List<String> soft = new ArrayList<>();
    amount
        .mm3BySteel()
        .forEach((id, mm3) -> {
          if (mm3 <= 0) {
            return;
          }
          Optional<Hardening> hardening = steels.get(id).hardening();
          if (hardening.isEmpty()) {
            soft.add(id);
            return;
          }
          Hardening h = hardening.get();
          hard.add(
              new OfSteel(
                  id,
                  mm3 / volume,
                  h.fromC(),
                  h.toC(),
                  thickMm <= BLADE_MM ? h.bladeQuench() : h.quench(),
                  h.asQuenched().value()));
        });
    if (hard.isEmpty()) {
      return new HardeningPlan(
          List.of(),
          soft,
          List.of(),
          0,
          0,
          0,
          List.of(HardeningText.NONE_HARDENS.with()),
          Optional.empty(),
          List.of(),
          ETCH,
          CAUTIONS);
    }
    double from = hard.stream().mapToDouble(OfSteel::fromC).max().orElseThrow();
    double to = hard.stream().mapToDouble(OfSteel::toC).min().orElseThrow();
    double hottest = hard.stream().mapToDouble(OfSteel::toC).max().orElseThrow();
    double harden = Math.rint((from + to) / 2);
    Quench quench = hard.stream().map(OfSteel::quench).max(Comparator.naturalOrder()).orElseThrow();
    return new HardeningPlan(
        List.copyOf(hard),
        List.copyOf(soft),
        List.of(hottest + OVER_C, hottest + OVER_C / 2, harden),
        from,
        to,
        harden,
        compromise(hard, soft, from, to, quench),
        Optional.of(quench),
        tempers(hard, steels),
        ETCH,
        CAUTIONS);
  }

  private static List<Message> compromise(
      List<OfSteel> hard, List<String> soft, double from, double to, Quench quench) {
    List<Message> given = new ArrayList<>();
    if (to < from) {
      OfSteel hot = hard.stream().max(Comparator.comparingDouble(OfSteel::fromC)).orElseThrow();
      OfSteel cool = hard.stream().min(Comparator.comparingDouble(OfSteel::toC)).orElseThrow();
      given.add(
          HardeningText.NO_COMMON_HEAT.with(
              "hot",
              hot.steel(),
              "from",
              Quantity.celsius(from),
              "cool",
              cool.steel(),
              "to",
              Quantity.celsius(to)));
    }
    hard.stream()
        .filter(s -> s.quench().stepsTo(quench) >= QUENCH_APART)
        .forEach(s ->
            given.add(
                HardeningText.MAY_CRACK.with(
                    "steel",
                    s.steel(),
                    "own",
                    Message.word(s.quench()),
                    "quench",
                    Message.word(quench))));
    if (!soft.isEmpty()) {
      given.add(HardeningText.STAYS_SOFT.with("steels", soft));
    }
    return List.copyOf(given);
  }

  private static List<Temper> tempers(List<OfSteel> hard, Steels steels) {
    List<Temper> tempers = new ArrayList<>();
    for (double c = COOLEST_TEMPER_C; c <= HOTTEST_TEMPER_C; c += TEMPER_STEP_C) {
      Map<String, Double> hrc = new TreeMap<>();
      Map<Double, Double> shares = new TreeMap<>();
      for (OfSteel s : hard) {
        Optional<Double> there = after(steels.get(s.steel()), c);
        there.ifPresent(h -> {
          hrc.put(s.steel(), h);
          shares.merge(h, s.share(), Double::sum);
        });
      }
      if (!hrc.isEmpty()) {
        tempers.add(
            new Temper(
                c,
                hrc,
                hrc.size() == hard.size()
                    ? Optional.of(Hardness.laminate(shares))
                    : Optional.empty()));
      }
    }
    return List.copyOf(tempers);
  }

  private static Optional<Double> after(Steel steel, double celsius) {
    return steel.hardening().flatMap(Hardening::temper).flatMap(t -> t.hrcAt(celsius));
  }
}
