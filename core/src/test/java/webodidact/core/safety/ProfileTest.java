package webodidact.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import webodidact.core.food.Allergen;
import webodidact.core.food.Risk;

class ProfileTest {
    @Test
    void figuresAreReadInTheScaleOfTheRegion() {
        assertThat(Profile.UK.degrees(Profile.UK.core(Risk.RAW_POULTRY))).isEqualTo("75 °C");
        assertThat(Profile.US.degrees(Profile.US.core(Risk.RAW_POULTRY))).isEqualTo("165 °F");
        assertThat(Profile.US.degrees(Profile.US.fridge())).isEqualTo("40 °F");
        assertThat(Profile.US.degrees(Profile.US.core(Risk.RAW_MINCE))).isEqualTo("160 °F");
        assertThat(Profile.US.degrees(Profile.US.core(Risk.RAW_EGG))).isEqualTo("160 °F");
        assertThat(Profile.UK.degrees(Profile.UK.hotHolding())).isEqualTo("63 °C");
        assertThat(Profile.US.celsius(70)).isEqualTo("158 °F");
        assertThat(Profile.AU_NZ.core(Risk.READY)).isZero();
    }

    @Test
    void theListsOfNamedAllergensDiffer() {
        assertThat(Profile.EU.named())
                .contains(Allergen.CELERY, Allergen.MUSTARD, Allergen.LUPIN, Allergen.GLUTEN)
                .hasSize(14);
        assertThat(Profile.US.named())
                .contains(Allergen.SESAME, Allergen.WHEAT)
                .doesNotContain(Allergen.CELERY)
                .hasSize(9);
        for (var profile : Profile.values())
            assertThat(profile.named())
                    .as(profile.title())
                    .contains(
                            Allergen.MILK,
                            Allergen.EGGS,
                            Allergen.FISH,
                            Allergen.PEANUTS,
                            Allergen.NUTS,
                            Allergen.SOYA);
    }
}
