package webodidact.desktop.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class RunsTest {
    /** What would be run on the interface thread, run by the test. */
    private final LinkedBlockingQueue<Runnable> later = new LinkedBlockingQueue<>();

    private final Runs<String> runs = new Runs<>("test", later::add);

    @AfterEach
    void end() {
        runs.close();
    }

    private void next() throws InterruptedException {
        var task = later.poll(5, TimeUnit.SECONDS);
        assertThat(task).isNotNull();
        task.run();
    }

    @Test
    void progressAndResultComeOnTheInterfaceThread() throws Exception {
        runs.request(p -> p.reached(250) ? "done" : null);
        assertThat(runs.isRunning()).isTrue();
        next();
        assertThat(runs.progressProperty().get()).isEqualTo(0.25);
        next();
        assertThat(runs.result()).isEqualTo("done");
        assertThat(runs.isRunning()).isFalse();
    }

    @Test
    void theNewestWinsAndTheOlderIsToldToStop() throws Exception {
        var begun = new CountDownLatch(1);
        var go = new CountDownLatch(1);
        var goesOn = new ArrayList<Boolean>();
        runs.request(p -> {
            begun.countDown();
            await(go);
            goesOn.add(p.reached(500));
            return "old";
        });
        await(begun);
        runs.request(p -> "new");
        go.countDown();
        while (runs.result() == null) next();
        assertThat(runs.result()).isEqualTo("new");
        assertThat(goesOn).containsExactly(false);
    }

    @Test
    void whatIsStoppedLeavesTheLastResult() throws Exception {
        runs.request(p -> "first");
        while (runs.result() == null) next();
        var begun = new CountDownLatch(1);
        var go = new CountDownLatch(1);
        runs.request(p -> {
            begun.countDown();
            await(go);
            return p.reached(1) ? "second" : null;
        });
        await(begun);
        runs.stop();
        assertThat(runs.isRunning()).isFalse();
        go.countDown();
        next();
        assertThat(runs.result()).isEqualTo("first");
        runs.clear();
        assertThat(runs.result()).isNull();
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(5, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
