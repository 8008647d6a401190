package didaxis.server.exchange;

import didaxis.server.circuit.ClassStyleBody;
import didaxis.server.classroom.ClassStyles;
import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.exchange.PackageBody.PackedPaper;
import didaxis.server.exchange.PackageBody.PackedStyle;
import didaxis.server.paper.PaperService;
import didaxis.server.paper.Papers;
import didaxis.server.paper.Papers.Content;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.Questions;
import didaxis.server.question.ReadyQuestion;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Writes packages and takes them in: all of a package, or nothing. */
@Service
class PackageService {
    private static final int MOST = 500;
    /** Five hundred questions of twelve parts with six amounts each; so much is ready in about half a second. */
    private static final int MOST_WORK = 650_000;

    private final Questions questions;
    private final Papers papers;
    private final Classrooms classrooms;
    private final ClassStyles styles;
    private final Transactions transactions;

    PackageService(
            Questions questions, Papers papers, Classrooms classrooms, ClassStyles styles, Transactions transactions) {
        this.questions = questions;
        this.papers = papers;
        this.classrooms = classrooms;
        this.styles = styles;
        this.transactions = transactions;
    }

    /** How much was taken in. */
    record TakenIn(int questions, int papers, int styles) {}

    /** All that somebody has: questions, papers, and the styles of the classes. */
    PackageBody all(long owner) {
        return transactions.read(() -> {
            List<Questions.Kept> kept = questions.of(owner);
            List<PackedStyle> own = classrooms.of(owner).stream()
                    .map(one -> new PackedStyle(one.name(), ClassStyleBody.of(styles.ofClass(one.id()))))
                    .toList();
            return packed(kept, papers.of(owner), own);
        });
    }

    /** One paper with its questions. */
    PackageBody paper(long id, long owner) {
        return transactions.read(() -> {
            Papers.Kept paper = papers.one(id, owner);
            return packed(questions.some(paper.content().questions(), owner), List.of(paper), List.of());
        });
    }

    private static PackageBody packed(List<Questions.Kept> kept, List<Papers.Kept> all, List<PackedStyle> own) {
        List<Long> ids = kept.stream().map(Questions.Kept::id).toList();
        List<QuestionBody> bodies = kept.stream()
                .map(one -> one.content().body().titled(one.content().title()))
                .toList();
        List<PackedPaper> packed = all.stream()
                .map(Papers.Kept::content)
                .map(one -> new PackedPaper(
                        one.title(),
                        one.layout(),
                        one.questions().stream()
                                .map(ids::indexOf)
                                .filter(place -> place >= 0)
                                .toList()))
                .toList();
        return PackageBody.of(bodies, packed, own);
    }

    /**
     * Takes a package in. Everything is read before anything is kept.
     *
     * @param classroom the class that gets the package's first style; null for none
     * @throws Problem if it is no package, or something in it cannot be kept; nothing is then
     */
    TakenIn takeIn(PackageBody body, Long classroom, long owner) {
        checkForm(body);
        List<ReadyQuestion> contents = new ArrayList<>();
        int work = 0;
        for (QuestionBody one : body.questionsOrNone()) {
            ReadyQuestion ready = at("Question", contents.size(), () -> content(one));
            work += ready.work();
            if (work > MOST_WORK)
                throw refused("This is more than can be taken in at once: of this package the first " + contents.size()
                        + " questions could be. Divide it into several packages.");
            contents.add(ready);
        }
        List<PackedPaper> packed = new ArrayList<>();
        for (PackedPaper one : body.papersOrNone())
            packed.add(at("Paper", packed.size(), () -> checked(one, contents.size())));
        for (int k = 0; k < body.stylesOrNone().size(); k++) {
            PackedStyle one = body.stylesOrNone().get(k);
            at("Style", k, () -> style(one));
        }
        return transactions.write(() -> {
            List<Long> ids =
                    contents.stream().map(one -> questions.add(one, owner)).toList();
            for (PackedPaper one : packed) {
                List<Long> own = one.questions().stream().map(ids::get).toList();
                papers.add(new Content(one.title(), one.layout(), own), owner);
            }
            int taken = 0;
            if (classroom != null && !body.stylesOrNone().isEmpty()) {
                classrooms.one(classroom, owner);
                styles.set(classroom, body.stylesOrNone().get(0).style().style());
                taken = 1;
            }
            return new TakenIn(ids.size(), packed.size(), taken);
        });
    }

    private static void checkForm(PackageBody body) {
        if (body == null || !PackageBody.WORD.equals(body.didaxis()))
            throw refused("This is no package: its field “didaxis” must be “" + PackageBody.WORD + "”.");
        int version = body.version() == null ? 0 : body.version();
        if (version < 1 || version > PackageBody.VERSION)
            throw refused(
                    "A package of version " + version + " is not known; this is version " + PackageBody.VERSION + ".");
        int things = body.questionsOrNone().size()
                + body.papersOrNone().size()
                + body.stylesOrNone().size();
        if (things == 0) throw refused("There is nothing in this package.");
        if (things > MOST) throw refused("A package has at most " + MOST + " questions, papers and styles.");
    }

    private static Problem refused(String sentence) {
        return Problem.badRequest(sentence + " Nothing was taken in.");
    }

    private static <T> T at(String what, int place, Supplier<T> reads) {
        try {
            return reads.get();
        } catch (Problem problem) {
            throw Problem.of(
                    HttpStatus.BAD_REQUEST,
                    what + " " + (place + 1) + " of the package cannot be taken in. " + problem.getMessage()
                            + " Nothing was taken in.");
        }
    }

    private static ReadyQuestion content(QuestionBody body) {
        if (body == null) throw Problem.badRequest("It is missing.");
        return ReadyQuestion.of(body);
    }

    private static PackedPaper checked(PackedPaper paper, int questions) {
        if (paper == null || paper.questions() == null) throw Problem.badRequest("Its questions are missing.");
        for (Integer place : paper.questions())
            if (place == null || place < 0 || place >= questions)
                throw Problem.badRequest("It asks for a question that is not in the package.");
        List<Long> places = paper.questions().stream().map(Integer::longValue).toList();
        Content checked = PaperService.checked(new Content(paper.title(), paper.layout(), places));
        return new PackedPaper(checked.title(), checked.layout(), paper.questions());
    }

    private static Object style(PackedStyle style) {
        if (style == null || style.style() == null) throw Problem.badRequest("It is missing.");
        return style.style().style();
    }
}
