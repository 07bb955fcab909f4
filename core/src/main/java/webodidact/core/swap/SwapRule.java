package webodidact.core.swap;

import webodidact.core.amount.Ratio;

/**
 * One substitution of the table.
 *
 * @param job what the food does there, "body and sourness"
 * @param ratio parts of the stand-in for one part of the food
 * @param needs what has to be added, or ""
 * @param change what else changes
 * @param seconds more (or less) time on air
 * @param words what to say
 */
public record SwapRule(String food, String job, String context, String standIn, Ratio ratio, String needs, String change,
        int seconds, String words) {}
