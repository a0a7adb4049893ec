package wexilla.app.household;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Whose;
import wexilla.core.kitchen.house.Household;

/** Hands controllers the household a request belongs to. */
@Component
class HouseholdArgument implements HandlerMethodArgumentResolver, WebMvcConfigurer {

    private final Households households;
    private final Whose whose;

    HouseholdArgument(Households households, Whose whose) {
        this.households = households;
        this.whose = whose;
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
        return households
                .find(whose.household(request::getHeader))
                .orElseThrow(() -> Problem.missing("There is no household here yet."));
    }
}
