package wexilla.app.doors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import tools.jackson.databind.json.JsonMapper;

/** Previews need no sign-in; a page that asks without end is told to wait, and everything else goes on. */
class PreviewRateTest {

    private final Border border = new Border(new JsonMapper(), new HouseNetwork.Names(List.of()), 3, 1);
    private final FilterChain further = mock(FilterChain.class);

    private static HttpServletRequest post(String path) {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.getMethod()).thenReturn("POST");
        when(request.getServletPath()).thenReturn(path);
        when(request.getHeader("Host")).thenReturn("127.0.0.1:8080");
        when(request.getContentType()).thenReturn("application/json");
        when(request.getContentLengthLong()).thenReturn(0L);
        return request;
    }

    private HttpServletResponse ask(String path) throws Exception {
        HttpServletResponse response = mock(HttpServletResponse.class);
        when(response.getOutputStream()).thenReturn(mock(ServletOutputStream.class));
        border.doFilterInternal(post(path), response, further);
        return response;
    }

    @Test
    void afterTheBurstItIsTooMany() throws Exception {
        for (int i = 0; i < 3; i++) {
            verify(ask("/api/preview/line"), never()).setStatus(429);
        }
        HttpServletResponse refused = ask("/api/preview/line");
        ArgumentCaptor<Integer> status = ArgumentCaptor.forClass(Integer.class);
        verify(refused).setStatus(status.capture());
        assertThat(status.getValue()).isEqualTo(429);
        verify(refused).setHeader("Retry-After", "1");
        verify(ask("/api/onhand/note"), never()).setStatus(429);
        verify(further, times(4)).doFilter(org.mockito.ArgumentMatchers.any(), org.mockito.ArgumentMatchers.any());
    }
}
