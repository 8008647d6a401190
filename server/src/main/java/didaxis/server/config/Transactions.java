package didaxis.server.config;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Stretches of work on the database. There is one writer: what is slow, reading circuits and marking, is done before or
 * behind such a stretch, never in it.
 */
@Component
public class Transactions {
    private final TransactionTemplate reading;
    private final TransactionTemplate writing;

    Transactions(PlatformTransactionManager manager) {
        reading = new TransactionTemplate(manager);
        reading.setReadOnly(true);
        writing = new TransactionTemplate(manager);
    }

    /** What is read at one moment. */
    public <T> T read(Supplier<T> work) {
        return reading.execute(status -> work.get());
    }

    /** Written whole or not at all. */
    public <T> T write(Supplier<T> work) {
        return writing.execute(status -> work.get());
    }

    /** Written whole or not at all. */
    public void write(Runnable work) {
        writing.executeWithoutResult(status -> work.run());
    }
}
