package didaxis.server.terminal;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/** What is done at the terminal instead of serving: {@code backup FILE}, {@code restore FILE}, {@code password NAME}. */
public final class Commands {
    /** Letters and digits that are not taken for each other. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final String SET_PASSWORD = "UPDATE account SET password_hash = ? WHERE username = ?";
    private static final String END_SESSIONS = "DELETE FROM SPRING_SESSION WHERE PRINCIPAL_NAME = ? COLLATE NOCASE";

    private Commands() {}

    /**
     * Carries out a command.
     *
     * @param words the command and its object
     * @return what was done, in a sentence; empty if the words are no command
     * @throws DataFolder.Unusable if it could not be done, and why
     */
    public static Optional<String> run(DataFolder folder, List<String> words) throws DataFolder.Unusable {
        if (words.size() != 2) return Optional.empty();
        String object = words.get(1);
        return switch (words.get(0)) {
            case "backup" -> {
                folder.backup(Path.of(object));
                yield Optional.of("The school in " + folder + " is backed up in " + object + ".");
            }
            case "restore" -> {
                Path before = folder.restore(Path.of(object));
                yield Optional.of("The school in " + folder + " is the one of " + object
                        + " again; what was there before is kept in " + before + ".");
            }
            case "password" -> Optional.of(password(folder, object));
            default -> Optional.empty();
        };
    }

    private static String password(DataFolder folder, String username) throws DataFolder.Unusable {
        SecureRandom random = new SecureRandom();
        String password = random.ints(10, 0, LETTERS.length())
                .mapToObj(i -> String.valueOf(LETTERS.charAt(i)))
                .collect(Collectors.joining());
        try (Connection school = folder.open();
                Connection sessions = folder.openSessions();
                PreparedStatement set = school.prepareStatement(SET_PASSWORD);
                PreparedStatement end = sessions.prepareStatement(END_SESSIONS)) {
            set.setString(1, new BCryptPasswordEncoder().encode(password));
            set.setString(2, username);
            if (set.executeUpdate() == 0)
                throw new DataFolder.Unusable("Nobody in " + folder + " has the sign-in name " + username + ".");
            end.setString(1, username);
            end.executeUpdate();
        } catch (SQLException e) {
            throw new DataFolder.Unusable("The password could not be set (" + e.getMessage() + ").");
        }
        return "The new password of " + username + " is  " + password + "  and all their sessions are ended.";
    }
}
