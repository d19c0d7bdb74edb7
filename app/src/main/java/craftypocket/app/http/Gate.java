package craftypocket.app.http;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stands before everything else. Pages of other sites that are open in the same browser get no answer, not even to a
 * reading request, for even that can cost this machine a lot. Whatever is sent is sent as JSON: nothing else is looked at.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class Gate extends OncePerRequestFilter {

    /** What browsers say of requests that this page makes, and of addresses that somebody types. */
    private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

    /** What is no JSON, by where it is read; none of these can be sent by a form of another page. */
    private static final Map<String, MediaType> FILES = Map.of(
            "/api/journal/table.csv", new MediaType("text", "csv"),
            "/api/backup", new MediaType("application", "zip"));

    /** What is sent to be read as JSON has at most so many bytes: a million letters of up to four. */
    private static final long LARGEST_JSON = 4_000_000;

    /** So many send something at the same time, and so many more wait to: the other threads of the server are for those who read. */
    private static final int MOST_SENDING = 120;

    private static final int MOST_WAITING = 130;

    private static final int LONGEST_WAIT_SECONDS = 5;

    private static final String AFTERWARDS = Gate.class.getName() + ".afterwards";

    private final ProblemWriter problems;
    private final Semaphore sending = new Semaphore(MOST_SENDING);

    /**
     * Has something done once the thread of the request under way has left everything behind. Until then it may still write
     * headers of the answer, which nobody else may write to meanwhile.
     */
    public static void afterwards(Runnable does) {
        RequestContextHolder.currentRequestAttributes().setAttribute(AFTERWARDS, does, RequestAttributes.SCOPE_REQUEST);
    }

    Gate(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (computes(request.getRequestURI())) {
            // What is kept here can be another thing the next moment.
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        ProblemDetail problem = problem(request);
        boolean sends = problem == null && hasBody(request);
        if (sends && !begins()) {
            problem = Problems.of(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Busy",
                    "Too much is being sent at the moment. Wait a little and ask again.",
                    List.of());
            sends = false;
        }
        if (problem == null) {
            try {
                chain.doFilter(request, response);
            } finally {
                if (sends) {
                    sending.release();
                }
            }
            if (request.getAttribute(AFTERWARDS) instanceof Runnable afterwards) {
                afterwards.run();
            }
        } else {
            problems.write(problem, response);
        }
    }

    /** Whether what is sent may be read now; soon, if it is not now. */
    private boolean begins() {
        try {
            return sending.tryAcquire()
                    || sending.getQueueLength() < MOST_WAITING
                            && sending.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException ends) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static ProblemDetail problem(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.equals("/error") && request.getDispatcherType() == DispatcherType.REQUEST) {
            return NotThere.PROBLEM;
        }
        if (computes(path) && foreign(request)) {
            return Problems.of(
                    HttpStatus.FORBIDDEN,
                    "Not from this page",
                    "This request came from another site. Open Crafty Pocket itself.",
                    List.of());
        }
        // Whoever only reads may say a type, as long as it is one.
        String type = request.getContentType();
        boolean saysType = type != null && (!request.getMethod().equals("GET") || type.contains("*"));
        if ((hasBody(request) || saysType) && !isRead(path, type)) {
            return FILES.containsKey(path)
                    ? Problems.of(
                            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                            "Not such a file",
                            "Only a file of the type " + FILES.get(path) + " is read here.",
                            List.of())
                    : Problems.of(
                            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                            "Not JSON",
                            "Only JSON is read here. Send it with the header Content-Type: application/json.",
                            List.of());
        }
        if (!FILES.containsKey(path) && request.getContentLengthLong() > LARGEST_JSON) {
            return Problems.of(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    "What is sent here has at most a million letters. Send less. Nothing was changed.",
                    List.of());
        }
        return null;
    }

    private static boolean computes(String path) {
        return path.startsWith("/api") || path.startsWith("/v3");
    }

    private static boolean foreign(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        String own = request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST);
        return (site != null && !OWN_SITES.contains(site)) || (origin != null && !origin.equalsIgnoreCase(own));
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    private static boolean isRead(String path, String type) {
        try {
            return type != null
                    && FILES.getOrDefault(path, MediaType.APPLICATION_JSON)
                            .equalsTypeAndSubtype(MediaType.parseMediaType(type));
        } catch (InvalidMediaTypeException nonsense) {
            return false;
        }
    }
}
