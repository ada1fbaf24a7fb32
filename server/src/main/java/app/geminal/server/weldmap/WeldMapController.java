package app.geminal.server.weldmap;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.layup.Stack;
import app.geminal.operation.SetWeld;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.book.WeldChances;
import app.geminal.server.problem.Busy;
import app.geminal.server.session.LoggedWelds;
import app.geminal.server.turn.Turns;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weldmap.OpenJoint;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldMapper;
import app.geminal.weldmap.WeldSetup;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where the welds of a plan bond; nothing is stored. */
@RestController
class WeldMapController {
  private final Turns turns =
      new Turns(3, 2, Duration.ofSeconds(20), WeldMapText.SEVERAL_MAPS_ARE_BEING_CALCULATED.with());

  /** What would help takes seconds: one at a time for a person, and only what they ask last. */
  private final Turns trying =
      new Turns(2, 1, Duration.ofSeconds(30), WeldMapText.SEVERAL_MAPS_ARE_BEING_CALCULATED.with());

  private final ConcurrentHashMap<String, Long> latest = new ConcurrentHashMap<>();

  private final PlannedMaps maps;
  private final Accounts accounts;
  private final LoggedWelds welds;
  private final WeldChances chances;

  WeldMapController(PlannedMaps maps, Accounts accounts, LoggedWelds welds, WeldChances chances) {
    this.chances = chances;
    this.welds = welds;
    this.maps = maps;
    this.accounts = accounts;
  }

  /**
   * A weld of a plan.
   *
   * @param plan the plan
   * @param step names of the parts the step is in, then its key, with strokes between
   */
  record WeldOfPlan(Plan plan, String step) {}

  /**
   * Something to do otherwise.
   *
   * @param words what to do
   * @param chance that every joint is then sound, 0 to 1
   * @param instead the step with it done, null where the step stays
   * @param stack the stack with it done, null where that stays
   */
  record WeldRemedyView(
      Message words,
      double chance,
      app.geminal.operation.@Nullable Operation instead,
      @Nullable Stack stack) {}

  /**
   * A joint of a weld that is open.
   *
   * @param plan the plan
   * @param step names of the parts the step is in, then its key, with strokes between
   * @param joint from below, from 1; null for any
   * @param along from one end, in parts of the length, 0 to 1; null for anywhere
   * @param across from one edge, in parts of the width, 0 to 1; null for anywhere
   * @param session number of the session that made the weld, null where it is not known
   */
  record OpenJointOfPlan(
      Plan plan,
      String step,
      @Nullable Integer joint,
      @Nullable Double along,
      @Nullable Double across,
      @Nullable Long session) {}

  /**
   * Why it is likely to be open.
   *
   * @param logged whether that is from what was logged in the session, and not from the plan alone
   * @param suspects the likeliest first; none where the joints do not run level through the bar
   * @param check what shows which of the two likeliest it is, null with fewer than two
   */
  record OpenJointView(boolean logged, List<SuspectView> suspects, @Nullable Message check) {}

  /**
   * One cause.
   *
   * @param cause in words
   * @param weight its share of all causes, 0 to 1
   * @param evidence what in the plan or the log speaks for it
   */
  record SuspectView(Message cause, double weight, Message evidence) {}

  /** What a request is about, worked through. */
  private record Asked(PlannedMaps.Worked worked, String step) {
    Run run() {
      return worked.run();
    }

    WeldMapper mapper() {
      return worked.mapper();
    }
  }

  private Asked asked(Plan given, String stepPath) {
    Plan plan = Require.present("plan", given);
    String step = Require.text("step", stepPath, 120);
    PlannedMaps.Worked worked = maps.worked(plan);
    boolean isWeld =
        worked
            .run()
            .find(step)
            .flatMap(f -> f.run().stages().get(f.stage()).step())
            .filter(s -> s.operation() instanceof SetWeld)
            .isPresent();
    if (!isWeld) {
      throw new InvalidValue("step", WeldMapText.NO_SUCH_WELD.with());
    }
    return new Asked(worked, step);
  }

