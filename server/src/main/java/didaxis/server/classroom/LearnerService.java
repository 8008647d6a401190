package didaxis.server.classroom;

import didaxis.server.account.Accounts;
import didaxis.server.account.Passwords;
import didaxis.server.account.Role;
import didaxis.server.account.SignIns;
import didaxis.server.account.SignedIn;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.JsonColumn;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;

/** How learners come into classes, change and go; passwords are shown once. */
@Service
class LearnerService {
    private static final int MOST_AT_ONCE = 300;

    /** A learner with a password that is shown this once. */
    record LearnerWithPassword(Learner learner, String password) {}

    record NewLearner(String displayName, String username) {}

    /** A learner known from other classes, who can come into this one as well. */
    record KnownLearner(Learner learner, List<String> classes) {}

    /** An answer as it was typed. */
    record Written(Object cell, String text) {}

    /** Everything there is of a learner in the classes of who asks. */
    record Export(String displayName, String username, List<ExportedSheet> sheets) {}

    record ExportedSheet(
            String classroom,
            String title,
            int attempt,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant keptAt,

            @Schema(
                    types = {"string", "null"},
                    format = "date-time")
            Instant sentAt,

            @Schema(types = {"integer", "null"}) Integer marks,
            List<Written> answers) {}

    private final Classrooms classrooms;
    private final Learners learners;
    private final Accounts accounts;
    private final Passwords passwords;
    private final SignIns signIns;
    private final JsonColumn json;
    private final Transactions transactions;

    LearnerService(
            Classrooms classrooms,
            Learners learners,
            Accounts accounts,
            Passwords passwords,
            SignIns signIns,
            JsonColumn json,
            Transactions transactions) {
        this.classrooms = classrooms;
        this.learners = learners;
        this.accounts = accounts;
        this.passwords = passwords;
        this.signIns = signIns;
        this.json = json;
        this.transactions = transactions;
    }

    /** Reads a pasted list without making anybody's account yet. */
    List<ClassList.ListedLearner> read(long id, String text, long teacher) {
        return ClassList.read(text, transactions.read(() -> {
            classrooms.one(id, teacher);
            return learners.usernames();
        }));
    }

    LearnerWithPassword add(long id, NewLearner learner, long teacher) {
        return addAll(id, List.of(learner), teacher).get(0);
    }

    /** Makes the accounts of all, or of none. */
    List<LearnerWithPassword> addAll(long id, List<NewLearner> all, long teacher) {
        if (all == null || all.isEmpty()) throw Problem.badRequest("Nobody is on this list.");
        if (all.size() > MOST_AT_ONCE)
            throw Problem.badRequest("At most " + MOST_AT_ONCE + " learners come in at once.");
        record Ready(String displayName, String username, String password, String hash) {}
        List<Ready> ready = new ArrayList<>();
        for (NewLearner one : all) {
            if (one == null) throw Problem.badRequest("The learner needs a name.");
            String name = Names.checked(one.displayName(), "The learner");
            Accounts.checkUsername(one.username());
            String password = passwords.made();
            ready.add(new Ready(name, one.username(), password, passwords.hashOfMade(password)));
        }
        return transactions.write(() -> {
            checkSize(id, ready.size(), teacher);
            List<LearnerWithPassword> made = new ArrayList<>();
            for (Ready one : ready) {
                SignedIn account = accounts.create(one.username(), one.displayName(), Role.LEARNER, one.hash());
                learners.add(id, account.id());
                made.add(new LearnerWithPassword(
                        new Learner(account.id(), account.username(), account.displayName()), one.password()));
            }
            return made;
        });
    }

    private void checkSize(long id, int more, long teacher) {
        classrooms.one(id, teacher);
        ClassSize.checkLearners(classrooms.learners(id).size() + more, learners.heaviest(id));
    }

