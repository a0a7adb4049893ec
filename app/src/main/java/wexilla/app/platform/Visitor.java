package wexilla.app.platform;

import java.io.Serializable;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.AuthenticatedPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who is signed in: a member of a household on a device. On an open kitchen nobody is.
 *
 * @param device what the device calls itself, in a word or two
 */
public record Visitor(UUID household, UUID member, String name, Role role, String device)
        implements AuthenticatedPrincipal, Serializable {

    private static final long serialVersionUID = 1L;

    /** What sessions are found by. */
    public static String of(UUID household, UUID member) {
        return household + "/" + member;
    }

    @Override
    public String getName() {
        return of(household, member);
    }

    /** Who asks right now; empty on an open kitchen, and where nobody asks. */
    public static Optional<Visitor> now() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(signed -> signed.getPrincipal())
                .filter(Visitor.class::isInstance)
                .map(Visitor.class::cast);
    }
}
