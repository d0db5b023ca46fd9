package morphotera.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * {@code backup FILE DATA} and {@code restore FILE DATA}, as the two scripts call them. What is written is whole or not there: it
 * is made aside and moved to its place at the end.
 */
public final class Command {
    private static final String DATA = "morphotera.mv.db";

    private final PrintStream says;

    public Command(PrintStream says) {
        this.says = says;
    }

    /** Whether these are words for it, and not for the server. */
    public static boolean isFor(String... words) {
        return words.length > 0 && (words[0].equals("backup") || words[0].equals("restore"));
    }

    /** @return what the process ends with: 0 where it was done */
    public int run(String... words) {
        if (words.length != 3) {
            says.println("Usage: " + words[0] + " FILE DATA-FOLDER");
            return 2;
        }
        Path file = Path.of(words[1]).toAbsolutePath();
        Path folder = Path.of(words[2]).toAbsolutePath();
        try {
            return words[0].equals("backup") ? backup(file, folder) : restore(file, folder);
        } catch (IOException fault) {
            says.println(words[0] + ": " + fault.getMessage() + ". Nothing was changed.");
            return 1;
        } catch (InterruptedException fault) {
            Thread.currentThread().interrupt();
            return 1;
        }
    }

    private int backup(Path file, Path folder) throws IOException, InterruptedException {
        if (!Files.exists(folder.resolve(DATA))) {
            says.println("backup: there is no data in " + folder + ".");
            return 1;
        }
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            if (!fromServer(part, folder)) {
                fromFolder(part, folder);
            }
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
        says.println("Backed up " + folder + " into " + file + ", " + Files.size(file) / 1000 + " kB.");
        return 0;
    }

    /** Of a server that runs; false where none does. */
    private boolean fromServer(Path part, Path folder) throws IOException, InterruptedException {
        Optional<String> address = Running.read(folder);
        if (address.isEmpty()) {
            return false;
        }
        try {
            HttpResponse<Path> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address.get())).build(),
                            HttpResponse.BodyHandlers.ofFile(part));
            if (answer.statusCode() != 200) {
                throw new IOException("the server that runs on this data answered " + answer.statusCode());
            }
            return true;
        } catch (ConnectException gone) {
            // A note that a killed server left.
            return false;
        }
    }

    private static void fromFolder(Path part, Path folder) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(part))) {
            add(zip, folder.resolve(DATA), DATA);
            Path pictures = folder.resolve(Backups.PICTURES);
            if (Files.isDirectory(pictures)) {
                try (Stream<Path> all = Files.list(pictures)) {
                    for (Path one : all.sorted().toList()) {
                        add(zip, one, Backups.PICTURES + "/" + one.getFileName());
                    }
                }
            }
        }
    }

    private static void add(ZipOutputStream zip, Path file, String name) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    private int restore(Path file, Path folder) throws IOException {
        if (Files.exists(folder) && !isEmpty(folder)) {
            says.println("restore: " + folder + " is not empty; data is restored into an empty folder.");
            return 1;
        }
        Path aside = folder.resolveSibling(folder.getFileName() + ".part");
        forget(aside);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            if (zip.getEntry(DATA) == null) {
                says.println("restore: " + file + " is no backup: there is no " + DATA + " in it.");
                return 1;
            }
            for (ZipEntry entry : zip.stream().toList()) {
                Path to = aside.resolve(entry.getName()).normalize();
                if (!to.startsWith(aside)) {
                    throw new IOException("a part of this file is named to lie elsewhere");
                }
                Files.createDirectories(to.getParent());
                try (InputStream in = zip.getInputStream(entry)) {
                    Files.copy(in, to);
                }
            }
        } catch (IOException fault) {
            forget(aside);
            throw fault;
        }
        Files.deleteIfExists(folder);
        Files.move(aside, folder, StandardCopyOption.ATOMIC_MOVE);
        says.println("Restored " + file + " into " + folder + ".");
        return 0;
    }

    private static boolean isEmpty(Path folder) throws IOException {
        try (Stream<Path> inside = Files.list(folder)) {
            return inside.findAny().isEmpty();
        }
    }

    private static void forget(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> inside = Files.walk(folder)) {
            for (Path one : inside.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }
}
