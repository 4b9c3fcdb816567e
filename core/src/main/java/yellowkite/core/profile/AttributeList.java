package yellowkite.core.profile;

import java.util.AbstractList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.RandomAccess;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.AttributeDefinitions.Attribute;

/**
 * The attributes of a type, which are asked for by name once for every function, again and again. Immutable; the index is made when first
 * asked.
 */
final class AttributeList extends AbstractList<Attribute> implements RandomAccess {
    private final List<Attribute> attributes;
    private volatile @Nullable Map<String, Attribute> byName;

    private AttributeList(List<Attribute> attributes) {
        this.attributes = attributes;
    }

    static AttributeList of(List<Attribute> attributes) {
        return attributes instanceof AttributeList same ? same : new AttributeList(List.copyOf(attributes));
    }

    /** {@return the first of that name; null if there is none} */
    @Nullable
    Attribute find(String name) {
        var index = byName;
        if (index == null) {
            index = new HashMap<>();
            for (var attribute : attributes) {
                index.putIfAbsent(attribute.name(), attribute);
            }
            byName = index;
        }
        return index.get(name);
    }

    @Override
    public Attribute get(int at) {
        return attributes.get(at);
    }

    @Override
    public int size() {
        return attributes.size();
    }
}
