package didaxis.server.config;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Stretches of work on the database. There is one writer: what is slow, reading circuits and marking, is done before or
 * behind such a stretch, never in it.
 */
@Component
public class Transactions {
    private static final String WRITER = "writer";

    private final TransactionTemplate reading;
    private final TransactionTemplate writing;

    Transactions(PlatformTransactionManager manager) {
        reading = new TransactionTemplate(manager);
        reading.setReadOnly(true);
        writing = new TransactionTemplate(manager);
        writing.setName(WRITER);
    }

    /** Whether this thread keeps everybody else from writing; what is slow asserts that it does not, and the tests see to it. */
    public static boolean writing() {
        return WRITER.equals(TransactionSynchronizationManager.getCurrentTransactionName());
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
