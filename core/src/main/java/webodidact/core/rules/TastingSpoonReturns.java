package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** What was in a mouth goes back into the food. */
final class TastingSpoonReturns implements Check {
    private static final Phrase BACK = Phrase.of(
            "tast(?:e|ing)\\b[^.!?]{0,90}\\b(?:stir (?:it |them |that )?(?:again|in|back|round)|same spoon|(?:goes |go |put it )?back in|(?:another|a) (?:quick |good )?stir)\\b",
            "(?:taste|try) (?:it |some |a bit |the \\p{L}+ )?(?:with|off|from) (?:your|my|a|the|that) (?:little )?(?:finger|stirring spoon|wooden spoon|same spoon)",
            "lick (?:your|the|my) (?:finger|fingers|spoon|whisk)\\b[^.!?]{0,60}\\b(?:stir|back|carry on|again)",
            "lick (?:your|the|my) (?:spoon|whisk)\\b[^.!?]{0,20}\\b(?:and )?(?:another|then a) (?:\\p{L}+ )?(?:spoon|scoop|dollop|one)",
            "tasting spoon\\b[^.!?]{0,40}\\bstir(?:ring)? (?:it|that|them)\\b(?! with (?:the|an?|another|my (?:big|wooden))\\b)",
            "(?:the|that|this|my) spoon (?:straight |right )?back in\\b",
            "(?:have|take|try) (?:a|another) (?:spoonful|taste|bit|lick)\\b[^.!?]{0,60}\\b(?:carry on|back in|keep stirring|stir(?:ring)? with)",
            "double[- ]dip",
            "dips?,? and (?:then )?dips? again\\b");
    private static final Phrase CLEAN = Phrase.of(
            "(?:clean|fresh|another|new|different|separate|second) (?:tea)?spoons?\\b", "spoon (?:each|per)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return Told.oncePerStep(s.told().meant(BACK).filter(x -> !Told.says(x.step(), CLEAN)))
                .map(x -> at(s, x.step().id(), x.words()).mending(sayFirst(x.step())));
    }
}