    /** Those of the teacher's learners who are not in this class. */
    List<KnownLearner> known(long id, long teacher) {
        return transactions.read(() -> {
            classrooms.one(id, teacher);
            List<Long> here = classrooms.learners(id).stream().map(Learner::id).toList();
            List<KnownLearner> known = new ArrayList<>();
            for (Learners.Known one : learners.knownTo(teacher)) {
                if (here.contains(one.learner().id())) continue;
                boolean same = !known.isEmpty()
                        && known.get(known.size() - 1).learner().id()
                                == one.learner().id();
                if (same) known.get(known.size() - 1).classes().add(one.classroom());
                else known.add(new KnownLearner(one.learner(), new ArrayList<>(List.of(one.classroom()))));
            }
            return known;
        });
    }

    /** Puts a learner whom the teacher knows into the class as well; this also puts back who was taken out. */
    Learner addKnown(long id, long learnerId, long teacher) {
        return transactions.write(() -> {
            checkSize(id, 1, teacher);
            Learner learner = learners.knownTo(teacher).stream()
                    .map(Learners.Known::learner)
                    .filter(one -> one.id() == learnerId)
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("learner"));
            learners.add(id, learnerId);
            return learner;
        });
    }

    /** A new password ends what was begun with the old one. */
    LearnerWithPassword renewPassword(long id, long learnerId, long teacher) {
        String password = passwords.made();
        String hash = passwords.hashOfMade(password);
        Learner learner = transactions.write(() -> {
            Learner one = learnerOf(id, learnerId, teacher);
            accounts.setPassword(learnerId, hash);
            return one;
        });
        signIns.beginAgain(learner.username());
        return new LearnerWithPassword(learner, password);
    }

    Learner rename(long id, long learnerId, String typed, long teacher) {
        String name = Names.checked(typed, "The learner");
        return transactions.write(() -> {
            learnerOf(id, learnerId, teacher);
            learners.rename(learnerId, name);
            return learnerOf(id, learnerId, teacher);
        });
    }

    /** Takes a learner out of the class, to be put back whenever that is wanted. */
    void remove(long id, long learnerId, long teacher) {
        Learner learner = transactions.write(() -> {
            Learner one = learnerOf(id, learnerId, teacher);
            learners.remove(id, learnerId);
            return one;
        });
        signIns.beginAgain(learner.username());
    }

    Export export(long id, long learnerId, long teacher) {
        return transactions.read(() -> {
            Learner learner = memberOrFormer(id, learnerId, teacher);
            List<ExportedSheet> sheets = learners.work(learnerId, teacher).stream()
                    .map(this::exported)
                    .toList();
            return new Export(learner.displayName(), learner.username(), sheets);
        });
    }

    private ExportedSheet exported(Learners.Work work) {
        return new ExportedSheet(
                work.classroom(),
                work.title(),
                work.attempt(),
                work.keptAt().orElse(null),
                work.sentAt().orElse(null),
                work.sentAt().map(any -> work.marks()).orElse(null),
                json.read(work.answers(), new TypeReference<>() {}));
    }

    /** Deletes a learner with all they wrote, for good; only where nobody else's class has a part in it. */
    void erase(long id, long learnerId, long teacher) {
        Learner learner = transactions.write(() -> {
            Learner one = memberOrFormer(id, learnerId, teacher);
            if (learners.isAlsoOthers(learnerId, teacher)) {
                throw Problem.of(
                        HttpStatus.CONFLICT,
                        one.displayName() + " is or was in a colleague's class too; both classes must be yours or"
                                + " shared with you.");
            }
            learners.erase(learnerId);
            return one;
        });
        signIns.beginAgain(learner.username());
    }

    private Learner learnerOf(long id, long learnerId, long teacher) {
        classrooms.one(id, teacher);
        return found(classrooms.learners(id), learnerId);
    }

    private Learner memberOrFormer(long id, long learnerId, long teacher) {
        classrooms.one(id, teacher);
        List<Learner> all = new ArrayList<>(classrooms.learners(id));
        all.addAll(learners.former(id));
        return found(all, learnerId);
    }

    private static Learner found(List<Learner> among, long learnerId) {
        return among.stream()
                .filter(learner -> learner.id() == learnerId)
                .findFirst()
                .orElseThrow(() -> Problem.notFound("learner in this class"));
    }
}
