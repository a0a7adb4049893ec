package wexilla.app.support;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Counts the SQL statements the application prepares, by standing between it and its connections. */
public final class Statements implements BeanPostProcessor {

    private static final List<String> PREPARED = new CopyOnWriteArrayList<>();

    /** What is prepared while this is done, in its order; meant for one request at a time. */
    public static List<String> during(Runnable work) {
        PREPARED.clear();
        work.run();
        return List.copyOf(PREPARED);
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? watched(DataSource.class, source) : bean;
    }

    private static <T> T watched(Class<T> type, T real) {
        return type.cast(Proxy.newProxyInstance(
                Statements.class.getClassLoader(), new Class<?>[] {type}, (proxy, method, arguments) -> {
                    if (method.getName().equals("prepareStatement")) {
                        PREPARED.add(String.valueOf(arguments[0]));
                    }
                    Object answer = called(real, method, arguments);
                    return answer instanceof Connection connection
                                    && method.getName().equals("getConnection")
                            ? watched(Connection.class, connection)
                            : answer;
                }));
    }

    private static Object called(Object real, Method method, Object[] arguments) throws Throwable {
        try {
            return method.invoke(real, arguments);
        } catch (InvocationTargetException thrown) {
            throw thrown.getCause();
        }
    }
}
