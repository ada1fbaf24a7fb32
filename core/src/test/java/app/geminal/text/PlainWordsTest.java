package app.geminal.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No replaced word comes back, in any module: into texts, comments or names. */
class PlainWordsTest {
  private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();
  private static final Pattern COMMENT =
      Pattern.compile(
          "\"\"\"[\\s\\S]*?\"\"\"|\"(?:\\\\.|[^\"\\\\\\n])*\"|(/\\*[\\s\\S]*?\\*/|(?<!:)//[^\\n]*)");
  private static final Pattern SENTENCE =
      Pattern.compile(
          "/\\*[\\s\\S]*?\\*/|//[^\\n]*|(\"\"\"[\\s\\S]*?\"\"\"|\"(?:\\\\.|[^\"\\\\\\n])*\")");
  private static final Pattern SQL =
      Pattern.compile("\\b(SELECT|INSERT|UPDATE|FROM|WHERE|AND NOT)\\b|struck");
  private static final Pattern NAME =
      Pattern.compile(
          "\"\"\"[\\s\\S]*?\"\"\"|\"(?:\\\\.|[^\"\\\\\\n])*\"|'(?:\\\\.|[^'\\\\\\n])*'|`[^`]*`"
              + "|/\\*[\\s\\S]*?\\*/|//[^\\n]*|([A-Za-z_$][A-Za-z0-9_$]*)");
  private static final Pattern PART = Pattern.compile("[A-Z]?[a-z]+|[A-Z]+(?![a-z])");

  /** Names of fields as earlier releases stored them, and quoted code, are no words of ours. */
  private static final Pattern QUOTED =
      Pattern.compile(
          "\\{@\\w+ [^}]*}|`[^`]*`|“[^”]*”|@(?:see|throws) \\S+|wrought[ _-]iron|Wrought[ _-]iron");

  private final List<String> words = new ArrayList<>();
  private final List<String> names = new ArrayList<>();

  PlainWordsTest() throws IOException {
    try (InputStream list = PlainWordsTest.class.getResourceAsStream("replaced-words.txt")) {
      new String(list.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"))
          .forEach(line -> {
            String word =
                line.replaceFirst("^(text|name) ", "")
                    .split(" {2,}")[0]
                    .strip()
                    .replace("*", "\\w*");
            if (!line.startsWith("name ")) {
              words.add(word.replace(" ", "\\s+(?:\\*\\s+)?"));
            }
            if (!line.startsWith("text ")) {
              names.add(word);
            }
          });
    }
  }

  @Test
  void noneIsInATextAPersonReads() {
    assertThat(found(texts(), t -> List.of(t.text()))).isEmpty();
  }

  @Test
  void noneIsInASentenceOfTheCode() {
    assertThat(
            found(
                sources(p -> !isTest(p) && p.toString().endsWith(".java")),
                t ->
                    all(SENTENCE, t.text()).stream()
                        .filter(text -> text.contains(" ") && !SQL.matcher(text).find())
                        .toList()))
        .isEmpty();
  }

  @Test
  void noneIsInAComment() {
    assertThat(found(sources(p -> true), t -> all(COMMENT, t.text()))).isEmpty();
  }

  @Test
  void noneIsInAName() {
    Pattern replaced = pattern(names);
    List<String> found =
        sources(p -> !isTest(p))
            .flatMap(t -> all(NAME, t.text()).stream().map(name -> t.file() + ": " + name))
            .filter(at ->
                PART.matcher(at.substring(at.indexOf(": ") + 2))
                    .results()
                    .anyMatch(part -> replaced.matcher(part.group()).matches()))
            .distinct()
            .toList();
    assertThat(found).isEmpty();
  }

  private List<String> found(
      Stream<Source> sources, java.util.function.Function<Source, List<String>> texts) {
    Pattern replaced = pattern(words);
    return sources
        .flatMap(
            source -> texts.apply(source).stream().map(text -> new Source(source.file(), text)))
        .flatMap(source ->
            QUOTED
                .matcher(source.text())
                .replaceAll(" ")
                .lines()
                .filter(line -> replaced.matcher(line).find())
                .map(line -> source.file() + ": " + line.strip()))
        .toList();
  }

  private static Pattern pattern(List<String> words) {
    return Pattern.compile("(?i)(?<![\\w{#@-])(?:" + String.join("|", words) + ")(?![\\w(])");
  }

  private static List<String> all(Pattern pattern, String text) {
    Matcher found = pattern.matcher(text);
    List<String> all = new ArrayList<>();
    while (found.find()) {
      if (found.group(1) != null) {
        all.add(found.group(1));
      }
    }
    return all;
  }

  private record Source(Path file, String text) {
    static Source of(Path file) {
      try {
        return new Source(PROJECT.relativize(file), Files.readString(file));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  private static boolean isTest(Path file) {
    String path = file.toString();
    return path.contains("/src/test/") || path.contains(".test.") || path.contains("/e2e/");
  }

  private static Stream<Source> sources(Predicate<Path> which) {
    return files(".java", ".ts", ".tsx")
        .filter(p -> !p.endsWith("schema.d.ts") && !p.endsWith("texts.d.ts"))
        .filter(which)
        .map(Source::of);
  }

  private static Stream<Source> texts() {
    return files(".properties", ".md", ".json")
        .filter(p -> {
          String path = PROJECT.relativize(p).toString().toLowerCase(Locale.ROOT);
          return path.matches(
              "core/src/main/.*\\.properties|web/texts/en\\.json|web/src/features/glossary/terms\\.json"
                  + "|readme\\.md|changelog\\.md|contributing\\.md|docs/.*\\.md");
        })
        .map(Source::of);
  }

  /** What is built or fetched is not looked into. */
  private static final Set<String> NOT_OURS = Set.of("target", "node_modules", ".git", "var");

  private static final List<Path> ALL = all();

  private static List<Path> all() {
    List<Path> all = new ArrayList<>();
    try {
      Files.walkFileTree(
          PROJECT,
          new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path folder, BasicFileAttributes about) {
              return NOT_OURS.contains(folder.getFileName().toString())
                  ? FileVisitResult.SKIP_SUBTREE
                  : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes about) {
              all.add(file);
              return FileVisitResult.CONTINUE;
            }
          });
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    all.sort(Comparator.naturalOrder());
    return List.copyOf(all);
  }

  private static Stream<Path> files(String... endings) {
    return ALL.stream().filter(p -> Stream.of(endings).anyMatch(p.toString()::endsWith));
  }
}
