package webodidact.bench.chaos;

import java.util.List;
import java.util.Set;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.homes.Chance;
import webodidact.core.homes.CoverageGrid;
import webodidact.core.homes.HomePace;
import webodidact.core.homes.Progress;
import webodidact.core.homes.Simulation;
import webodidact.core.lesson.Household;
import webodidact.core.list.BenchList;
import webodidact.core.list.Costs;
import webodidact.core.list.HomeList;
import webodidact.core.list.ImpliedTools;
import webodidact.core.list.KitList;
import webodidact.core.list.LeadTimes;
import webodidact.core.list.Leftovers;
import webodidact.core.list.Makes;
import webodidact.core.list.PupilList;
import webodidact.core.list.SaltShare;
import webodidact.core.list.Sharing;
import webodidact.core.list.ShootList;
import webodidact.core.list.SpokenList;
import webodidact.core.list.SubstitutionSheet;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.Suggestions;
import webodidact.core.script.Ways;
import webodidact.core.swap.DishLabels;
import webodidact.core.swap.Swaps;
import webodidact.core.swap.Variant;
import webodidact.core.timing.CoverOptions;
import webodidact.formats.paper.PagePaper;
import webodidact.formats.paper.Papers;

/** Every list, figure, offer and page that some screen shows of a lesson, worked out once: none may throw. */
final class Figures {
    private Figures() {}

    /** @param planned with the plan before air, which takes seconds of a solver */
    static void workOut(Outcome outcome, boolean planned) {
        var lesson = outcome.lesson();
        var course = outcome.course();
        var known = outcome.knowledge();
        var home =
                Household.named("Tern").but(d -> d.allergies = Set.of(Allergen.MILK, Allergen.EGGS, Allergen.GLUTEN));
        var homes = List.of(home, Household.named("Smew"));
        BenchList.of(lesson, course, known);
        HomeList.of(lesson, home, homes, known, course);
        ImpliedTools.of(lesson, known);
        KitList.of(lesson, course, known);
        LeadTimes.of(lesson, known);
        Leftovers.of(lesson, List.of(lesson), course, known);
        Makes.of(lesson, course, known);
        PupilList.of(lesson, course.house(), known);
        SaltShare.of(lesson, course, known).isMuch();
        Sharing.delays(lesson);
        ShootList.of(lesson, course, known);
        SpokenList.of(lesson, known);
        SubstitutionSheet.of(lesson, course, known);
        DishLabels.of(lesson, known);
        CoverageGrid.of(lesson, homes, known, course).bestChange();
        var costs = Costs.of(lesson, course, known);
        Costs.money(costs.home().outlay(), "£");
        Costs.money(costs.shoot().used(), "£");
        Variant.of(lesson, new Variant.Wish(Diet.VEGAN, Set.of()), homes, known, course);
        for (var line : lesson.foods()) new Swaps(known, course).offers(lesson, line, homes);
        var proposals = new Suggestions(lesson, known);
        for (var step : lesson.steps()) {
            Suggestions.taking(step, proposals.of(step));
            Ways.suggest(step, known);
            if (step.waiting() != null) CoverOptions.of(lesson, step.id(), outcome.pace());
        }
        if (!lesson.steps().isEmpty()) {
            Simulation.of(lesson, HomePace.of(lesson, homes, known, course), Chance.USUAL, 4, 7, Progress.NONE)
                    .orElseThrow()
                    .against(outcome.schedule());
        }
        for (var paper : Papers.ALL)
            if (paper instanceof PagePaper page && (planned || !page.id().equals("prep-sheet"))) page.html(outcome);
    }
}
