package didaxis.server.config;

import java.sql.SQLException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Tells a full disk and a broken UNIQUE from other errors; SQLite's driver keeps that in a code of its own. Named in sql-error-codes.xml. */
public final class SqliteErrors implements SQLExceptionTranslator {
    /** Whether something failed because nothing more could be written. */
    static boolean isDiskFull(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (!(cause instanceof SQLiteException sqlite)) continue;
            return switch (sqlite.getResultCode()) {
                case SQLITE_FULL, SQLITE_IOERR_WRITE, SQLITE_IOERR_FSYNC, SQLITE_IOERR_SHMSIZE, SQLITE_READONLY -> true;
                default -> false;
            };
        }
        return false;
    }

    @Override
    public DataAccessException translate(String task, String sql, SQLException e) {
        if (!(e instanceof SQLiteException sqlite)) return null;
        SQLiteErrorCode code = sqlite.getResultCode();
        boolean duplicate = code == SQLiteErrorCode.SQLITE_CONSTRAINT_UNIQUE
                || code == SQLiteErrorCode.SQLITE_CONSTRAINT_PRIMARYKEY;
        return duplicate ? new DuplicateKeyException(e.getMessage(), e) : null;
    }
}
