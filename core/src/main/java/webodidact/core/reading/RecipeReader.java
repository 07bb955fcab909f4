package webodidact.core.reading;

import java.util.List;
import java.util.Optional;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Yield;

/** Reads a whole pasted recipe: foods, headings, the method, how much it makes, and whatever else was on the page. */
public final class RecipeReader {

    private final LineLooks looks;

    public RecipeReader(Knowledge knowledge) {
        this(knowledge, MeasureSystem.METRIC);
    }

    /** @param region whose words are meant where they differ: "corn flour" */
    public RecipeReader(Knowledge knowledge, MeasureSystem region) {
        looks = new LineLooks(knowledge, region);
    }

    /** A run of lines of the method under one heading. @param head as a title, or "" */
    public record Section(String head, List<String> lines) {
        public Section {
            lines = List.copyOf(lines);
        }
    }

    /** A tool that the page lists. @param count from 1 */
    public record Needed(String name, Tool tool, int count) {}

    /**
     * Every line of the paste that is not blank is in exactly one of lines, headings, sections, about and aside, or is the title.
     *
     * @param title the line over it all that names no food and no amount, or ""
     * @param parts for each food line the heading it stood under, "For the sauce", or ""
     * @param headings lines taken as headings, as written
     * @param sections lines that tell what to do, under their headings
     * @param about lines about the recipe: what it serves, how long it takes, which tools it names
     * @param aside what else was on the page
     * @param tools what is known of the tools it names
     */
    public record Recipe(
            List<ReadLine> lines,
            List<String> parts,
            List<String> headings,
            List<Section> sections,
            List<String> about,
            List<String> aside,
            Optional<Yield> makes,
            String title,
            List<Needed> tools) {
        /** The lines that tell what to do, under whatever heading. */
        public List<String> method() {
            return sections.stream().flatMap(s -> s.lines().stream()).toList();
        }

        /** The same with foods that stood in the method's sentences. */
        public Recipe with(List<ReadLine> others) {
            return new Recipe(
                    List.copyOf(others),
                    others.stream().map(o -> "").toList(),
                    headings,
                    sections,
                    about,
                    aside,
                    makes,
                    title,
                    tools);
        }
    }

    public Recipe read(String text) {
        return new PageReading(text, looks).read();
    }
}
