package yellowkite.core.chart.layout;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.chart.source.Sheet.Line;

/**
 * What the columns of a table hold. Its heading is evidence, what stands below it is proof: the same word heads addresses in one chart and
 * values in another.
 *
 * @param heading index of the line that heads the table; -1 without one
 * @param addresses columns of addresses, one for each mode, with what heads each; empty if there is none
 * @param single other columns by what they hold
 */
record Columns(int heading, Map<Integer, String> addresses, Map<Role, Integer> single) {
    /**
     * {@link #RANGE}: what a named part of a function is called. {@link #MORE}: what is said of it besides. {@link #START}: a value of the
     * channel. {@link #FINE}: the address of its second byte. {@link #WIDTH}: "16 bit", "coarse".
     */
    enum Role {
        NAME, VALUES, FROM, TO, HEX, PERCENT, MEANING, RANGE, MORE, START, HIGHLIGHT, MODE, WIDTH, FINE
    }

    private static final int LOOKED_AT = 40;
    /** Columns that count no further hold addresses, not values. */
    private static final int LAST_OF_FEW = 32;
    private static final int LONGEST_HEAD = 80;
    private static final Map<Role, Pattern> HEADS = heads();
    private static final Pattern ADDRESS = Pattern.compile(
            "(?i)^(?:(?:dmx[- ]?)?(?:channels?|chan\\.?|ch\\.?|addr(?:ess(?:es)?)?\\.?|slots?|kanal)|no\\.?|nr\\.?|#|ch\\.? ?(?:no\\.?|nr\\.?|#)|channel (?:no\\.?|number))$");
    private static final Pattern WIDTH_WORD = Pattern.compile("(?i)coarse|fine|[lm]sb|hi|lo|(?:high|low) byte|(?:8|16)[- ]?bit|-");
    private static final Pattern RANGE = Pattern.compile("(?i)^named (?:ranges?|parts?)$|^(?:ranges?|sets?|steps?)$");
    /** "24 CH", "6ch", "16 channels", "Mode 2", "Extended". */
    private static final Pattern MODE_HEAD = Pattern.compile(
            "(?i)^(?:m\\d{1,2}|\\d{1,3}\\s*-?\\s*(?:ch\\.?|chn?\\.?|channels?|kan[a\\u00E4]le?)(?:\\s*mode)?|mode\\s*\\w+.*|.*\\bmode|basic|standard|std\\.?|extended|ext\\.?|compact|full|simple|advanced|expert|reduced|normal|short|long|pixel|hsi|rgb|\\d{1,2}[- ]?bit)$");

    private static Map<Role, Pattern> heads() {
        var heads = new EnumMap<Role, Pattern>(Role.class);
        heads.put(Role.HEX, Pattern.compile("(?i)^hex(?:adecimal)?\\.?(?: values?)?$|^values? \\(hex\\)$"));
        heads.put(Role.PERCENT,
                Pattern.compile("(?i)^(?:(?:dmx )?\\(?%\\)?|(?:dmx )?percent(?:age)?|per cent)\\.?(?: values?)?$|^values? ?\\(?%\\)?$"));
        heads.put(Role.FROM, Pattern.compile("(?i)^(?:from|min\\.?|begin|first|low|von|dmx from|value from)$"));
        heads.put(Role.TO, Pattern.compile("(?i)^(?:to|max\\.?|end|last|high|until|bis|dmx to|value to)$"));
        heads.put(Role.START, Pattern
            .compile("(?i)^(?:defaults?|home|starts?(?: at)?|initial|preset|reset|default values?|home position|start values?|def\\.?)$"));
        heads.put(Role.HIGHLIGHT, Pattern.compile("(?i)^highlight(?: values?)?$"));
        heads.put(Role.MODE, Pattern.compile("(?i)^(?:mode|modes|dmx mode|personality)$"));
        heads.put(Role.WIDTH, Pattern.compile(
                "(?i)^(?:resolution|bits?|width|8 ?/ ?16 ?bit|bytes?|fade|snap|type|control|type of control|coarse ?/ ?fine|msb ?/ ?lsb|hi ?/ ?lo|high ?/ ?low)$"));
        heads.put(Role.FINE, Pattern.compile("(?i)^(?:fine(?: (?:channel|address|ch\\.?))?|lsb|low byte|16[- ]?bit(?: channel)?)$"));
        heads.put(Role.VALUES, Pattern.compile(
                "(?i)^(?:(?:dmx ?)?(?:values?|range|dec(?:imal)?|levels?|wert)\\.?|dmx|dmx values?|dmx range|values? \\(dec\\)|value range)$"));
        heads.put(Role.NAME, Pattern
            .compile("(?i)^(?:functions?|names?|parameters?|attributes?|features?|channel (?:name|function)|funktion|element)$"));
        heads.put(Role.MEANING, Pattern.compile(
                "(?i)^(?:descriptions?|meanings?|effects?|settings?|details?|actions?|contents?|remarks?|comments?|beschreibung|what it does|result|note|notes)$"));
        return heads;
    }

