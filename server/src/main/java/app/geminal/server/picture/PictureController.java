package app.geminal.server.picture;

import app.geminal.layers.Layer;
import app.geminal.pattern.Pane;
import app.geminal.pattern.ScanLine;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.picture.Pictures.Drawn;
import app.geminal.server.turn.Turns;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of the inside; nothing is stored. */
@RestController
class PictureController {
  private static final MediaType SVG = MediaType.valueOf("image/svg+xml");

  private final Frames frames = new Frames();
  private final Pictures pictures;
  private final Accounts accounts;

  PictureController(Pictures pictures, Accounts accounts) {
    this.pictures = pictures;
    this.accounts = accounts;
  }

  /**
   * A picture for the screen.
   *
   * @param wanted what to show
   * @param window the page's own name for where it is shown; null for a picture that stays wanted
   * @param frame counts up in a window: a newer one calls the older off
   * @param stays whether it is let come even so: a coarse one, while something is dragged
   */
  record ScreenBody(PictureRequest wanted, @Nullable String window, long frame, boolean stays) {}

  /** What a file should be. */
  enum As {
    PNG,
    SVG
  }

  /**
   * A picture to keep.
   *
   * @param wanted what to show
   * @param as file format
   * @param title title written into the file
   */
  record FileBody(PictureRequest wanted, As as, String title) {}

  /**
   * A line on a view, mm from its left and over its lower edge.
   *
   * @param wanted what to show
   * @param right start of the line, mm from the left of the view
   * @param up start of the line, mm above the lower edge of the view
   * @param toRight end of the line, mm from the left of the view
   * @param toUp end of the line, mm above the lower edge of the view
   */
  record ScanBody(PictureRequest wanted, double right, double up, double toRight, double toUp) {}

  /**
   * What a line crosses.
   *
   * @param count how many
   * @param layers in order, empty where there are more than 2000
   */
  record ScanView(long count, List<Layer> layers) {
    static ScanView of(ScanLine line) {
      return new ScanView(line.count(), line.layers());
    }
  }

  /**
   * A picture as PNG; 204 when the window has asked for a newer one. Headers say what it shows:
   * Geminal-Pane left, low, width and height of the part in mm, Geminal-View width and height of
   * the whole view, Geminal-Layers-Ground how many layers a ground face has gone through.
   */
  @ApiResponse(
      responseCode = "200",
      description = "The picture.",
      content =
          @Content(mediaType = "image/png", schema = @Schema(type = "string", format = "binary")))
  @ApiResponse(
      responseCode = "204",
      description = "The window has requested a newer picture.",
      content = @Content)
  @Operation(operationId = "drawPicture")
  @PostMapping("/api/v1/pictures")
  @RequiredRank(Rank.GUEST)
  ResponseEntity<byte[]> picture(@RequestBody ScreenBody body, Principal who) {
    PictureRequest wanted = Require.present("wanted", body.wanted());
    BooleanSupplier unwanted =
        body.window() == null
            ? () -> false
            : frames.asked(
                who.getName() + " " + Require.text("window", body.window(), 60), body.frame());
    Optional<Drawn> drawn =
        pictures.drawn(wanted, true, turn(who), body.stays() ? () -> false : unwanted);
    return drawn.isEmpty() ? ResponseEntity.noContent().build() : answer(drawn.get());
  }

  private static ResponseEntity<byte[]> answer(Drawn drawn) {
    Pane pane = drawn.pane();
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_PNG)
        .cacheControl(CacheControl.noStore())
        .header(
            "Geminal-Pane",
            pane.leftMm() + "," + pane.lowMm() + "," + pane.widthMm() + "," + pane.heightMm())
        .header("Geminal-View", drawn.sight().widthMm() + "," + drawn.sight().heightMm())
        .header("Geminal-Layers-Ground", Long.toString(drawn.sight().layersGround()))
        .body(drawn.png());
  }

  /** A picture or outlines to keep. */
  @ApiResponse(
      responseCode = "200",
      description = "The file.",
      content = {
        @Content(mediaType = "image/png", schema = @Schema(type = "string", format = "binary")),
        @Content(mediaType = "image/svg+xml", schema = @Schema(type = "string"))
      })
  @Operation(operationId = "exportPicture")
  @PostMapping("/api/v1/pictures/files")
  @RequiredRank(Rank.GUEST)
  ResponseEntity<byte[]> file(@RequestBody FileBody body, Principal who) {
    PictureRequest wanted = Require.present("wanted", body.wanted());
    String title = Require.text("title", body.title(), 200);
    return switch (Require.present("as", body.as())) {
      case PNG ->
          ResponseEntity.ok()
              .contentType(MediaType.IMAGE_PNG)
              .body(pictures.drawn(wanted, false, turn(who), () -> false).orElseThrow().png());
      case SVG ->
          ResponseEntity.ok()
              .contentType(SVG)
              .body(pictures.outlines(wanted, title, turn(who)).getBytes(StandardCharsets.UTF_8));
    };
  }

  /** Counts what a line crosses. */
  @Operation(operationId = "scanPicture")
  @PostMapping("/api/v1/pictures/scan")
  @RequiredRank(Rank.GUEST)
  ScanView scan(@RequestBody ScanBody body, Principal who) {
    return ScanView.of(
        pictures.scanned(
            Require.present("wanted", body.wanted()),
            body.right(),
            body.up(),
            body.toRight(),
            body.toUp(),
            turn(who)));
  }

  private Turns.Person turn(Principal who) {
    return accounts.turnOf(who.getName());
  }
}
