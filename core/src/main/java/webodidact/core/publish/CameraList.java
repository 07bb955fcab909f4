package webodidact.core.publish;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import webodidact.core.timing.Schedule;

/** Where each camera looks, when and at what; cameras in the order in which they are first needed. */
public record CameraList(List<Camera> cameras, int moves) {
    /** @param seconds on air in all */
    public record Camera(String name, int seconds, List<Shot> shots) {}

    /**
     * @param at seconds since the start
     * @param sees what hands do meanwhile, or the title
     */
    public record Shot(int number, int at, int length, String title, String sees) {}

    public static CameraList of(Schedule schedule) {
        var shots = new LinkedHashMap<String, List<Shot>>();
        var order = RunningOrder.of(schedule);
        for (int i = 0; i < order.rows().size(); i++) {
            var row = order.rows().get(i);
            var step = schedule.shown().get(i).step();
            var name = row.camera().isBlank() ? Words.OURS.say("camera.none") : row.camera();
            shots.computeIfAbsent(name, k -> new ArrayList<>())
                    .add(new Shot(row.number(), row.at(), row.length(), row.title(), step.doing()));
        }
        var cameras = shots.entrySet().stream()
                .map(e -> new Camera(
                        e.getKey(), e.getValue().stream().mapToInt(Shot::length).sum(), List.copyOf(e.getValue())))
                .toList();
        return new CameraList(cameras, schedule.cameraMoves());
    }
}
