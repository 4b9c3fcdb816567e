package yellowkite.core.compare;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/** Whether two parts of documents say the same, wherever they stand in their files: ids, and what a file wrote around them, aside. */
final class Content {
    private static final ClassValue<List<RecordComponent>> COMPONENTS = new ClassValue<>() {
        @Override
        protected List<RecordComponent> computeValue(Class<?> type) {
            return Arrays.stream(type.getRecordComponents())
                .filter(each -> each.getType() != Source.class && !each.getName().equals("id"))
                .toList();
        }
    };

    private static final ClassValue<List<RecordComponent>> ALL = new ClassValue<>() {
        @Override
        protected List<RecordComponent> computeValue(Class<?> type) {
            return List.of(type.getRecordComponents());
        }
    };

    private Content() {}

    /** {@return all components of a record's type, asked of the platform once} */
    static List<RecordComponent> components(Record record) {
        return ALL.get(record.getClass());
    }

    /** {@return the values of all components, null ones left out} */
    static List<Object> values(Record record) {
        return components(record).stream().map(each -> value(each, record)).filter(Objects::nonNull).toList();
    }

    static boolean same(@Nullable Object left, @Nullable Object right) {
        if (left == right) {
            return true;
        }
        if (left instanceof List<?> one && right instanceof List<?> other) {
            if (one.size() != other.size()) {
                return false;
            }
            for (int i = 0; i < one.size(); i++) {
                if (!same(one.get(i), other.get(i))) {
                    return false;
                }
            }
            return true;
        }
        if (left == null || right == null || left.getClass() != right.getClass() || !left.getClass().isRecord()) {
            return Objects.equals(left, right);
        }
        return COMPONENTS.get(left.getClass()).stream().allMatch(each -> same(value(each, left), value(each, right)));
    }

    static Object value(RecordComponent component, Object of) {
        try {
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException impossible) { // public records of our own
            throw new IllegalStateException(impossible);
        }
    }
}
