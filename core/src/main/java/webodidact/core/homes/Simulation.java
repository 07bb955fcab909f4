package webodidact.core.homes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import webodidact.core.branch.Branches;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.timing.Schedule;

/**
 * Many evenings in the homes, played with dice from a seed: the finish of step k at home is F(k) = max(F(k-1), S(k), ready of
 * the waits collected in k) + d(k). Equations in docs/timing.md. The same seed gives the same answer, on any machine.
 */
public final class Simulation {
    /**
     * One step in all homes.
     *
     * @param ready homes that are done with all before it when it is shown
     * @param homes that were played
     * @param holdFor85 seconds more, before this step, with which 85 % are ready; 0 if they are
     * @param early when the quickest tenth has finished it, seconds after air began
     * @param middle when half has
     * @param late when nine tenths have
     */
    public record StepPace(
            String id, int number, int ready, int homes, int holdFor85, int early, int middle, int late) {
        /** Percent, rounded to the nearest. */
        public int percent() {
            return homes == 0 ? 100 : (int) ((ready * 200L + homes) / (homes * 2L));
        }
    }

    /**
     * A home that is not ready in most of its evenings.
     *
     * @param step number of the step at which it is furthest behind
     * @param seconds behind there in half of its evenings
     */
    public record Behind(HomePace home, int step, int seconds, String why) {}

    /** @param behind the furthest behind first */
    public record Result(List<StepPace> steps, List<Behind> behind, int homes, long seed) {
        public Result {
            steps = List.copyOf(steps);
            behind = List.copyOf(behind);
        }

        public Optional<StepPace> of(String step) {
            return steps.stream().filter(s -> s.id().equals(step)).findFirst();
        }

        /** The step at which fewest are ready, the first of those; empty if all always are. */
        public Optional<StepPace> worst() {
            return steps.stream().filter(s -> s.ready() < s.homes()).min(Comparator.comparingInt(StepPace::ready));
        }
    }

    private static final int ASK_EVERY = 128;
    /** Seconds of a wait at home that are played: a day. */
    private static final int LONGEST = 24 * 3600;
    /** Milliseconds at which a home's evening is cut off, eighteen days: beyond it nobody is compared. */
    private static final int FOREVER = 18 * 24 * 3600 * 1000;

    private final List<HomePace> paces;
    private final int homes;
    private final int steps;
    private final long seed;
    /** Milliseconds of each step in each home, home by home. */
    private final int[] took;

    /** Milliseconds of them in which the home was stuck. */
    private final int[] stuck;

    /** Of each household: of a fork it takes its own branch. */
    private final Way[] ways;

    /** Index of the step with which each is shown: of a branch that is not on air, the first of its fork. */
    private final int[] shownWith;

    private final List<String> ids;
    private final int grace;

    private Simulation(Lesson lesson, List<HomePace> paces, Chance chance, int homes, long seed) {
        grace = chance.grace() * 1000;
        this.paces = paces;
        this.homes = homes;
        this.seed = seed;
        steps = lesson.steps().size();
        took = new int[Math.multiplyExact(homes, steps)];
        stuck = new int[took.length];
        ids = lesson.steps().stream().map(Step::id).toList();
        var known = new IdentityHashMap<Lesson, Way>();
        ways = paces.stream()
                .map(p -> known.computeIfAbsent(p.lesson(), l -> new Way(lesson, l)))
                .toArray(Way[]::new);
        shownWith = IntStream.range(0, steps).toArray();
        var offAir = Branches.offAir(lesson);
        for (var fork : Branches.forks(lesson))
            for (int i = fork.from(); i < fork.to(); i++) if (offAir.contains(ids.get(i))) shownWith[i] = fork.from();
    }

    /** The waits of the lesson as one branch takes it. */
    private static final class Way {
        private final int[] waitLow;
        /** For each step the steps whose waits are collected in it: most have none, and a long lesson is not gone through for each. */
        private final int[][] collected;

        private final boolean[] stayed;
        /** Steps that this branch leaves out. */
        private final boolean[] left;

