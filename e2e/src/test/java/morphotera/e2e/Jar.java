package morphotera.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The packaged jar, unpacked as the demo starts it, on a free port with a data folder of its own. Whoever asks where it is waits until it is ready. */
final class Jar implements AutoCloseable {
    private static final Pattern PORT = Pattern.compile("Tomcat started on port (\\d+)");
    private static final String STARTED = "Tomcat started on port";
    private static final List<String> OPTIONS =
            List.of(System.getProperty("morphotera.options").split(" "));
    private static final Path RUN =
            Path.of(System.getProperty("morphotera.run")).normalize();
    private static final long PATIENCE_S = 300;

    private static Jar demo;

    private final Process process;
    private final Path log;
    /** What it writes when it is. */
    private final String ready;
    /** 0 until it said it. */
    private int port;

    private Jar(Process process, Path log, String ready, int port) {
        this.process = process;
        this.log = log;
        this.ready = ready;
        this.port = port;
    }

    /** With the demo scenario; one for all tests, each at a place of its own in it. It ends with them. */
    static synchronized Jar demo() {
        if (demo == null) {
            demo = start(folder(), OPTIONS, "demo scenario laid out", List.of("--morphotera.demo=true"));
            Runtime.getRuntime().addShutdownHook(new Thread(demo::close));
        }
        return demo;
    }

    /** With nothing in it. */
    static Jar empty() {
        return start(folder(), OPTIONS, STARTED, List.of());
    }

    /** With nothing in it, and so much memory. */
    static Jar emptyWith(String memory) {
        return start(folder(), List.of(memory), STARTED, List.of());
    }

    /** With the data that is there. */
    static Jar on(Path data) {
        return start(data, OPTIONS, STARTED, List.of());
    }

    /** One that nobody has been in; it stays beside what is built until the next verify. */
    static Path folder() {
        try {
            Path all = Files.createDirectories(Path.of("target", "data").toAbsolutePath());
            return Files.createTempDirectory(all, "server");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Jar start(Path data, List<String> options, String ready, List<String> more) {
        try {
            Path log = data.resolve("log.txt");
            List<String> words = new ArrayList<>(List.of(
                    "--server.port=0",
                    "--morphotera.data=" + data,
                    "--logging.level.org.springframework.boot.tomcat=info"));
            words.addAll(more);
            return new Jar(begin(options, words, log), log, ready, 0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One of the program's commands, begun. */
    static Process command(String... words) {
        try {
            return begin(OPTIONS, List.of(words), folder().resolve("log.txt"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Process begin(List<String> options, List<String> words, Path log) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(options);
        command.addAll(List.of(
                "-XX:SharedArchiveFile=" + RUN.resolve("classes.jsa"),
                "-jar",
                RUN.resolve("morphotera.jar").toString()));
        command.addAll(words);
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
    }

    private synchronized int port() {
        if (port == 0) {
            String said = whenReady();
            Matcher found = PORT.matcher(said);
            if (!found.find()) {
                throw new IllegalStateException("the jar did not say its port: " + said);
            }
            port = Integer.parseInt(found.group(1));
        }
        return port;
    }

    private String whenReady() {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        while (System.nanoTime() < until) {
            String said = log();
            if (said.contains(ready)) {
                return said;
            }
            if (!process.isAlive()) {
                throw new IllegalStateException("the jar stopped: " + said);
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                break;
            }
        }
        throw new IllegalStateException("the jar was not ready in " + PATIENCE_S + " s: " + log());
    }

    /** The same, reached through another port; it ends with this one. */
    Jar through(int another) {
        return new Jar(process, log, ready, another);
    }

    String url(String path) {
        return "http://localhost:" + port() + path;
    }

    Path data() {
        port();
        return log.getParent();
    }

    /** What it wrote while it ran. */
    String log() {
        try {
            return Files.readString(log);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** As a power cut ends it. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
        }
    }
}
