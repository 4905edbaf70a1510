package org.zeroply.workshop.delivery;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.zeroply.workshop.command.Answer;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Makes what a coach installs. */
@Command(
        name = "package",
        description =
                "Makes an image that runs without Java, and an installer of this system out of it: "
                        + "a Debian package on Linux, a disk image on macOS, an MSI file on Windows.")
public final class PackageCommand implements Callable<Integer> {

    @Mixin private Answer answer;

    @Option(names = "--root", hidden = true, paramLabel = "DIR")
    private Path root = Path.of("");

    @Option(
            names = "--out",
            description = "Where they are put (target/package).",
            paramLabel = "DIR")
    private Path out;

    @Option(names = "--image-only", description = "No installer.")
    private boolean imageOnly;

    @Option(
            names = "--no-class-archive",
            description = "Without the archive that quickens the start, for which a window opens.")
    private boolean noArchive;

    @Override
    public Integer call() throws IOException {
        Path to = (out == null ? root.resolve("target/package") : out).toAbsolutePath();
        Path work = Files.createDirectories(Tools.clear(to.resolve("work")));
        Packages packages = new Packages(root.toAbsolutePath().resolve("packaging"), to);
        Materials materials = Materials.of(root.toAbsolutePath());
        answer.progress("linking a runtime ...");
        TrimmedRuntime runtime = TrimmedRuntime.link(materials.javafx(), work.resolve("runtime"));
        boolean archived = !noArchive && ClassArchive.isPossible(System.getenv());
        if (archived) {
            answer.progress("making the archive of classes ...");
            new ClassArchive(runtime, materials.program()).make(work);
        }
        runtime.dropTools();
        answer.progress("making the image ...");
        packages.makeImage(materials, runtime, work);
        ObjectNode document = Answer.document();
        document.put("image", packages.image().toString());
        long bytes = size(packages.image());
        document.put("bytes", bytes);
        document.put("classArchive", archived);
        String text = "image: " + packages.image() + ", " + bytes / 1_000_000 + " MB";
        if (!imageOnly) {
            answer.progress("making the installer ...");
            Path installer = packages.makeInstaller();
            document.put("installer", installer.toString());
            long packed = Files.size(installer);
            document.put("installerBytes", packed);
            text += "\ninstaller: " + installer + ", " + packed / 1_000_000 + " MB";
        }
        Tools.clear(work);
        answer.print(document, text);
        return 0;
    }

    private static long size(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            long sum = 0;
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                sum += Files.size(file);
            }
            return sum;
        }
    }
}
