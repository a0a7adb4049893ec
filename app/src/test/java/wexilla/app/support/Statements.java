package wexilla.app.support;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Counts the SQL statements the application executes, a batch as one, by standing between it and its connections. */
public final class Statements implements BeanPostProcessor {

    /** Whether the kitchen is locked is looked up once a second for all requests together, not for each. */
    private static final String OF_THE_DOOR = "left join door d";

    private static final List<String> EXECUTED = new CopyOnWriteArrayList<>();

    /** What is executed while this is done, in its order; meant for one request at a time. */
    public static List<String> during(Runnable work) {
        EXECUTED.clear();
        work.run();
        return List.copyOf(EXECUTED);
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? watched(DataSource.class, source) : bean;
    }

    private static <T> T watched(Class<T> type, T real) {
        return type.cast(Proxy.newProxyInstance(
                Statements.class.getClassLoader(), new Class<?>[] {type}, (proxy, method, arguments) -> {
                    Object answer = called(real, method, arguments);
                    if (answer instanceof PreparedStatement statement) {
                        return counted(statement, String.valueOf(arguments[0]));
                    }
                    return answer instanceof Connection connection
                                    && method.getName().equals("getConnection")
                            ? watched(Connection.class, connection)
                            : answer;
                }));
    }

    private static PreparedStatement counted(PreparedStatement real, String sql) {
        return (PreparedStatement) Proxy.newProxyInstance(
                Statements.class.getClassLoader(),
                new Class<?>[] {PreparedStatement.class},
                (proxy, method, arguments) -> {
                    if (method.getName().startsWith("execute") && !sql.contains(OF_THE_DOOR)) {
                        EXECUTED.add(sql);
                    }
                    return called(real, method, arguments);
                });
    }

    private static Object called(Object real, Method method, Object[] arguments) throws Throwable {
        try {
            return method.invoke(real, arguments);
        } catch (InvocationTargetException thrown) {
            throw thrown.getCause();
        }
    }
}
