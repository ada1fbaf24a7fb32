package app.geminal.server.api;

import com.github.therapi.runtimejavadoc.Comment;
import com.github.therapi.runtimejavadoc.CommentVisitor;
import com.github.therapi.runtimejavadoc.Link;
import com.github.therapi.runtimejavadoc.ParamJavadoc;
import com.github.therapi.runtimejavadoc.RuntimeJavadoc;
import com.github.therapi.runtimejavadoc.Value;
import java.lang.reflect.RecordComponent;
import java.util.Optional;

/** What the source says of a record and its components, kept at build time. */
final class RecordWords {
  private RecordWords() {}

  /** What a type is. */
  static Optional<String> of(Class<?> type) {
    return plain(RuntimeJavadoc.getJavadoc(type).getComment());
  }

  /** What a component of a record means, with its unit. */
  static Optional<String> of(RecordComponent component) {
    return RuntimeJavadoc.getJavadoc(component.getDeclaringRecord()).getRecordComponents().stream()
        .filter(said -> said.getName().equals(component.getName()))
        .map(ParamJavadoc::getComment)
        .findFirst()
        .flatMap(RecordWords::plain);
  }

  private static Optional<String> plain(Comment comment) {
    return Optional.of(text(comment).replaceAll("\\s+", " ").strip())
        .filter(words -> !words.isEmpty());
  }

  private static String text(Comment comment) {
    StringBuilder text = new StringBuilder();
    comment.visit(
        new CommentVisitor() {
          @Override
          public void commentText(String words) {
            text.append(words);
          }

          @Override
          public void inlineLink(Link link) {
            text.append(link.getLabel());
          }

          @Override
          public void inlineTag(String name, String words) {
            text.append(words);
          }

          @Override
          public void inlineValue(Value value) {
            text.append(value.getReferencedMemberName());
          }
        });
    return text.toString();
  }
}
