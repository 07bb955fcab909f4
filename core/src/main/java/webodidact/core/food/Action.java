package webodidact.core.food;

import java.util.List;
import webodidact.core.words.VerbForms;

/**
 * Something that hands or heat do to food: a line of {@code actions.txt}, where the columns are explained.
 *
 * @param done the word for food it was done to, "chopped", or ""
 * @param tools ids in the tool table, all of which it needs
 * @param place code of the place where it happens ("ring", "oven", "cold", …), or "" where it says nothing of it
 * @param treated code of how substitution sees food it was done to ("fried"), or ""
 * @param waits what is said of food left to it, "simmers", or "" if nothing is left to itself
 * @param byHand hands do it
 * @param sustained hands are at it for as long as is said: "stir for two minutes"
 * @param ahead homes can do it before class
 * @param nounToo the word is a thing as often as a deed
 * @param soils what it leaves on hands and tools, or ""
 * @param cleans what it takes off, or ""
 * @param time typical hands-on time
 * @param neverWhen phrases in which it is no deed: "_" stands for the verb, "*" for a word or two
 */
public record Action(
        VerbForms forms,
        String done,
        List<String> tools,
        String place,
        String treated,
        String waits,
        boolean byHand,
        boolean sustained,
        boolean ahead,
        boolean nounToo,
        Hazard hazard,
        String soils,
        String cleans,
        HandsTime time,
        List<String> neverWhen) {
    public String verb() {
        return forms.base();
    }
}
