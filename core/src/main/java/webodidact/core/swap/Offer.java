package webodidact.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.food.Allergen;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;

/**
 * A stand-in for one food line, worked out for the amounts and steps of this lesson.
 *
 * @param food null for leaving it out
 * @param amount kitchen-rounded, for one home; {@code exact} at the lesson's own yield, or null where no amount is given
 * @param added what else has to be taken, as lines at the lesson's own yield
 * @param addedText the same, kitchen-rounded for one home, or ""
 * @param knockOns everything that changes because of it
 * @param tools ids of tools it needs that are not on the kit list
 * @param allergensAdded declared by the stand-in and not by the food
 * @param covers aliases of the homes that cannot use the food and can use this
 * @param announceBy number of the step before which homes must know; 0 where the gather list must say it
 * @param refused why it is not offered at all, or ""
 * @param toBeTried nobody wrote the rule for this use
 */
public record Offer(
        SwapRule rule,
        Food food,
        String amount,
        Amount exact,
        List<FoodLine> added,
        String addedText,
        List<KnockOn> knockOns,
        List<String> tools,
        Set<Allergen> allergensAdded,
        Set<Allergen> allergensRemoved,
        List<String> covers,
        int announceBy,
        String refused,
        boolean toBeTried) {
    public boolean isLeaveOut() {
        return food == null && !isOwn();
    }

    /** Whether that home may use it with all that it needs besides. */
    public boolean helps(Household home, Knowledge knowledge) {
        return !isLeaveOut()
                && !isRefused()
                && Swaps.canUse(home, food)
                && added.stream()
                        .allMatch(n -> knowledge
                                .food(n.cooked())
                                .map(f -> Swaps.canUse(home, f))
                                .orElse(true));
    }

    public boolean isRefused() {
        return !refused.isEmpty();
    }

    /** The instructor's own, in her words. */
    public boolean isOwn() {
        return rule.job().equals(Swaps.OWN);
    }

    public String title() {
        if (isOwn()) return rule.words();
        return food != null ? food.name() : Words.OURS.say(isRefused() ? "nothing" : "leaveOut");
    }

    /** Seconds more on air; negative for less. */
    public int onAir() {
        return rule.seconds();
    }

    /** What is declared of the stand-in and of all that it needs, in words; each food for itself. */
    public String contains(Knowledge knowledge) {
        if (food == null) return "";
        var all = new ArrayList<String>();
        if (!food.contains().isEmpty()) all.add(food.contains());
        for (var need : added)
            knowledge
                    .food(need.cooked())
                    .filter(f -> !f.contains().isEmpty())
                    .ifPresent(f -> all.add(Words.OURS.say("alsoContains", f.name(), f.contains())));
        return String.join("; ", all);
    }

    /** Texts of one kind of consequence. */
    public List<String> of(KnockOn.Kind kind) {
        return knockOns.stream()
                .filter(k -> k.kind() == kind)
                .map(KnockOn::text)
                .toList();
    }
}
