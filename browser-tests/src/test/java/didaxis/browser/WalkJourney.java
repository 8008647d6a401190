package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.COMBOBOX;
import static com.microsoft.playwright.options.AriaRole.GROUP;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.LISTITEM;
import static com.microsoft.playwright.options.AriaRole.MENUITEM;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From an empty school to marks that are read: a new teacher, a learner by touch, and one by keyboard and ear alone. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WalkJourney {
    @RegisterExtension
    final Visit visit = Visit.emptySchool();

    private final List<Walker> learners = new ArrayList<>();
    private Walker teacher;

    @Test
    @Order(1)
    void aNewTeacherComesFromAnEmptySchoolToTheFirstSheetHandedOut() throws Exception {
        Page page = visit.browser().page(1280, 800, ColorScheme.LIGHT);
        teacher = new Walker(page, Walker.Way.MOUSE);
        teacher.write("Set-up code", visit.application().setUpCode())
                .write("Sign-in name", "thorne")
                .write("Name to show", "M. Thorne")
                .writePassword("didaxis-demo")
                .press(BUTTON, "Begin")
                .isAt(HEADING, "Desk");
        teacher.press(LINK, "Workbench").isAt(HEADING, "Workbench");
        // What stands there first is said only if somebody types before it is there.
        assertThat(page.getByRole(TEXTBOX, new Page.GetByRoleOptions().setName("Circuit")))
                .hasAccessibleDescription("R1 in series with R2 and R3 in parallel");
        teacher.write("Circuit", "16 V : R1=5 + (R3=4 || R2=12)").hears("R1 in series with R3 and R2 in parallel");
        teacher.press(BUTTON, "current of total")
                .hears("asked, 1 mark")
                .press(BUTTON, "resistance of R23")
                .hears("asked, 1 mark")
                .press(BUTTON, "power of R3")
                .hears("asked, 1 mark")
                .press(BUTTON, "Make a question")
                .isAt(TEXTBOX, "Name of the question")
                .type("Boot dryer")
                .press(BUTTON, "Keep")
                .hears("“Boot dryer” is kept.")
                .isAt(LINK, "Classes");
        teacher.key("Enter")
                .write("Name of the class", "Workshop class")
                .press(BUTTON, "Make class")
                .isAt(HEADING, "Workshop class");
        teacher.press(BUTTON, "Paste a list")
                .isAt(TEXTBOX, "One learner a line")
                .type("A. Alder\nB. Birch\nC. Cedar")
                .press(BUTTON, "Read the list")
                .isAt(GROUP, "3 learners were read")
                .press(BUTTON, "Take 3 learners in")
                .hears("3 passwords stand beside their names, shown this once: until this screen is left.")
                .press(BUTTON, "Hand out")
                .isAt(COMBOBOX, "Question")
                .press(BUTTON, "Hand out")
                .hears("“Boot dryer” was handed to Workshop class.")
                .isAt(BUTTON, "Hand out");
        assertTrue(teacher.acts() <= 25, "acts: " + teacher.acts());
    }

    @Test
    @Order(2)
    void aLearnerOnAPhoneAnswersByTouchAndSends() {
        Walker learner = new Walker(visit.browser().phone(ColorScheme.LIGHT), Walker.Way.TOUCH);
        answer(learner, "a.alder");
    }

    @Test
    @Order(3)
    void aLearnerByKeyboardAndEarAnswersAndSends() {
        Walker learner = new Walker(visit.browser().page(1280, 800, ColorScheme.LIGHT), Walker.Way.KEYS);
        answer(learner, "b.birch");
    }

    private void answer(Walker learner, String username) {
        String password = teacher.page()
                .getByRole(LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(username))
                .locator("code")
                .innerText();
        learner.write("Sign-in name", username)
                .writePassword("didaxis-wrong")
                .press(BUTTON, "Sign in")
                .hears("This sign-in name and password do not belong together.")
                .writePassword(password)
                .press(BUTTON, "Sign in")
                .isAt(HEADING, "My work");
        learner.press(LINK, "Boot dryer").isAt(HEADING, "Boot dryer");
        learner.write("resistance of R23", "3 ohm")
                .hears("resistance of R23 read as 3 Ω")
                .key("Enter")
                .type("about two")
                .hears("current of total cannot be read; expected: a current in A, such as 2.5 A or 2500 mA");
        learner.press(BUTTON, "Send")
                .isAt(BUTTON, "Cancel")
                .press(BUTTON, "current of total")
                .isAt(TEXTBOX, "current of total, in A")
                .write("current of total", "2 A")
                .hears("current of total read as 2 A")
                .write("power of R3", "9")
                .hears("power of R3 read as 9 W")
                .press(BUTTON, "Send")
                .isAt(BUTTON, "Send")
                .key("Escape")
                .isAt(BUTTON, "Send")
                .press(BUTTON, "Send")
                .press(BUTTON, "Send")
                .hears("Sent (day and time). You will see what came of it when your teacher hands it back.")
                .isAt(HEADING, "Boot dryer");
        assertTrue(learner.tabs() <= 40, "presses of Tab: " + learner.tabs());
        learner.press(LINK, "My work").isAt(HEADING, "My work");
        learners.add(learner);
    }

    @Test
    @Order(4)
    void theTeacherTendsWhatWasHandedOutAndHandsItBack() {
        teacher.press(LINK, "Classes")
                .write("Name of the class", "Workshop class")
                .key("Enter")
                .hears("You have a class called “Workshop class” already.")
                .isAt(TEXTBOX, "Name of the class")
                .write("Name of the class", "Ridge class")
                .key("Enter")
                .isAt(HEADING, "Ridge class");
        teacher.press(LINK, "Classes").press(LINK, "Workshop class").isAt(HEADING, "Workshop class");

        teacher.press(BUTTON, "More about Boot dryer")
                .press(MENUITEM, "See it as a learner")
                .isAt(HEADING, "Boot dryer");
        visit.browser().inspect(teacher.page(), "preview");
        teacher.press(LINK, "Workshop class").isAt(HEADING, "Workshop class");
        teacher.press(BUTTON, "More about Boot dryer").press(MENUITEM, "Change the due time");
        visit.browser().inspect(teacher.page(), "due");
        teacher.writeMoment("Due", LocalDateTime.now().minusDays(1))
                .press(BUTTON, "Move it")
                .hears("The due time must lie ahead.")
                .isAt(BUTTON, "Move it")
                .writeMoment("Due", LocalDateTime.now().plusDays(3))
                .press(BUTTON, "Move it")
                .hears("“Boot dryer” is now due (day and time).")
                .isAt(BUTTON, "More about Boot dryer");
        teacher.press(BUTTON, "More about Boot dryer")
                .press(MENUITEM, "Hand to another class")
                .isAt(COMBOBOX, "Class")
                .press(BUTTON, "Hand out")
                .hears("“Boot dryer” was handed to Ridge class.")
                .isAt(BUTTON, "More about Boot dryer");
        teacher.press(LINK, "Classes").press(LINK, "Ridge class").isAt(HEADING, "Ridge class");
        teacher.press(BUTTON, "More about Boot dryer")
                .press(MENUITEM, "Withdraw")
                .hears("“Boot dryer” was withdrawn; learners see it no more. Undo")
                .press(BUTTON, "Undo")
                .hears("“Boot dryer” is back.");

        teacher.press(LINK, "Classes").press(LINK, "Workshop class").isAt(HEADING, "Workshop class");
        teacher.press(BUTTON, "More about Boot dryer")
                .press(MENUITEM, "Hand back to learners")
                .isAt(BUTTON, "Cancel")
                .press(BUTTON, "Hand back to learners")
                .hears("“Boot dryer” was handed back. Take it back")
                .press(BUTTON, "Take it back")
                .hears("It is the learners’ again; nothing is shown to them.");
        teacher.press(LINK, "Results")
                .press(LINK, "Workshop class")
                .press(LINK, "A. Alder, Boot dryer: 3 of 3")
                .isAt(HEADING, "A. Alder")
                .key("n")
                .isAt(HEADING, "B. Birch");
        teacher.press(LINK, "Boot dryer").press(LINK, "Results of Workshop class");
        teacher.press(BUTTON, "Hand back")
                .press(BUTTON, "Hand back to learners")
                .hears("“Boot dryer” was handed back. Take it back")
                .isAt(LINK, "Boot dryer");
    }

    @Test
    @Order(5)
    void buildingByKeysSaysWhatIsInHandAndWhatWasDone() {
        Page page = visit.browser().page(1280, 800, ColorScheme.LIGHT);
        Walker builder = new Walker(page, Walker.Way.KEYS);
        builder.write("Sign-in name", "thorne")
                .writePassword("didaxis-demo")
                .press(BUTTON, "Sign in")
                .isAt(HEADING, "Desk");
        builder.press(LINK, "Workbench")
                .isAt(HEADING, "Workbench")
                .comeTo(GROUP, "The circuit")
                .key("ArrowRight")
                .hears("R1, resistor, 5 Ω, in hand")
                .key("s")
                .hears("R4, resistor, 10 Ω, in hand")
                .key("e")
                .isAt(TEXTBOX, "Value of R4")
                .type("4k7")
                .key("Enter")
                .hears("R4, resistor, 4.7 kΩ, in hand")
                .key("Delete")
                .hears("R4 removed", "the source, 16 V, in hand")
                .key("ControlOrMeta+z")
                .hears("Undone");
    }

    @Test
    @Order(6)
    void theLearnersReadWhatCameOfIt() {
        for (Walker learner : learners) {
            learner.press(LINK, "My work").press(LINK, "Boot dryer").isAt(HEADING, "Boot dryer");
            assertThat(learner.page().getByText("3 of 3 marks")).isVisible();
            learner.press(BUTTON, "You").press(MENUITEM, "Sign out").isAt(TEXTBOX, "Sign-in name");
        }
    }
}
