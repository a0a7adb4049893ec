package wexilla.app.platform;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Which household a request asks for. A test header is honoured under a test property only. */
@Component
public class Whose {

    private static final String TEST_HEADER = "X-Test-Household";

    private final boolean testHeader;

    public Whose(@Value("${wexilla.test-household-header:false}") boolean testHeader) {
        this.testHeader = testHeader;
    }

    /** That of who is signed in; empty where nobody is: then it is the one there is. */
    public Optional<UUID> household(Function<String, @Nullable String> headers) {
        return Visitor.now().map(Visitor::household).or(() -> asked(headers));
    }

    /** The same before anybody looked who is signed in. */
    public Optional<UUID> asked(Function<String, @Nullable String> headers) {
        return testHeader ? Optional.ofNullable(headers.apply(TEST_HEADER)).map(UUID::fromString) : Optional.empty();
    }
}
