package wexilla.app.doors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Visitor;

/** Who is signed in on which device; kept in the database, so that a restart and another copy know it. */
@Component
class Sessions {

    private final FindByIndexNameSessionRepository<? extends Session> kept;
    private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final CsrfAuthenticationStrategy tokens;

    Sessions(FindByIndexNameSessionRepository<? extends Session> kept, CsrfTokenRepository csrf) {
        this.kept = kept;
        this.tokens = new CsrfAuthenticationStrategy(csrf);
    }

    /** A device somebody is signed in on. @param handle names it without being what signs in */
    record Device(String handle, String name, Instant seen, String session) {}

    /** Signs in: a new session, whatever the device had before. */
    void begin(Members.Member member, HttpServletRequest request, HttpServletResponse response) {
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        request.getSession(true);
        Visitor visitor = new Visitor(member.household(), member.id(), member.name(), member.role(), device(request));
        Authentication signed = UsernamePasswordAuthenticationToken.authenticated(visitor, null, List.of());
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(signed);
        SecurityContextHolder.setContext(context);
        tokens.onAuthentication(signed, request, response);
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
            // asked for, so that the answer brings the page its new token
            token.getToken();
        }
        contexts.saveContext(context, request, response);
    }

    void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    List<Device> devices(UUID household, UUID member) {
        List<Device> devices = new ArrayList<>();
        kept.findByPrincipalName(Visitor.of(household, member)).forEach((id, session) -> {
            SecurityContext context =
                    session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY);
            String name = context != null
                            && context.getAuthentication() != null
                            && context.getAuthentication().getPrincipal() instanceof Visitor visitor
                    ? visitor.device()
                    : "a device";
            devices.add(new Device(Codes.sha256(id), name, session.getLastAccessedTime(), id));
        });
        return devices;
    }

    /** Ends the sessions of a member, but for one. */
    void endAll(UUID household, UUID member, String butFor) {
        kept.findByPrincipalName(Visitor.of(household, member)).keySet().stream()
                .filter(id -> !id.equals(butFor))
                .forEach(kept::deleteById);
    }

    void endOne(Device device) {
        kept.deleteById(device.session());
    }

    /** What a device is, by what its browser says of itself; more is nobody's business. */
    private static String device(HttpServletRequest request) {
        String says = String.valueOf(request.getHeader("User-Agent")).toLowerCase(Locale.ROOT);
        if (says.contains("ipad") || says.contains("tablet") || says.contains("android") && !says.contains("mobile")) {
            return "a tablet";
        }
        return says.contains("mobile") || says.contains("iphone") ? "a phone" : "a computer";
    }
}
