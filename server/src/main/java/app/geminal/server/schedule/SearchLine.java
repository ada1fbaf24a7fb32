package app.geminal.server.schedule;

import app.geminal.finder.SearchOutcome;
import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.Limit;
import app.geminal.schedule.LimitText;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.ScheduleExplanation;
import app.geminal.schedule.SearchLimits;
import app.geminal.text.Message;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ProblemDetail;

/** One line of what a search says. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = SearchLine.Begun.class, name = "begun"),
  @JsonSubTypes.Type(value = SearchLine.Seen.class, name = "seen"),
  @JsonSubTypes.Type(value = SearchLine.Ended.class, name = "ended"),
  @JsonSubTypes.Type(value = SearchLine.Failed.class, name = "failed")
})
sealed interface SearchLine {

  /**
   * What the search works with.
   *
   * @param within the limits as they were understood
   * @param blockMm height of the block when it is cut for restacking, mm
   * @param chance what chances are calculated from
   */
  record Begun(SearchLimits within, double blockMm, ChanceView chance) implements SearchLine {}

  /**
   * What chances are calculated from: weld maps of the shop, corrected by its record.
   *
   * @param welds own judged welds in the record that have a map
   */
  record ChanceView(int welds) {}

  /**
   * How far it has come.
   *
   * @param done how many schedules have been tried
   * @param of how many schedules there are to try
   * @param census what was counted on the way
   * @param ways the best so far; null where this line has none
   */
  record Seen(int done, int of, CensusView census, @Nullable List<RankedScheduleView> ways)
      implements SearchLine {}

  /**
   * It broke off; the problem is as an answer of its own would be.
   *
   * @param problem why the search failed
   */
  record Failed(ProblemDetail problem) implements SearchLine {}

  /** How it ended. */
  enum How {
    FOUND,
    NOTHING,
    STOPPED,
    CANCELLED
  }

  /**
   * The end.
   *
   * @param how how the search ended
   * @param ways the schedules recommended, best first
   * @param census what was counted on the way
   * @param relaxations changes of the limits that would give a schedule
   * @param restacksSeen everything up to so many restacks was seen
   */
  record Ended(
      How how,
      List<RankedScheduleView> ways,
      CensusView census,
      List<RelaxationView> relaxations,
      int restacksSeen)
      implements SearchLine {
    static Ended of(SearchOutcome outcome, FinderQuestion question) {
      CensusView census = CensusView.of(outcome.census(), question);
      int all = question.bounds().mostRestacks();
      return switch (outcome) {
        case SearchOutcome.Found found ->
            new Ended(How.FOUND, views(found.ways(), question), census, List.of(), all);
        case SearchOutcome.Nothing nothing ->
            new Ended(
                How.NOTHING,
                List.of(),
                census,
                nothing.relaxations().stream().map(RelaxationView::of).toList(),
                all);
        case SearchOutcome.Stopped stopped ->
            new Ended(
                stopped.cancelled() ? How.CANCELLED : How.STOPPED,
                views(stopped.ways(), question),
                census,
                List.of(),
                stopped.restacksSeen());
      };
    }
  }

  /**
   * What was looked at.
   *
   * @param calculated how many were calculated
   * @param reaching how many reach the layer count
   * @param keeping how many keep every limit
   * @param tooThin how many have a layer under the limit
   * @param ruledOut why the others are out, in words
   */
  record CensusView(
      long calculated, long reaching, long keeping, long tooThin, List<RuledOutView> ruledOut) {
    static CensusView of(Census census, FinderQuestion question) {
      return new CensusView(
          census.calculated(),
          census.reaching(),
          census.keeping(),
          census.tooThin(),
          census.ruledOut().stream().map(r -> RuledOutView.of(r, question)).toList());
    }
  }

  /**
   * Schedules that break a limit.
   *
   * @param limit the limit that excludes them
   * @param count how many schedules it excludes
   * @param alone how many are excluded by this limit alone
   * @param nearest where the limit would have to represent the first that breaks nothing else; null
   *     where each breaks something else too
   * @param words said in a sentence
   */
  record RuledOutView(
      Limit limit, long count, long alone, @Nullable Double nearest, Message words) {
    static RuledOutView of(Census.RuledOut out, FinderQuestion question) {
      return new RuledOutView(
          out.limit(),
          out.count(),
          out.alone(),
          out.alone() == 0 ? null : out.limit().letting(out.nearest()),
          LimitText.words(out, question));
    }
  }

  /**
   * A change that brings a way, in words.
   *
   * @param limits limits to change, and what to change them to
   * @param tolerance tolerance of the layer count to change to, null to leave it
   * @param words what would change, a sentence each
   */
  record RelaxationView(
      Map<Limit, Double> limits, @Nullable Double tolerance, List<Message> words) {
    static RelaxationView of(SearchOutcome.Relaxation relaxation) {
      List<Message> words = new ArrayList<>();
      relaxation.limits().forEach((limit, to) -> words.add(LimitText.changed(limit, to)));
      relaxation.tolerance().ifPresent(t -> words.add(LimitText.changed(t)));
      return new RelaxationView(relaxation.limits(), relaxation.tolerance().orElse(null), words);
    }
  }

  static List<RankedScheduleView> views(List<RankedSchedule> ways, FinderQuestion question) {
    List<Message> why = ScheduleExplanation.of(ways, question);
    List<RankedScheduleView> views = new ArrayList<>();
    for (int i = 0; i < ways.size(); i++) {
      views.add(RankedScheduleView.of(ways.get(i), why.get(i)));
    }
    return views;
  }
}
