package org.zeroply.desktop.app;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/** Tells windows of one library from each other; the system gives it back if a program dies. */
final class WindowLock implements AutoCloseable {

    private final Path file;
    private final Optional<FileChannel> channel;
    private final Optional<FileLock> lock;

    private WindowLock(Path file, Optional<FileChannel> channel, Optional<FileLock> lock) {
        this.file = file;
        this.channel = channel;
        this.lock = lock;
    }

    /** Takes the place of the first window of a library, if it is free. */
    static WindowLock of(Path library) {
        Path file = library.resolveSibling(library.getFileName() + ".window");
        try {
            FileChannel channel =
                    FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            return new WindowLock(file, Optional.of(channel), tryLock(channel));
        } catch (IOException e) {
            // Where there is no place for it, nobody is told of two windows.
            return new WindowLock(file, Optional.empty(), Optional.empty());
        }
    }

    private static Optional<FileLock> tryLock(FileChannel channel) throws IOException {
        try {
            return Optional.ofNullable(channel.tryLock());
        } catch (OverlappingFileLockException e) {
            return Optional.empty();
        }
    }

    /** Whether another window has the library open. */
    boolean isSecond() {
        return channel.isPresent() && lock.isEmpty();
    }

    @Override
    public void close() {
        try {
            if (lock.isPresent()) {
                Files.deleteIfExists(file);
            }
            if (channel.isPresent()) {
                channel.get().close();
            }
        } catch (IOException e) {
            System.getLogger(WindowLock.class.getName())
                    .log(System.Logger.Level.WARNING, "the window's lock stays: " + file, e);
        }
    }
}