    static Columns of(Sheet sheet) {
        int heading = heading(sheet);
        var body = sheet.lines().stream().skip(heading + 1L).filter(line -> !isHeading(line)).toList();
        int width = sheet.lines().stream().mapToInt(line -> line.cells().size()).max().orElse(0);
        var head = heading < 0 ? new Line("", List.of()) : sheet.lines().get(heading);
        var facts = IntStream.range(0, width).mapToObj(column -> ColumnFacts.of(body, column)).toList();
        var single = new EnumMap<Role, Integer>(Role.class);
        var addresses = new HashMap<Integer, String>();
        var free = new HashSet<Integer>();
        IntStream.range(0, width).filter(column -> facts.get(column).filled() > 0).forEach(free::add);
        fine(head, facts, single, free);
        named(head, facts, single, free);
        if (heading < 0) {
            ends(body, facts, single, free);
        }
        values(facts, single, free, head);
        for (int column : List.copyOf(free)) {
            var words = head.cell(column);
            if (facts.get(column).isAddresses() && !Objects.requireNonNull(HEADS.get(Role.VALUES)).matcher(words).matches()) {
                addresses.put(column, MODE_HEAD.matcher(words).matches() ? words : ADDRESS.matcher(words).matches() ? "" : words);
                free.remove(column);
            }
        }
        // beside a column for each mode, one that only counts the rows is no mode
        if (addresses.size() > 1 && addresses.values().stream().filter(String::isEmpty).count() == 1) {
            addresses.values().removeIf(String::isEmpty);
        }
        widths(body, single, free);
        texts(facts, single, free, head);
        return new Columns(heading, new java.util.TreeMap<>(addresses), single);
    }

    /** Roles whose heading leaves no doubt, where what stands below does not say otherwise. */
    private static void named(Line head, List<ColumnFacts> facts, Map<Role, Integer> single, Set<Integer> free) {
        for (var role : List.of(Role.HEX, Role.PERCENT, Role.FROM, Role.TO, Role.START, Role.HIGHLIGHT, Role.MODE, Role.WIDTH)) {
            for (int column : List.copyOf(free)) {
                boolean fits = switch (role) {
                    case FROM, TO, START, HIGHLIGHT -> facts.get(column).numbers() >= 0.5;
                    case MODE -> !facts.get(column).isAddresses();
                    default -> true;
                };
                if (fits && Objects.requireNonNull(HEADS.get(role)).matcher(head.cell(column)).matches()) {
                    single.putIfAbsent(role, column);
                    free.remove(column);
                }
            }
        }
        if (single.containsKey(Role.FROM) != single.containsKey(Role.TO)) {
            free.addAll(single.entrySet()
                .stream()
                .filter(each -> each.getKey() == Role.FROM || each.getKey() == Role.TO)
                .map(Map.Entry::getValue)
                .toList());
            single.remove(Role.FROM);
            single.remove(Role.TO);
        }
    }

