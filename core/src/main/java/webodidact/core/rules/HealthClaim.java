package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.script.Phrase;

/** Food is said to heal or to protect; no source stands behind it, and law in many places asks for one. */
final class HealthClaim implements Check {
    private static final Phrase CLAIM = Phrase.of(
            "(?:good|great|brilliant|wonderful|amazing|excellent) for (?:your|their|the|his|her|our) (?:little |whole )?(?:hearts?|skin|brains?|bones|gut|blood|eyes|eyesight|tummy|tummies|digestion|immune|liver|hair|memory|joints|teeth|waistline|cholesterol|energy|bod(?:y|ies))\\b",
            "(?:stops?|prevents?|cures?|fights?|wards? off|keeps? away|heals?|reverses?|protects? (?:you )?(?:from|against))\\b[^.!?]{0,40}\\b(?:heart|cancer|colds?|flu|diabetes|disease|illness|infections?|dementia|arthritis|wrinkles|attacks?|strokes?)",
            "(?:lowers?|reduces?|brings? down|brings?(?=[^.!?]{0,30}\\bdown\\b)|boosts?|strengthens?)\\b[^.!?]{0,30}\\b(?:cholesterol|blood (?:pressure|sugar)|immun\\p{L}*|metabolism|risk)",
            "(?:you'll |you will )?never (?:get|catch|have|need)\\b[^.!?]{0,20}\\b(?:colds?|ill|sick|flu|the doctor|a bug)",
            "better for (?:your|their|the) (?:hearts?|skin|brains?|bones|gut|blood|eyes|tumm(?:y|ies)|digestion|liver|joints|teeth)\\b",
            "(?:look|looks|looking) after your (?:hearts?|skin|brains?|bones|gut|blood|eyes|tummy|digestion|liver|joints|teeth)\\b",
            "(?:one|two|three|four|five|\\d|all) of (?:your|their|the) five (?:a|per) day",
            "(?:good|great|fine|safe|okay|ok|suitable|perfect|better|ideal) for (?:\\p{L}+ with )?(?:diabetics?|diabetes|high blood pressure|a bad heart)\\b",
            "superfoods?\\b",
            "omega[- ]?(?:3|three|6|six)s?\\b",
            "antioxidants?\\b",
            "probiotics?\\b",
            "(?:lots|loads|plenty|bags|tons|full|packed|rich|high|bursting|a dose|a boost|a hit|all your) (?:of |in |with )(?:\\p{L}+ )?(?:iron|protein|fibre|fiber|calcium|potassium|magnesium|zinc|vitamins?|minerals|nutrients|goodness)\\b",
            "(?:does|do|doing|works?|working) wonders for (?:your|the|their|my|his|her|our)\\b",
            "detox\\p{L}*",
            "burns? (?:off )?fat\\b",
            "guilt[- ]free",
            "healthy (?:and|but|too|as well|meal|dinner|dish|option|choice|snack|supper|lunch|breakfast)\\b",
            "(?:knocks?|beats?|sees? off|sorts? out|shifts?|cures?) (?:a|the|your|that|any) (?:colds?|arthritis|flu|coughs?|headaches?|aches|asthma|eczema)\\b",
            "anti-?inflammatory\\b",
            "anti-?bacterial\\b",
            "(?:so|really|very|super|dead|ever so|quite|pretty|properly) (?:healthy|good for you)\\b",
            "all (?:that|the|those) (?:iron|protein|vitamins?|fibre|calcium|goodness|omega)\\b",
            "(?:makes?|make) you (?:clever|cleverer|strong|stronger|smart|smarter|brainy|grow|live|taller|big and strong)\\b",
            "(?:sorts?|clears?|sets?) (?:out )?(?:your|you) (?:\\p{L}+ )?(?:out|up|right)\\b",
            "(?:it's|they're|this is|that's) (?:\\p{L}+ )?(?:healthy|guilt[- ]free)\\b",
            "(?:counts? as|(?:is|are) basically|practically|actually) (?:quite |really |dead |pretty )?(?:healthy|good for you)\\b",
            "(?:packed|full|loaded|bursting) (?:with|of) (?:vitamins?|antioxidants?|iron|protein|omega|fibre|fiber|goodness)",
            "high in (?:protein|fibre|iron|vitamin)",
            "(?:good|great|rich|excellent|brilliant) source of",
            "helps? (?:you |them |children |us )?(?:to )?(?:see|grow|sleep|live|lose|concentrate|focus|think|heal|fight)");

    @Override
    public Stream<Finding> find(Situation s) {
        return saying(s, s.told().all(CLAIM).filter(x -> !NOT.isIn(x.sentence())));
    }

    private static final Phrase NOT = Phrase.of(
            "(?:not|isn't|aren't|never|no) (?:\\p{L}+ ){0,3}(?:healthy|good for|superfood|detox)",
            "nobody knows",
            "according to",
            "the (?:national|public) health");
}
