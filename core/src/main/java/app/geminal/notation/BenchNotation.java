package app.geminal.notation;

import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.Grind;
import app.geminal.operation.Ladder;
import app.geminal.operation.Scrap;
import app.geminal.operation.SetAside;
import app.geminal.operation.Trim;
import app.geminal.operation.Watch;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Steps that take steel off or make the pattern: trim, grind, cut, aside, scrap, watch, ladder,
 * dimples, uneven, blade. Package use only.
 */
final class BenchNotation {
  private static final Pattern SPACES = Pattern.compile("\\s+");
  private static final Pattern BY = Pattern.compile("[x×*]");
  private static final String FIGURE = "[\\d.].*";

  private final Reading reading;

  BenchNotation(Reading reading) {
    this.reading = reading;
  }

  Trim trim(Clauses said) {
    double usual = reading.defaults().endTrimMm();
    double front = said.nextIf(FIGURE).map(reading::mm).orElse(usual);
    double back = said.nextIf(FIGURE).map(reading::mm).orElse(front);
    Trim trim = new Trim(front, back, said.after("sides").map(reading::mm).orElse(0.0));
    said.end(NotationText.AFTER_TRIM.with());
    return trim;
  }

  String write(Trim trim) {
    return "trim "
        + reading.mm(trim.frontMm())
        + ", "
        + reading.mm(trim.backMm())
        + (trim.sidesMm() == 0 ? "" : ", sides " + reading.mm(trim.sidesMm()));
  }

  Grind grind(Clauses said) {
    double bottom = said.nextIf(FIGURE).map(reading::mm).orElse(reading.defaults().faceGrindMm());
    Grind grind = new Grind(bottom, said.nextIf(FIGURE).map(reading::mm).orElse(bottom));
    said.end(NotationText.AFTER_GRIND.with());
    return grind;
  }

  String write(Grind grind) {
    return "grind " + reading.mm(grind.bottomMm()) + ", " + reading.mm(grind.topMm());
  }

  Cut cut(Clauses said) {
    Cut cut =
        new Cut(
            Reading.count(said.next(NotationText.WRITE_PIECES_TO_CUT.with())),
            said.after("kerf").map(reading::mm).orElse(reading.defaults().kerfMm()),
            said.after("each").map(reading::mm).orElse(0.0));
    said.end(NotationText.AFTER_CUT.with());
    return cut;
  }

  String write(Cut cut) {
    return "cut "
        + cut.pieces()
        + (cut.kerfMm() == reading.defaults().kerfMm() ? "" : ", kerf " + reading.mm(cut.kerfMm()))
        + (cut.eachMm() == 0 ? "" : ", each " + reading.mm(cut.eachMm()));
  }

  SetAside aside(Clauses said) {
    Optional<Double> length = said.after("length").map(reading::mm);
    Optional<Double> kerf = said.after("kerf").map(reading::mm);
    Optional<List<Integer>> which = said.after("bars").map(BenchNotation::numbers);
    SetAside aside =
        length.isPresent()
            ? SetAside.length(length.get(), kerf.orElse(reading.defaults().kerfMm()))
            : which
                .map(SetAside::these)
                .orElseGet(() ->
                    SetAside.bars(Reading.count(said.next(NotationText.WRITE_BARS_ASIDE.with()))));
    said.end(NotationText.AFTER_ASIDE.with());
    return aside;
  }

  private static List<Integer> numbers(Span text) {
    return text.split(SPACES).stream().map(Reading::count).toList();
  }

  private static String written(List<Integer> numbers) {
    return numbers.stream().map(String::valueOf).collect(Collectors.joining(" "));
  }

  Scrap scrap(Clauses said) {
    Scrap scrap = new Scrap(numbers(said.next(NotationText.WRITE_BARS_SCRAPPED.with())));
    said.end(NotationText.AFTER_SCRAP.with());
    return scrap;
  }

  String write(Scrap scrap) {
    return "scrap " + written(scrap.which());
  }

  Watch watch(Clauses said) {
    said.end(NotationText.WRITE_NOTHING_AFTER_WATCH.with());
    return new Watch();
  }

  String write(SetAside aside) {
    if (!aside.which().isEmpty()) {
      return "aside bars " + written(aside.which());
    }
    return aside.pieces() > 0
        ? "aside " + aside.pieces()
        : "aside length "
            + reading.mm(aside.lengthMm())
            + (aside.kerfMm() == reading.defaults().kerfMm()
                ? ""
                : ", kerf " + reading.mm(aside.kerfMm()));
  }

