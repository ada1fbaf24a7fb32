package app.geminal.server.pair;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.pair.Grade;
import app.geminal.pair.Member;
import app.geminal.pair.Pairing;
import app.geminal.pair.Question;
import app.geminal.pair.Role;
import app.geminal.pair.Verdict;
import app.geminal.server.account.Needs;
import app.geminal.server.account.Rank;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.weld.OxygenSchool;
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
class PairController {
  private final SteelShelf shelf;

  PairController(SteelShelf shelf) {
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
   * A question; hardness is told for a temper at {@code temperC}, 200 °C when it is left out.
   *
   * @param members steels that go together, 2 at least
   * @param process how air is kept out
   * @param cuttingEdge whether the cutting edge is made of it
   * @param temperC tempering temperature, °C, null where not known
   */
  record QuestionBody(
      List<MemberBody> members,
      OxygenSchool process,
      boolean cuttingEdge,
      @Nullable Double temperC) {}

  /**
   * A verdict and its word.
   *
   * @param word the grade in a word
   * @param verdict what was found
   */
  record VerdictView(String word, Verdict verdict) {}

  /**
   * Which steels shall be mapped against each other.
   *
   * @param steels ids of the steels to compare with each other
   * @param process how air is kept out
   */
  record MapBody(List<String> steels, OxygenSchool process) {}

  /**
   * Two steels of the map, and how they do as a mixed pattern for a blade.
   *
   * @param a id of the first steel
   * @param b id of the second steel
   * @param grade how well the two go together
   * @param word the grade in a word
   * @param score 0 (never) to 100
   * @param tone how far apart their tones are when etched, 0 to 1
   * @param first the first reason for the grade
   */
  record Cell(
      String a, String b, Grade grade, String word, double score, double tone, String first) {}

  /** How well some steels go together, and why. */
  @Operation(operationId = "compareSteels")
  @PostMapping("/api/v1/pairs")
  @Needs(Rank.GUEST)
  VerdictView verdict(@RequestBody QuestionBody body) {
    Steels steels = shelf.steels();
    List<Member> members = new ArrayList<>();
    List<MemberBody> asked = Require.list("members", body.members(), 2, Question.MOST);
    for (int i = 0; i < asked.size(); i++) {
      MemberBody m = asked.get(i);
      try {
        members.add(
            new Member(
                steels.get(m.steel()),
                Objects.requireNonNullElse(m.role(), Role.MIXED),
                Objects.requireNonNullElse(m.share(), 1.0)));
      } catch (BadValue bad) {
        throw bad.inside("members/" + i);
      }
    }
    double temperC =
        body.temperC() == null
            ? Pairing.USUAL_TEMPER_C
            : Require.temperature("temperC", body.temperC(), 100, 700);
    Verdict verdict =
        Pairing.of(new Question(members, body.process(), body.cuttingEdge()), temperC);
    return new VerdictView(verdict.grade().word(), verdict);
  }

  /** How well each of some steels goes with each other. */
  @Operation(operationId = "mapSteels")
  @PostMapping("/api/v1/pairs/map")
  @Needs(Rank.GUEST)
  List<Cell> map(@RequestBody MapBody body) {
    Steels all = shelf.steels();
    List<Steel> steels =
        Require.list("steels", body.steels(), 1, 200).stream().map(all::get).toList();
    List<Cell> cells = new ArrayList<>();
    for (int i = 0; i < steels.size(); i++) {
      for (int k = 0; k < i; k++) {
        Verdict v =
            Pairing.of(Question.mixed(body.process(), List.of(steels.get(i), steels.get(k))));
        cells.add(
            new Cell(
                steels.get(i).id(),
                steels.get(k).id(),
                v.grade(),
                v.grade().word(),
                Math.rint(v.score()),
                v.toneApart(),
                v.reasons().isEmpty() ? "" : v.reasons().getFirst().what()));
      }
    }
    return cells;
  }
}
