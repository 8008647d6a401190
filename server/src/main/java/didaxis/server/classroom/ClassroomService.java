package didaxis.server.classroom;

import didaxis.server.account.Accounts;
import didaxis.server.account.Passwords;
import didaxis.server.account.Role;
import didaxis.server.account.SignIns;
import didaxis.server.account.SignedIn;
import didaxis.server.classroom.Classrooms.Classroom;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.List;
import org.springframework.stereotype.Service;

/** Classes, who is in them, and how learners come in. */
@Service
class ClassroomService {
    record ClassroomView(long id, String name, List<Learner> learners) {}

    /** A learner with a password that is shown this once. */
    record LearnerWithPassword(Learner learner, String password) {}

    private final Classrooms classrooms;
    private final Accounts accounts;
    private final Passwords passwords;
    private final SignIns signIns;
    private final Transactions transactions;

    ClassroomService(
            Classrooms classrooms, Accounts accounts, Passwords passwords, SignIns signIns, Transactions transactions) {
        this.classrooms = classrooms;
        this.accounts = accounts;
        this.passwords = passwords;
        this.signIns = signIns;
        this.transactions = transactions;
    }

    List<Classroom> own(long teacher) {
        return transactions.read(() -> classrooms.of(teacher));
    }

    Classroom add(String typed, long teacher) {
        String name = named(typed, "The class");
        return transactions.write(() -> classrooms.one(classrooms.add(name, teacher), teacher));
    }

    ClassroomView one(long id, long teacher) {
        return transactions.read(() -> {
            Classroom classroom = classrooms.one(id, teacher);
            return new ClassroomView(id, classroom.name(), classrooms.learners(id));
        });
    }

    LearnerWithPassword addLearner(long id, String typed, String username, long teacher) {
        String displayName = named(typed, "The learner");
        Accounts.checkUsername(username);
        // Hashing is slow on purpose: done before anything is written.
        String password = passwords.made();
        String hash = passwords.hash(password);
        return transactions.write(() -> {
            classrooms.one(id, teacher);
            SignedIn account = accounts.create(username, displayName, Role.LEARNER, hash);
            classrooms.addLearner(id, account.id());
            return new LearnerWithPassword(
                    new Learner(account.id(), account.username(), account.displayName()), password);
        });
    }

    /** A new password ends what was begun with the old one. */
    LearnerWithPassword renewPassword(long id, long learnerId, long teacher) {
        String password = passwords.made();
        String hash = passwords.hash(password);
        Learner learner = transactions.write(() -> {
            Learner one = learnerOf(id, learnerId, teacher);
            accounts.setPassword(learnerId, hash);
            return one;
        });
        signIns.beginAgain(learner.username());
        return new LearnerWithPassword(learner, password);
    }

    void removeLearner(long id, long learnerId, long teacher) {
        Learner learner = transactions.write(() -> {
            Learner one = learnerOf(id, learnerId, teacher);
            classrooms.removeLearner(id, learnerId);
            return one;
        });
        signIns.beginAgain(learner.username());
    }

    private Learner learnerOf(long id, long learnerId, long teacher) {
        classrooms.one(id, teacher);
        return classrooms.learners(id).stream()
                .filter(learner -> learner.id() == learnerId)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("learner in this class"));
    }

    private static String named(String name, String thing) {
        if (name == null || name.isBlank()) throw Problem.badRequest(thing + " needs a name.");
        if (name.strip().length() > 80) throw Problem.badRequest(thing + "'s name is longer than 80 characters.");
        return name.strip();
    }
}
