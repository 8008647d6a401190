package didaxis.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.server.School.Answer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A class has no more learners, and they no more to answer, than can be looked at together. */
class ClassSizeTest {
    @RegisterExtension
    static final School school = School.DEMO;

    private static Answer add(Person teacher, long classroom, String name, int count) {
        String learners = IntStream.range(0, count)
                .mapToObj(k -> "{\"displayName\":\"%1$s %2$d\",\"username\":\"%1$s-%2$d\"}".formatted(name, k))
                .collect(Collectors.joining(",", "{\"learners\":[", "]}"));
        return teacher.post("/api/classes/" + classroom + "/learners/list", learners);
    }

    private static String why(Answer refused) {
        assertEquals(422, refused.status(), refused.body());
        return refused.json().get("detail").asString();
    }

    @Test
    void noMoreAreTakenInThanOneClassHas() {
        Person teacher = school.signedIn("teacher");
        long classroom = School.classOf(teacher, "Yonder valley, all");
        add(teacher, classroom, "valley", 300).done();
        String why = why(add(teacher, classroom, "late", 1));
        assertTrue(why.contains("at most 300 learners"), why);
        assertEquals(
                300,
                teacher.get("/api/classes/" + classroom)
                        .done()
                        .json()
                        .get("learners")
                        .size());
    }

    /** A hundred pairs with twenty-two boxes are for 173 learners. */
    @Test
    void whatIsMuchIsHandedToFewAndTheirClassDoesNotGrowBeyondThat() {
        Person teacher = school.signedIn("teacher");
        PapersOfAClass many = PapersOfAClass.of(teacher, "Yonder valley, many");
        PapersOfAClass fewer = PapersOfAClass.of(teacher, "Yonder valley, fewer");
        add(teacher, many.classroom(), "many", 174).done();
        add(teacher, fewer.classroom(), "fewer", 172).done();
        long question = PapersOfAClass.id(teacher.post("/api/questions", SizeTest.question("Pairs", 22)));
        long paper = PapersOfAClass.id(many.paper("Long row of pairs", "{}", question));
        String refused = why(many.handOut(paper));
        assertTrue(refused.contains("for a class of 174; for 173 it could be"), refused);
        fewer.handOut(paper).done();
        String grown = why(add(teacher, fewer.classroom(), "more", 2));
        assertTrue(grown.contains("“Long row of pairs”") && grown.contains("at most 173 learners"), grown);
        add(teacher, fewer.classroom(), "last", 1).done();
    }
}
