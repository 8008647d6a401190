package didaxis.server.config;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.session.jdbc.config.annotation.SpringSessionDataSource;

/**
 * One SQLite file for the school, one for its sessions. SQLite has one writer: so has the pool, and a
 * transaction takes the write lock when it begins. Readers have connections of their own.
 */
@Configuration(proxyBeanMethods = false)
class DatabaseConfig {
    private final Path folder;

    DatabaseConfig(@Value("${didaxis.data}") Path folder) {
        this.folder = folder.toAbsolutePath();
        try {
            Files.createDirectories(this.folder);
        } catch (IOException e) {
            throw new UncheckedIOException("data folder (" + this.folder + ") must be one that can be written to", e);
        }
    }

    /** Transactions that only read take a reader's connection, everything else the one writer's. */
    @Bean
    @Primary
    DataSource school(@Qualifier("writer") DataSource writer, @Qualifier("reader") DataSource reader) {
        LazyConnectionDataSourceProxy school = new LazyConnectionDataSourceProxy(writer);
        school.setReadOnlyDataSource(reader);
        return school;
    }

    @Bean(defaultCandidate = false)
    @Qualifier("writer")
    HikariDataSource writer() {
        HikariConfig config = sqlite("didaxis.db", "");
        config.setPoolName("writer");
        config.setMaximumPoolSize(1);
        config.addDataSourceProperty("transaction_mode", "IMMEDIATE");
        config.addDataSourceProperty("synchronous", "FULL");
        return new HikariDataSource(config);
    }

    @Bean(defaultCandidate = false)
    @Qualifier("reader")
    HikariDataSource reader() {
        HikariConfig config = sqlite("didaxis.db", "?open_mode=1");
        config.setPoolName("reader");
        config.setMaximumPoolSize(4);
        config.setMinimumIdle(1);
        config.setReadOnly(true);
        // The file is made by the writer's migrations; until then there is nothing to read.
        config.setInitializationFailTimeout(-1);
        return new HikariDataSource(config);
    }

    /** A lost session is a sign-in, not lost work, so its file may be written less carefully. */
    @Bean(defaultCandidate = false)
    @SpringSessionDataSource
    DataSource sessions() {
        HikariConfig config = sqlite("sessions.db", "");
        config.setPoolName("sessions");
        config.setMaximumPoolSize(1);
        config.addDataSourceProperty("transaction_mode", "IMMEDIATE");
        config.addDataSourceProperty("synchronous", "NORMAL");
        DataSource sessions = new HikariDataSource(config);
        Flyway.configure()
                .dataSource(sessions)
                .locations("classpath:db/sessions")
                .load()
                .migrate();
        return sessions;
    }

    private HikariConfig sqlite(String file, String options) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:sqlite:" + folder.resolve(file) + options);
        config.addDataSourceProperty("journal_mode", "WAL");
        config.addDataSourceProperty("foreign_keys", "true");
        config.addDataSourceProperty("busy_timeout", "5000");
        return config;
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
