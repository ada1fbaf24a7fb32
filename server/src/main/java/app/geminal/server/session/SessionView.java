package app.geminal.server.session;

import app.geminal.following.Forecast;
import app.geminal.following.Interval;
import app.geminal.following.Look;
import app.geminal.following.Place;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.HeatExposure;
import app.geminal.heatplan.ChecklistItem;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatPlan;
import app.geminal.review.ReviewNote;
import app.geminal.rotation.Rotation;
import app.geminal.session.Advice;
import app.geminal.session.PlanProgress;
import app.geminal.simulator.Drill;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What screens receive of a session, a JSON object a line. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "event")
@JsonSubTypes({
  @JsonSubTypes.Type(value = SessionView.Whole.class, name = "whole"),
  @JsonSubTypes.Type(value = SessionView.Entries.class, name = "entries"),
  @JsonSubTypes.Type(value = SessionView.Now.class, name = "now")
})
public sealed interface SessionView {

  /**
   * Everything, at the beginning and whenever a screen may have missed something.
   *
   * @param id number
   * @param now by the shop's clock
   * @param startedAt when it began
   * @param endedAt when it ended, null while it is active
   * @param rehearsal whether it is a practice run, which is not kept in the Book
   * @param drill what is wrong in a practice run on purpose, null for nothing
   * @param billets the billets in the session, in their places
   * @param entries entries in the order they were made
   * @param seq number of the last entry in it
   * @param forge temperature of the forge, thinned out for drawing
   * @param press pressure at the press, thinned out for drawing
   * @param histories skin and core of each billet so far, every few seconds
   * @param at the session as it is now
   * @param reviewNotes what the log of each heat shows, by place
   */
  record Whole(
      long id,
      Instant now,
      Instant startedAt,
      @Nullable Instant endedAt,
      boolean rehearsal,
      @Nullable Drill drill,
      List<BilletView> billets,
      List<EntryView> entries,
      long seq,
      List<Point> forge,
      List<Point> press,
      List<List<Heat>> histories,
      Now at,
      List<List<ReviewNote>> reviewNotes)
      implements SessionView {}

  /**
   * Entries that were just kept.
   *
   * @param entries entries in the order they were made
   * @param seq number of the entry, counting up in the order of arrival
   */
  record Entries(List<EntryView> entries, long seq) implements SessionView {}

  /**
   * How things are.
   *
   * @param second of the session
   * @param speed how fast time runs
   * @param forge what its gauge says
   * @param press what its gauge says
   * @param chamberC chamber temperature the estimates use, °C
   * @param setC what a rehearsal's forge is set to, null at a real one
   * @param flame what the flame at the door of a rehearsal's forge shows, null at a real one
   * @param billets the billets in the session, in their places
   * @param order the press's turns from now on, minutes of the session
   * @param ended whether the session has ended
   */
  record Now(
      double second,
      double speed,
      GaugeView forge,
      GaugeView press,
      double chamberC,
      @Nullable Double setC,
      @Nullable Atmosphere flame,
      List<BilletNow> billets,
      List<Rotation.Turn> order,
      boolean ended)
      implements SessionView {}

  /**
   * A gauge: null while it said nothing.
   *
   * @param value its reading now, null where there is none
   * @param state what the instrument does now
   * @param words said in a sentence
   * @param good whether the reading can be used
   */
  record GaugeView(@Nullable Double value, String state, Message words, boolean good) {}

  /**
   * A billet in its place; what does not change while the session continues.
   *
   * @param place place of the billet in the session, from 0
   * @param billetId number of the billet
   * @param name name
   * @param title name
   * @param protection how air is kept from the joint, null where it is not a weld
   * @param floorC °C below which a weld is not to be tried
   * @param aimC °C to aim at
   * @param ceilingC °C not to exceed
   * @param heats heats in this session
   * @param steps what is to be done, in order
   * @param layOut what to lay out before starting
   * @param cautions what can hurt, and what to do about it
   */
  record BilletView(
      int place,
      long billetId,
      String name,
      Message title,
      @Nullable AtmosphereProtection protection,
      double floorC,
      double aimC,
      double ceilingC,
      int heats,
      List<StepView> steps,
      List<ChecklistItemView> layOut,
      List<Message> cautions) {
    static BilletView of(Session.Billet b) {
      HeatPlan plan = b.plan();
      return new BilletView(
          b.place(),
          b.billetId(),
          b.name(),
          plan.title(),
          plan.protection().orElse(null),
          plan.window().floorC(),
          plan.window().aimC(),
          plan.window().ceilingC(),
          plan.heats(),
          plan.steps().stream()
              .map(
                  s -> new StepView(s.heat(), s.act().orElse(null), s.title(), s.how(), s.moment()))
              .toList(),
          plan.layOut().stream().map(ChecklistItemView::of).toList(),
          plan.cautions());
    }
  }

