package app.geminal.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * One name for each class in the description, distinguished by the package where that is needed.
 */
final class SchemaNames {
  private final Map<String, Class<?>> taken = new ConcurrentHashMap<>();

  /**
   * The name of a class: what it is called, after the classes it is in and its package, each said
   * once. {@code shop.ShopController.Changed} is {@code ShopChanged}.
   *
   * @throws IllegalStateException when another class has that name
   */
  String of(Class<?> type) {
    List<String> parts = new ArrayList<>();
    for (Class<?> c = type; c != null; c = c.getEnclosingClass()) {
      parts.addFirst(c.getSimpleName().replaceFirst("Controller$", ""));
    }
    parts.addFirst(capital(type.getPackageName().replaceFirst(".*\\.", "")));
    StringBuilder name = new StringBuilder();
    for (String part : parts) {
      if (part.toLowerCase(Locale.ROOT).startsWith(name.toString().toLowerCase(Locale.ROOT))) {
        name.setLength(0);
      }
      if (!name.toString().endsWith(part)) {
        name.append(part);
      }
    }
    Class<?> other = taken.putIfAbsent(name.toString(), type);
    if (other != null && other != type) {
      throw new IllegalStateException(other + " and " + type + " have one name: " + name);
    }
    return name.toString();
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }
}
