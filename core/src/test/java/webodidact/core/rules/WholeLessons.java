package webodidact.core.rules;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import webodidact.core.amount.Ratio;
import webodidact.core.answer.Question;
import webodidact.core.check.Finding;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Yield;
import webodidact.core.outcome.Outcome;
import webodidact.core.reading.LineReader;
import webodidact.core.safety.Profile;
import webodidact.core.script.Suggestions;

/** Lessons written as text, with the findings they should have; the head of {@code lessons.txt} tells how. */
final class WholeLessons {
    static final Knowledge KNOWN = Knowledge.shipped();
    private static final Map<String, List<Scored>> SCORED = new ConcurrentHashMap<>();

    /**
     * A finding that should be there.
     *
     * @param step id of its step, "" for the lesson
     * @param must it may not be missing
     */
    record Wanted(String check, String step, boolean must) {
        boolean is(Finding f, Lesson lesson) {
            return f.check().equals(check)
                    && (step.isEmpty()
                            || check.equals("heat-never-off")
                            || f.steps().isEmpty()
                            || isNear(f, lesson.indexOf(step) + 1));
        }

        /** Taking proposals cuts a step in two, and what is never turned off is so from the last step on. */
        private static boolean isNear(Finding f, int number) {
            return f.steps().stream().anyMatch(n -> Math.abs(n - number) <= 1);
        }
    }

    record Whole(Question question, List<Wanted> wanted) {
        String title() {
            return question.lesson().title();
        }

        Outcome outcome() {
            return Outcome.of(question);
        }
    }

    private WholeLessons() {}