  /**
   * A step of the plan.
   *
   * @param heat the heat it belongs to, from 1
   * @param act what is to be done, null where nothing is tapped
   * @param title name
   * @param how how to do it, in a sentence
   * @param moment when to do it
   */
  record StepView(
      int heat, @Nullable ForgeAction act, Message title, Message how, Message moment) {}

  /**
   * Something to lay out before the forge is lit.
   *
   * @param what what it is
   * @param caution where it can hurt, null where it cannot
   */
  record ChecklistItemView(Message what, @Nullable Message caution) {
    static ChecklistItemView of(ChecklistItem checklistItem) {
      return new ChecklistItemView(checklistItem.what(), checklistItem.caution().orElse(null));
    }
  }

  /**
   * A billet as it is now.
   *
   * @param place place of the billet in the session, from 0
   * @param where where it is
   * @param begun whether the billet has been in the fire
   * @param finished whether its last heat has ended
   * @param heat the heat it belongs to, from 1
   * @param skinC °C at the skin
   * @param coreC °C at the core
   * @param readyInS seconds until it is even and hot enough; an hour when it will not get there. It
   *     counts as ready at the upper end
   * @param readyForS seconds it has been ready
   * @param soakedS seconds at welding heat right through
   * @param sinceOutS seconds since it left the fire
   * @param leftS seconds of working time left, or that it would have if it came out now
   * @param advice what to do now
   * @param ask what to look at now, because it says most about the core; null for nothing
   * @param joints how many of its joints are set so far, and which is furthest from it; null before
   *     the first squeeze and where they are not followed
   * @param glow what is to be seen of it in a practice run, null in a live session and while it is
   *     cold
   * @param stepStates of each step of the heat, whether it is done
   * @param forecast the heat to come, if nothing changes
   * @param exposure scale, decarb and grain growth of the heat so far
   */
  record BilletNow(
      int place,
      Place where,
      boolean begun,
      boolean finished,
      int heat,
      Interval skinC,
      Interval coreC,
      Interval readyInS,
      double readyForS,
      double soakedS,
      double sinceOutS,
      double leftS,
      Advice advice,
      @Nullable Look ask,
      @Nullable Message joints,
      @Nullable Glow glow,
      List<PlanProgress.StepState> stepStates,
      List<Forecast> forecast,
      HeatExposureView exposure) {}

  /**
   * The bar of a practice run as it really is, to be drawn and not to be named.
   *
   * @param skinC °C at the skin
   * @param coreC °C at the core
   */
  record Glow(double skinC, double coreC) {}

  /**
   * Skin and core at a second.
   *
   * @param second second of the session
   * @param skinC °C at the skin
   * @param coreC °C at the core
   */
  record Heat(double second, double skinC, double coreC) {}

  /**
   * What the fire has taken.
   *
   * @param scaleMm steel lost to scale at each face, mm
   * @param decarbDepthMm depth of the decarburised skin, mm
   * @param grainUm austenite grain size, µm
   * @param hotMin minutes above 900 °C
   */
  record HeatExposureView(double scaleMm, double decarbDepthMm, double grainUm, double hotMin) {
    static HeatExposureView of(HeatExposure exposure, double carbon, Atmosphere flame) {
      return new HeatExposureView(
          exposure.scaleMm(flame),
          exposure.decarbDepthMm(carbon, flame),
          exposure.grainUm(),
          exposure.hotS() / 60);
    }
  }

  /**
   * A reading: null where the instrument was not believed.
   *
   * @param second second of the session
   * @param figure the reading, °C at the forge and MPa at the press
   */
  record Point(int second, double figure) {}

  /**
   * An entry and whether it was taken back.
   *
   * @param seq number of the entry, counting up in the order of arrival
   * @param atS seconds from the start of the session
   * @param id id of the entry, a UUID made by the device
   * @param kind which of several this is
   * @param place place of the billet in the session, from 0
   * @param act what was done
   * @param about what it applies to, as the entry says it, null where nothing more is needed
   * @param figure the figure entered with it, null for none
   * @param note notes, may be empty, at most 2000 characters
   * @param device name of the device it came from
   * @param madeBy name of the person who recorded it
   */
  record EntryView(
      long seq,
      double atS,
      String id,
      Entry.Kind kind,
      int place,
      @Nullable ForgeAction act,
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
