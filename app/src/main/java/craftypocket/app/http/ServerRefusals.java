package craftypocket.app.http;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** What the server refuses by itself, before any of this program is asked, is answered by a problem document too. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class ServerRefusals implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            StandardHost host = (StandardHost) context.getParent();
            host.getPipeline().addValve(new ProblemReport());
            host.setErrorReportValveClass(ProblemReport.class.getName());
        });
    }

    /** Public for the server, which makes one by the name of its class. */
    public static final class ProblemReport extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable failure) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            String problem = """
                    {"type":"%s","title":"Not understood","status":%d,\
                    "detail":"The server could not make sense of this request. Open Crafty Pocket in a browser."}""".formatted(Kind.UNREADABLE.type(), status);
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setCharacterEncoding(StandardCharsets.UTF_8.name());
                if (response.getReporter() != null) {
                    response.getReporter().write(problem);
                    response.finishResponse();
                }
            } catch (IOException gone) {
                // Nobody waits for it any more.
            }
        }
    }
}
