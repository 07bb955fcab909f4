package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import org.junit.jupiter.api.Test;
import webodidact.core.reading.LineReader;
import webodidact.core.table.TableFile;

/** What homes write on their lists is known by name, or asked about: a food nobody knows is one that no check can speak of. */
class FoodNamesTest {
    private static final LineReader READER = new LineReader(Knowledge.shipped());

    @Test
    void whatHomesWriteIsTheFoodTheyMean() {
        var wrong = new ArrayList<String>();
        for (var row : TableFile.rows(FoodNamesTest.class, "names.txt", 2)) {
            var food = READER.read(row[0]).toFoodLine("f1").food();
            if (!row[1].equals(food == null ? "?" : food)) wrong.add(row[0] + " is " + row[1] + ", read as " + food);
        }
        assertThat(wrong).isEmpty();
    }

    /** "Cos", "brill" and "goose" are foods of a list, and other words in a sentence. */
    @Test
    void namesThatAreOtherWordsTooAreFoundInListsOnly() {
        assertThat(READER.read("1 cos").toFoodLine("f1").food()).isEqualTo("lettuce");
        assertThat(Knowledge.shipped().foodsIn("Wash your hands, cos that was raw. Brill, a real pot roast."))
                .isEmpty();
    }
}