        Way(Lesson whole, Lesson taken) {
            int steps = taken.steps().size();
            waitLow = new int[steps];
            var collectedIn = new HashMap<Integer, List<Integer>>();
            var places = new HashMap<String, Integer>();
            for (int i = 0; i < steps; i++) places.put(taken.steps().get(i).id(), i);
            stayed = new boolean[steps];
            left = new boolean[steps];
            for (int i = 0; i < steps; i++) {
                left[i] = taken != whole
                        && !whole.steps().get(i).branch().isEmpty()
                        && Branches.isLeftOut(taken.steps().get(i));
                var wait = taken.steps().get(i).waiting();
                int by = wait != null && wait.cover() instanceof Cover.CarryOn(var at)
                        ? places.getOrDefault(at, -1)
                        : -1;
                if (by > i)
                    collectedIn.computeIfAbsent(by, k -> new ArrayList<>()).add(i);
                stayed[i] = wait != null && wait.cover() instanceof Cover.Stay;
                // Nobody waits at home for a ham that hangs for a month: an evening ends after a day.
                waitLow[i] = wait == null ? 0 : Math.min(wait.time().low(), LONGEST) * 1000;
            }
            collected = new int[steps][];
            for (int i = 0; i < steps; i++)
                collected[i] = collectedIn.getOrDefault(i, List.of()).stream()
                        .mapToInt(Integer::intValue)
                        .toArray();
        }
    }

    /**
     * Throws the dice for all homes; what they took is then played against any schedule of the same steps.
     *
     * @param homes 1 or more; the households are taken in turn
     * @return empty if it was stopped
     */
    public static Optional<Simulation> of(
            Lesson lesson, List<HomePace> paces, Chance chance, int homes, long seed, Progress progress) {
        if (homes < 1) throw new IllegalArgumentException(Words.OURS.say("wrong.simulation", homes));
        var simulation = new Simulation(lesson, paces, chance, homes, seed);
        var fresh = firstUses(lesson);
        for (int h = 0; h < homes; h++) {
            if (h % ASK_EVERY == 0 && !progress.reached((int) (h * 1000L / homes))) return Optional.empty();
            simulation.throwDice(h, chance, fresh);
        }
        return Optional.of(simulation);
    }

    private static boolean[] firstUses(Lesson lesson) {
        var seen = new HashSet<String>();
        var fresh = new boolean[lesson.steps().size()];
        for (int i = 0; i < fresh.length; i++) {
            for (var use : lesson.steps().get(i).uses()) fresh[i] |= seen.add(use.line());
            for (var tool : lesson.steps().get(i).tools()) fresh[i] |= seen.add("tool/" + tool);
        }
        return fresh;
    }

    private void throwDice(int home, Chance chance, boolean[] fresh) {
        var dice = new SplittableRandom(seed * 0x9E3779B97F4A7C15L + home);
        var pace = paces.get(home % paces.size());
        // The sum of two dice: the middle is likelier than the ends.
        int skill = 1000 + about(dice, chance.skill());
        for (int k = 0; k < steps; k++) {
            int usual = pace.millis().get(k);
            if (usual == 0) continue;
            long time = (long) usual * skill / 1000 * (1000 + about(dice, chance.mood())) / 1000;
            if (fresh[k] && dice.nextInt(1000) < chance.fetch()) time += dice.nextInt(chance.fetchSeconds() * 1000 + 1);
            if (dice.nextInt(1000) < chance.stuck())
                stuck[home * steps + k] = dice.nextInt(chance.stuckSeconds() * 1000 + 1);
            time += stuck[home * steps + k];
            took[home * steps + k] = (int) Math.min(time, FOREVER);
        }
    }

    private static int about(SplittableRandom dice, int most) {
        return most == 0 ? 0 : (dice.nextInt(2 * most + 1) + dice.nextInt(2 * most + 1)) / 2 - most;
    }

    /** Plays all homes against when each step is shown. */
    public Result against(Schedule schedule) {
        var finish = new int[steps][homes];
        var lag = new int[steps][homes];
        int[] shown = shown(schedule);
        var here = new int[steps];
        for (int h = 0; h < homes; h++) {
            play(h, shown, here, lag);
            for (int k = 0; k < steps; k++) finish[k][h] = here[k];
        }
        var behind = behind(lag);
        var all = new ArrayList<StepPace>();
        for (int k = 0; k < steps; k++) {
            int ready = 0;
            for (int l : lag[k]) if (l <= 0) ready++;
            Arrays.sort(lag[k]);
            Arrays.sort(finish[k]);
            int hold = Math.max(0, lag[k][at(85)]);
            all.add(new StepPace(
                    ids.get(k),
                    k + 1,
                    ready,
                    homes,
                    (hold + 999) / 1000,
                    finish[k][at(10)] / 1000,
                    finish[k][at(50)] / 1000,
                    finish[k][at(90)] / 1000));
        }
        return new Result(all, behind, homes, seed);
    }