    static List<Whole> read(String file) {
        try (InputStream in = WholeLessons.class.getResourceAsStream(file)) {
            return read(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Whole> read(List<String> lines) {
        var all = new ArrayList<Whole>();
        var current = new ArrayList<String>();
        for (var line : lines) {
            if (line.startsWith("# ") && !current.isEmpty()) {
                one(current, all);
                current.clear();
            }
            current.add(line);
        }
        one(current, all);
        return all;
    }

    /** A head without steps is a note. */
    private static void one(List<String> lines, List<Whole> all) {
        if (lines.stream().noneMatch(l -> l.startsWith("= "))) return;
        all.add(whole(lines));
    }

    static Whole whole(List<String> lines) {
        var title = lines.getFirst().substring(2);
        var lesson = Lesson.blank("lesson", 1, title).but(d -> {
            d.slot = 3600;
            d.makes = new Yield(Ratio.of(6), "portions", 6);
        });
        var course = Course.named("Saltmarsh Supper School");
        var homes = new ArrayList<Household>();
        var wanted = new ArrayList<Wanted>();
        var reader = new LineReader(KNOWN);
        for (var line : lines) {
            int space = line.indexOf(' ');
            if (space < 0) continue;
            var rest = line.substring(space + 1).strip();
            int steps = lesson.steps().size();
            switch (line.substring(0, space)) {
                case "for" -> {
                    var cells = rest.split(" ");
                    lesson = lesson.but(d -> {
                        d.audience = Audience.valueOf(cells[0]);
                        d.delivery = Delivery.valueOf(cells[1]);
                        d.slot = Integer.parseInt(cells[2]) * 60;
                        d.makes = cells[3].equals("-")
                                ? Yield.UNKNOWN
                                : new Yield(Ratio.parse(cells[3]), "portions", Integer.parseInt(cells[3]));
                    });
                    course = course.but(d -> d.profile = Profile.valueOf(cells[4]));
                }
                case "homes" -> homes.add(home(rest, homes.size()));
                case "food" -> {
                    var food = reader.read(rest).toFoodLine(lesson.newFoodId());
                    lesson = lesson.but(d -> d.foods = with(d.foods, food));
                }
                case "tool" -> {
                    var name = rest.replaceFirst("^\\d+ ", "");
                    int count = rest.matches("^\\d+ .*") ? Integer.parseInt(rest.split(" ")[0]) : 1;
                    var tool = KNOWN.toolNamed(name)
                            .or(() -> KNOWN.toolNamed(name.replaceFirst("s$", "")))
                            .or(() -> KNOWN.toolNamed(name.replaceFirst(" with.*", "")));
                    var id = lesson.newToolId();
                    lesson = lesson.but(d -> d.tools = with(
                            d.tools, ToolLine.of(id, name, tool.map(t -> t.id()).orElse(null), count)));
                }
                case "=" -> {
                    var cells = rest.split(" ", 2);
                    lesson = lesson.inserting(
                            steps,
                            Step.blank(lesson.newStepId(), Kind.valueOf(cells[0]), cells.length > 1 ? cells[1] : ""));
                }
                case "!" -> wanted.add(new Wanted(rest, last(lesson), true));
                case "~" -> wanted.add(new Wanted(rest, last(lesson), false));
                case "#" -> {}
                case ">" -> lesson = words(lesson, rest, true);
                default -> lesson = words(lesson, line.strip(), false);
            }
        }
        var all = lesson;
        lesson = Suggestions.takingAll(all, all.steps().stream().map(Step::id).toList(), KNOWN, Map.of());
        wanted.removeIf(w -> w.check().equals("none"));
        return new Whole(
                new Question(lesson, course, KNOWN, homes, List.of(lesson), Map.of(), Map.of()), List.copyOf(wanted));
    }

    private static String last(Lesson lesson) {
        return lesson.steps().isEmpty() ? "" : lesson.steps().getLast().id();
    }

    private static <T> List<T> with(List<T> list, T more) {
        var all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    private static Lesson words(Lesson lesson, String text, boolean doing) {
        if (lesson.steps().isEmpty()) return lesson;
        var last = lesson.steps().getLast();
        return lesson.withStep(
                last.id(),
                s -> s.but(d -> {
                    if (doing) d.doing = (d.doing == null ? "" : d.doing + " ") + text;
                    else d.say = (d.say == null ? "" : d.say + " ") + text;
                    d.say = d.say == null ? null : d.say.strip();
                    d.doing = d.doing == null ? null : d.doing.strip();
                }));
    }

    private static Household home(String rest, int n) {
        var cells = rest.split(";");
        return Household.named("Home " + (n + 1)).but(d -> {
            d.ages = Arrays.stream(cells[0].strip().split(" "))
                    .map(Integer::valueOf)
                    .toList();
            if (cells.length > 1)
                d.allergies = Arrays.stream(cells[1].strip().split(" "))
                        .map(a -> Allergen.valueOf(a.toUpperCase(Locale.ROOT)))
                        .collect(Collectors.toSet());
        });
    }

    /** What was found of what should be. */
    record Scored(Whole whole, Score score) {}

    record Score(int wanted, int found, List<String> missed, List<String> extra) {}

    /** All lessons of a file with what is found in them; worked out once for all tests. */
    static List<Scored> scored(String file) {
        return SCORED.computeIfAbsent(
                file, f -> read(f).stream().map(w -> new Scored(w, score(w))).toList());
    }

    private static Score score(Whole whole) {
        var lesson = whole.question().lesson();
        var open = whole.outcome().report().open();
        var missed = new ArrayList<String>();
        int must = 0;
        for (var w : whole.wanted()) {
            if (!w.must()) continue;
            must++;
            if (open.stream().noneMatch(f -> w.is(f, lesson)))
                missed.add(w.check() + " @" + (lesson.indexOf(w.step()) + 1));
        }
        var extra = open.stream()
                .filter(f -> whole.wanted().stream().noneMatch(w -> w.is(f, lesson)))
                .map(f -> f.check() + " @" + f.step() + " " + f.what())
                .toList();
        return new Score(must, must - missed.size(), missed, extra);
    }

    static Set<String> checks(Whole whole) {
        return whole.outcome().report().open().stream().map(f -> f.check()).collect(Collectors.toSet());
    }

    /**
     * Whether a lesson of these few steps has an open finding of the check.
     *
     * @param foods parted by "; ", as {@code tools} are, which may be ""
     */
    static boolean finds(String title, String check, String head, String foods, String tools, String... steps) {
        var lines = new ArrayList<String>();
        lines.add("# " + title);
        lines.add("for " + head);
        Arrays.stream(foods.split("; ")).map(f -> "food " + f).forEach(lines::add);
        if (!tools.isEmpty())
            Arrays.stream(tools.split("; ")).map(t -> "tool " + t).forEach(lines::add);
        lines.addAll(List.of(steps));
        return whole(lines).outcome().report().open().stream()
                .anyMatch(f -> f.check().equals(check));
    }
}
