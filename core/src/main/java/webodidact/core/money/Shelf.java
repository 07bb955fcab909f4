package webodidact.core.money;

import java.util.Comparator;
import java.util.List;
import webodidact.core.amount.Ratio;
import webodidact.core.batch.Pieces;

/** Packs to choose from: the best price by weight and the least to pay can be different ones. */
public record Shelf(List<Pack> packs) {
    public Shelf {
        if (packs.isEmpty()) throw new IllegalArgumentException(Words.OURS.say("wrong.shelf"));
        packs = List.copyOf(packs);
    }

    public Pack cheapestByWeight() {
        return packs.stream().min(Comparator.comparing(Pack::per100)).orElseThrow();
    }

    /** Of two that cost the same, the one with more left over. */
    public Pack cheapestToBuy(Ratio needed) {
        return packs.stream()
                .min(Comparator.<Pack>comparingLong(p -> p.outlay(needed))
                        .thenComparing(p -> p.left(needed), Comparator.reverseOrder()))
                .orElseThrow();
    }

    public boolean isDisagreeing(Ratio needed) {
        return cheapestByWeight() != cheapestToBuy(needed);
    }

    /** Something bought in bulk, frozen in lots of one recipe: whole lots, and what is over. */
    public static Pieces.Cut freezerLots(Ratio bought, Ratio lot) {
        return Pieces.bySize(bought, lot);
    }
}
