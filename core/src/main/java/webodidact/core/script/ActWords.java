package webodidact.core.script;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Ring;

/** What a text does to the kitchen: hands washed, oven and ring on, off, high or low, the lid on or off. */
public final class ActWords {
    private static final Map<Act, Pattern> SAYS = new EnumMap<>(Act.class);

    static {
        says(
                Act.WASH_HANDS,
                "\\b(?:wash(?:es|ing|ed)?|scrub) (?:and dry |well )?(?:your |our |my |their |those |these )?hands\\b|\\bhands (?:are |all |well )?(?:re-?)?washed\\b|(?:^|(?<=[.!?] ))(?:everybody|everyone|all of you|you lot),? wash(?:es)?(?: up)?(?=[.!,]|$)|\\bhand[- ]?wash\\b|\\bwash of (?:the|your|our) hands\\b|^\\W*(?:(?:right|so|ok|okay|first),? )?hands,? (?:for )?(?:twenty|20) seconds\\b|\\bhands\\b[^.!?]{0,40}\\b(?:soap|soapy)\\b|\\bsoap\\b[^.!?]{0,30}\\bhands\\b|\\b(?:wash|scrub) them (?:again|both|well|properly|with soap|in hot|for twenty|for 20)\\b|\\bhands!\\s+soap\\b|\\bhands under the tap\\b|\\bsing(?:ing)?\\b[^.!?]{0,30}\\bwash(?:ing)?(?: (?:your |our )?hands)? song\\b|\\b(?:give|giving) [^.!?]{0,40}\\ba (?:good |proper |quick )*(?:wash|scrub),? and (?:your|our|those) hands\\b|\\b(?:give|giving) (?:your|our|those) hands a (?:really |very |good |proper |quick )*(?:wash|scrub)\\b");
        says(
                Act.OVEN_ON,
                "\\bpre-?heat(?:ed)? to\\b|\\bovens?[.,!]+ (?:so |now )?(?:get|put|turn|pop|switch|whack|stick) (?:that|it|them|yours) on\\b|\\b(?:pre-?heat|heat|turn on|switch on|turn|switch|set|get|put) (?:up )?(?:the |your )?oven\\b(?! off| down| up\\b| door| gloves| tray| shelf| dish| proof)|\\boven (?:goes |on )on\\b|\\bovens? on\\b|(?:^|(?<=[.!] )|(?<=\\b(?:first|first job|first thing)[,:] ))(?:an? )?(?:hot|moderate|warm|cool|slow) oven(?: at|,|:) (?:about |around )?(?:gas\\b|\\d{3}|(?:a|one|two|three|four) (?:hundred|[a-z]+ty))|\\b(?:you|we)(?:['’]ll)? (?:want|need) (?:the |your |our )?ovens? (?:at|to|set)\\b|\\bovens?(?: is|['’]s| are)? going on\\b|(?<!\\b(?:turn|whack|crank|put|push|nudge|ramp|get) (?:the|your) )\\bovens? (?:goes |up )?to (?:about |around )?(?:gas\\b|\\d{3}|(?:one|two|three|four) (?:hundred|[a-z]+ty))|(?:^|(?<=[.!] )|(?<=\\b(?:first|first job|first thing)[,:] ))(?:the |your )?ovens?(?: at|,|:) (?:about |around )?(?:gas\\b|\\d{3}|(?:a|one|two|three|four) (?:hundred|[a-z]+ty))|\\boven\\b[^.!?]{0,50}\\b(?:it|that) (?:goes|is going) on now\\b|\\boven\\b[^.!?]{0,40}\\b(?:want|get|have|need) it on\\b|\\b(?:get|have) (?:the |your )oven (?:heating|warming|on)\\b|\\b(?:mine|ours)['’]s (?:already )?(?:been )?on\\b(?<=\\b(?:ovens?|convection|fan|degrees)\\b[^!?]{0,60})");
        says(
                Act.OVEN_OFF,
                "\\b(?:turn|switch) off (?:the |your )?oven\\b|\\b(?:turn|switch) (?:the |your )?oven off\\b|\\boven(?:['’]s)? (?:is |goes )?off\\b|\\b(?:hob|rings?|gas|burners?|heat) (?:is |goes )?off,? and (?:then )?(?:the |your )?oven\\b|\\b(?:turn|switch) everything off\\b|\\bmitts on, oven off\\b|\\beverything(?:['’]s| is| goes)? (?:all )?off\\b(?! the\\b)");
        says(
                Act.RING_OFF,
                "(?:^|(?<=[.,;!?] ))(?:and )?off(?=[.!](?:\\s|$))|(?<=\\bthen )off(?=,| and\\b|[.;!])|(?:^|(?<=[.,;!] ))(?:(?:right|so|now|and),? )?(?:frying )?(?:pan|wok|pot) off(?=[.,;!]|$)|\\boven (?:is |goes )?off,? and (?:then )?(?:the |your )?(?:hob|rings?|gas|burners?|heat)\\b|\\bhobs off\\b|\\boff with (?:the |your )?(?:heat|hob|ring|gas)\\b|\\b(?:turn|switch) (?:the |your |both |all (?:the )?)*(?:heat|hob|rings?|gas|burners?|stove|cooker|pans?) off\\b(?! the)|\\b(?:turn|switch) off (?:the |your |both |all (?:the )?)*(?:heat|hob|rings?|gas|burners?|stove|cooker|pans?)\\b|\\b(?:heat|hob|rings?|gas|burners?|stove(?:top)?|cooktop|cooker)(?:['’]s|['’]re)? (?:is |are |goes |all |both )*off\\b(?! the\\b)|\\b(?:skillet|griddle) (?:is |goes )?off\\b|\\b(?:turn|switch) (?:it|everything|that) (?:all )?off\\b|\\beverything(?:['’]s| is| goes)? (?:all )?off\\b(?! the\\b)");
        says(
                Act.LID_ON,
                "\\b(?:lid|cover) (?:back )?on\\b|\\b(?:put|pop) (?:the |a )lid\\b|\\bcover (?:it |them |the pan |the pot )?with (?:a|the|its) lid\\b");
        says(
                Act.LID_OFF,
                "\\blid off\\b|\\b(?:take|lift) (?:the |its )lid(?: off)?\\b|\\buncovered\\b|\\bwithout (?:the|a) lid\\b");
        says(
                Act.KEEPS_HOT,
                "\\b(?:residual heat|heat (?:that['’]s )?left in (?:the|it)|carry on cooking off the heat|cooks? on in the hot)\\b");
    }

