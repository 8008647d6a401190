package didaxis.server.terminal;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** The folder of a school's files. One process at a time may serve it. */
public final class DataFolder {
    /** What keeps the folder from being used, as a sentence for whoever stands at the machine. */
    public static final class Unusable extends Exception {
        Unusable(String sentence) {
            super(sentence);
        }
    }

    private static final String SCHOOL = "didaxis.db";
    private static final String SESSIONS = "sessions.db";

    private final Path folder;

    private DataFolder(Path folder) {
        this.folder = folder;
    }

    /**
     * The folder, made if it is not there.
     *
     * @throws Unusable if it cannot be made or written to
     */
    public static DataFolder at(Path path) throws Unusable {
        Path folder = path.toAbsolutePath().normalize();
        try {
            Files.createDirectories(folder);
            Files.delete(Files.createTempFile(folder, "can-be-written", ""));
        } catch (IOException e) {
            throw new Unusable(
                    "The data folder (" + folder + ") cannot be written to: choose another with DIDAXIS_DATA,"
                            + " or give this user the right to write there.");
        }
        return new DataFolder(folder);
    }

    /**
     * Keeps every other process from serving the folder until this one ends.
     *
     * @throws Unusable if another serves it
     */
    public FileLock lock() throws Unusable {
        try {
            FileChannel file = FileChannel.open(
                    folder.resolve("didaxis.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = file.tryLock();
            if (lock != null) return lock;
        } catch (OverlappingFileLockException e) {
            // It is this very process that serves it; the sentence below is as true.
        } catch (IOException e) {
            throw new Unusable("The data folder (" + folder + ") cannot be locked: " + e.getMessage() + ".");
        }
        throw new Unusable("Another Didaxis serves the data folder (" + folder + ") already: end it first, or choose"
                + " another folder with DIDAXIS_DATA.");
    }

    /**
     * Looks for damage in the school's file.
     *
     * @throws Unusable if there is any
     */
    public void check() throws Unusable {
        Path school = folder.resolve(SCHOOL);
        if (Files.exists(school)) check(school, "Restore a backup with ./didaxis restore FILE.");
    }

    private static void check(Path file, String mend) throws Unusable {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                ResultSet answer = statement.executeQuery("PRAGMA quick_check(1)")) {
            String found = answer.getString(1);
            if (!found.equals("ok")) throw new Unusable("The file " + file + " is damaged (" + found + "). " + mend);
        } catch (SQLException e) {
            throw new Unusable(
                    "The file " + file + " is no database that can be read (" + e.getMessage() + "). " + mend);
        }
    }

    /**
     * Copies the school into a new file, while it is served or not; what is kept while copying is not in it.
     *
     * @throws Unusable if there is no school, or the file is there already or cannot be written
     */
    public void backup(Path file) throws Unusable {
        Path target = file.toAbsolutePath().normalize();
        if (!Files.exists(folder.resolve(SCHOOL)))
            throw new Unusable("There is no school in " + folder + " to back up.");
        if (Files.exists(target)) throw new Unusable("The file " + target + " is there already; choose another name.");
        String copy = "VACUUM INTO '" + target.toString().replace("'", "''") + "'";
        try (Connection connection = open();
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(copy);
        } catch (SQLException e) {
            throw new Unusable("The backup could not be written to " + target + " (" + e.getMessage() + ").");
        }
        check(target, "Try again.");
    }

    /**
     * Puts a backup in the school's place; what was there before is kept beside it. Everybody must sign in anew.
     *
     * @return where the former school is kept; the folder itself if there was none
     * @throws Unusable if the backup is missing or damaged, or the school is being served
     */
    public Path restore(Path backup) throws Unusable {
        Path source = backup.toAbsolutePath().normalize();
        if (!Files.isRegularFile(source)) throw new Unusable("There is no file " + source + " to restore.");
        check(source, "Take another backup.");
        FileLock lock = lock();
        try {
            Path before = folder;
            if (Files.exists(folder.resolve(SCHOOL))) {
                before = folder.resolve("before-restore-" + System.currentTimeMillis() + ".db");
                // Through the database, so that what still stands in its log is in it.
                backup(before);
            }
            for (String name : new String[] {SCHOOL, SESSIONS})
                for (String end : new String[] {"", "-wal", "-shm"}) Files.deleteIfExists(folder.resolve(name + end));
            Files.copy(source, folder.resolve(SCHOOL), StandardCopyOption.REPLACE_EXISTING);
            return before;
        } catch (IOException e) {
            throw new Unusable("The backup could not be put in place (" + e.getMessage() + ").");
        } finally {
            try {
                lock.channel().close();
            } catch (IOException e) {
                // The process ends now, and the lock with it.
            }
        }
    }

    /** A connection to the school's file. */
    Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + folder.resolve(SCHOOL) + "?busy_timeout=5000");
    }

    /** A connection to the file of sessions. */
    Connection openSessions() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + folder.resolve(SESSIONS) + "?busy_timeout=5000");
    }

    @Override
    public String toString() {
        return folder.toString();
    }
}
