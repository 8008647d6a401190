package didaxis.server;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where to go once the application is ready. */
@Component
class Ready {
    private final Environment environment;

    Ready(Environment environment) {
        this.environment = environment;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (!(event.getApplicationContext() instanceof WebServerApplicationContext context)) return;
        StringBuilder text = new StringBuilder(
                "\nDidaxis is ready: http://localhost:" + context.getWebServer().getPort() + "\n");
        if (environment.getProperty("didaxis.demo", Boolean.class, false)) {
            text.append("Sign in as  teacher  or  learner1 … learner8,  password  didaxis-demo\n");
        }
        System.out.println(text);
    }
}
