package app.geminal.server.book;

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
