package wexilla.app.platform;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * Looks at what was sent before anybody uses it: fields that are not {@code @Nullable} are there, and no text holds the
 * character the database cannot keep.
 */
@RestControllerAdvice
class Complete extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        look("", body);
        return body;
    }

    private static void look(String at, Object value) {
        if (value instanceof String text && text.indexOf('\0') >= 0) {
            throw Problem.at(at, "This holds a character that cannot be written down; type it again.");
        }
        if (value instanceof Collection<?> list) {
            int i = 0;
            for (Object one : list) {
                there(at + "/" + i, one);
                look(at + "/" + i++, one);
            }
        }
        if (value instanceof Record) {
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                Object inside = read(component, value);
                String field = at + "/" + component.getName();
                if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    there(field, inside);
                }
                if (inside != null) {
                    look(field, inside);
                }
            }
        }
    }

    private static void there(String field, @Nullable Object value) {
        if (value == null) {
            throw Problem.at(field, "“" + field.substring(field.lastIndexOf('/') + 1) + "” is missing; it is needed.");
        }
    }

    private static @Nullable Object read(RecordComponent component, Object of) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(of);
        } catch (IllegalAccessException | InvocationTargetException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
