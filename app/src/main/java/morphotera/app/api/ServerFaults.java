package morphotera.app.api;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the server refuses before any of our code: a problem all the same, never a page of its own. */
@Configuration
class ServerFaults {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> plainFaults() {
        return factory -> factory.addContextCustomizers(context -> {
            StandardHost host = (StandardHost) context.getParent();
            host.setErrorReportValveClass(PlainValve.class.getName());
        });
    }

    /** Broken percent signs, forbidden signs in an address, a header too large. */
    public static final class PlainValve extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable fault) {
            if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                fault(response, response.getStatus());
                response.finishResponse();
            } catch (IOException gone) {
                // Nobody is left to be told.
                return;
            }
        }
    }

    @Controller
    static class Unnamed implements ErrorController {
        @RequestMapping("/error")
        void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
            Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            if (isStorage((Throwable) request.getAttribute(RequestDispatcher.ERROR_EXCEPTION))) {
                // Who is signed in stands in the data file, too.
                response.setHeader(HttpHeaders.RETRY_AFTER, "5");
                PlainProblem.write(
                        response,
                        503,
                        "no-storage",
                        "Cannot save just now",
                        "The data file cannot be reached. What you typed is kept on this device; try again.");
                return;
            }
            fault(response, status instanceof Integer code ? code : 404);
        }
    }

    private static boolean isStorage(Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof DataAccessException || cause instanceof TransactionException) {
                return true;
            }
        }
        return false;
    }

    private static void fault(HttpServletResponse response, int status) throws IOException {
        boolean ours = status >= 500;
        PlainProblem.write(
                response,
                status,
                ours ? "our-fault" : status == 404 ? "not-here" : "not-readable",
                ours ? "Our fault" : status == 404 ? "Not here" : "Not readable",
                ours
                        ? "Something went wrong here. What you typed is kept on this device."
                        : status == 404 ? "There is nothing at this address." : "This request cannot be read.");
    }
}
