package didaxis.server.account;

import didaxis.server.config.Problem;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Accounts in the database; passwords only as hashes. */
@Repository
public class Accounts {
    private static final String BY_USERNAME = """
            SELECT id, username, display_name, role, password_hash FROM account WHERE username = :username
            """;
    private static final String INSERT = """
            INSERT INTO account (username, display_name, role, password_hash, created_at)
            VALUES (:username, :displayName, :role, :hash, :now) RETURNING id
            """;
    private static final String INSERT_FIRST = """
            INSERT INTO account (username, display_name, role, password_hash, created_at)
            SELECT :username, :displayName, :role, :hash, :now WHERE NOT EXISTS (SELECT 1 FROM account) RETURNING id
            """;
    private static final String SET_PASSWORD = """
            UPDATE account SET password_hash = :hash WHERE id = :id
            """;
    private static final String TEACHERS = """
            SELECT id, username, display_name, role, password_hash FROM account
            WHERE role = 'teacher' ORDER BY display_name COLLATE NOCASE, id
            """;
    private static final String ANY = """
            SELECT EXISTS (SELECT 1 FROM account)
            """;

    private final JdbcClient database;
    private final Passwords passwords;
    private final Clock clock;
    /** Checked when there is no such account, so that the time taken does not tell. */
    private final String nobodysHash;

    Accounts(JdbcClient database, Passwords passwords, Clock clock) {
        this.database = database;
        this.passwords = passwords;
        this.clock = clock;
        this.nobodysHash = passwords.hash("nobody");
    }

    private record Row(SignedIn person, String hash) {
        static Row map(ResultSet row, int number) throws SQLException {
            return new Row(
                    new SignedIn(
                            row.getLong("id"),
                            row.getString("username"),
                            row.getString("display_name"),
                            Role.of(row.getString("role"))),
                    row.getString("password_hash"));
        }
    }

    /** Whether it can be a sign-in name. */
    public static boolean isUsername(String username) {
        return username != null && username.matches("[A-Za-z0-9._-]{2,40}");
    }

    /**
     * @throws Problem if it cannot be a sign-in name
     */
    public static void checkUsername(String username) {
        if (!isUsername(username))
            throw Problem.badRequest("A sign-in name is 2 to 40 letters, digits, dots, dashes or underscores.");
    }

    /**
     * A name to show as it is kept.
     *
     * @throws Problem if it is missing or too long
     */
    static String checkedDisplayName(String name) {
        if (name == null || name.isBlank() || name.strip().length() > 80)
            throw Problem.badRequest("A name to show is needed, of at most 80 characters.");
        return name.strip();
    }

    /** The person with this name and password, if there is one. */
    public Optional<SignedIn> withPassword(String username, String password) {
        Optional<Row> row = database.sql(BY_USERNAME)
                .param("username", username)
                .query(Row::map)
                .optional();
        boolean right = passwords.matches(password, row.map(Row::hash).orElse(nobodysHash));
        return right ? row.map(Row::person) : Optional.empty();
    }

    /** All teachers of the school. */
    public List<SignedIn> teachers() {
        return database.sql(TEACHERS).query(Row::map).list().stream()
                .map(Row::person)
                .toList();
    }

    /** Whether nobody has an account yet. */
    public boolean none() {
        return !database.sql(ANY).query(Boolean.class).single();
    }

    /**
     * Makes an account.
     *
     * @param hash of the password; it is made before, since nothing slow belongs into a transaction
     * @throws Problem if the sign-in name is taken
     */
    public SignedIn create(String username, String displayName, Role role, String hash) {
        try {
            return insert(INSERT, username, displayName, role, hash).orElseThrow();
        } catch (DuplicateKeyException e) {
            throw Problem.of(HttpStatus.CONFLICT, "The sign-in name “" + username + "” is taken; choose another.");
        }
    }

    /** Makes the first account of all; empty if there is one already. Of any number at once one is made. */
    public Optional<SignedIn> createFirst(String username, String displayName, String hash) {
        return insert(INSERT_FIRST, username, displayName, Role.TEACHER, hash);
    }

    private Optional<SignedIn> insert(String sql, String username, String displayName, Role role, String hash) {
        return database.sql(sql)
                .param("username", username)
                .param("displayName", displayName)
                .param("role", role.word())
                .param("hash", hash)
                .param("now", clock.millis())
                .query(Long.class)
                .optional()
                .map(id -> new SignedIn(id, username, displayName, role));
    }

    public void setPassword(long id, String hash) {
        database.sql(SET_PASSWORD).param("hash", hash).param("id", id).update();
    }
}
