package wovenset.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Bodies other than uploads are read up to {@value #MOST_BYTES} bytes: no edit of any piece is nearly as large. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final int MOST_BYTES = 8_000_000;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getContentType() != null && request.getContentType().startsWith("multipart/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
            response.setContentType("application/problem+json");
            response.getWriter().write("{\"status\":413,\"detail\":\"A request has at most 8 MB.\"}");
            return;
        }
        chain.doFilter(new Limited(request), response);
    }

    /** What is sent without telling its length ends at the limit, where it is no longer whole. */
    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new LimitedStream(super.getInputStream());
        }
    }

    private static final class LimitedStream extends ServletInputStream {
        private final ServletInputStream in;
        private int left = MOST_BYTES;

        LimitedStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            return left-- > 0 ? in.read() : -1;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            if (left <= 0) {
                return -1;
            }
            int count = in.read(into, from, Math.min(length, left));
            left -= Math.max(0, count);
            return count;
        }

        @Override
        public boolean isFinished() {
            return left <= 0 || in.isFinished();
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
