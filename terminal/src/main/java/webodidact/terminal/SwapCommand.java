package webodidact.terminal;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.FoodLine;
import webodidact.core.reading.AmountReader;
import webodidact.core.reading.LineReader;
import webodidact.core.swap.InUse;
import webodidact.core.swap.KnockOn;
import webodidact.core.swap.Offer;
import webodidact.core.swap.SwapQuestion;

/** What stands in for a food or a tool, for what it does there; for anybody, or for one home of a course. */
final class SwapCommand implements Command {
    private Told told;

    private boolean json;

    private String amount;

    private String form;

    private String use;

    private List<String> without = new ArrayList<>();

    private List<String> diets = new ArrayList<>();

    private String times;

    private String tool;

    private Path lesson;

    private String line;

    private String home;

    private List<String> food = new ArrayList<>();

    @Override
    public Manual manual() {
        return new Manual("swap")
                .flag("json")
                .option("amount", "AMOUNT")
                .option("form", "FORM", "")
                .option("use", "USE", "")
                .option("without", "ALLERGEN")
                .option("diet", "DIET")
                .option("times", "N", "1")
                .option("tool", "TOOL")
                .option("lesson", "LESSON")
                .option("food", "LINE")
                .option("home", "ALIAS")
                .arguments("FOOD", 0, Integer.MAX_VALUE);
    }

    @Override
    public int run(Told told) {
        this.told = told;
        json = told.has("json");
        amount = told.text("amount");
        form = told.text("form");
        use = told.text("use");
        without = told.several("without");
        diets = told.several("diet");
        times = told.text("times");
        tool = told.text("tool");
        lesson = told.path("lesson");
        line = told.text("food");
        home = told.text("home");
        food = told.arguments();
        if (tool != null) return tool(Knowledge.shipped());
        if (lesson != null) return ofLesson();
        if (food.isEmpty()) throw new IllegalArgumentException(Words.say("swap.none"));
        var known = Knowledge.shipped();
        var asked = question(known).times(factor());
        print(asked.answers(known), asked.context(known));
        return 0;
    }

    private SwapQuestion question(Knowledge known) {
        var name = String.join(" ", food);
        var given = amount == null ? null : AmountReader.whole(amount);
        var read = new LineReader(known).read(amount == null ? name : amount + " " + name);
        var found = known.food(name).or(() -> known.food(read.food())).orElseThrow(() -> unknown(known, name));
        var forms = new ArrayList<>(read.form());
        if (!form.isBlank()) forms.add(form);
        return new SwapQuestion(
                found,
                given,
                known.food(name).isPresent() ? form : String.join(", ", forms),
                use,
                allergens(),
                diets());
    }

    private static IllegalArgumentException unknown(Knowledge known, String name) {
        var nearest = known.nearest(name, 4).stream().map(Food::name).toList();
        return new IllegalArgumentException(
                nearest.isEmpty() ? Words.say("swap.food", name) : Words.say("swap.near", name, nearest));
    }

    private Ratio factor() {
        var factor = Ratio.parse(times);
        if (!factor.isMoreThan(Ratio.ZERO)) throw new IllegalArgumentException(Words.say("swap.times", times));
        return factor;
    }

    /** "egg" is meant where the list says "eggs"; "dairy" and "shellfish" as people say them. */
    private Set<Allergen> allergens() {
        var all = EnumSet.noneOf(Allergen.class);
        for (var each : without) {
            var word = each.strip().toLowerCase(Locale.ROOT);
            switch (word) {
                case "" -> {}
                case "dairy", "lactose" -> all.add(Allergen.MILK);
                case "soy" -> all.add(Allergen.SOYA);
                case "shellfish" -> all.addAll(List.of(Allergen.CRUSTACEANS, Allergen.MOLLUSCS));
                default ->
                    all.add(Stream.of(Allergen.values())
                            .filter(a -> a.code().equals(word) || a.code().equals(word + "s"))
                            .findFirst()
                            .orElseGet(() -> Allergen.parse(word)));
            }
        }
        return all;
    }

    private Set<String> diets() {
        var all = new TreeSet<String>();
        for (var diet : diets) {
            if (Diet.named(diet).isEmpty()) throw new IllegalArgumentException(Words.say("swap.diet", diet));
            all.add(diet.strip().toLowerCase(Locale.ROOT));
        }
        return all;
    }

    private Integer ofLesson() {
        var opened = LessonFile.open("swap", lesson, told.err());
        if (line == null) throw new IllegalArgumentException(Words.say("swap.line"));
        var known = Knowledge.of(opened.book().course().foods());
        var factor = factor();
        var scaled = opened.lesson().foods().stream()
                .map(f -> f.amount() == null
                        ? f
                        : f.but(d -> d.amount = f.amount().times(factor)))
                .toList();
        var scaledLesson = opened.lesson().withFoods(scaled);
        FoodLine found = scaledLesson.foods().stream()
                .filter(f -> f.id().equals(line) || f.item().equalsIgnoreCase(line) || line.equals(f.food()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Words.say(
                        "swap.noLine",
                        line,
                        scaledLesson.foods().stream().map(FoodLine::item).toList())));
        if (found.food() == null) throw unknown(known, found.item());
        var answers = home == null
                ? new SwapQuestion(
                                known.food(found.food()).orElseThrow(),
                                found.amount(),
                                found.form(),
                                "",
                                allergens(),
                                diets())
                        .answers(scaledLesson, found, known, opened.book().course())
                : SwapQuestion.answers(
                        scaledLesson,
                        found,
                        opened.book().households().stream()
                                .filter(h -> h.alias().equalsIgnoreCase(home))
                                .findFirst()
                                .orElseThrow(() -> new IllegalArgumentException(Words.say("swap.home", home))),
                        known,
                        opened.book().course());
        print(answers, SwapQuestion.context(scaledLesson, found));
        return 0;
    }

