package webodidact.bench;

import java.util.ArrayList;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import webodidact.core.amount.Amount;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;

/** The Larder's table with so many lines scrolled from top to bottom: prints the median milliseconds of one frame, laid out and drawn. */
public final class ScrollBench {
    private static final int FRAMES = 120;

    private ScrollBench() {}

    public static void main(String[] args) throws Exception {
        var window = BenchWindow.open(lesson(Integer.parseInt(args[0])), "larder");
        System.out.printf(
                Locale.ROOT, "%.2f%n", window.median(FRAMES, i -> table(window).setVvalue((double) i / FRAMES)));
        System.exit(0);
    }

    private static Lesson lesson(int lines) {
        var foods = new ArrayList<FoodLine>();
        for (var food : Knowledge.shipped().foods()) {
            if (foods.size() == lines) break;
            foods.add(FoodLine.of("f" + foods.size(), food.name(), food.id(), Amount.parse(20 + foods.size() + " g")));
        }
        return Lesson.blank("1-made-up", 1, "Lines").withFoods(foods);
    }

    private static ScrollPane table(BenchWindow window) {
        for (Node node : window.stage().getScene().getRoot().lookupAll(".scroll-pane")) {
            if (node instanceof ScrollPane scroll
                    && scroll.getContent() != null
                    && scroll.getContent().lookup("#add-food") != null) return scroll;
        }
        throw new IllegalStateException("The Larder's table is not there");
    }
}
