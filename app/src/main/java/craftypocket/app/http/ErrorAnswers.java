package craftypocket.app.http;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** Answers where something was refused before a controller was found. The {@link Gate} lets nobody ask for this directly. */
@Controller
@Hidden
class ErrorAnswers implements ErrorController {

    @RequestMapping("/error")
    @ResponseBody
    ProblemDetail error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        return Problems.of(
                status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status,
                "Not done here",
                "This cannot be asked in this way. Open Crafty Pocket in a browser, or see docs/api.md.",
                List.of());
    }
}
