package wexilla.app.support;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import wexilla.app.App;
import wexilla.app.demo.FirstHousehold;

/** The one application of all tests, started on first use over a cluster of its own; gone when the JVM ends. */
public final class Kitchen {

    private static final Cluster CLUSTER = Cluster.fresh("tests", "fast");
    private static final MovableClock CLOCK = new MovableClock();
    private static final ConfigurableApplicationContext CONTEXT = start();

    private Kitchen() {}

    private static ConfigurableApplicationContext start() {
        SpringApplication application = new SpringApplication(App.class);
        application.addInitializers(context -> {
            GenericApplicationContext beans = (GenericApplicationContext) context;
            beans.registerBean("clock", Clock.class, () -> CLOCK);
            beans.registerBean(Statements.class);
            beans.registerBean(Watched.class);
        });
        List<String> arguments = new ArrayList<>(CLUSTER.arguments());
        arguments.add("--server.port=0");
        arguments.add("--wexilla.test-household-header=true");
        arguments.add("--wexilla.silence-delay=PT24H");
        // nothing of it runs between two statements that are counted
        arguments.add("--spring.session.jdbc.cleanup-cron=-");
        ConfigurableApplicationContext context = application.run(arguments.toArray(String[]::new));
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            context.close();
            CLUSTER.destroy();
        }));
        return context;
    }

    public static int port() {
        return Integer.parseInt(CONTEXT.getEnvironment().getRequiredProperty("local.server.port"));
    }

    public static Cluster cluster() {
        return CLUSTER;
    }

    public static MovableClock clock() {
        return CLOCK;
    }

    public static <T> T bean(Class<T> type) {
        return CONTEXT.getBean(type);
    }

    /** A household of this test's own, with nothing but its places. */
    public static Http emptyHousehold() {
        UUID id = UUID.randomUUID();
        bean(FirstHousehold.class).empty(id);
        return new Http(port(), id);
    }

    /** The demo household, once more, for this test alone. */
    public static Http demoHousehold() {
        UUID id = UUID.randomUUID();
        bean(FirstHousehold.class).demo(id);
        return new Http(port(), id);
    }
}
