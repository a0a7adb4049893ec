package wexilla.app.household;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.house.Household;

/** Hands controllers the household a request belongs to. A test header is honoured under a test property only. */
@Component
class HouseholdArgument implements HandlerMethodArgumentResolver, WebMvcConfigurer {

    private static final String TEST_HEADER = "X-Test-Household";

    private final Households households;
    private final boolean testHeader;

    HouseholdArgument(Households households, @Value("${wexilla.test-household-header:false}") boolean testHeader) {
        this.households = households;
        this.testHeader = testHeader;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Household.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        Optional<UUID> asked = testHeader
                ? Optional.ofNullable(request.getHeader(TEST_HEADER)).map(UUID::fromString)
                : Optional.empty();
        return households.find(asked).orElseThrow(() -> Problem.missing("There is no household here yet."));
    }
}
