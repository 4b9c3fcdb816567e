package yellowkite.server.web;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** What the API says of itself. The page's types are generated from it; the running application has no use for it. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    /** No client is made of a stream. */
    private static final String STREAM = "/api/drafts/{draftId}/events";

    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Author.class, Change.class); // they go along with every request, and are no matter of a single one
    }

    @Bean
    OpenAPI kiteApi() {
        return new OpenAPI().info(new Info().title("Yellow Kite").version("1"));
    }

    @Bean
    @SuppressWarnings({"rawtypes", "unchecked"})
    OpenApiCustomizer editsAndPresence(@Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping mapping) {
        return api -> {
            api.setServers(List.of());
            api.getPaths().remove(STREAM);
            var schemas = api.getComponents().getSchemas();
            EditJson.FAMILIES.forEach(family -> describe(family, schemas));
            records(mapping).forEach(record -> {
                var schema = schemas.get(record.getSimpleName());
                if (schema != null && schema.getProperties() != null && schema.getProperties().keySet().equals(components(record))) {
                    markNullable(record, schema.getProperties());
                }
            });
            schemas.forEach((name, schema) -> requirePresence(name, schema));
        };
    }

    /** Another record may be called so, too. */
    private static Set<String> components(Class<?> record) {
        return Arrays.stream(record.getRecordComponents()).map(RecordComponent::getName).collect(Collectors.toSet());
    }

    /** {@return every record that some request holds or some answer gives} */
    private static Set<Class<?>> records(RequestMappingHandlerMapping mapping) {
        var met = new HashSet<Class<?>>();
        mapping.getHandlerMethods()
            .values()
            .stream()
            .filter(each -> each.getBeanType().getName().startsWith("yellowkite."))
            .map(HandlerMethod::getMethod)
            .flatMap(method -> Stream.concat(Stream.of(method.getGenericReturnType()), Arrays.stream(method.getGenericParameterTypes())))
            .forEach(type -> gather(type, met));
        return met;
    }

    private static void gather(Type type, Set<Class<?>> met) {
        switch (type) {
            case ParameterizedType holder -> Arrays.stream(holder.getActualTypeArguments()).forEach(each -> gather(each, met));
            case Class<?> plain when plain.isRecord() && met.add(plain) ->
                Arrays.stream(plain.getRecordComponents()).forEach(each -> gather(each.getGenericType(), met));
            default -> {
                // holds no record
            }
        }
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void describe(Class<?> family, Map<String, Schema> schemas) {
        var any = new ComposedSchema();
        var names = new Discriminator().propertyName("type");
        for (var each : family.getPermittedSubclasses()) {
            var schema = (Schema) ModelConverters.getInstance().read(each).get(each.getSimpleName());
            var properties = new LinkedHashMap<String, Schema>();
            properties.put("type", (Schema) new StringSchema()._enum(List.of(EditJson.nameOf(each))));
            properties.putAll(Objects.requireNonNull(schema).getProperties());
            markNullable(each, properties);
            schema.setProperties(properties);
            schema.setTypes(Set.of("object"));
            schemas.put(each.getSimpleName(), schema);
            any.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + each.getSimpleName()));
            names.mapping(EditJson.nameOf(each), "#/components/schemas/" + each.getSimpleName());
        }
        any.discriminator(names);
        schemas.put(family.getSimpleName(), any);
        for (var edit : family.getPermittedSubclasses()) {
            rows(edit).forEach(row -> {
                var schema = (Schema) ModelConverters.getInstance().read(row).get(row.getSimpleName());
                markNullable(row, Objects.requireNonNull(schema).getProperties());
                schema.setTypes(Set.of("object"));
                schemas.put(row.getSimpleName(), schema);
            });
        }
    }

    /** Every component of our records is always sent; one that may be missing is null and marked so by its own type. */
    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void requirePresence(String name, Schema schema) {
        if (schema.getProperties() == null || name.equals("ProblemDetail")) {
            return;
        }
        schema.setRequired(new ArrayList<String>(schema.getProperties().keySet()));
        schema.getProperties().replaceAll((property, each) -> tidy((Schema) each));
    }

    /** A change inside another record is written out as all its kinds, and "null or that record" as both at once: said plainly here. */
    @SuppressWarnings({"rawtypes", "unchecked"})
    private static Schema tidy(Schema property) {
        boolean nullable = property.getTypes() != null && property.getTypes().contains("null");
        Schema one = property.getOneOf() != null
                ? new Schema<>().$ref("#/components/schemas/" + family((Schema) property.getOneOf().getFirst()))
                : nullable && property.get$ref() != null ? new Schema<>().$ref(property.get$ref()) : null;
        if (one == null) {
            return property;
        }
        var none = new Schema<>();
        none.setTypes(Set.of("null"));
        return nullable ? new ComposedSchema().anyOf(List.of(one, none)) : one;
    }

    private static String family(Schema<?> one) {
        var kind = String.valueOf(one.get$ref()).replaceAll(".*/", "");
        return EditJson.FAMILIES.stream()
            .filter(family -> Arrays.stream(family.getPermittedSubclasses()).anyMatch(each -> each.getSimpleName().equals(kind)))
            .findFirst()
            .map(Class::getSimpleName)
            .orElseThrow(() -> new IllegalStateException("no family has " + kind));
    }

    @SuppressWarnings("rawtypes")
    private static void markNullable(Class<?> record, Map<String, Schema> properties) {
        for (var component : record.getRecordComponents()) {
            if (component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                var schema = properties.get(component.getName());
                var types = new TreeSet<String>(Objects.requireNonNull(schema).getTypes() == null ? Set.of("string") : schema.getTypes()); // in the same order in every run
                types.add("null");
                schema.setTypes(new LinkedHashSet<>(types));
            }
        }
    }

    /** {@return the records that an edit holds, in lists or by themselves, and those within them} */
    private static Stream<Class<?>> rows(Class<?> edit) {
        return Arrays.stream(edit.getRecordComponents())
            .map(RecordComponent::getGenericType)
            .map(each -> each instanceof ParameterizedType list ? list.getActualTypeArguments()[0] : each)
            .filter(each -> each instanceof Class<?> type && type.isRecord())
            .map(each -> (Class<?>) each)
            .flatMap(each -> Stream.concat(Stream.of(each), rows(each)));
    }
}
