package webodidact.desktop.geometry;

import java.util.ArrayList;
import java.util.List;

/** Where the blocks of the lanes are drawn. What is out of view is not there. */
public final class BlockLayout {
    /** Narrower than this a block is still drawn, as a tick. */
    private static final double TICK = 3;

    /**
     * A block where it is to be drawn, in pixels.
     *
     * @param key the same from one drawing to the next
     */
    public record Box(String key, Lane lane, Lane.Block block, double x, double y, double w, double h) {}

    private BlockLayout() {}

    /**
     * The blocks of one lane.
     *
     * @param chosen id of the step that is always drawn, however narrow
     */
    public static List<Box> of(Lane lane, Viewport view, double y, double h, String chosen) {
        var all = new ArrayList<Box>();
        double drawn = -10;
        int same = 0;
        var last = "";
        for (var block : lane.blocks()) {
            double x = Math.max(-8, view.x(block.span().start()));
            double end = Math.min(view.room() + 4, view.x(block.span().end()));
            same = block.step().equals(last) ? same + 1 : 0;
            last = block.step();
            if (end < 0 || x > view.room()) continue;
            double w = end - x < 1.5 ? TICK : end - x;
            // Where hundreds of blocks share a pixel, one is as good as all.
            if (w <= TICK && x < drawn + 1 && !block.step().equals(chosen)) continue;
            drawn = x;
            all.add(new Box(
                    lane.id() + "/" + block.step() + "/" + block.look() + "/"
                            + (block.step().isEmpty() ? block.span().start() : same),
                    lane,
                    block,
                    x,
                    y,
                    w,
                    h));
        }
        return all;
    }
}
