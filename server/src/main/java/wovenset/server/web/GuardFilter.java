package wovenset.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.HashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import wovenset.server.WovensetProperties;

/**
 * Lets in only requests that a page of this application would send. A foreign Host (a name made to point here) and a
 * foreign Origin (another site's page) are turned away, and the browser is told to load nothing from elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class GuardFilter extends OncePerRequestFilter {
    static final String POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' blob: data:; "
                    + "font-src 'self'; connect-src 'self'; form-action 'none'; frame-ancestors 'none'; base-uri 'none'";

    private final Set<String> hosts = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));

    GuardFilter(WovensetProperties properties) {
        properties.hosts().stream().filter(host -> !host.isBlank()).forEach(hosts::add);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        String host = request.getHeader("Host");
        String origin = request.getHeader("Origin");
        if (host == null
                || !hosts.contains(nameOf(host))
                || origin != null && !origin.equals(request.getScheme() + "://" + host)) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        chain.doFilter(request, response);
    }

    private static @Nullable String nameOf(String host) {
        try {
            return URI.create("http://" + host).getHost();
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
