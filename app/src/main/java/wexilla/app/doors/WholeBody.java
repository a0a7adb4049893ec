package wexilla.app.doors;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;

/** A request whose words have all come. */
final class WholeBody extends HttpServletRequestWrapper {

    private static final int PIECE = 16 * 1024;

    private final byte[] body;

    private WholeBody(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
    }

    /**
     * Reads all of it.
     *
     * @return empty when it was not there in this time; its length is checked before
     */
    static Optional<HttpServletRequest> read(HttpServletRequest request, Duration most) throws IOException {
        long until = System.nanoTime() + most.toNanos();
        ByteArrayOutputStream all = new ByteArrayOutputStream(PIECE);
        byte[] piece = new byte[PIECE];
        InputStream words = request.getInputStream();
        for (int many = words.read(piece); many >= 0; many = words.read(piece)) {
            if (System.nanoTime() > until) {
                return Optional.empty();
            }
            all.write(piece, 0, many);
        }
        return Optional.of(new WholeBody(request, all.toByteArray()));
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream words = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public boolean isFinished() {
                return words.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new IllegalStateException("it has all come already");
            }

            @Override
            public int read() {
                return words.read();
            }

            @Override
            public int read(byte[] into, int from, int length) {
                return words.read(into, from, length);
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
