package didaxis.server.classroom;

import didaxis.core.style.ClassStyle;
import didaxis.server.account.Accounts;
import didaxis.server.account.Role;
import didaxis.server.classroom.Classrooms.Classroom;
import didaxis.server.classroom.Classrooms.Colleague;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Classes: made, named, put away, copied, and taught by more than one. */
@Service
class ClassroomService {
    record ClassroomView(
            long id,
            String name,
            boolean archived,
            boolean own,
            List<Learner> learners,
            List<Learner> former,
            List<Colleague> teachers) {}

    private final Classrooms classrooms;
    private final ClassStyles styles;
    private final Learners learners;
    private final Accounts accounts;
    private final Transactions transactions;

    ClassroomService(
            Classrooms classrooms,
            ClassStyles styles,
            Learners learners,
            Accounts accounts,
            Transactions transactions) {
        this.classrooms = classrooms;
        this.styles = styles;
        this.learners = learners;
        this.accounts = accounts;
        this.transactions = transactions;
    }

    List<Classroom> own(long teacher) {
        return transactions.read(() -> classrooms.of(teacher));
    }

    /**
     * Makes a class.
     *
     * @param again whether it is meant, where there is one of that name
     */
    Classroom add(String typed, boolean again, long teacher) {
        String name = Names.checked(typed, "The class");
        return transactions.write(() -> {
            if (!again) refuseIfThereAlready(name, 0, teacher);
            return classrooms.one(classrooms.add(name, teacher), teacher);
        });
    }

    ClassroomView rename(long id, String typed, boolean again, long teacher) {
        String name = Names.checked(typed, "The class");
        return transactions.write(() -> {
            classrooms.one(id, teacher);
            if (!again) refuseIfThereAlready(name, id, teacher);
            classrooms.rename(id, name);
            return view(id, teacher);
        });
    }

    private void refuseIfThereAlready(String name, long but, long teacher) {
        boolean there = classrooms.of(teacher).stream()
                .anyMatch(one -> one.id() != but && one.name().equalsIgnoreCase(name));
        if (there) {
            throw Problem.of(HttpStatus.CONFLICT, "You have a class called “" + name + "” already.")
                    .with("reason", "same-name");
        }
    }

    ClassroomView one(long id, long teacher) {
        return transactions.read(() -> view(id, teacher));
    }

    private ClassroomView view(long id, long teacher) {
        Classroom classroom = classrooms.one(id, teacher);
        return new ClassroomView(
                id,
                classroom.name(),
                classroom.archived(),
                classroom.own(),
                classrooms.learners(id),
                learners.former(id),
                classrooms.colleagues(id));
    }

    ClassroomView archive(long id, boolean archived, long teacher) {
        return transactions.write(() -> {
            classrooms.one(id, teacher);
            classrooms.archive(id, archived);
            return view(id, teacher);
        });
    }

    /** A class of its own with the same learners, and nothing handed out to it yet. */
    ClassroomView copy(long id, long teacher) {
        return transactions.write(() -> {
            String name = Names.numbered(
                    classrooms.one(id, teacher).name(),
                    classrooms.of(teacher).stream().map(Classroom::name).toList());
            long copy = classrooms.add(name, teacher);
            classrooms.copyLearners(id, copy);
            styles.set(copy, styles.ofClass(id));
            return view(copy, teacher);
        });
    }

    /** The other teachers of the school, with whom a class can be shared. */
    List<Colleague> teachers(long teacher) {
        return transactions.read(() -> accounts.teachers()).stream()
                .filter(one -> one.id() != teacher)
                .map(one -> new Colleague(one.id(), one.displayName(), false))
                .toList();
    }

    ClassroomView share(long id, long colleague, long teacher) {
        return transactions.write(() -> {
            refuseUnlessOwn(id, teacher);
            checkTeacher(colleague);
            if (colleague != teacher) classrooms.share(id, colleague);
            return view(id, teacher);
        });
    }

    /** Shares no longer; a colleague may also leave by themselves. */
    void unshare(long id, long colleague, long teacher) {
        transactions.write(() -> {
            if (colleague == teacher) classrooms.one(id, teacher);
            else refuseUnlessOwn(id, teacher);
            classrooms.unshare(id, colleague);
        });
    }

    /** Gives a class away: from then on it is the colleague's, and who gave it sees it no more. */
    void handOver(long id, long colleague, long teacher) {
        transactions.write(() -> {
            refuseUnlessOwn(id, teacher);
            checkTeacher(colleague);
            classrooms.handOver(id, colleague);
        });
    }

    private void checkTeacher(long id) {
        boolean known = accounts.teachers().stream().anyMatch(one -> one.id() == id && one.role() == Role.TEACHER);
        if (!known) throw Problem.notFound("teacher");
    }

    private void refuseUnlessOwn(long id, long teacher) {
        if (!classrooms.one(id, teacher).own())
            throw Problem.of(HttpStatus.FORBIDDEN, "Only the teacher whose class it is can do that.");
    }

    /** The style of a class of one of its teachers. */
    ClassStyle style(long id, long teacher) {
        return transactions.read(() -> {
            classrooms.one(id, teacher);
            return styles.ofClass(id);
        });
    }

    /** Sets the style of a class; what was handed out before keeps its own. */
    ClassStyle setStyle(long id, ClassStyle style, long teacher) {
        return transactions.write(() -> {
            classrooms.one(id, teacher);
            styles.set(id, style);
            return style;
        });
    }
}
