package yellowkite.server.web;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.jsontype.NamedType;
import yellowkite.core.chart.correct.Correction;
import yellowkite.core.edit.Edit;
import yellowkite.core.rig.edit.RigEdit;

/** Changes as JSON: {@code {"type": "renameMode", "mode": 3, "to": "Wide"}}. The core knows nothing of it. */
@Configuration(proxyBeanMethods = false)
public class EditJson {

    /** The families of which each kind is known by its name. */
    public static final List<Class<?>> FAMILIES = List.of(Edit.class, Correction.class, RigEdit.class);

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    public interface Typed {}

    /** {@return how the change is called in JSON: its class name with a small first letter} */
    public static String nameOf(Class<?> edit) {
        var name = edit.getSimpleName();
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    /** @throws IllegalArgumentException if a component that an edit cannot do without is missing, however deep; names it */
    public static void requireWhole(@Nullable Edit edit) {
        if (edit == null) {
            throw new IllegalArgumentException("edit is missing");
        }
        requireWhole((Object) edit);
    }

    /** Like {@link #requireWhole(Edit)}, for any record that came as JSON; what it holds in lists and records is looked through, too. */
    public static void requireWhole(Object value) {
        if (value instanceof List<?> list) {
            list.forEach(EditJson::requireWhole);
        } else if (value instanceof Record whole) {
            for (var component : whole.getClass().getRecordComponents()) {
                var part = read(component, whole);
                if (part == null && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    throw new IllegalArgumentException(component.getName() + " is missing");
                }
                if (part != null) {
                    requireWhole(part);
                }
            }
        }
    }

    private static @Nullable Object read(RecordComponent component, Record of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    @Bean
    JsonMapperBuilderCustomizer editsByName() {
        return builder -> {
            FAMILIES.forEach(family -> {
                builder.addMixIn(family, Typed.class);
                Arrays.stream(family.getPermittedSubclasses()).forEach(each -> builder.registerSubtypes(new NamedType(each, nameOf(each))));
            });
            builder.enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES, DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
        };
    }
}
