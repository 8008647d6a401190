package didaxis.benchmarks;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * From a key in the notation line to the painted drawing, in a real browser against a running demo: how long
 * the server takes for it, and how long until it is seen. The argument is the demo's address.
 */
public final class KeyToPaint {
    private static final int WARM_UP = 20;
    private static final int KEYS = 100;
    private static final int IDLE = 3;
    private static final int WAITING = 4;
    private static final int STOLEN = 7;
    private static final String SIXTEEN_PARTS =
            "24 V r=0.4 : R1=3 + (R2=24 || (R3=6 + (R4=20 || R5=5))) + (R6=4 || R7=9 || R8=3) + R9=2"
                    + " + (R10=8 || (R11=4 + R12=6)) + ((R13=7 + R14=5) || R15=9) + R16=11";

    /** Notes the time from each key to the frame in which the drawing shows what the key made of the value. */
    private static final String WATCH = """
            () => {
                window.seen = []
                let pressed = 0
                const line = document.getElementById('notation')
                const sheet = document.querySelector('[aria-label^="Circuit; "]')
                line.addEventListener('keydown', () => { pressed = performance.now() }, true)
                new MutationObserver(() => {
                    const from = pressed
                    const typed = line.value.split('=').at(-1)
                    const drawn = [...sheet.querySelectorAll('text')].at(-1)?.parentElement.textContent ?? ''
                    if (!from || !drawn.includes('R16' + typed + '\\u2009')) return
                    pressed = 0
                    requestAnimationFrame(() => {
                        const painted = new MessageChannel()
                        painted.port1.onmessage = () => window.seen.push(performance.now() - from)
                        painted.port2.postMessage(0)
                    })
                }).observe(sheet, { subtree: true, childList: true, characterData: true })
            }
            """;

    /** How long the last analysis took, seen from the browser; nothing until it is answered. */
    private static final String SERVER = """
            () => performance.getEntriesByType('resource')
                .filter((one) => one.name.includes('/api/circuits/analysis'))
                .map((one) => one.responseEnd - one.requestStart)
                .at(-1)
            """;

    private KeyToPaint() {}

    public static void main(String[] arguments) throws IOException {
        String demo = arguments.length > 0 ? arguments[0] : "http://localhost:8080";
        List<Object> server = new ArrayList<>();
        try (Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
            Browser chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of("--no-sandbox", "--disable-background-networking")));
            Page page = chromium.newPage();
            page.setViewportSize(1280, 800);
            page.navigate(demo);
            page.getByLabel("Sign-in name").fill("teacher");
            page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
                    .fill("didaxis-demo");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                    .click();
            page.getByText("Needs you").waitFor();
            page.navigate(demo + "/workbench?circuit=" + URLEncoder.encode(SIXTEEN_PARTS, StandardCharsets.UTF_8));
            page.getByText("agrees in every part").waitFor();
            page.evaluate(WATCH);
            long[] before = processorTimes();
            for (int k = 0; k < WARM_UP + KEYS; k++) {
                // Another circuit each time: what was asked before is not asked again.
                page.locator("#notation").fill(SIXTEEN_PARTS.replace("R1=3", "R1=" + (k + 1)));
                page.waitForTimeout(900);
                if (k == WARM_UP) page.evaluate("() => { window.seen = [] }");
                page.evaluate("() => performance.clearResourceTimings()");
                page.keyboard().press("End");
                page.keyboard().press("5");
                page.waitForFunction(SERVER);
                page.waitForTimeout(400);
                if (k >= WARM_UP) server.add(page.evaluate(SERVER));
            }
            print("server", server);
            print("to paint", page.evaluate("() => window.seen"));
            printTaken(before, processorTimes());
        }
    }

    /** How the processors' time was spent since the start, as Linux counts it; empty elsewhere. */
    private static long[] processorTimes() throws IOException {
        Path counters = Path.of("/proc/stat");
        if (!Files.exists(counters)) return new long[0];
        String all = Files.readAllLines(counters).get(0);
        return Arrays.stream(all.replaceFirst("cpu +", "").split(" "))
                .mapToLong(Long::parseLong)
                .toArray();
    }

    /** How much of the time in which it had something to do the machine lent to others. */
    private static void printTaken(long[] before, long[] after) {
        if (before.length <= STOLEN) return;
        long worked = 0;
        for (int k = 0; k < before.length; k++) if (k != IDLE && k != WAITING) worked += after[k] - before[k];
        double share = 100.0 * (after[STOLEN] - before[STOLEN]) / worked;
        System.out.printf("of the processors' busy time, taken by the machine's other guests: %.0f %%%n", share);
    }

    private static void print(String what, Object measured) {
        List<Double> times = ((List<?>) measured)
                .stream().map(one -> ((Number) one).doubleValue()).sorted().toList();
        int last = times.size() - 1;
        System.out.printf(
                "%s: %d keys, median %.0f ms, p95 %.0f ms%n",
                what, times.size(), times.get(last / 2), times.get((int) (last * 0.95)));
    }
}
