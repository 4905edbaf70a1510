package org.zeroply.workshop.fuzz;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sample.SampleLibrary;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/** Archives, each read into one library that has to stay whole. */
final class ArchiveTarget implements Target {

    /** Of so many inputs one is damaged as a file; the others in what they hold. */
    private static final int AS_FILE = 6;

    /** After so many inputs the library is written, and begun anew. */
    private static final int TURN = 200;

    /** Characters of a part that are kept: damage to a small one is found more often. */
    private static final int SMALL = 3_000;

    private static final int FEW = 2;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Path folder;
    private Library library;
    private int inputs;

    ArchiveTarget() {
        try {
            folder = Files.createTempDirectory("zeroply-fuzz");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public String name() {
        return "archives";
    }

    @Override
    public List<byte[]> corpus() {
        try (InputStream demo = SampleLibrary.class.getResourceAsStream("demo.zip")) {
            Map<String, byte[]> parts = parts(demo.readAllBytes());
            parts.replaceAll((name, part) -> name.endsWith(".json") ? people(part) : games(part));
            return List.of(zip(parts));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] games(byte[] all) {
        return Arrays.copyOf(all, Math.min(all.length, SMALL));
    }

    /** A few students with a little of everything. */
    private static byte[] people(byte[] all) {
        try {
            JsonNode people = JSON.readTree(all);
            ArrayNode students = (ArrayNode) people.path("students");
            while (students.size() > FEW) {
                students.remove(FEW);
            }
            for (JsonNode student : students) {
                for (String list : List.of("attempts", "file", "assigned")) {
                    if (student.path(list) instanceof ArrayNode entries) {
                        while (entries.size() > 1) {
                            entries.remove(1);
                        }
                    }
                }
                if (student.path("learnt") instanceof ObjectNode learnt) {
                    String one = learnt.fieldNames().hasNext() ? learnt.fieldNames().next() : "";
                    learnt.retain(one);
                }
            }
            return JSON.writeValueAsBytes(people);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public byte[] damaged(byte[] good, byte[] other, Random random) {
        if (random.nextInt(AS_FILE) == 0) {
            return Mutation.of(good, other, random);
        }
        try {
            Map<String, byte[]> parts = parts(good);
            List<String> names = new ArrayList<>(parts.keySet());
            String name = names.get(random.nextInt(names.size()));
            parts.compute(name, (n, part) -> Mutation.of(part, part, random));
            return zip(parts);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, byte[]> parts(byte[] zip) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                parts.put(e.getName(), in.readAllBytes());
            }
        }
        return parts;
    }

    private static byte[] zip(Map<String, byte[]> parts) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                out.putNextEntry(new ZipEntry(part.getKey()));
                out.write(part.getValue());
                out.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    @Override
    public void read(byte[] input) {
        try {
            Path zip = folder.resolve("input.zip");
            Files.write(zip, input);
            if (library == null) {
                library = Library.open(folder.resolve("fuzz-" + inputs + ".zpl"));
            }
            try {
                new Importer(library, Progress.NONE, new Cancellation()).files(List.of(zip));
            } catch (LibraryException e) {
                if (e.getMessage().contains("SQL")) {
                    throw new AssertionError("words of the database: " + e.getMessage(), e);
                }
            }
            inputs++;
            if (inputs % TURN == 0) {
                look();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Everything that came in can be read and written. */
    private void look() {
        library.students().all().forEach(s -> library.attempts().of(s.id()));
        for (SheetKind kind : SheetKind.values()) {
            library.sheets().forEachPgn(kind, SheetStore::parseAll);
        }
        new Exporter(library).write(folder.resolve("whole.zip"));
        library.close();
        library = null;
    }
}