    /** A column of nothing but "coarse" and "fine" says which byte a row is of, whatever heads it. */
    private static void widths(List<Line> body, Map<Role, Integer> single, Set<Integer> free) {
        for (int column : List.copyOf(free)) {
            if (body.stream()
                .map(line -> line.cell(column))
                .filter(cell -> !cell.isEmpty())
                .allMatch(cell -> WIDTH_WORD.matcher(cell).matches())) {
                single.putIfAbsent(Role.WIDTH, column);
                free.remove(column);
            }
        }
    }

    /**
     * Without a heading, two columns of single numbers beside each other are first and last values where the second is never the smaller
     * one.
     */
    private static void ends(List<Line> body, List<ColumnFacts> facts, Map<Role, Integer> single, Set<Integer> free) {
        for (int column : free.stream().sorted().toList()) {
            int next = column + 1;
            if (!free.contains(next) || facts.get(column).numbers() < 0.9 || facts.get(next).numbers() < 0.9
                    || facts.get(next).reach() <= LAST_OF_FEW) {
                continue;
            }
            long both = 0;
            long rising = 0;
            for (var line : body) {
                var from = Values.of(line.cell(column));
                var to = Values.of(line.cell(next));
                both += from.isPresent() && to.isPresent() ? 1 : 0;
                rising += from.isPresent() && to.isPresent() && to.get().from() > from.get().from() ? 1 : 0;
            }
            if (both >= 2 && rising == both) {
                single.put(Role.FROM, column);
                single.put(Role.TO, next);
                free.removeAll(List.of(column, next));
                return;
            }
        }
    }

    /** Beside a column that is headed 8 bit, 16 bit is a mode. */
    private static void fine(Line head, List<ColumnFacts> facts, Map<Role, Integer> single, Set<Integer> free) {
        boolean plain = head.cells().stream().anyMatch(cell -> ADDRESS.matcher(cell).matches());
        boolean modes = head.cells().stream().anyMatch(cell -> cell.matches("(?i)8[- ]?bit.*"));
        for (int column : List.copyOf(free)) {
            if (plain && !modes && facts.get(column).isAddresses()
                    && Objects.requireNonNull(HEADS.get(Role.FINE)).matcher(head.cell(column)).matches()) {
                single.putIfAbsent(Role.FINE, column);
                free.remove(column);
            }
        }
    }

    private static void values(List<ColumnFacts> facts, Map<Role, Integer> single, Set<Integer> free, Line head) {
        if (single.containsKey(Role.FROM)) {
            return;
        }
        int best = -1;
        for (int column : free) {
            var fact = facts.get(column);
            if (fact.spans() >= 0.5 && fact.reach() > 8 && !(fact.isAddresses() && ADDRESS.matcher(head.cell(column)).matches())
                    && (best < 0 || fact.weight() > facts.get(best).weight())) {
                best = column;
            }
        }
        if (best >= 0) {
            single.put(Role.VALUES, best);
            free.remove(best);
        }
        if (best < 0 && !single.containsKey(Role.PERCENT)) {
            free.stream()
                .filter(column -> facts.get(column).percents() >= 0.7 && facts.get(column).filled() > 2)
                .findFirst()
                .ifPresent(column -> {
                    single.put(Role.PERCENT, column);
                    free.remove(column);
                });
        }
        for (int column : List.copyOf(free)) { // the same once more in another notation
            var fact = facts.get(column);
            if (best >= 0 && fact.hex() >= 0.8 && !fact.isAddresses() && fact.reach() != 0) {
                single.putIfAbsent(Role.HEX, column);
                free.remove(column);
            } else if (best >= 0 && fact.percents() >= 0.7) {
                single.putIfAbsent(Role.PERCENT, column);
                free.remove(column);
            }
        }
    }

