package morphotera.app.exchange;

import java.io.Closeable;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/** A ZIP somebody brings: looked at for parts that climb out of it, that are too many, or that swell when unpacked. */
final class Package implements Closeable {
    private static final int MOST_PARTS = 200_000;
    private static final int MOST_SWELLING = 100;
    /** What is small may swell: a table of one heading. */
    private static final long SMALL = 1_000_000;

    private static final String PICTURES = "photographs/";

    private final ZipFile zip;

    private Package(ZipFile zip) {
        this.zip = zip;
    }

    static Package open(Path file) {
        try {
            ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
            Package opened = new Package(zip);
            try {
                opened.check();
            } catch (RuntimeException fault) {
                zip.close();
                throw fault;
            }
            return opened;
        } catch (ZipException | IllegalArgumentException fault) {
            throw Sifted.refused("not-readable", "This file is no ZIP, or it is cut short.");
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void check() {
        if (zip.size() > MOST_PARTS) {
            throw Sifted.refused("too-many", "A package has " + MOST_PARTS + " parts at most.");
        }
        Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            ZipEntry entry = entries.nextElement();
            String name = entry.getName();
            if (name.contains("..") || name.startsWith("/") || name.contains("\\") || name.contains(":")) {
                throw Sifted.refused(
                        "bad-path", "A part of this package is named to lie elsewhere: '" + shortened(name) + "'.");
            }
            if (swells(entry.getSize(), entry.getCompressedSize())) {
                throw swelling(name);
            }
        }
    }

    private static boolean swells(long size, long packed) {
        return size > SMALL && size > MOST_SWELLING * Math.max(1, packed);
    }

    private static RuntimeException swelling(String name) {
        return Sifted.refused(
                "too-large",
                "'" + shortened(name) + "' would unpack to more than " + MOST_SWELLING + " times its size.");
    }

    private static String shortened(String name) {
        return name.length() <= 60 ? name : name.substring(0, 60) + "…";
    }

    Optional<InputStream> part(String name) {
        ZipEntry entry = zip.getEntry(name);
        try {
            return entry == null || entry.isDirectory()
                    ? Optional.empty()
                    : Optional.of(new Held(zip.getInputStream(entry), name, entry.getCompressedSize()));
        } catch (IOException fault) {
            throw Sifted.refused("not-readable", "'" + shortened(name) + "' cannot be unpacked.");
        }
    }

    List<String> pictures() {
        return zip.stream()
                .map(ZipEntry::getName)
                .filter(name -> name.startsWith(PICTURES) && name.length() > PICTURES.length())
                .map(name -> name.substring(PICTURES.length()))
                .toList();
    }

    Optional<InputStream> picture(String sha256) {
        return part(PICTURES + sha256);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** What a part says of its size may be a lie: it is counted as it comes. */
    private static final class Held extends FilterInputStream {
        private final String name;
        private final long packed;
        private long read;

        private Held(InputStream in, String name, long packed) {
            super(in);
            this.name = name;
            this.packed = packed;
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] to, int from, int length) throws IOException {
            int n = super.read(to, from, length);
            count(Math.max(0, n));
            return n;
        }

        private void count(int n) {
            read += n;
            if (swells(read, packed)) {
                throw swelling(name);
            }
        }
    }
}
