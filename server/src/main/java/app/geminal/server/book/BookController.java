package app.geminal.server.book;

import app.geminal.weld.OxygenSchool;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The Book over HTTP. A weld is logged at its billet. */
@RestController
class BookController {
  private final BookService book;

  BookController(BookService book) {
    this.book = book;
  }

  /** A way of keeping oxygen out, and where it can hurt. */
  record SchoolView(OxygenSchool school, String caution) {}

  @GetMapping("/api/schools")
  List<SchoolView> schools() {
    return Arrays.stream(OxygenSchool.values()).map(s -> new SchoolView(s, s.caution())).toList();
  }

  @GetMapping("/api/book")
  List<WeldView> all() {
    return book.all();
  }

  @PostMapping("/api/welds/{id}/strike")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable long id) {
    book.setStruck(id, true);
  }

  @PostMapping("/api/welds/{id}/unstrike")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unstrike(@PathVariable long id) {
    book.setStruck(id, false);
  }
}
