package didaxis.server;

import didaxis.server.account.SetUpCode;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where to go once the application is ready. */
@Component
class Ready {
    private final Environment environment;
    private final SetUpCode setUpCode;

    Ready(Environment environment, SetUpCode setUpCode) {
        this.environment = environment;
        this.setUpCode = setUpCode;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (!(event.getApplicationContext() instanceof WebServerApplicationContext context)) return;
        StringBuilder text = new StringBuilder(
                "\nDidaxis is ready: http://localhost:" + context.getWebServer().getPort() + "\n");
        if (environment.getProperty("didaxis.demo", Boolean.class, false)) {
            text.append("Sign in as  teacher  or  learner1 … learner8,  password  didaxis-demo\n");
        }
        setUpCode
                .needed()
                .ifPresent(code -> text.append("Nobody is here yet. To make the first teacher's account you need the"
                        + " set-up code  " + code + "\n"));
        System.out.println(text);
    }
}