  Ladder ladder(Clauses said) {
    Ladder ladder =
        new Ladder(
            needed(said, "pitch"),
            needed(said, "width"),
            needed(said, "depth"),
            said.flag("both"),
            said.flag("pressed"),
            said.after("to").map(reading::mm).orElse(0.0),
            said.heats(ForgingNotation.USUAL_HEATS));
    said.end(NotationText.AFTER_LADDER.with());
    return ladder;
  }

  String write(Ladder ladder) {
    return "ladder pitch "
        + reading.mm(ladder.pitchMm())
        + ", width "
        + reading.mm(ladder.widthMm())
        + ", depth "
        + reading.mm(ladder.depthMm())
        + (ladder.bothFaces() ? ", both" : "")
        + (ladder.pressed() ? ", pressed" : "")
        + (ladder.flattenToMm() == 0 ? "" : ", to " + reading.mm(ladder.flattenToMm()))
        + ", "
        + Reading.counted(ladder.heats(), "heat");
  }

  Dimples dimples(Clauses said) {
    Dimples dimples =
        new Dimples(
            needed(said, "pitch"),
            needed(said, "across"),
            needed(said, "depth"),
            said.flag("both"),
            said.after("to").map(reading::mm).orElse(0.0),
            said.heats(ForgingNotation.USUAL_HEATS));
    said.end(NotationText.AFTER_DIMPLES.with());
    return dimples;
  }

  String write(Dimples dimples) {
    return "dimples pitch "
        + reading.mm(dimples.pitchMm())
        + ", across "
        + reading.mm(dimples.diameterMm())
        + ", depth "
        + reading.mm(dimples.depthMm())
        + (dimples.bothFaces() ? ", both" : "")
        + (dimples.flattenToMm() == 0 ? "" : ", to " + reading.mm(dimples.flattenToMm()))
        + ", "
        + Reading.counted(dimples.heats(), "heat");
  }

  ForgedSurface uneven(Clauses said) {
    ForgedSurface surface =
        new ForgedSurface(
            reading.mm(said.next(NotationText.WRITE_DISPLACEMENT.with())),
            said.after("scale").map(reading::mm).orElse(12.0),
            said.after("seed").map(Reading::count).orElse(1));
    said.end(NotationText.AFTER_UNEVEN.with());
    return surface;
  }

  String write(ForgedSurface surface) {
    return "uneven "
        + reading.mm(surface.amplitudeMm())
        + ", scale "
        + reading.mm(surface.scaleMm())
        + ", seed "
        + surface.seed();
  }

  Blade blade(Span text, Clauses said) {
    List<Span> sizes = said.next(NotationText.WRITE_BLADE_SIZE.with()).split(BY);
    if (sizes.size() != 3) {
      throw text.misread(NotationText.WRITE_BLADE_SIZE.with());
    }
    double width = reading.mm(sizes.get(1));
    Blade blade =
        new Blade(
            said.oneOf(Blade.Profile.values(), Blade.Profile::word, Blade.Profile.DROP),
            reading.mm(sizes.get(0)),
            width,
            reading.mm(sizes.get(2)),
            said.after("edge").map(reading::mm).orElse(0.0),
            said.after("bevel").map(reading::mm).orElse(width),
            said.after("taper").map(Reading::percent).orElse(0.0),
            said.after("tang").map(reading::mm).orElse(0.0));
    said.end(NotationText.AFTER_BLADE.with());
    return blade;
  }

  String write(Blade blade) {
    return "blade "
        + reading.mm(blade.lengthMm())
        + " x "
        + reading.mm(blade.widthMm())
        + " x "
        + reading.mm(blade.spineMm())
        + ", "
        + blade.profile().word()
        + (blade.edgeMm() == 0 ? "" : ", edge " + reading.mm(blade.edgeMm()))
        + (blade.bevelMm() == blade.widthMm() ? "" : ", bevel " + reading.mm(blade.bevelMm()))
        + (blade.taper() == 0 ? "" : ", taper " + Reading.percent(blade.taper()))
        + (blade.tangMm() == 0 ? "" : ", tang " + reading.mm(blade.tangMm()));
  }

  private double needed(Clauses said, String word) {
    return said.after(word)
        .map(reading::mm)
        .orElseGet(
            () -> reading.mm(said.next(NotationText.WRITE_WORD_AND_LENGTH.with("word", word))));
  }
}
