package yellowkite.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Refuses requests that were led here by another name, changes that another page asks for, and what no request of ours is like; says what a
 * page from here may load.
 */
@Component
final class Doorkeeper extends OncePerRequestFilter {
    /** An edit is a few hundred bytes; only files are large. */
    private static final long MAX_WORDS_BYTES = 1 << 20;
    private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> CHANGES_NOTHING = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OWN_SITES = Set.of("same-origin", "none"); // none = typed, or a program that is no page
    private final JsonMapper json;

    Doorkeeper(JsonMapper json) {
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        protect(request, response);
        if (!HERE.contains(request.getServerName())) {
            refuse(response, HttpStatus.FORBIDDEN, "Yellow Kite answers under 127.0.0.1 and localhost only.");
        } else if (!CHANGES_NOTHING.contains(request.getMethod()) && isForeign(request)) {
            refuse(response, HttpStatus.FORBIDDEN,
                    "Another page asked for this change; changes are taken from Yellow Kite's own page only.");
        } else if (request.getRequestURI().equals("/error")) {
            refuse(response, HttpStatus.NOT_FOUND, "There is nothing at this address.");
        } else if (!isKindOfContent(request.getContentType())) {
            refuse(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The request is not in a form that this address reads.");
        } else if (isFiles(request)) {
            chain.doFilter(request, response);
        } else {
            words(request, response, chain);
        }
    }

    private void words(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        try {
            request.getParameterMap(); // read here, so that what cannot be read is told in one place
        } catch (InvalidParameterException unreadable) {
            refuse(response, HttpStatus.BAD_REQUEST,
                    "The address holds a value that cannot be read: after % there are two digits of 0 to 9 and A to F, and the text is UTF-8.");
            return;
        }
        if (request.getContentLengthLong() > MAX_WORDS_BYTES) {
            refuse(response, HttpStatus.CONTENT_TOO_LARGE, "That is more than can be imported at once.");
            return;
        }
        chain.doFilter(request.getContentLengthLong() < 0 ? new Counted(request) : request, response);
    }

    private static void protect(HttpServletRequest request, HttpServletResponse response) {
        response.setHeader("Content-Security-Policy",
                "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        if (request.getRequestURI().startsWith("/assets/")) {
            response.setHeader("Cache-Control", "public, max-age=31536000, immutable"); // their names change with their content
        } else if (!request.getRequestURI().startsWith("/api/media/")) {
            response.setHeader("Cache-Control", "no-store");
        }
    }

    /** A browser says which page asks; a program that is no browser says nothing, and may. */
    private static boolean isForeign(HttpServletRequest request) {
        var origin = request.getHeader("Origin");
        if (origin != null) {
            return !origin.equals(request.getScheme() + "://" + request.getHeader("Host"));
        }
        var site = request.getHeader("Sec-Fetch-Site");
        return site != null && !OWN_SITES.contains(site);
    }

    private static boolean isKindOfContent(@Nullable String kind) {
        try {
            return kind == null || MediaType.parseMediaType(kind).isConcrete();
        } catch (InvalidMediaTypeException none) {
            return false;
        }
    }

    private static boolean isFiles(HttpServletRequest request) {
        var kind = request.getContentType();
        return kind != null && kind.startsWith("multipart/");
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
            .write(json.writeValueAsString(ProblemDetail.forStatusAndDetail(status, sentence)).getBytes(StandardCharsets.UTF_8));
    }

    /** Said by {@link Problems} as 413: a body that does not tell its length is counted while it is read. */
    static final class TooLong extends IOException {
        private static final long serialVersionUID = 1;
    }

    private static final class Counted extends HttpServletRequestWrapper {
        Counted(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream());
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        CountedStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int next = in.read();
            count(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] to, int from, int most) throws IOException {
            int got = in.read(to, from, most);
            count(Math.max(0, got));
            return got;
        }

        private void count(int more) throws TooLong {
            read += more;
            if (read > MAX_WORDS_BYTES) {
                throw new TooLong();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
