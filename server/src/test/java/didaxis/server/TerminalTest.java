package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.terminal.Commands;
import didaxis.server.terminal.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** What is done at the machine itself. */
class TerminalTest {
    @RegisterExtension
    static final School school = School.DEMO;

    @TempDir
    Path place;

    /** Every row of every table, as text. */
    private static TreeMap<String, List<String>> rows(Path file) throws SQLException {
        TreeMap<String, List<String>> all = new TreeMap<>();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            List<String> tables = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet names = statement.executeQuery("SELECT name FROM sqlite_master WHERE type = 'table'")) {
                while (names.next()) tables.add(names.getString(1));
            }
            for (String table : tables) {
                List<String> rows = new ArrayList<>();
                try (Statement statement = connection.createStatement();
                        ResultSet row = statement.executeQuery("SELECT * FROM " + table)) {
                    while (row.next()) {
                        StringBuilder text = new StringBuilder();
                        for (int k = 1; k <= row.getMetaData().getColumnCount(); k++)
                            text.append(row.getString(k)).append('|');
                        rows.add(text.toString());
                    }
                }
                rows.sort(null);
                all.put(table, rows);
            }
        }
        return all;
    }

    @Test
    void aSchoolIsBackedUpWhileItIsServedAndComesBackRowByRow() throws Exception {
        markedAndTriedAgain();
        DataFolder served = DataFolder.at(school.folder());
        Path backup = place.resolve("backup.db");
        assertTrue(Commands.run(served, List.of("backup", backup.toString())).isPresent());
        Map<String, List<String>> kept = rows(backup);
        for (String table : List.of("submission", "finding", "override", "wording", "memo_revision", "attempt"))
            assertFalse(kept.get(table).isEmpty(), table);
        // Into a folder that held something else.
        Path folder = place.resolve("other");
        DataFolder other = DataFolder.at(folder);
        Files.copy(backup, folder.resolve("didaxis.db"));
        try (Connection changed = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("didaxis.db"));
                Statement statement = changed.createStatement()) {
            statement.executeUpdate("DELETE FROM submission");
        }
        assertTrue(Commands.run(other, List.of("restore", backup.toString())).isPresent());
        assertEquals(rows(backup), rows(folder.resolve("didaxis.db")));
        try (var files = Files.list(folder)) {
            Path before = files.filter(file -> file.getFileName().toString().startsWith("before-restore"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(List.of(), rows(before).get("submission"));
        }
    }

    /** Something of all that marking leaves behind. */
    private static void markedAndTriedAgain() {
        Person teacher = school.signedIn("teacher");
        String due = "\"dueAt\":\"2999-01-01T00:00:00Z\"";
        long question =
                teacher.post("/api/questions", """
                        {"title":"To be backed up","notation":"12 V : R1=4 + R2=2","given":[{"subject":"R1","quantity":"resistance"},
                        {"subject":"R2","quantity":"resistance"},{"subject":"total","quantity":"voltage"}],"tasks":[
                        {"kind":"calculate","marks":3,"cells":[{"subject":"total","quantity":"current"}]},
                        {"kind":"words","prompt":"Why?","phrases":[{"says":["same current"]}]}]}""").done().json().get("id").asLong();
        String own = "/api/assignments/"
                + teacher.post("/api/classes/1/assignments", "{\"questionIds\":[" + question + "]," + due + "}")
                        .done()
                        .json()
                        .get("id")
                        .asLong();
        school.signedIn("learner5")
                .post(
                        own.replace("assignments", "my/work") + "/submission",
                        "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"5\"},{\"box\":\"1/1.2\",\"text\":\"series\"}]}")
                .done();
        String who = "\"learners\":[6]";
        teacher.post(own + "/overrides", "{\"box\":\"1/1.1\"," + who + ",\"points\":1,\"reason\":\"\",\"revision\":0}")
                .done();
        teacher.post(own + "/wordings", "{\"box\":\"1/1.2\",\"text\":\"series\",\"points\":1}")
                .done();
        teacher.post(
                        own + "/corrections",
                        "{\"correction\":{\"kind\":\"give-all\",\"boxes\":[\"1/1.2\"]},\"reason\":\"late\",\"revision\":0}")
                .done();
        teacher.post(own + "/attempts", "{" + who + "," + due + ",\"shown\":true,\"otherValues\":false}")
                .done();
    }

    @Test
    void whatKeepsAFolderFromBeingServedIsSaidInASentence() throws IOException, DataFolder.Unusable {
        DataFolder folder = DataFolder.at(place);
        folder.lock();
        assertTrue(said(folder::lock).contains("serves the data folder"));
        Files.writeString(place.resolve("didaxis.db"), "no database at all, whatever its name says");
        assertTrue(said(folder::check).contains("didaxis restore FILE"));
        assertTrue(said(() -> folder.backup(place.resolve("didaxis.lock"))).contains("there already"));
        Files.writeString(place.resolve("file"), "");
        assertTrue(said(() -> DataFolder.at(place.resolve("file/folder"))).contains("cannot be written to"));
    }

    /** Something at the terminal that may not be possible. */
    private interface Act {
        void run() throws DataFolder.Unusable;
    }

    private static String said(Act act) {
        return assertThrows(DataFolder.Unusable.class, act::run).getMessage();
    }

    /** A quota in the place of a disk that is full. */
    @Test
    void whenNothingMoreCanBeWrittenThatIsSaidAndReadingGoesOn() throws SQLException {
        Person teacher = school.signedIn("teacher");
        DataSource writer = school.bean("writer", DataSource.class);
        String question = "{\"title\":\"" + "x".repeat(100) + "\",\"notation\":\"12 V : " + "5 + ".repeat(150)
                + "7\",\"given\":[],\"tasks\":[]}";
        try {
            pragma(writer, "PRAGMA max_page_count = 1");
            School.Answer refused = null;
            for (int k = 0; k < 40 && (refused == null || refused.status() == 201); k++)
                refused = teacher.post("/api/questions", question);
            assertEquals(507, refused.status(), refused::toString);
            assertTrue(refused.body().contains("disk of this school is full"));
            assertEquals(200, teacher.get("/api/questions").status());
        } finally {
            pragma(writer, "PRAGMA max_page_count = 1073741823");
        }
        assertEquals(201, teacher.post("/api/questions", question).status());
        for (var one : teacher.get("/api/questions").json())
            if (one.get("title").asString().startsWith("xxx"))
                teacher.delete("/api/questions/" + one.get("id").asLong());
    }

    private static void pragma(DataSource source, String pragma) throws SQLException {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(pragma);
        }
    }

    @Test
    void whoForgotGetsANewPasswordAtTheMachine() throws DataFolder.Unusable {
        Person teacher = school.signedIn("teacher");
        DataFolder folder = DataFolder.at(school.folder());
        teacher.post("/api/classes/1/learners", "{\"displayName\":\"Rowan\",\"username\":\"rowan\"}");
        String told = Commands.run(folder, List.of("password", "rowan")).orElseThrow();
        Person rowan = school.signedIn("rowan", told.split("  ")[1]);
        Commands.run(folder, List.of("password", "ROWAN"));
        assertEquals(401, rowan.get("/api/my/work").status());
        assertThrows(DataFolder.Unusable.class, () -> Commands.run(folder, List.of("password", "nobody")));
        // The other tests count the learners of this class.
        for (var learner : teacher.get("/api/classes/1").json().get("learners")) {
            if (learner.get("username").asString().equals("rowan"))
                teacher.delete("/api/classes/1/learners/" + learner.get("id").asLong());
        }
    }
}
