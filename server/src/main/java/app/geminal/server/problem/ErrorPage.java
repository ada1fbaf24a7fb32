package app.geminal.server.problem;

import app.geminal.text.Message;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * What the container refused by itself, as a problem document. Asked for directly it is nothing.
 */
@Hidden
@RestController
class ErrorPage implements ErrorController {

  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    HttpStatus status =
        request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
            ? HttpStatus.resolve(code)
            : HttpStatus.NOT_FOUND;
    HttpStatus known = status == null ? HttpStatus.BAD_REQUEST : status;
    return ResponseEntity.status(known)
        .body(
            Problem.of(
                known,
                "request",
                Message.written(known.getReasonPhrase()),
                ProblemText.REQUEST_REFUSED.with(),
                "",
                ProblemText.CHECK_ADDRESS_AND_METHOD_OF_REQUEST.with()));
  }
}
