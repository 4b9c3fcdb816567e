package yellowkite.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.lang.reflect.WildcardType;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import yellowkite.server.RunningKite;

/** Shapes of the API are known by their simple names: of two alike the description would hold one, and say nothing of the other. */
class SchemaNamesTest {
    private final Set<Class<?>> reached = new HashSet<>();

    private void reach(Type type) {
        if (type instanceof ParameterizedType of) {
            reach(of.getRawType());
            Arrays.stream(of.getActualTypeArguments()).forEach(this::reach);
        } else if (type instanceof WildcardType of) {
            Arrays.stream(of.getUpperBounds()).forEach(this::reach);
        } else if (type instanceof Class<?> shape && shape.getName().startsWith("yellowkite.") && reached.add(shape)) {
            if (shape.isRecord()) {
                Arrays.stream(shape.getRecordComponents()).forEach(each -> reach(each.getGenericType()));
            }
            if (shape.isSealed()) {
                Arrays.stream(shape.getPermittedSubclasses()).forEach(this::reach);
            }
        }
    }

    @Test
    void noTwoShapesShareAName() {
        RunningKite.part(RequestMappingHandlerMapping.class).getHandlerMethods().values().forEach(handler -> {
            reach(handler.getMethod().getGenericReturnType());
            Arrays.stream(handler.getMethod().getGenericParameterTypes()).forEach(this::reach);
        });
        var byName = new TreeMap<String, Set<String>>();
        reached.stream()
            .filter(Class::isRecord)
            .forEach(shape -> byName.computeIfAbsent(shape.getSimpleName(), none -> new TreeSet<>()).add(shape.getName()));

        assertThat(byName).hasSizeGreaterThan(100);
        assertThat(byName.values().stream().filter(names -> names.size() > 1)).isEmpty();
    }
}
