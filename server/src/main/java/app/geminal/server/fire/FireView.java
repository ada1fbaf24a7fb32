package app.geminal.server.fire;

import app.geminal.fire.Act;
import app.geminal.fire.Advice;
import app.geminal.fire.Course;
import app.geminal.fire.HeatPlan;
import app.geminal.fire.LaidOut;
import app.geminal.fire.Lesson;
import app.geminal.fire.Rotation;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.Following;
import app.geminal.heat.Toll;
import app.geminal.weld.OxygenSchool;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What screens are told of a session, a JSON object a line. */
public sealed interface FireView {

  /** "whole", "entries" or "now". */
  String told();

  /**
   * Everything, at the beginning and whenever a screen may have missed something.
   *
   * @param now by the shop's clock
   * @param seq number of the last entry in it
   * @param histories skin and core of each billet so far, every few seconds
   */
  record Whole(
      String told,
      long id,
      Instant now,
      Instant startedAt,
      @Nullable Instant endedAt,
      boolean rehearsal,
      List<BilletView> billets,
      List<EntryView> entries,
      long seq,
      List<Point> forge,
      List<Point> press,
      List<List<Heat>> histories,
      Now at,
      List<List<Lesson>> lessons)
      implements FireView {}

  /** Entries that were just kept. */
  record Entries(String told, List<EntryView> entries, long seq) implements FireView {}

  /**
   * How things stand.
   *
   * @param second of the session
   * @param speed how fast time goes
   * @param forge what its gauge says
   * @param press what its gauge says
   * @param reckonedWithC the chamber the estimates are reckoned with
   * @param setC what a rehearsal's forge is set to, null at a real one
   * @param order the press's turns from now on, minutes of the session
   */
  record Now(
      String told,
      double second,
      double speed,
      GaugeView forge,
      GaugeView press,
      double reckonedWithC,
      @Nullable Double setC,
      List<BilletNow> billets,
      List<Rotation.Turn> order,
      boolean ended)
      implements FireView {}

  /** A gauge: null while it said nothing. */
  record GaugeView(@Nullable Double value, String state, String words, boolean good) {}

  /** A billet in its place; what does not change while the session goes on. */
  record BilletView(
      int place,
      long billetId,
      String name,
      String title,
      @Nullable OxygenSchool school,
      double floorC,
      double aimC,
      double ceilingC,
      int heats,
      List<StepView> steps,
      List<LaidOut> layOut,
      List<String> cautions) {
    static BilletView of(Session.Billet b) {
      HeatPlan plan = b.plan();
      return new BilletView(
          b.place(),
          b.billetId(),
          b.name(),
          plan.title(),
          plan.school().orElse(null),
          plan.window().floorC(),
          plan.window().aimC(),
          plan.window().ceilingC(),
          plan.heats(),
          plan.steps().stream()
              .map(
                  s -> new StepView(s.heat(), s.act().orElse(null), s.title(), s.how(), s.moment()))
              .toList(),
          plan.layOut(),
          plan.cautions());
    }
  }

  /** A step of the plan. */
  record StepView(int heat, @Nullable Act act, String title, String how, String moment) {}

  /**
   * A billet as it is now.
   *
   * @param readyInS seconds until it is even; an hour when it will not get there
   * @param leftS seconds of working time left, or that it would have if it came out now
   */
  record BilletNow(
      int place,
      Following.Place where,
      boolean begun,
      boolean finished,
      int heat,
      double skinC,
      double coreC,
      double plusMinusC,
      double readyInS,
      double readyForS,
      double soakedS,
      double sinceOutS,
      double leftS,
      Advice advice,
      List<Course.Standing> standings,
      List<Following.Ahead> ahead,
      TollView toll) {}

  /** Skin and core at a second. */
  record Heat(double second, double skinC, double coreC) {}

  /** What the fire has taken. */
  record TollView(double scaleMm, double softMm, double grainUm, double hotMin) {
    static TollView of(Toll toll, double carbon, Atmosphere flame) {
      return new TollView(
          toll.scaleMm(flame), toll.softMm(carbon, flame), toll.grainUm(), toll.hotS() / 60);
    }
  }

  /** A reading: null where the instrument was not believed. */
  record Point(int second, double figure) {}

  /** An entry and whether it was taken back. */
  record EntryView(
      long seq,
      double atS,
      String id,
      Entry.Kind kind,
      int place,
      @Nullable Act act,
      @Nullable String about,
      @Nullable Double figure,
      String note,
      String device,
      String madeBy) {
    static EntryView of(KeptEntry k) {
      Entry e = k.entry();
      return new EntryView(
          k.seq(),
          k.atS(),
          e.id(),
          e.kind(),
          e.place(),
          e.act(),
          e.about(),
          e.figure(),
          e.note(),
          e.device(),
          k.madeBy());
    }
  }
}
