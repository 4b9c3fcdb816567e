package yellowkite.server.web;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.jsontype.NamedType;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.Several;

/** Edits as JSON: {@code {"type": "renameMode", "mode": 3, "to": "Wide"}}. The core knows nothing of it. */
@Configuration(proxyBeanMethods = false)
public class EditJson {

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    private interface Typed {}

    /** {@return how the edit is called in JSON: its class name with a small first letter} */
    static String nameOf(Class<?> edit) {
        var name = edit.getSimpleName();
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    /** @throws IllegalArgumentException if a component that an edit cannot do without is missing; names it */
    public static void requireWhole(@Nullable Edit edit) {
        if (edit == null) {
            throw new IllegalArgumentException("edit is missing");
        }
        for (var component : edit.getClass().getRecordComponents()) {
            try {
                if (component.getAccessor().invoke(edit) == null && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    throw new IllegalArgumentException(component.getName() + " is missing");
                }
            } catch (ReflectiveOperationException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        if (edit instanceof Several several) {
            several.edits().forEach(EditJson::requireWhole);
        }
    }

    @Bean
    JsonMapperBuilderCustomizer editsByName() {
        return builder -> {
            builder.addMixIn(Edit.class, Typed.class);
            Arrays.stream(Edit.class.getPermittedSubclasses())
                    .forEach(each -> builder.registerSubtypes(new NamedType(each, nameOf(each))));
            builder.enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES, DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
        };
    }
}
