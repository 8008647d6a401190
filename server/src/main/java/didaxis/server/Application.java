package didaxis.server;

import didaxis.server.terminal.Commands;
import didaxis.server.terminal.DataFolder;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application. */
@SpringBootApplication
public class Application {
    private static final String DATA = "--didaxis.data=";
    /** Kept as long as the process lives: a lock that nobody refers to is let go of. */
    private static FileLock held;

    public static void main(String[] arguments) {
        try {
            DataFolder folder = DataFolder.at(data(arguments));
            List<String> words = Arrays.stream(arguments)
                    .filter(word -> !word.startsWith("--"))
                    .toList();
            Optional<String> done = Commands.run(folder, words);
            if (done.isPresent()) {
                System.out.println(done.get());
                return;
            }
            held = folder.lock();
            folder.check();
        } catch (DataFolder.Unusable e) {
            System.err.println(e.getMessage());
            System.exit(1);
        }
        SpringApplication.run(Application.class, arguments);
    }

    private static Path data(String[] arguments) {
        return Path.of(Arrays.stream(arguments)
                .filter(word -> word.startsWith(DATA))
                .map(word -> word.substring(DATA.length()))
                .findFirst()
                .orElse(Optional.ofNullable(System.getenv("DIDAXIS_DATA")).orElse("data/school")));
    }
}
