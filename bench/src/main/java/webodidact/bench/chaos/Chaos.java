package webodidact.bench.chaos;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Attacks on the course folder, the readers and the checks, by dice from a seed: {@code chaos [PART] [--seed N] [--tries N]}. Prints
 * what was tried and what went wrong; ends with 1 if anything did. docs/reliability.md says what is promised and what was last measured.
 */
public final class Chaos {
    private Chaos() {}

    public static void main(String[] args) throws Exception {
        // Figures are printed alike on every machine.
        Locale.setDefault(Locale.ROOT);
        var part = args.length > 0 && !args[0].startsWith("--") ? args[0] : "all";
        long seed = option(args, "--seed", 1);
        int tries = (int) option(args, "--tries", 0);
        var faults = new ArrayList<String>();
        for (var each : List.of("records", "files", "texts", "long", "disk", "kills", "air")) {
            if (!part.equals("all") && !part.equals(each)) continue;
            var tally = new Tally();
            long start = System.nanoTime();
            var found = run(each, seed, tries, tally);
            System.out.printf(
                    "%s: %s; %d faults, %.1f s%n", each, tally, found.size(), (System.nanoTime() - start) / 1e9);
            found.forEach(f -> System.out.println("  FAULT " + f));
            faults.addAll(found);
        }
        System.exit(faults.isEmpty() ? 0 : 1);
    }

    private static List<String> run(String part, long seed, int tries, Tally tally) throws Exception {
        return switch (part) {
            case "records" -> RecordsChaos.run(seed, tries > 0 ? tries : 20_000, tally);
            case "files" -> FilesChaos.run(seed, tries > 0 ? tries : 50_000, tally);
            case "texts" -> TextsChaos.run(seed, tries > 0 ? tries : 100_000, tally);
            case "long" -> TextsChaos.longOnes(seed, tries > 0 ? tries : 100, 200, tally);
            case "disk" -> DiskChaos.run(seed, tries > 0 ? tries : 20, tally);
            case "kills" -> KillChaos.run(seed, tries > 0 ? tries : 500, tally);
            case "air" -> AirChaos.run(seed, tries > 0 ? tries : 100, tally);
            default -> throw new IllegalArgumentException(part);
        };
    }

    private static long option(String[] args, String name, long usual) {
        for (int i = 0; i + 1 < args.length; i++) if (args[i].equals(name)) return Long.parseLong(args[i + 1]);
        return usual;
    }
}
