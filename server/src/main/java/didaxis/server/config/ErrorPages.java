package didaxis.server.config;

import java.io.IOException;
import java.io.Writer;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** What Tomcat refuses by itself, such as an address it cannot decode, is a problem too and no page of its own. */
@Component
class ErrorPages implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) host.setErrorReportValveClass(Report.class.getName());
        });
    }

    /** Made by Tomcat by its name. */
    public static final class Report extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable cause) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) return;
            HttpStatus status = HttpStatus.valueOf(response.getStatus());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setCharacterEncoding("UTF-8");
            try {
                Writer writer = response.getReporter();
                if (writer == null) return;
                writer.write("{\"type\":\"about:blank\",\"title\":\"" + status.getReasonPhrase() + "\",\"status\":"
                        + status.value() + ",\"detail\":\"" + Problems.sentence(status) + "\"}");
                response.finishResponse();
            } catch (IOException e) {
                // Who asked is gone.
                container.getLogger().debug("error report", e);
            }
        }
    }
}
