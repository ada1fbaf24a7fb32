package app.geminal.server.compatibility;

import app.geminal.compatibility.Grade;
import app.geminal.compatibility.HardnessRange;
import app.geminal.compatibility.HeatRange;
import app.geminal.compatibility.Member;
import app.geminal.compatibility.Pairing;
import app.geminal.compatibility.Reason;
import app.geminal.compatibility.ReasonWeight;
import app.geminal.compatibility.Role;
import app.geminal.compatibility.SteelQuestion;
import app.geminal.compatibility.Verdict;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Judges pairs. Nothing is kept. */
@RestController
class CompatibilityController {
  private final SteelShelf shelf;

  CompatibilityController(SteelShelf shelf) {
    this.shelf = shelf;
  }

  /**
   * A steel of a question by its short name; one equal part unless a share is given.
   *
   * @param steel id of the steel
   * @param role what it is in the blade, null for part of the pattern
   * @param share share of the whole, 0 to 1, null where not known
   */
  record MemberBody(String steel, @Nullable Role role, @Nullable Double share) {}

  /**
   * A question; hardness is reported for a temper at {@code temperC}, 200 °C when it is left out.
   *
   * @param members steels that go together, 2 at least
   * @param process how air is kept out
   * @param cuttingEdge whether the cutting edge is made of it
   * @param temperC tempering temperature, °C, null where not known
   */
  record QuestionBody(
      List<MemberBody> members,
      AtmosphereProtection process,
      boolean cuttingEdge,
      @Nullable Double temperC) {}

  /**
   * A verdict and its word.
   *
   * @param word the grade in a word
   * @param verdict what was found
   */
  record VerdictView(Message word, Found verdict) {}

  /**
   * What was found about steels in one bar.
   *
   * @param grade how well they go together
   * @param score 0 (never) to 100
   * @param reasons why, the weightiest first
   * @param weld heats at which all of them weld, null for none
   * @param hardening hardening heats of those that must harden, null where none does
   * @param quench the fastest quench that any of them needs, null where none hardens
   * @param quenchSteps steps between the mildest and the fastest quench
   * @param msApartC difference of their martensite starts, °C
   * @param strainPercent difference in length after the quench, %, ±30 % of it
   * @param toneApart contrast of neighbours, 0 to 1, ±0.15
   * @param meanCarbon mean of the steels that share carbon, mass %; null where what it comes to is
   *     not estimated
   * @param hardness hardness expected after the temper asked for, null where it is not known
   */
  record Found(
      Grade grade,
      double score,
      List<ReasonView> reasons,
      @Nullable WeldWindow weld,
      @Nullable HeatRange hardening,
      @Nullable Quench quench,
      int quenchSteps,
      double msApartC,
      double strainPercent,
      double toneApart,
      @Nullable Double meanCarbon,
      @Nullable HardnessRange hardness) {
    static Found of(Verdict v) {
      return new Found(
          v.grade(),
          v.score(),
          v.reasons().stream().map(ReasonView::of).toList(),
          v.weld().orElse(null),
          v.hardening().orElse(null),
          v.quench().orElse(null),
          v.quenchSteps(),
          v.msApartC(),
          v.strainPercent(),
          v.toneApart(),
          v.meanCarbon().isPresent() ? v.meanCarbon().getAsDouble() : null,
          v.hardness().orElse(null));
    }
  }

  /**
   * One reason.
   *
   * @param id what it is about, the same in every answer
   * @param weight how much it weighs
   * @param safety whether it can hurt someone
   * @param steels short names of the steels it is about
   * @param what the matter
   * @param why figure, limit and reason
   * @param action what to do
   */
  record ReasonView(
      String id,
      ReasonWeight weight,
      boolean safety,
      List<String> steels,
      Message what,
      Message why,
      Message action) {
    static ReasonView of(Reason r) {
      return new ReasonView(
          r.family(), r.weight(), r.safety(), r.steels(), r.what(), r.why(), r.action());
    }
  }

  /**
   * Which steels should be mapped against each other.
   *
   * @param steels ids of the steels to compare with each other
   * @param process how air is kept out
   */
  record MapBody(List<String> steels, AtmosphereProtection process) {}

  /**
   * Two steels of the map, and how they do as a mixed pattern for a blade.
   *
   * @param a id of the first steel
   * @param b id of the second steel
   * @param grade how well the two go together
   * @param word the grade in a word
   * @param score 0 (never) to 100
   * @param tone how far apart their tones are when etched, 0 to 1
   * @param first the first reason for the grade, null for none
   */
  record Cell(
      String a,
      String b,
      Grade grade,
      Message word,
      double score,
      double tone,
      @Nullable Message first) {}

  /** How well some steels go together, and why. */
  @Operation(operationId = "compareSteels")
  @PostMapping("/api/v1/pairs")
  @RequiredRank(Rank.GUEST)
  VerdictView verdict(@RequestBody QuestionBody body) {
    Steels steels = shelf.steels();
    List<Member> members = new ArrayList<>();
    List<MemberBody> asked = Require.list("members", body.members(), 2, SteelQuestion.MOST);
    for (int i = 0; i < asked.size(); i++) {
      MemberBody m = asked.get(i);
      try {
        members.add(
            new Member(
                steels.get(m.steel()),
                Objects.requireNonNullElse(m.role(), Role.MIXED),
                Objects.requireNonNullElse(m.share(), 1.0)));
      } catch (InvalidValue bad) {
        throw bad.inside("members/" + i);
      }
    }
    double temperC =
        body.temperC() == null
            ? Pairing.USUAL_TEMPER_C
            : Require.temperature("temperC", body.temperC(), 100, 700);
    Verdict verdict =
        Pairing.of(new SteelQuestion(members, body.process(), body.cuttingEdge()), temperC);
    return new VerdictView(verdict.grade().word(), Found.of(verdict));
  }

  /** How compatible each of some steels is with each other. */
  @Operation(operationId = "mapSteels")
  @PostMapping("/api/v1/pairs/map")
  @RequiredRank(Rank.GUEST)
  List<Cell> map(@RequestBody MapBody body) {
    Steels all = shelf.steels();
    List<Steel> steels =
        Require.list("steels", body.steels(), 1, 200).stream().map(all::get).toList();
    List<Cell> cells = new ArrayList<>();
    for (int i = 0; i < steels.size(); i++) {
      for (int k = 0; k < i; k++) {
        Verdict v =
            Pairing.of(SteelQuestion.mixed(body.process(), List.of(steels.get(i), steels.get(k))));
        cells.add(
            new Cell(
                steels.get(i).id(),
                steels.get(k).id(),
                v.grade(),
                v.grade().word(),
                Math.rint(v.score()),
                v.toneApart(),
                v.reasons().isEmpty() ? null : v.reasons().getFirst().what()));
      }
    }
    return cells;
  }
}
