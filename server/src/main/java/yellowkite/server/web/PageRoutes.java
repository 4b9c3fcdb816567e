package yellowkite.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.filter.OncePerRequestFilter;

/** The page answers at each of its own addresses; it then shows the place that the address names. */
@Controller
class PageRoutes {

    @GetMapping({"/", "/desk/{profileId}", "/profile/{profileId}", "/compare", "/wanted", "/gobos", "/bin", "/intake", "/intake/{id}", "/releases", "/releases/{id}"})
    String page() {
        return "forward:/index.html";
    }

    /** Refuses requests that were led here by another name, and says what a page from here may load. */
    @Component
    static final class Doorkeeper extends OncePerRequestFilter {
        /** An edit is a few hundred bytes; only files are large. */
        private static final long MAX_WORDS_BYTES = 1 << 20;
        private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]");

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (!HERE.contains(request.getServerName())) {
                response.sendError(HttpServletResponse.SC_FORBIDDEN);
                return;
            }
            var kind = request.getContentType();
            if (request.getContentLengthLong() > MAX_WORDS_BYTES && (kind == null || !kind.startsWith("multipart/"))) {
                response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
                return;
            }
            response.setHeader("Content-Security-Policy",
                    "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'");
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            if (request.getRequestURI().startsWith("/assets/")) {
                response.setHeader("Cache-Control", "public, max-age=31536000, immutable"); // their names change with their content
            } else if (!request.getRequestURI().startsWith("/api/media/")) {
                response.setHeader("Cache-Control", "no-store");
            }
            chain.doFilter(request, response);
        }
    }
}
