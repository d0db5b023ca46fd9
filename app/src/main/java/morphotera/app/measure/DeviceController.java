package morphotera.app.measure;

import java.util.Arrays;
import java.util.List;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Coded;
import morphotera.measure.Steady;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether what a probe sends has settled. */
@RestController
class DeviceController {
    record AtBody(Double atS, Double value) {}

    record StreamBody(String kind, List<AtBody> stream) implements Checked {
        private static final int MOST = 10_000;
        private static final double LONGEST_S = 86_400;
        private static final double LARGEST = 1e6;

        @Override
        public void check(Findings findings) {
            findings.needed("/kind", kind, "What is read");
            findings.word(
                    "/kind",
                    kind,
                    "kind",
                    Arrays.stream(Steady.Kind.values()).map(Coded::word).toList());
            if (stream == null || stream.isEmpty()) {
                findings.refuse("/stream", "empty-list", "One value at least.");
                return;
            }
            findings.size("/stream", stream.size(), "Values", MOST);
            Double before = null;
            for (int i = 0; i < Math.min(stream.size(), MOST); i++) {
                AtBody at = stream.get(i);
                String path = "/stream/" + i;
                findings.needed(path, at, "A value");
                if (at == null) {
                    continue;
                }
                findings.needed(path + "/atS", at.atS(), "The second");
                findings.needed(path + "/value", at.value(), "The value");
                findings.range(path + "/atS", at.atS(), "Seconds", 0, LONGEST_S);
                findings.range(path + "/value", at.value(), "A value", -LARGEST, LARGEST);
                if (before != null && at.atS() != null && at.atS() <= before) {
                    findings.refuse(path + "/atS", "backward", "Each value comes after the one before.");
                }
                before = at.atS();
            }
        }
    }

    @PostMapping("/api/devices/judge")
    Steady judge(@RequestBody StreamBody body) {
        return Steady.of(
                Coded.of(Steady.Kind.values(), body.kind()),
                body.stream().stream()
                        .map(at -> new Steady.At(at.atS(), at.value()))
                        .toList());
    }
}
