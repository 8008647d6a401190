package didaxis.server.shelf;

import didaxis.server.config.Problem;
import didaxis.server.config.Removed;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Kept circuits in the database, each its owner's only. */
@Repository
public class Shelf {
    private static final String OWN = """
            SELECT id, name, notation, updated_at FROM shelf_circuit
            WHERE owner_id = :owner AND removed_at IS NULL ORDER BY updated_at DESC, id DESC
            """;
    private static final String ONE = """
            SELECT id, name, notation, updated_at FROM shelf_circuit
            WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String INSERT = """
            INSERT INTO shelf_circuit (owner_id, name, notation, updated_at)
            VALUES (:owner, :name, :notation, :now) RETURNING id
            """;
    private static final String OWN_REMOVED = """
            SELECT id, name, notation, updated_at FROM shelf_circuit
            WHERE owner_id = :owner AND removed_at >= :since ORDER BY removed_at DESC, id DESC
            """;
    private static final String RENAME = """
            UPDATE shelf_circuit SET name = :name WHERE id = :id AND owner_id = :owner AND removed_at IS NULL
            """;
    private static final String PURGE = """
            DELETE FROM shelf_circuit WHERE removed_at < :before
            """;
    private static final String SET_REMOVED = """
            UPDATE shelf_circuit SET removed_at = :removed WHERE id = :id AND owner_id = :owner
            """;

    private final JdbcClient database;
    private final Clock clock;

    Shelf(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A circuit under a name. */
    record ShelfCircuit(long id, String name, String notation, Instant updatedAt) {
        static ShelfCircuit map(ResultSet row, int number) throws SQLException {
            return new ShelfCircuit(
                    row.getLong("id"),
                    row.getString("name"),
                    row.getString("notation"),
                    Instant.ofEpochMilli(row.getLong("updated_at")));
        }
    }

    List<ShelfCircuit> of(long owner) {
        return database.sql(OWN).param("owner", owner).query(ShelfCircuit::map).list();
    }

    /**
     * One of the owner's circuits.
     *
     * @throws Problem if there is none
     */
    ShelfCircuit one(long id, long owner) {
        return database.sql(ONE)
                .param("id", id)
                .param("owner", owner)
                .query(ShelfCircuit::map)
                .optional()
                .orElseThrow(() -> Problem.notFound("circuit"));
    }

    /** Keeps a circuit under a name and says its id. */
    public long add(String name, String notation, long owner) {
        return database.sql(INSERT)
                .param("name", name)
                .param("notation", notation)
                .param("now", clock.millis())
                .param("owner", owner)
                .query(Long.class)
                .single();
    }

    void rename(long id, String name, long owner) {
        int rows = database.sql(RENAME)
                .param("name", name)
                .param("id", id)
                .param("owner", owner)
                .update();
        if (rows == 0) throw Problem.notFound("circuit");
    }

    /** Those removed since then, the latest first. */
    List<ShelfCircuit> removed(long owner, Instant since) {
        return database.sql(OWN_REMOVED)
                .param("owner", owner)
                .param("since", since.toEpochMilli())
                .query(ShelfCircuit::map)
                .list();
    }

    /** Takes a circuit away, to be brought back for a while; those whose time is over go for good. */
    void remove(long id, long owner) {
        setRemoved(id, owner, clock.millis());
        database.sql(PURGE).param("before", Removed.since(clock).toEpochMilli()).update();
    }

    void bringBack(long id, long owner) {
        setRemoved(id, owner, null);
    }

    private void setRemoved(long id, long owner, Long removed) {
        int rows = database.sql(SET_REMOVED)
                .param("removed", removed)
                .param("id", id)
                .param("owner", owner)
                .update();
        if (rows == 0) throw Problem.notFound("circuit");
    }
}
