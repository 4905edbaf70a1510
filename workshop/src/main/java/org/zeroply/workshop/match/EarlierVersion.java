package org.zeroply.workshop.match;

import java.io.File;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.zeroply.workshop.command.Program;
import org.zeroply.workshop.command.Refusal;

/**
 * An earlier version of this program, built from the repository that the current folder lies in.
 * What was built is kept in the user's cache.
 *
 * @param folder of the version
 */
record EarlierVersion(Path folder) {

    private static final Pattern COMMIT = Pattern.compile("[0-9a-f]{7,40}");

    /** Whether a text names a commit: seven to forty hexadecimal digits. */
    static boolean isCommit(String text) {
        return COMMIT.matcher(text).matches();
    }

    /**
     * Builds a version where that was not done before.
     *
     * @param progress told what is being done
     * @throws Refusal if there is no such commit, or it cannot be built
     */
    static EarlierVersion of(String commit, Consumer<String> progress) throws IOException {
        Path repository = Path.of(output(Path.of(""), "git", "rev-parse", "--show-toplevel"));
        String hash = output(repository, "git", "rev-parse", "--verify", commit + "^{commit}");
        Path versions = Path.of(System.getProperty("user.home"), ".cache", "zeroply", "versions");
        Path folder = Files.createDirectories(versions).resolve(hash.substring(0, 12));
        EarlierVersion version = new EarlierVersion(folder);
        if (Files.exists(version.done())) {
            return version;
        }
        progress.accept("building " + commit + " in " + folder + " ...");
        if (!Files.exists(folder)) {
            output(versions, "git", "clone", "-q", repository.toString(), folder.toString());
        }
        output(folder, "git", "checkout", "-q", hash);
        output(
                folder,
                "mvn",
                "-q",
                "-B",
                "-ntp",
                "package",
                "-DskipTests",
                "-Dspotless.check.skip",
                "-pl",
                "cli",
                "-am");
        Files.createFile(version.done());
        return version;
    }

    private Path done() {
        return folder.resolve("cli/target/built");
    }

    /** The command line that serves the open engine protocol. */
    List<String> command() {
        Path target = folder.resolve("cli/target");
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return List.of(
                java,
                "-XX:+IgnoreUnrecognizedVMOptions",
                "-XX:+UseTransparentHugePages",
                "-Xss8m",
                "-cp",
                target.resolve("lib") + "/*" + File.pathSeparator + ownJar(target),
                "org.zeroply.cli.Main",
                "uci");
    }

    /** Its jar, in whose name older versions say which they are. */
    private static Path ownJar(Path target) {
        try (DirectoryStream<Path> jars = Files.newDirectoryStream(target, "cli*.jar")) {
            return jars.iterator().next();
        } catch (IOException | NoSuchElementException e) {
            throw new Refusal("there is no command line in " + target);
        }
    }

    private static String output(Path folder, String... command) throws IOException {
        return Program.output(folder, List.of(command));
    }
}
