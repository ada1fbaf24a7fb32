package app.geminal.notation;

import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.billet.WantedPieces;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.measurement.Measurement;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A whole plan, its parts and what it should yield. Package use only. */
final class PlanNotation {
  private static final int LONGEST_LINE = 20_000;
  private static final Pattern BAR = Pattern.compile("\\|");
  private static final Pattern STEP = Pattern.compile("[>›→;\\n]");
  private static final Pattern COMMA = Pattern.compile(",");
  private static final Pattern BY = Pattern.compile("[x×*]");
  private static final Pattern PART =
      Pattern.compile("(?i)part\\s+([^\\s=]+)\\s*=\\s*(.*)", Pattern.DOTALL);
  private static final Pattern WANT = Pattern.compile("(?i)want\\b\\s*(.*)", Pattern.DOTALL);
  private static final Pattern WANTED = Pattern.compile("(?i)(\\S+)\\s+of\\s+(.+)", Pattern.DOTALL);
  private static final Pattern SPACE = Pattern.compile("\\s+");
  private static final Message WANTED_FORM = NotationText.WRITE_FINISHED_PIECES.with();
  private static final Pattern OFF = Pattern.compile("(?i)off\\b\\s*(.*)", Pattern.DOTALL);

  private final Reading reading;
  private final PieceNotation pieces;
  private final StepNotation steps;
  private final MeasurementNotation measured;

  PlanNotation(Reading reading) {
    this.reading = reading;
    this.pieces = new PieceNotation(reading);
    this.steps = new StepNotation(reading, pieces);
    this.measured = new MeasurementNotation(reading);
  }

  StepNotation steps() {
    return steps;
  }

  Plan read(String line) {
    Span whole = new Span(line, 0);
    if (line.length() > LONGEST_LINE) {
      throw whole.misread(NotationText.LINE_TOO_LONG.with("most", LONGEST_LINE));
    }
    return read(whole);
  }

  private Plan read(Span whole) {
    List<Part> parts = new ArrayList<>();
    List<WantedPieces> wanted = new ArrayList<>();
    Plan plan = null;
    for (Span section : whole.split(BAR)) {
      Matcher part = PART.matcher(section.text());
      Matcher want = WANT.matcher(section.text());
      if (part.matches()) {
        parts.add(part(section, part));
      } else if (want.matches()) {
        wanted.addAll(wanted(section.after(want.start(1))));
      } else if (plan == null) {
        plan = bare(section);
      } else {
        throw section.misread(NotationText.PLAN_TWICE.with());
      }
    }
    if (plan == null) {
      throw whole.misread(NotationText.NO_STACK_AFTER_PARTS.with());
    }
    Plan own = plan;
    return Reading.checked(
        whole, () -> new Plan(own.stack(), own.steps(), List.copyOf(parts), List.copyOf(wanted)));
  }

  private Part part(Span section, Matcher m) {
    Span plan = section.part(m.start(2), m.end(2));
    boolean bracketed = plan.text().startsWith("[") && plan.text().endsWith("]");
    Span inside = bracketed ? plan.part(1, plan.text().length() - 1) : plan;
    Plan read = read(inside);
    return Reading.checked(section.part(m.start(1), m.end(1)), () -> Part.of(m.group(1), read));
  }

  private Plan bare(Span text) {
    List<Span> said = text.split(STEP);
    Stack stack = pieces.stack(said.getFirst());
    List<Step> done = new ArrayList<>();
    for (Span step : said.subList(1, said.size())) {
      done.add(step("s" + (done.size() + 1), step));
    }
    return Reading.checked(text, () -> new Plan(stack, done, List.of(), List.of()));
  }

  Step step(String key, Span said) {
    Matcher off = OFF.matcher(said.text());
    boolean isOff = off.matches();
    Span whole = isOff ? said.after(off.start(1)) : said;
    int equals = whole.text().lastIndexOf('=');
    Span work = equals < 0 ? whole : whole.part(0, equals);
    return new Step(
        key, steps.read(work), isOff, equals < 0 ? null : measured.read(whole.after(equals + 1)));
  }

  String write(double mm) {
    return reading.mm(mm);
  }

  String write(Piece piece) {
    return pieces.write(piece);
  }

  String write(Step step) {
    Measurement there = step.measured();
    return (step.off() ? "off " : "")
        + steps.write(step.operation())
        + (there == null ? "" : " = " + measured.write(there));
  }

  private List<WantedPieces> wanted(Span text) {
    return text.split(COMMA).stream().map(this::oneWanted).toList();
  }

  private WantedPieces oneWanted(Span one) {
    Matcher m = WANTED.matcher(one.text());
    if (!m.matches()) {
      throw one.misread(WANTED_FORM);
    }
    Span sizes = one.part(m.start(2), m.end(2));
    Matcher by = BY.matcher(sizes.text());
    int first = by.find() ? by.end() : -1;
    int second = by.find() ? by.end() : -1;
    if (second < 0) {
      throw one.misread(WANTED_FORM);
    }
    Span rest = sizes.after(second);
    Span height = lengthAtStart(rest);
    Span name = rest.after(height.text().length());
    int count = Reading.count(one.part(m.start(1), m.end(1)));
    return Reading.checked(
        one,
        () ->
            new WantedPieces(
                name.isEmpty() ? "piece" : name.text(),
                count,
                reading.mm(sizes.part(0, first - 1)),
                reading.mm(sizes.part(first, second - 1)),
                reading.mm(height)));
  }

  /** As many of the first words as make a length together. */
  private Span lengthAtStart(Span text) {
    Span best = text;
    boolean found = false;
    Matcher space = SPACE.matcher(text.text());
    int end = 0;
    while (end < text.text().length()) {
      end = space.find() ? space.start() : text.text().length();
      Span words = text.part(0, end);
      if (isLength(words)) {
        best = words;
        found = true;
      } else if (found) {
        break;
      }
    }
    return best;
  }

  private boolean isLength(Span words) {
    try {
      reading.mm(words);
      return true;
    } catch (ShorthandError no) {
      return false;
    }
  }

  String write(Plan plan) {
    List<String> sections = new ArrayList<>();
    for (Part part : plan.parts()) {
      String inner = write(part.plan());
      boolean simple = part.plan().parts().isEmpty() && part.plan().wanted().isEmpty();
      sections.add("part " + part.name() + " = " + (simple ? inner : "[" + inner + "]"));
    }
    List<String> own = new ArrayList<>(List.of(pieces.write(plan.stack())));
    plan.steps().forEach(s -> own.add(write(s)));
    sections.add(String.join(" > ", own));
    if (!plan.wanted().isEmpty()) {
      sections.add(
          "want " + plan.wanted().stream().map(this::write).collect(Collectors.joining(", ")));
    }
    return String.join(" | ", sections);
  }

  String write(WantedPieces wanted) {
    return wanted.count()
        + " of "
        + reading.mm(wanted.lengthMm())
        + " x "
        + reading.mm(wanted.widthMm())
        + " x "
        + reading.mm(wanted.heightMm())
        + " "
        + wanted.name();
  }
}
