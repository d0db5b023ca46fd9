package morphotera.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** The demo's data, laid out once for all that run side by side; each takes a copy. */
final class LaidOut {
    private static final String READY = "whole";
    private static final Duration FRESH = Duration.ofMinutes(3);

    private LaidOut() {}

    static Path folder() {
        try {
            return Files.createTempDirectory("morphotera-e2e");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param layOut fills a folder of data, and lets go of it */
    static Path copy(Consumer<Path> layOut) {
        Path target = Path.of("target");
        try (FileChannel turn = FileChannel.open(
                Files.createDirectories(target).resolve("laid-out.lock"),
                StandardOpenOption.CREATE,
                StandardOpenOption.WRITE)) {
            // Held until the channel closes.
            turn.lock();
            Path ready = target.resolve("laid-out");
            if (!fresh(ready)) {
                delete(ready);
                Path filling = folder();
                layOut.accept(filling);
                copy(filling, ready);
                Files.createFile(ready.resolve(READY));
            }
            Path own = folder();
            copy(ready, own);
            return own;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Its clocks run, and another jar lays it out otherwise: it is one of this run or none. */
    private static boolean fresh(Path ready) throws IOException {
        Path whole = ready.resolve(READY);
        if (Files.notExists(whole)) {
            return false;
        }
        Instant laidOut = Files.getLastModifiedTime(whole).toInstant();
        Instant built = Files.getLastModifiedTime(Path.of(System.getProperty("morphotera.jar")))
                .toInstant();
        return laidOut.isAfter(built) && laidOut.isAfter(Instant.now().minus(FRESH));
    }

    private static void delete(Path folder) throws IOException {
        if (Files.notExists(folder)) {
            return;
        }
        List<Path> all;
        try (Stream<Path> there = Files.walk(folder)) {
            all = there.sorted(Comparator.reverseOrder()).toList();
        }
        for (Path one : all) {
            Files.delete(one);
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        List<Path> all;
        try (Stream<Path> there = Files.walk(from)) {
            all = there.toList();
        }
        for (Path one : all) {
            Path copy = to.resolve(from.relativize(one).toString());
            if (Files.isDirectory(one)) {
                Files.createDirectories(copy);
            } else if (!one.endsWith("log.txt")) {
                Files.copy(one, copy);
            }
        }
    }
}