  /** Where a weld bonds, joint by joint and patch by patch. */
  @Operation(operationId = "getWeldMap")
  @PostMapping("/api/v1/plans/weld-map")
  @RequiredRank(Rank.GUEST)
  WeldMapView map(@RequestBody WeldOfPlan body, Principal who) {
    Asked asked = asked(body.plan(), body.step());
    try (Turns.Turn _ = turns.take(accounts.turnOf(who.getName()))) {
      WeldMapper mapper = asked.mapper();
      return mapper
          .course(asked.run(), asked.step())
          .map(course -> view(body.plan(), asked.step(), mapper.map(course), course.getLast()))
          .orElse(WeldMapView.NONE);
    }
  }

  private WeldMapView view(Plan plan, String step, WeldMap map, WeldSetup weld) {
    return WeldMapView.of(map, weld, chances.of(plan, step, Optional.of(map.chance())));
  }

  /** What would make a weld surer, the best first; each is calculated as the weld itself. */
  @Operation(operationId = "listWeldRemedies")
  @PostMapping("/api/v1/plans/weld-remedies")
  @RequiredRank(Rank.GUEST)
  List<WeldRemedyView> remedies(@RequestBody WeldOfPlan body, Principal who) {
    Asked asked = asked(body.plan(), body.step());
    String person = who.getName();
    long mine = Objects.requireNonNull(latest.merge(person, 1L, Long::sum));
    BooleanSupplier isWanted = () -> Objects.equals(latest.get(person), mine);
    try (Turns.Turn _ = trying.take(accounts.turnOf(person))) {
      return asked.worked().remedies().of(asked.run(), asked.step(), isWanted).stream()
          .map(r ->
              new WeldRemedyView(
                  r.words(), r.chance(), r.weld().orElse(null), r.stack().orElse(null)))
          .toList();
    } catch (CancellationException superseded) {
      throw new Busy(WeldMapText.ANOTHER_WELD_WAS_ASKED_ABOUT.with());
    }
  }

  /** Why a joint of a weld is likely to be open, and what shows which cause it was. */
  @Operation(operationId = "whyOpen")
  @PostMapping("/api/v1/plans/why-open")
  @RequiredRank(Rank.GUEST)
  OpenJointView whyOpen(@RequestBody OpenJointOfPlan body, Principal who) {
    Asked asked = asked(body.plan(), body.step());
    OpenJoint.Place place =
        new OpenJoint.Place(
            body.joint(), part("along", body.along()), part("across", body.across()));
    WeldMapper mapper = asked.mapper();
    Run.Found found = asked.run().find(asked.step()).orElseThrow();
    try (Turns.Turn _ = turns.take(accounts.turnOf(who.getName()))) {
      boolean commonHeat = mapper.hasCommonHeat(found);
      Optional<OpenJointView> logged =
          Optional.ofNullable(body.session())
              .flatMap(session -> welds.course(session, asked.step()))
              .flatMap(course -> course.whyOpen(place, commonHeat))
              .map(why -> view(true, why));
      return logged
          .or(() ->
              mapper
                  .course(asked.run(), asked.step())
                  .map(course -> view(false, mapper.whyOpen(course, place, commonHeat))))
          .orElseGet(() -> new OpenJointView(false, List.of(), null));
    }
  }

  private static @Nullable Double part(String field, @Nullable Double part) {
    if (part != null) {
      Require.number(field, part, 0, 1);
    }
    return part;
  }

  private static OpenJointView view(boolean logged, OpenJoint why) {
    return new OpenJointView(
        logged,
        why.suspects().stream()
            .map(s -> new SuspectView(Message.word(s.cause()), s.weight(), s.evidence()))
            .toList(),
        why.check().orElse(null));
  }
}