    /**
     * One evening of one home.
     *
     * @param finish by step, second since air at which it is done with it, rounded up
     * @param lag by step, seconds by which the home was not done with all before it when it was shown; negative if it had to wait
     * @param stuck by step, seconds in which it did not know what to do, rounded down
     */
    public record Evening(HomePace home, List<Integer> finish, List<Integer> lag, List<Integer> stuck) {
        public Evening {
            finish = List.copyOf(finish);
            lag = List.copyOf(lag);
            stuck = List.copyOf(stuck);
        }
    }

    /** The first evening of each household, each against when the steps were and will be shown. */
    public List<Evening> evenings(Schedule schedule) {
        int[] shown = shown(schedule);
        var all = new ArrayList<Evening>();
        for (int h = 0; h < Math.min(homes, paces.size()); h++) {
            var finish = new int[steps];
            var lag = new int[steps][homes];
            play(h, shown, finish, lag);
            int home = h;
            all.add(new Evening(
                    paces.get(h),
                    Arrays.stream(finish)
                            .map(f -> Math.ceilDiv(f, 1000))
                            .boxed()
                            .toList(),
                    Arrays.stream(lag).map(l -> Math.ceilDiv(l[home], 1000)).toList(),
                    Arrays.stream(stuck, home * steps, (home + 1) * steps)
                            .map(s -> s / 1000)
                            .boxed()
                            .toList()));
        }
        return List.copyOf(all);
    }

    private int[] shown(Schedule schedule) {
        return IntStream.of(shownWith)
                .map(i -> Math.min(schedule.steps().get(i).span().start(), FOREVER / 1000) * 1000)
                .toArray();
    }

    /** Index of the value that so many percent do not exceed. */
    private int at(int percent) {
        return Math.max(0, (int) ((homes * (long) percent + 99) / 100) - 1);
    }

    private void play(int home, int[] shown, int[] finish, int[][] lag) {
        int now = 0;
        var way = ways[home % ways.length];
        for (int k = 0; k < steps; k++) {
            if (way.left[k]) {
                finish[k] = now;
                continue;
            }
            lag[k][home] = now - shown[k] - grace;
            int start = Math.max(now, shown[k]);
            for (int j : way.collected[k]) start = Math.max(start, Math.min(finish[j], FOREVER) + way.waitLow[j]);
            now = Math.min(start, FOREVER) + Math.min(took[home * steps + k], FOREVER / 4);
            finish[k] = now;
            if (way.stayed[k]) now = Math.min(now, FOREVER) + way.waitLow[k];
        }
    }

    /** Where half of a household's evenings are behind; before the lags are sorted. */
    private List<Behind> behind(int[][] lag) {
        var all = new ArrayList<Behind>();
        int n = paces.size();
        for (int p = 0; p < Math.min(n, homes); p++) {
            int worst = 0;
            int step = -1;
            for (int k = 0; k < steps; k++) {
                int middle = middle(lag[k], p, n);
                if (middle > worst) {
                    worst = middle;
                    step = k;
                }
            }
            if (step >= 0 && worst >= 1000)
                all.add(new Behind(paces.get(p), step + 1, worst / 1000, why(paces.get(p))));
        }
        all.sort(Comparator.comparingInt((Behind b) -> -b.seconds())
                .thenComparing(b -> b.home().home().alias()));
        return all;
    }

    private static int middle(int[] lag, int from, int every) {
        var own = new int[(lag.length - from + every - 1) / every];
        for (int i = 0; i < own.length; i++) own[i] = lag[from + i * every];
        Arrays.sort(own);
        return own[own.length / 2];
    }

    /** The reason that costs most, and what it is in that home. */
    private static String why(HomePace pace) {
        var reason =
                pace.because().entrySet().stream().filter(e -> e.getValue() > 0).max(Map.Entry.comparingByValue());
        var why = reason.map(r -> r.getKey().title()).orElse(Words.OURS.say("reason.pace"));
        return pace.notes().isEmpty() ? why : Words.OURS.say("reason.noted", why, pace.notes());
    }
}
