package app.geminal.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.http.MediaType;

/** An endpoint that is sent a photograph as it is: JPEG or PNG. */
@Documented
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@RequestBody(
    required = true,
    content = {
      @Content(
          mediaType = MediaType.IMAGE_JPEG_VALUE,
          schema = @Schema(type = "string", format = "binary")),
      @Content(
          mediaType = MediaType.IMAGE_PNG_VALUE,
          schema = @Schema(type = "string", format = "binary"))
    })
public @interface PhotographBody {}
