package didaxis.benchmarks;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sixty learners with forty assignments, made through the API of a running demo: how long results, desk and a learner's
 * list take until they are answered and until they are painted, in a real browser, and how many elements they have. The
 * argument is the demo's address; run it against a fresh demo.
 */
public final class BigSchool {
    private static final int LEARNERS = 60;
    private static final int ASSIGNMENTS = 40;
    private static final int HANDED_BACK = 36;
    private static final int LOADS = 20;
    private static final String CELL = "{\"subject\":\"total\",\"quantity\":\"current\"}";
    /** Goes to a screen within the page, and tells the time until what it shows is painted. */
    private static final String GO = """
            async ([link, shown]) => {
                const from = performance.now()
                document.querySelector(link).click()
                while (!document.querySelector(shown)) await new Promise(requestAnimationFrame)
                await new Promise((painted) => requestAnimationFrame(() => {
                    const channel = new MessageChannel()
                    channel.port1.onmessage = painted
                    channel.port2.postMessage(0)
                }))
                return performance.now() - from
            }
            """;

    private final String demo;

    private BigSchool(String demo) {
        this.demo = demo;
    }

    public static void main(String[] arguments) {
        new BigSchool(arguments.length > 0 ? arguments[0] : "http://localhost:8080").run();
    }

