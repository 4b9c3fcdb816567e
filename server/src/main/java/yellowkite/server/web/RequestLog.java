package yellowkite.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Writes one line for each request, with a number by which it is found again when its asker was told that something went wrong. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
final class RequestLog extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger("yellowkite.requests");
    private static final String NUMBER = "kite.request";
    private static final String API = "/api/";
    private static final int LONGEST_PATH = 200;
    private static final double NANOS_IN_MILLI = 1e6;

    /** {@return the number of the request that is being answered; empty outside of one} */
    static String number() {
        var request = RequestContextHolder.getRequestAttributes();
        return request != null && request.getAttribute(NUMBER, RequestAttributes.SCOPE_REQUEST) instanceof String number ? number : "";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var number = HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextInt());
        request.setAttribute(NUMBER, number);
        long begun = System.nanoTime();
        try {
            chain.doFilter(request, response);
        } finally {
            if (LOG.isInfoEnabled() && request.getRequestURI().startsWith(API)) {
                var path = request.getRequestURI();
                LOG.info("{} {} {} {} {} ms", number, request.getMethod(),
                        path.length() <= LONGEST_PATH ? path : path.substring(0, LONGEST_PATH), response.getStatus(),
                        Math.round((System.nanoTime() - begun) / NANOS_IN_MILLI));
            }
        }
    }
}
