package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.LISTITEM;
import static com.microsoft.playwright.options.AriaRole.MENUITEM;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.tab;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From an empty shelf to a paper in two versions: printed, handed out, answered on a phone, keyed in from paper, marked. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PaperJourney {
    /** What 16 V drive through R1 and the 3 Ω behind it. */
    private static final Map<String, String> CURRENTS = Map.of("1 Ω", "4 A", "5 Ω", "2 A");

    @RegisterExtension
    final Visit visit = Visit.emptySchool();

    private final Map<String, String> passwords = new TreeMap<>();
    private Page page;

    @Test
    @Order(1)
    void aNewTeacherMakesAClassAndThreeQuestions() throws Exception {
        page = visit.browser().page(1280, 800, ColorScheme.LIGHT);
        page.getByLabel("Set-up code").fill(visit.application().setUpCode());
        page.getByLabel("Sign-in name").fill("thorne");
        page.getByLabel("Name to show").fill("M. Thorne");
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true)).fill("didaxis-demo");
        button(page, "Begin").click();
        page.getByRole(LINK, new Page.GetByRoleOptions().setName("Classes")).click();
        page.getByLabel("Name of the class").fill("Workshop class");
        button(page, "Make class").click();
        button(page, "Paste a list…").click();
        page.getByLabel("One learner a line").fill("A. Alder\nB. Birch\nC. Cedar\nD. Dogwood");
        button(page, "Read the list").click();
        button(page, "Take 4 learners in").click();
        for (String name : List.of("a.alder", "b.birch"))
            passwords.put(
                    name,
                    page.getByRole(LISTITEM)
                            .filter(new Locator.FilterOptions().setHasText(name))
                            .locator("code")
                            .innerText());

        bench("16 V : R1=5 + (R2=12 || R3=4)");
        page.locator("tr[data-row=R1] th button").click();
        page.getByLabel("Value of R1").fill("1; 5");
        page.keyboard().press("Enter");
        assertThat(page.locator("tr[data-row=R1]")).containsText("1.00 Ω – 5.00 Ω");
        for (String cell : List.of("current of total", "resistance of R23"))
            page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + cell + ":")))
                    .click();
        visit.browser().inspect(page, "workbench-varied");
        keep("Boot dryer");

        bench("12 V : S1=open + R1=4 + R2=2");
        tab(page, "Question");
        button(page, "+ then …").click();
        page.getByLabel("Part", new Page.GetByLabelOptions().setExact(true)).selectOption("S1");
        page.getByLabel("What happens").selectOption("closed");
        button(page, "Add").click();
        ask("total current", "Calculate the total current.");
        keep("Battery with a switch");

        bench("12 V : R1=4");
        tab(page, "Question");
        ask("define emf", "Define emf.");
        keep("Words");
    }

    private void bench(String circuit) {
        page.navigate(visit.address(
                "/workbench?circuit=" + circuit.replace("+", "%2B").replace("|", "%7C")));
        assertThat(WorkbenchPage.strip(page)).isVisible();
    }

    private void ask(String words, String prompt) {
        Locator field = page.getByLabel("Ask", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input"));
        field.click();
        field.fill(words);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(prompt))
                .first()
                .click();
        assertThat(page.locator("[data-task]").last()).containsText(prompt);
    }

    private void keep(String title) {
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill(title);
        button(page, "Keep").click();
        assertThat(page.getByText("“" + title + "” is kept.").first()).isVisible();
    }

    @Test
    @Order(2)
    void whoKnowsItHasPaperMemoAndHandOutInAFewActs() {
        page.navigate(visit.address("/papers"));
        assertThat(page.getByText(Pattern.compile("^No papers yet"))).isVisible();
        visit.browser().inspect(page, "papers-empty");
        Walker teacher = new Walker(page, Walker.Way.MOUSE);
        teacher.press(BUTTON, "New paper").isAt(HEADING, "Untitled paper");
        int before = teacher.acts();
        teacher.write("Title of the paper", "Hut circuits");
        for (String title : List.of("Boot dryer", "Battery with a switch", "Words"))
            teacher.press(BUTTON, title)
                    .hears(title + " is question " + (title.equals("Words") ? 3 : title.equals("Boot dryer") ? 1 : 2)
                            + " now.");
        page.getByLabel("Versions").selectOption("two, A and B");
        Locator pages = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Paper"));
        assertThat(pages.getByTestId("variant")).hasText("Variant A of 2");
        assertThat(page.getByText("The ticks of the memo sum to 7.")).isVisible();
        assertThat(pages.getByRole(AriaRole.IMG).first()).hasAttribute("alt", Pattern.compile("Hut circuits\\s+A\\s"));
        visit.browser().inspect(page, "paper");
        teacher.press(BUTTON, "Print").isAt(MENUITEM, "The paper");
        for (String what : List.of("paper", "answers", "memo")) {
            APIResponse pdf =
                    page.request().get(page.url().replaceFirst("/papers/(\\d+).*", "/api/papers/$1/" + what + ".pdf"));
            assertEquals("application/pdf", pdf.headers().get("content-type"));
        }
        teacher.key("Escape").isAt(BUTTON, "Print…").press(BUTTON, "Hand out");
        visit.browser().inspect(page, "paper-hand-out");
        teacher.press(BUTTON, "Hand out").hears("“Hut circuits” was handed to Workshop class.");
        assertTrue(teacher.acts() - before <= 10, "acts: " + teacher.acts());
    }

    @Test
    @Order(3)
    void learnersAnswerTheirOwnVersionsOnAPhone() {
        String one = answers("a.alder");
        String other = answers("b.birch");
        assertTrue(!one.equals(other), "two learners side by side have the same version");
    }

    /** Answers by what the own drawing says, and tells what R1 is there. */
    private String answers(String username) {
        Page phone = visit.browser().phone(ColorScheme.DARK);
        phone.getByLabel("Sign-in name").fill(username);
        phone.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                .fill(passwords.get(username));
        button(phone, "Sign in").click();
        phone.getByRole(LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Hut circuits")))
                .click();
        assertThat(phone.locator(":is(input,textarea)[data-box]").first()).isVisible();
        String drawn = phone.locator("svg")
                .first()
                .textContent()
                .replace('\u2009', ' ')
                .replace('\u00a0', ' ');
        String r1 =
                CURRENTS.keySet().stream().filter(drawn::contains).findFirst().orElseThrow();
        phone.getByLabel("current of total, in A").first().fill(CURRENTS.get(r1));
        phone.getByLabel("resistance of R23").first().fill("3 Ω");
        phone.getByLabel("current of total, in A").last().fill("2 A");
        phone.locator("textarea:not([enterkeyhint])")
                .fill("The energy that the battery gives to each coulomb of charge");
        visit.browser().inspect(phone, "own-version-" + username.charAt(0));
        button(phone, "Send").click();
        phone.getByRole(AriaRole.DIALOG)
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Send"))
                .first()
                .click();
        assertThat(phone.locator("main").getByText(Pattern.compile("^Sent "))).isVisible();
        return r1;
    }

    @Test
    @Order(4)
    void theOthersAreKeyedInFromPaperAndAllAreMarked() {
        page.navigate(visit.address("/classes"));
        page.getByRole(LINK, new Page.GetByRoleOptions().setName("Workshop class"))
                .click();
        button(page, "More about Hut circuits").click();
        page.getByRole(MENUITEM, new Page.GetByRoleOptions().setName("Print…")).click();
        visit.browser().inspect(page, "print");
        page.keyboard().press("Escape");
        button(page, "More about Hut circuits").click();
        page.getByRole(MENUITEM, new Page.GetByRoleOptions().setName("Key in from paper…"))
                .click();
        Locator first = page.getByLabel(Pattern.compile("^1\\.1 of C\\. Cedar")).first();
        first.fill("9 A");
        for (int k = 0; k < 4; k++) page.keyboard().press("Enter");
        assertThat(page.locator("[data-learner='C. Cedar']")).containsText("6 / 7");
        assertThat(page.getByLabel(Pattern.compile("^1\\.1 of D\\. Dogwood")).first())
                .isFocused();
        for (int k = 0; k < 4; k++) page.keyboard().press("Enter");
        assertThat(page.locator("[data-learner='D. Dogwood']")).containsText("7 / 7");
        visit.browser().inspect(page, "key-in");
        page.navigate(visit.address("/papers"));
        visit.browser().inspect(page, "papers");
        page.getByRole(LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Hut circuits")))
                .click();
        button(page, "Print…").click();
        page.getByRole(MENUITEM, new Page.GetByRoleOptions().setName("What it was before…"))
                .click();
        assertThat(page.getByText("Untitled paper").first()).isVisible();
        visit.browser().inspect(page, "paper-history");
        page.navigate(visit.address("/results/1"));
        for (String row : List.of("A. Alder", "B. Birch", "D. Dogwood"))
            assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText(row)))
                    .containsText("7");
    }
}