    private void run() {
        try (Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            Browser chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of("--no-sandbox", "--disable-background-networking")));
            BrowserContext teacher = signedIn(chromium, "teacher", "didaxis-demo");
            String classroom = fill(chromium, teacher);
            Page page = teacher.newPage();
            page.setViewportSize(1280, 800);
            page.navigate(demo + "/results/" + classroom);
            page.locator("tbody [aria-rowindex]").first().waitFor();
            measure(page, "results", "/api/classes/" + classroom + "/results", () -> {
                page.navigate(demo + "/results");
                page.locator("a[href='/results/" + classroom + "']").waitFor();
                return go(page, "a[href='/results/" + classroom + "']", "tbody [aria-rowindex]");
            });
            page.locator("button[aria-expanded=false]").click();
            page.locator("thead th").nth(ASSIGNMENTS).waitFor();
            System.out.println("results with all " + ASSIGNMENTS + " unfolded: " + elements(page) + " elements");
            measure(page, "desk", "/api/assignments", () -> {
                page.navigate(demo + "/classes");
                page.locator("a[href='/desk']").waitFor();
                return go(page, "a[href='/desk']", "main li a[href^='/results/']");
            });
            Page work = signedIn(chromium, "bench.1", password).newPage();
            work.setViewportSize(390, 844);
            work.navigate(demo + "/work");
            work.locator("main li a").first().click();
            work.locator("input[data-box]").first().waitFor();
            String sheet = work.url();
            measure(work, "a learner's list", "/api/my/work", () -> {
                work.navigate(sheet);
                work.locator("a[href='/work']").waitFor();
                return go(work, "a[href='/work']", "main li a");
            });
        }
    }

    private interface Load {
        double toPaint();
    }

    private static double go(Page page, String link, String shown) {
        return ((Number) page.evaluate(GO, List.of(link, shown))).doubleValue();
    }

    private void measure(Page page, String what, String path, Load load) {
        List<Double> answered = new ArrayList<>();
        List<Double> painted = new ArrayList<>();
        for (int k = 0; k < LOADS + 3; k++) {
            double toPaint = load.toPaint();
            Object took = page.evaluate(
                    "path => performance.getEntriesByType('resource')"
                            + ".filter((one) => new URL(one.name).pathname === path)"
                            + ".map((one) => one.responseEnd - one.requestStart).at(-1) ?? 0",
                    path);
            if (k < 3) continue;
            answered.add(((Number) took).doubleValue());
            painted.add(toPaint);
        }
        System.out.printf(
                "%s: answered median %.0f, p95 %.0f ms; painted median %.0f, p95 %.0f ms; %d elements%n",
                what,
                share(answered, 0.5),
                share(answered, 0.95),
                share(painted, 0.5),
                share(painted, 0.95),
                elements(page));
    }

    private static int elements(Page page) {
        return ((Number) page.evaluate("() => document.querySelectorAll('*').length")).intValue();
    }

    private static double share(List<Double> times, double share) {
        List<Double> sorted = times.stream().sorted().toList();
        return sorted.get((int) ((sorted.size() - 1) * share));
    }

    private String password = "";

    /** Makes the class and its work; says its id. */
    private String fill(Browser chromium, BrowserContext teacher) {
        APIRequestContext api = teacher.request();
        String classroom = id(post(teacher, api, "/api/classes", "{\"name\":\"Bench class\",\"again\":true}"));
        StringBuilder list = new StringBuilder();
        for (int k = 1; k <= LEARNERS; k++)
            list.append(k > 1 ? "," : "")
                    .append("{\"displayName\":\"B. Bench ")
                    .append(k)
                    .append("\",\"username\":\"bench.")
                    .append(k)
                    .append("\"}");
        String made =
                post(teacher, api, "/api/classes/" + classroom + "/learners/list", "{\"learners\":[" + list + "]}");
        List<String> passwords = all(made, "\"password\":\"([^\"]+)\"");
        password = passwords.get(0);
        String question = id(post(
                teacher,
                api,
                "/api/questions",
                "{\"title\":\"Bench\",\"notation\":\"9 V : R1=3\",\"given\":[{\"subject\":\"R1\",\"quantity\":"
                        + "\"resistance\"},{\"subject\":\"total\",\"quantity\":\"voltage\"}],\"tasks\":[{\"kind\":"
                        + "\"write-down\",\"marks\":2,\"cells\":[" + CELL + "]}]}"));
        List<String> assignments = new ArrayList<>();
        for (int k = 0; k < ASSIGNMENTS; k++)
            assignments.add(id(post(
                    teacher,
                    api,
                    "/api/classes/" + classroom + "/assignments",
                    "{\"questionIds\":[" + question + "],\"dueAt\":\"2999-01-01T00:00:00Z\",\"again\":true}")));
        for (int k = 0; k < LEARNERS; k++) {
            BrowserContext learner = signedIn(chromium, "bench." + (k + 1), passwords.get(k));
            for (String assignment : assignments)
                post(
                        learner,
                        learner.request(),
                        "/api/my/work/" + assignment + "/submission",
                        "{\"answers\":[{\"box\":\"1/1.1\",\"text\":\"" + (k % 4 == 0 ? "4 A" : "3 A") + "\"}]}");
            if (k > 0) learner.close();
        }
        for (String assignment : assignments.subList(0, HANDED_BACK))
            post(teacher, api, "/api/assignments/" + assignment + "/release", "{}");
        return classroom;
    }

    private BrowserContext signedIn(Browser chromium, String username, String password) {
        BrowserContext context = chromium.newContext();
        context.request().get(demo + "/api/session");
        post(
                context,
                context.request(),
                "/api/session",
                "{\"username\":\"" + username + "\",\"password\":\"" + password + "\"}");
        return context;
    }

    private String post(BrowserContext context, APIRequestContext api, String path, String body) {
        String token = context.cookies(demo).stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .map(cookie -> cookie.value)
                .findFirst()
                .orElse("");
        APIResponse response = api.post(
                demo + path,
                RequestOptions.create()
                        .setHeader("Content-Type", "application/json")
                        .setHeader("X-XSRF-TOKEN", token)
                        .setData(body));
        if (!response.ok()) throw new IllegalStateException(path + ": " + response.status() + " " + response.text());
        return response.text();
    }

    private static String id(String json) {
        return all(json, "\"id\":(\\d+)").get(0);
    }

    private static List<String> all(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        List<String> found = new ArrayList<>();
        while (matcher.find()) found.add(matcher.group(1));
        return found;
    }
}
