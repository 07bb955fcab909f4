package webodidact.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class KeepingFiguresTest {
    @ParameterizedTest
    @EnumSource(Profile.class)
    void nothingStandsInTheWarmForMoreThanTwoHours(Profile profile) {
        assertThat(profile.coolWithin()).isBetween(60, 120);
    }

    @Test
    void theUnitedKingdomSaysNinetyMinutes() {
        assertThat(Profile.UK.coolWithin()).isEqualTo(90);
        assertThat(Profile.US.coolWithin()).isEqualTo(120);
    }
}
