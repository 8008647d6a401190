package didaxis.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Codes in the database by which colleagues come in, each once; only their digests are kept. */
@Repository
class Invitations {
    private static final String INSERT = """
            INSERT INTO invitation (by_id, digest, made_at, ends_at) VALUES (:by, :digest, :now, :ends) RETURNING id
            """;
    private static final String OPEN = """
            SELECT id, made_at, ends_at FROM invitation
            WHERE by_id = :by AND used_by IS NULL AND ends_at > :now ORDER BY made_at DESC, id DESC
            """;
    private static final String USABLE = """
            SELECT id FROM invitation WHERE digest = :digest AND used_by IS NULL AND ends_at > :now
            """;
    private static final String USE = """
            UPDATE invitation SET used_by = :account WHERE id = :id AND used_by IS NULL
            """;
    private static final String REVOKE = """
            DELETE FROM invitation WHERE id = :id AND by_id = :by AND used_by IS NULL
            """;

    private final JdbcClient database;
    private final Clock clock;

    Invitations(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** One that nobody has used yet. */
    record Invitation(long id, Instant madeAt, Instant endsAt) {}

    Invitation add(long by, String digest, Duration lasts) {
        Instant now = clock.instant();
        long id = database.sql(INSERT)
                .param("by", by)
                .param("digest", digest)
                .param("now", now.toEpochMilli())
                .param("ends", now.plus(lasts).toEpochMilli())
                .query(Long.class)
                .single();
        return new Invitation(id, now, now.plus(lasts));
    }

    List<Invitation> open(long by) {
        return database.sql(OPEN)
                .param("by", by)
                .param("now", clock.millis())
                .query((row, number) -> new Invitation(
                        row.getLong("id"),
                        Instant.ofEpochMilli(row.getLong("made_at")),
                        Instant.ofEpochMilli(row.getLong("ends_at"))))
                .list();
    }

    /** The one that has this digest, as long as it can be used. */
    Optional<Long> usable(String digest) {
        return database.sql(USABLE)
                .param("digest", digest)
                .param("now", clock.millis())
                .query(Long.class)
                .optional();
    }

    /** Uses it up; false if somebody was quicker. */
    boolean use(long id, long account) {
        return database.sql(USE).param("account", account).param("id", id).update() == 1;
    }

    void revoke(long id, long by) {
        database.sql(REVOKE).param("id", id).param("by", by).update();
    }
}
