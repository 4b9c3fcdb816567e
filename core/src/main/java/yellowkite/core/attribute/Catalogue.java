package yellowkite.core.attribute;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.AttributeDefinitions.ActivationGroup;
import yellowkite.core.profile.AttributeDefinitions.Feature;
import yellowkite.core.profile.AttributeDefinitions.FeatureGroup;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Trees;
import yellowkite.core.xml.Source;

/** The standard's attributes, common ones first. */
public final class Catalogue {
    public static final Catalogue STANDARD = new Catalogue(read("standard.txt"));
    private static final Pattern NUMBERS = Pattern.compile("\\d+");

    private final List<StandardAttribute> attributes;
    private final Map<String, StandardAttribute> byPattern = new HashMap<>();

    private Catalogue(List<StandardAttribute> attributes) {
        this.attributes = List.copyOf(attributes);
        attributes.forEach(each -> byPattern.put(each.pattern(), each));
    }

    public List<StandardAttribute> all() {
        return attributes;
    }

    /** {@return the standard's feature groups, in its order} */
    public List<String> featureGroups() {
        return attributes.stream().map(StandardAttribute::featureGroup).distinct().toList();
    }

    /** {@return the line that an attribute name fits: {@code Gobo2Pos} fits {@code Gobo(n)Pos}} */
    public Optional<StandardAttribute> find(String name) {
        var plain = byPattern.get(name);
        if (plain != null) {
            return Optional.of(plain);
        }
        var one = NUMBERS.matcher(name).replaceFirst("(n)");
        return Optional.ofNullable(byPattern.getOrDefault(one, byPattern.get(NUMBERS.matcher(one).replaceFirst("(m)"))));
    }

    /** {@return what people call an attribute of that name; the name itself if the standard does not have it} */
    public String pretty(String name) {
        return name.equals(ChannelFunction.NO_FEATURE) ? "No function" : find(name).map(each -> each.pretty(name)).orElse(name);
    }

    /** Made when first searched: whoever only checks a file does not wait for it. */
    private static final class Searched {
        private static final List<SearchWords> ALL = STANDARD.attributes.stream().map(SearchWords::of).toList();
        private static final Map<List<String>, Set<StandardAttribute>> BY_PHRASE = ALL.stream()
            .flatMap(each -> each.phrases().stream().map(phrase -> Map.entry(phrase, each.attribute())))
            .collect(Collectors.groupingBy(Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toUnmodifiableSet())));
    }

    /** @param name the standard's name with its number put in. @param score larger fits better */
    public record Match(String name, StandardAttribute attribute, int score) {}

    /**
     * {@return the attributes that technicians' words mean, best first: "green", "strobe speed", "gobo 2 rotation"} Small typing errors are
     * forgiven; a number becomes the attribute's; widths ("16 bit", "fine") are left to the channel.
     *
     * @param words empty = all
     */
    public List<Match> search(String words) {
        var query = Query.of(words);
        return Searched.ALL.stream()
            .map(each -> new Match(each.attribute().name(query.number(), 1), each.attribute(), each.score(query)))
            .filter(match -> match.score() > 0)
            .sorted(Comparator.comparingInt(Match::score).reversed())
            .toList();
    }

    /** {@return the attributes that technicians call exactly so, by the standard's names} Empty words mean none. */
    public Set<String> called(String words) {
        var query = Query.of(words);
        return Searched.BY_PHRASE.getOrDefault(query.words(), Set.of())
            .stream()
            .map(each -> each.name(query.number(), 1))
            .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * {@return the definitions with that attribute and whatever its definition needs: feature group, feature, activation group} The same
     * object if it is defined already; empty if the name is not in the standard's list.
     */
    public Optional<AttributeDefinitions> define(AttributeDefinitions definitions, String name) {
        if (definitions.find(name).isPresent()) {
            return Optional.of(definitions);
        }
        return find(name).map(each -> each.definition(name))
            .map(definition -> new AttributeDefinitions(
                    withActivationGroup(definitions.activationGroups(), definition.activationGroup()),
                    withFeature(definitions.featureGroups(), definition.feature()),
                    Trees.insert(definitions.attributes(), definitions.attributes().size(), definition), definitions.source()));
    }

    private static List<ActivationGroup> withActivationGroup(List<ActivationGroup> groups, String name) {
        return name.isEmpty() || groups.stream().anyMatch(each -> each.name().equals(name)) ? groups
                : Trees.insert(groups, groups.size(), new ActivationGroup(name, Source.NONE));
    }

    private static List<FeatureGroup> withFeature(List<FeatureGroup> groups, String link) {
        int dot = link.indexOf('.');
        var groupName = link.substring(0, dot);
        var feature = new Feature(link.substring(dot + 1), Source.NONE);
        if (groups.stream().noneMatch(each -> each.name().equals(groupName))) {
            return Trees.insert(groups, groups.size(), new FeatureGroup(groupName, groupName, List.of(feature), Source.NONE));
        }
        return Trees.map(groups,
                group -> !group.name().equals(groupName) || group.features().stream().anyMatch(each -> each.name().equals(feature.name()))
                        ? group
                        : new FeatureGroup(group.name(), group.pretty(), Trees.insert(group.features(), group.features().size(), feature),
                                group.source()));
    }

    private static List<StandardAttribute> read(String resource) {
        try (var in = Catalogue.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException("the list of attributes is missing: " + resource);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                .filter(line -> !line.startsWith("#") && !line.isBlank())
                .map(Catalogue::line)
                .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static StandardAttribute line(String text) {
        var cells = Arrays.stream(text.split("\\|", -1)).map(String::trim).toList();
        return new StandardAttribute(cells.get(0), cells.get(1), cells.get(2), PhysicalUnit.valueOf(cells.get(3)),
                Double.parseDouble(cells.get(4)),
                Double.parseDouble(cells.get(5)), cells.get(6),
                Arrays.stream(cells.get(7).toLowerCase(Locale.ROOT).split(",")).map(String::trim).toList());
    }
}
