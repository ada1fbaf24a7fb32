package app.geminal;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.operation.Operation;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.MethodModel;
import java.lang.classfile.instruction.InvokeDynamicInstruction;
import java.lang.constant.ClassDesc;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the code chooses by type, read from what was compiled. */
class SwitchesTest {
  /**
   * One switch over types.
   *
   * @param where class and method
   * @param cases the types it names
   */
  private record Choice(String where, Set<Class<?>> cases) {}

  private static List<Choice> choices() throws IOException, URISyntaxException {
    Path classes =
        Path.of(Operation.class.getProtectionDomain().getCodeSource().getLocation().toURI());
    List<Choice> choices = new ArrayList<>();
    try (Stream<Path> files = Files.walk(classes)) {
      files.filter(f -> f.toString().endsWith(".class")).forEach(f -> collect(f, choices));
    }
    return choices;
  }

  private static void collect(Path file, List<Choice> into) {
    ClassModel model;
    try {
      model = ClassFile.of().parse(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    for (MethodModel method : model.methods()) {
      method
          .code()
          .ifPresent(code ->
              code.forEach(element -> {
                if (element instanceof InvokeDynamicInstruction call
                    && call.name().stringValue().equals("typeSwitch")) {
                  String where =
                      model.thisClass().asInternalName() + "." + method.methodName().stringValue();
                  into.add(new Choice(where, cases(call)));
                }
              }));
    }
  }

  private static Set<Class<?>> cases(InvokeDynamicInstruction call) {
    Set<Class<?>> cases = new LinkedHashSet<>();
    for (Object label : call.bootstrapArgs()) {
      if (label instanceof ClassDesc type) {
        try {
          String name = type.descriptorString();
          cases.add(Class.forName(name.substring(1, name.length() - 1).replace('/', '.')));
        } catch (ClassNotFoundException e) {
          throw new IllegalStateException(e);
        }
      }
    }
    return cases;
  }

  /** Types that may be where a sealed one is asked for. */
  private static Stream<Class<?>> allOf(Class<?> type) {
    return type.isSealed()
        ? Stream.of(type.getPermittedSubclasses()).flatMap(SwitchesTest::allOf)
        : Stream.of(type);
  }

  private static Set<Class<?>> above(Class<?> type) {
    Set<Class<?>> above = new LinkedHashSet<>();
    if (type.getSuperclass() != null) {
      above.add(type.getSuperclass());
      above.addAll(above(type.getSuperclass()));
    }
    for (Class<?> each : type.getInterfaces()) {
      above.add(each);
      above.addAll(above(each));
    }
    return above;
  }

  /** A sealed type whose cases are named in part, the others left to a default. */
  private static boolean isHalf(Choice choice) {
    if (choice.cases().isEmpty()) {
      return false;
    }
    return above(choice.cases().iterator().next()).stream()
        .filter(Class::isSealed)
        .filter(sealed -> choice.cases().stream().allMatch(sealed::isAssignableFrom))
        .anyMatch(sealed ->
            !allOf(sealed)
                .allMatch(leaf -> choice.cases().stream().anyMatch(c -> c.isAssignableFrom(leaf))));
  }

  @Test
  void noneIsOverKindsOfSteps() throws IOException, URISyntaxException {
    assertThat(choices())
        .hasSizeGreaterThan(20)
        .filteredOn(c -> c.cases().stream().anyMatch(Operation.class::isAssignableFrom))
        .isEmpty();
  }

  /** A new case of a sealed type must be named by the compiler wherever it counts. */
  @Test
  void noneLeavesCasesOfASealedTypeToADefault() throws IOException, URISyntaxException {
    assertThat(choices()).filteredOn(SwitchesTest::isHalf).isEmpty();
  }
}