    private static void texts(List<ColumnFacts> facts, Map<Role, Integer> single, Set<Integer> free, Line head) {
        var texts = free.stream().filter(column -> facts.get(column).letters() >= 0.3).sorted().toList();
        int values = single.getOrDefault(Role.VALUES, single.getOrDefault(Role.FROM, Integer.MAX_VALUE));
        if (levels(texts, single, head)) {
            return;
        }
        var named = texts.stream()
            .filter(column -> Objects.requireNonNull(HEADS.get(Role.NAME)).matcher(head.cell(column)).matches())
            .toList();
        var meant = texts.stream()
            .filter(column -> Objects.requireNonNull(HEADS.get(Role.MEANING)).matcher(head.cell(column)).matches())
            .toList();
        int name = !named.isEmpty() ? named.getFirst()
                : texts.stream()
                    .filter(column -> !meant.contains(column) && column < values)
                    .findFirst()
                    .orElse(texts.stream()
                        .filter(column -> !meant.contains(column))
                        .findFirst()
                        .orElse(meant.isEmpty() ? -1 : meant.getFirst()));
        if (name >= 0) {
            single.put(Role.NAME, name);
        }
        var others = texts.stream().filter(column -> column != name).toList();
        others.stream()
            .filter(meant::contains)
            .findFirst()
            .or(() -> others.stream().filter(column -> column > values).findFirst())
            .or(() -> others.stream().findFirst())
            .ifPresent(column -> single.put(Role.MEANING, column));
    }

    /** A chart of several levels has channels, their functions, and named parts of these in columns of their own. */
    private static boolean levels(List<Integer> texts, Map<Role, Integer> single, Line head) {
        var channel = texts.stream().filter(column -> head.cell(column).equalsIgnoreCase("channel")).findFirst();
        var function = texts.stream()
            .filter(column -> Objects.requireNonNull(HEADS.get(Role.NAME)).matcher(head.cell(column)).matches())
            .findFirst();
        if (channel.isEmpty() || function.isEmpty()) {
            return false;
        }
        single.put(Role.NAME, channel.get());
        single.put(Role.MEANING, function.get());
        texts.stream()
            .filter(column -> RANGE.matcher(head.cell(column)).matches())
            .findFirst()
            .ifPresent(column -> single.put(Role.RANGE, column));
        texts.stream()
            .filter(column -> Objects.requireNonNull(HEADS.get(Role.MEANING)).matcher(head.cell(column)).matches())
            .findFirst()
            .ifPresent(column -> single.put(Role.MORE, column));
        return true;
    }

    private static int heading(Sheet sheet) {
        for (int i = 0; i < Math.min(LOOKED_AT, sheet.lines().size()); i++) {
            if (isHeading(sheet.lines().get(i))) {
                return i;
            }
        }
        return -1;
    }

    /** {@return whether a line names columns and holds no values} "24CH" is no hexadecimal number there. */
    static boolean isHeading(Line line) {
        var cells = line.cells().stream().filter(cell -> !cell.isEmpty()).toList();
        if (cells.size() < 2 || cells.stream()
            .anyMatch(cell -> Values.of(cell).isPresent() && !MODE_HEAD.matcher(cell).matches() || Addresses.isDash(cell))) {
            return false;
        }
        long heads = cells.stream()
            .filter(cell -> cell.length() <= LONGEST_HEAD
                    && (matchesAny(cell) || ADDRESS.matcher(cell).matches() || MODE_HEAD.matcher(cell).matches()))
            .count();
        return heads >= 2 && 2 * heads >= cells.size();
    }

    private static boolean matchesAny(String head) {
        return HEADS.values().stream().anyMatch(pattern -> pattern.matcher(head).matches());
    }

    int column(Role role) {
        return single.getOrDefault(role, -1);
    }
}