    private void print(List<SwapQuestion.Answer> answers, String context) {
        var out = told.out();
        var job = answers.stream()
                .filter(a -> a.refused().isEmpty() && !a.offer().isLeaveOut())
                .map(a -> a.offer().rule().job())
                .findFirst()
                .orElse("");
        if (json) {
            var map = new LinkedHashMap<String, Object>();
            map.put("job", job);
            map.put("context", context);
            map.put("offers", answers.stream().map(this::json).toList());
            out.println(Json.pretty(map));
            return;
        }
        out.println(context.isEmpty() ? job : Words.say("swap.head", job, context));
        for (var answer : answers) out.println(text(answer));
    }

    private String text(SwapQuestion.Answer answer) {
        var offer = answer.offer();
        var also = offer.addedText().isEmpty() ? "" : " + " + offer.addedText();
        var name = (offer.amount().isEmpty() ? "" : offer.amount() + " ") + offer.title() + also;
        if (!answer.refused().isEmpty()) return Words.say("swap.refused", name, answer.refused());
        return Words.say(answer.test() ? "swap.test" : "swap.offer", name, String.join(" ", notes(offer)));
    }

    private List<String> notes(Offer offer) {
        var all = new ArrayList<String>();
        if (offer.isLeaveOut() && !offer.isRefused()) all.add(offer.rule().change());
        for (var kind : List.of(
                KnockOn.Kind.CHANGE, KnockOn.Kind.TIME, KnockOn.Kind.SAFETY, KnockOn.Kind.BREAKS, KnockOn.Kind.DIET))
            // Of a food by itself there is no dish whose diet could be spoken of.
            if (lesson != null || kind != KnockOn.Kind.DIET) all.addAll(offer.of(kind));
        if (!offer.isLeaveOut() && offer.food().checkLabel())
            all.add(Words.say("swap.label", offer.food().name()));
        return all;
    }

    private Map<String, Object> json(SwapQuestion.Answer answer) {
        var offer = answer.offer();
        var map = new LinkedHashMap<String, Object>();
        map.put("food", offer.food() == null ? null : offer.food().id());
        map.put("name", offer.title());
        map.put("amount", offer.amount().isEmpty() ? null : offer.amount());
        map.put("also", offer.added().stream().map(SwapCommand::also).toList());
        map.put("adds", codes(offer.allergensAdded()));
        map.put("removes", codes(offer.allergensRemoved()));
        map.put("diets", diets(offer));
        map.put("minutes", new BigDecimal(offer.onAir()).divide(new BigDecimal(60), 1, RoundingMode.HALF_UP));
        map.put("tools", offer.rule().tools());
        map.put("notes", notes(offer));
        map.put("test", answer.test());
        map.put("refused", answer.refused().isEmpty() ? null : answer.refused());
        return map;
    }

    private static Map<String, Object> also(FoodLine need) {
        var map = new LinkedHashMap<String, Object>();
        map.put("food", need.food() == null ? need.item() : need.food());
        map.put(
                "amount",
                need.amount() == null
                        ? null
                        : KitchenRounding.round(need.amount(), MeasureSystem.METRIC)
                                .text());
        return map;
    }

    private static List<String> codes(Set<Allergen> allergens) {
        return allergens.stream().sorted().map(Allergen::code).toList();
    }

    private static List<String> diets(Offer offer) {
        if (offer.food() == null) return List.of();
        return Stream.of(Diet.VEGETARIAN, Diet.VEGAN)
                .filter(d -> offer.food().suits(d)
                        && offer.added().stream()
                                .allMatch(n -> Knowledge.shipped()
                                        .food(n.cooked())
                                        .map(f -> f.suits(d))
                                        .orElse(false)))
                .map(d -> d.name().toLowerCase(Locale.ROOT))
                .toList();
    }

    private Integer tool(Knowledge known) {
        Tool asked = known.tool(tool)
                .or(() -> known.toolNamed(tool))
                .orElseThrow(() -> new IllegalArgumentException(Words.say("swap.noTool", tool)));
        var offers = new ArrayList<Map<String, Object>>();
        for (var instead : asked.instead()) {
            var map = new LinkedHashMap<String, Object>();
            map.put("tool", instead.tool());
            map.put("name", known.tool(instead.tool()).orElseThrow().name());
            map.put("times", AmountText.number(instead.time()));
            map.put("notes", instead.note().isEmpty() ? List.of() : List.of(instead.note()));
            map.put(
                    "refused",
                    instead.cannot().stream()
                            .filter(c -> c.verbs().stream().anyMatch(v -> InUse.says(use, v)))
                            .map(c -> c.because())
                            .findFirst()
                            .orElse(null));
            offers.add(map);
        }
        offers.sort((a, b) -> Boolean.compare(a.get("refused") != null, b.get("refused") != null));
        var out = told.out();
        if (json) {
            var map = new LinkedHashMap<String, Object>();
            map.put("job", use);
            map.put("context", "");
            map.put("offers", offers);
            out.println(Json.pretty(map));
            return 0;
        }
        if (offers.isEmpty()) out.println(Words.say("swap.toolNothing", asked.name()));
        for (var offer : offers)
            out.println(
                    offer.get("refused") == null
                            ? Words.say("swap.toolOffer", offer.get("name"), offer.get("times"), offer.get("notes"))
                            : Words.say("swap.refused", offer.get("name"), offer.get("refused")));
        return 0;
    }
}
