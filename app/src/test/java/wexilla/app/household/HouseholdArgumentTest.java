package wexilla.app.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.lenient;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.ZoneId;
import java.util.Currency;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.core.MethodParameter;
import org.springframework.web.context.request.NativeWebRequest;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Whose;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;

/** The header that lets a test choose its household must mean nothing in a real kitchen. */
@ExtendWith(MockitoExtension.class)
class HouseholdArgumentTest {

    private static final UUID OTHER = UUID.randomUUID();
    private static final Currency EURO = Currency.getInstance("EUR");

    @Mock
    private Households households;

    @Mock
    private NativeWebRequest request;

    @Mock
    private MethodParameter parameter;

    private static Household household(UUID id) {
        return new Household(
                id,
                "x",
                ZoneId.of("Europe/Paris"),
                EURO,
                KitchenMeasure.System.METRIC,
                Measures.METRIC,
                Seasoning.FLAT,
                Money.of(15, EURO),
                false,
                OwnGoods.NOTHING,
                null,
                1);
    }

    private Object resolved(boolean underTest) {
        return new HouseholdArgument(households, new Whose(underTest)).resolveArgument(parameter, null, request, null);
    }

    @Test
    void theHeaderIsHonouredUnderTheTestProperty() {
        when(request.getHeader("X-Test-Household")).thenReturn(OTHER.toString());
        when(households.find(Optional.of(OTHER))).thenReturn(Optional.of(household(OTHER)));
        assertThat(((Household) resolved(true)).id()).isEqualTo(OTHER);
    }

    @Test
    void theHeaderMeansNothingWithoutIt() {
        UUID own = UUID.randomUUID();
        lenient().when(request.getHeader("X-Test-Household")).thenReturn(OTHER.toString());
        when(households.find(Optional.empty())).thenReturn(Optional.of(household(own)));
        assertThat(((Household) resolved(false)).id()).isEqualTo(own);
        verify(households).find(Optional.empty());
    }

    @Test
    void withoutAHouseholdItIsSaidSo() {
        when(households.find(any())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> resolved(false)).isInstanceOf(Problem.class).hasMessageContaining("no household");
    }
}
