package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A value that was wrong in what was handed out is put right for all sheets (200 with -Dsheets=200), though the server is killed over it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class CorrectingJourney {
    private static final int SHEETS = Integer.getInteger("sheets", 60);
    private static final String READY = "All sheets are marked by the memo as it is now.";

    /** The marks of all who sent it, and how many boxes were found of, from the rows of the findings' file. */
    private static final String MARKS = """
            async (id) => {
              const boxes = await (await fetch(`/api/assignments/${id}/boxes`)).json()
              const rows = (await (await fetch(`/api/assignments/${id}/findings.csv`)).text()).trim().split('\\r\\n')
              return [boxes.learners.map((one) => one.marks).join(), rows.length - 1]
            }
            """;

    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void aValueIsPutRightForAllThoughTheServerIsKilledOverIt() throws Exception {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        NightSchool school = NightSchool.of(page, SHEETS);
        List<?> before = marks(page, school);
        page.navigate(visit.address(school.address() + "/review"));
        Locator first = page.locator("[data-group]").first();
        assertThat(first).containsText("0 of 1");
        page.keyboard().press("1");
        assertThat(first).containsText("1 of 1 by");
        page.keyboard().press("u");
        assertThat(first).containsText("0 of 1");
        page.keyboard().press("m");
        page.getByLabel("What is to be put right").selectOption("A value of the circuit");
        page.getByLabel("What has another value").selectOption("Question 1: R1 = 5 Ω");
        page.getByLabel("Right value").fill("6");
        press(page, "See what changes");
        assertThat(page.getByText(Pattern.compile("\\d+ sheets would be marked otherwise")))
                .isVisible();
        visit.browser().inspect(page, "correcting");
        String expected = after(page, before);
        page.getByLabel("Reason, for the learners to read").fill("The dryer has 6 Ω.");
        page.waitForResponse(
                answer -> answer.url().endsWith("/corrections")
                        && answer.request().method().equals("POST"),
                () -> press(page, "Put it right and mark anew"));
        visit.application().kill();
        visit.application().start();
        page.reload();
        assertThat(page.getByText(READY)).isVisible();
        assertEquals(List.of(expected, SHEETS * NightSchool.BOXES), marks(page, school));
        assertNotEquals(before, marks(page, school));
        press(page, "Take it back");
        page.getByLabel("Reason, for the learners to read").fill("It was 5 Ω after all.");
        press(page, "Put it right and mark anew");
        assertThat(page.getByText("It was 5 Ω after all.")).isVisible();
        assertThat(page.getByText(READY)).isVisible();
        assertEquals(before, marks(page, school));
    }

    /** It is a learner of the demo who writes, with the sheet open on a phone. */
    @Test
    void whoIsWritingSeesAtOnceWhatWasPutRightAndLosesNothing() {
        Page learner = visit.browser().signedInOnPhone("learner8", ColorScheme.DARK);
        learner.getByText("Boot dryer").first().click();
        Locator box = learner.locator("input[data-box]").first();
        box.fill("3 ohm");
        assertThat(learner.locator("svg").first()).containsText("5 Ω");
        Page teacher = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(teacher.getByText("Needs you")).isVisible();
        teacher.navigate(visit.address("/results/1/1/memo"));
        teacher.getByLabel("What is to be put right").selectOption("A value of the circuit");
        teacher.getByLabel("What has another value").selectOption("Question 1: R1 = 5 Ω");
        teacher.getByLabel("Right value").fill("6");
        press(teacher, "See what changes");
        teacher.getByLabel("Reason, for the learners to read").fill("The dryer has 6 Ω.");
        press(teacher, "Put it right and mark anew");
        assertThat(learner.getByText("has put something right")).isVisible();
        assertThat(learner.locator("svg").first()).containsText("6 Ω");
        assertThat(box).hasValue("3 ohm");
        visit.browser().inspect(learner, "put-right-while-open");
    }

    private static List<?> marks(Page page, NightSchool school) {
        return (List<?>) page.evaluate(MARKS, school.assignment());
    }

    /** What the marks would be by what is shown before it is done. */
    private static String after(Page page, List<?> before) {
        String[] marks = before.get(0).toString().split(",");
        for (Locator row : page.locator("tbody tr").all()) {
            String[] cells = row.innerText().split("\t");
            int learner = Integer.parseInt(cells[0].replaceAll("\\D", "")) - 1;
            assertEquals(marks[learner], cells[1].strip());
            marks[learner] = cells[2].strip();
        }
        return String.join(",", marks);
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .click();
    }
}
