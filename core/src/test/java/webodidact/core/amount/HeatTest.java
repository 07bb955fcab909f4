package webodidact.core.amount;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class HeatTest {
    @Test
    void oneHeatInAllScales() {
        var heat = new Heat(175, 175, Heat.Mode.CONVENTIONAL);
        assertThat(OvenScale.fahrenheit(175)).isEqualTo(350);
        assertThat(OvenScale.gas(175)).contains(4);
        assertThat(OvenScale.other(heat)).isEqualTo(new Heat(155, 155, Heat.Mode.FAN));
        assertThat(OvenScale.text(heat)).isEqualTo("175 °C conventional = 155 °C fan = 350 °F = gas 4");
        assertThat(OvenScale.text(new Heat(155, 155, Heat.Mode.FAN))).isEqualTo(OvenScale.text(heat));
    }

    @Test
    void everyGasMarkComesBack() {
        for (int mark = 1; mark <= 9; mark++)
            assertThat(OvenScale.gas(OvenScale.celsiusOfGas(mark))).contains(mark);
        assertThat(OvenScale.gas(60)).isEmpty();
        assertThatThrownBy(() -> OvenScale.celsiusOfGas(10)).hasMessage("Gas mark '10': expected 1 to 9");
    }

    @Test
    void anUnstatedOvenIsNotGuessed() {
        var heat = new Heat(180, 200, Heat.Mode.UNSTATED);
        assertThatThrownBy(() -> OvenScale.other(heat)).hasMessageContaining("expected fan or conventional to be said");
        assertThat(heat.text()).isEqualTo("180–200 °C fan or conventional?");
        assertThatThrownBy(() -> new Heat(200, 180, Heat.Mode.FAN)).hasMessageContaining("the lower first");
    }

    @Test
    void microwaveTimeGoesWithWattageAndLoad() {
        assertThat(Microwave.seconds(180, 900, 600)).isEqualTo(270);
        assertThat(Microwave.seconds(95, 800, 800)).isEqualTo(100);
        assertThat(Microwave.forLoad(180, Ratio.of(2))).isEqualTo(360);
        assertThatThrownBy(() -> Microwave.seconds(60, 0, 800))
                .hasMessage("Microwave of '0 W': expected 100 to 2000 W");
    }

    @Test
    void oneSettingStandsOnEveryDial() {
        var fan = new Heat(180, 180, Heat.Mode.FAN);
        assertThat(OvenScale.onEveryDial(fan, MeasureSystem.METRIC))
                .isEqualTo("180 °C fan (200 °C conventional, 400 °F, gas 6)");
        assertThat(OvenScale.onEveryDial(fan, MeasureSystem.US))
                .isEqualTo("400 °F (180 °C fan, 200 °C conventional, gas 6)");
        assertThat(OvenScale.onEveryDial(new Heat(200, 220, Heat.Mode.CONVENTIONAL), MeasureSystem.METRIC))
                .isEqualTo("200–220 °C conventional (180–200 °C fan, 400–425 °F, gas 6)");
        assertThat(OvenScale.onEveryDial(new Heat(180, 180, Heat.Mode.UNSTATED), MeasureSystem.METRIC))
                .as("of which oven nobody has said")
                .isEqualTo(new Heat(180, 180, Heat.Mode.UNSTATED).text());
    }
}