    private static final Pattern LEVEL = Pattern.compile(
            "\\b(?:over|on|at|to) (?:a |the )?(very |fairly )?(low|gentle|medium|moderate|high|fierce|full|highest|lowest)(?:[- ](?:high|low))? (?:heat|ring|setting|flame|gas)\\b|\\b(?:heat|ring|hob) (?:up |down |right )?(?:to |on )?(low|medium|high|full)\\b|,\\s*(low|medium|high)(?:[- ](?:low|high))? heat\\b",
            Pattern.CASE_INSENSITIVE);

    private ActWords() {}

    private static void says(Act act, String pattern) {
        SAYS.put(act, Pattern.compile(pattern, Pattern.CASE_INSENSITIVE));
    }

    static Set<Act> in(String text) {
        var all = EnumSet.noneOf(Act.class);
        SAYS.forEach((act, says) -> {
            var m = says.matcher(text);
            while (m.find() && !all.contains(act)) if (!Asides.of(text).covers(m.start())) all.add(act);
        });
        return all;
    }

    /** Where the text does it, in its order. */
    public static List<Integer> at(Act act, String text) {
        var all = new ArrayList<Integer>();
        var m = SAYS.get(act).matcher(text);
        while (m.find()) if (!Asides.of(text).covers(m.start())) all.add(m.start());
        return all;
    }

    /** How hot the ring is set, where the text says one level. */
    static Optional<Ring> ring(String text) {
        var m = LEVEL.matcher(text);
        if (!m.find() || Asides.of(text).covers(m.start())) return Optional.empty();
        var word = (m.group(2) != null ? m.group(2) : m.group(3) != null ? m.group(3) : m.group(4))
                .toLowerCase(Locale.ROOT);
        return Optional.of(
                switch (word) {
                    case "low", "gentle", "lowest" -> Ring.LOW;
                    case "medium", "moderate" -> Ring.MEDIUM;
                    default -> Ring.HIGH;
                });
    }
}
