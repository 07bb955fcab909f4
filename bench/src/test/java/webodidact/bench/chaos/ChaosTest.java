package webodidact.bench.chaos;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The attacks in short; in full by {@code webodidact bench chaos}. A fault names the seed that shows it again. */
class ChaosTest {
    private final Tally tally = new Tally();

    @Test
    void whateverIsAcceptedReadsBackEqualAndIsWorkedOut() {
        assertThat(RecordsChaos.run(1, 400, tally)).isEmpty();
        assertThat(tally.of("records read back equal")).as(tally.toString()).isGreaterThan(250);
        assertThat(tally.of("outcomes worked out")).as(tally.toString()).isGreaterThan(120);
    }

    @Test
    void damagedFilesAreReadRefusedOrWarnedOfInWords() throws Exception {
        assertThat(FilesChaos.run(1, 1200, tally)).isEmpty();
        assertThat(tally.of("refused")).isGreaterThan(250);
        assertThat(tally.of("read") + tally.of("read in part")).isGreaterThan(250);
    }

    @Test
    void strangeTextsGoThroughEveryReader() {
        assertThat(TextsChaos.run(1, 250, tally)).isEmpty();
    }

    /** No reader hangs on a hundred thousand letters; how quick each is, the bench says. */
    @Test
    void longTextsHangNoReader() {
        assertThat(TextsChaos.longOnes(1, 3, 2000, tally)).isEmpty();
    }

    @Test
    void aProcessKilledAtAnyMomentLosesNothingOlderThanASecond() throws Exception {
        assertThat(KillChaos.run(1, 2, tally)).isEmpty();
        assertThat(tally.of("kills")).isEqualTo(2);
    }

    @Test
    void aDeskKilledOnAirGoesOnWithEveryKeyThatHadAnEffect() throws Exception {
        assertThat(AirChaos.run(1, 3, tally)).isEmpty();
        assertThat(tally.of("keys")).isGreaterThan(20);
    }

    @Test
    void fullAndForbiddenDisksAndTwoWritersAreTold() throws Exception {
        assertThat(DiskChaos.run(1, 3, tally)).isEmpty();
        assertThat(tally.of("writes of two")).isEqualTo(36);
    }
}
