package yellowkite.core.edit;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.dmx.PhysicalText;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.text.Figures;
import yellowkite.core.text.HexId;

/**
 * The facts of a fixture as people write and read them; empty where nothing is said. Numbers stand without their units, which a reader
 * accepts behind them.
 *
 * @param connectors one a line: name, a colon, its type
 */
public record WrittenFacts(String beamAngle, String fieldAngle, String luminousFlux, String colorTemperature, String power, String weight,
        String lampType, String rdmManufacturer, String rdmModel, String connectors, List<WrittenPersonality> personalities) {
    private static final Pattern NUMBER = Pattern.compile("\\d{1,3}");
    private static final Pattern OTHER_UNIT = Pattern.compile("(?i)\\s*(?:lm|kg)$");

    /** @param mode name. @param number as the fixture counts it */
    public record WrittenPersonality(String mode, String number) {}

    public WrittenFacts {
        personalities = List.copyOf(personalities);
    }

    public static WrittenFacts of(FixtureFacts facts) {
        return new WrittenFacts(figure(facts.beamAngle()), figure(facts.fieldAngle()), figure(facts.luminousFlux()),
                figure(facts.colorTemperature()), figure(facts.power()), figure(facts.weight()),
                facts.lampType() == null ? "" : facts.lampType(), id(facts.rdmManufacturer()), id(facts.rdmModel()),
                written(facts.connectors()),
                facts.personalities().stream().map(each -> new WrittenPersonality(each.mode(), Integer.toString(each.number()))).toList());
    }

    private static String written(List<FixtureFacts.Plug> plugs) {
        return plugs.stream().map(each -> each.name() + ": " + each.type()).collect(Collectors.joining("\n"));
    }

    private static String figure(@Nullable Double value) {
        return value == null ? "" : Figures.of(value);
    }

    private static String id(@Nullable Integer id) {
        return id == null ? "" : HexId.of(id);
    }

    /**
     * {@return the facts}
     *
     * @param before what was said before: what is written as that reads is kept as it was, whatever its digits and signs
     * @throws IllegalArgumentException with a sentence on what does not fit
     */
    public FixtureFacts read(FixtureFacts before) {
        return new FixtureFacts(read(weight, before.weight(), PhysicalUnit.None), read(power, before.power(), PhysicalUnit.Power),
                lampType.isBlank() ? null : lampType.strip(), read(beamAngle, before.beamAngle(), PhysicalUnit.Angle),
                read(fieldAngle, before.fieldAngle(), PhysicalUnit.Angle), read(luminousFlux, before.luminousFlux(), PhysicalUnit.None),
                read(colorTemperature, before.colorTemperature(), PhysicalUnit.Temperature),
                connectors.equals(written(before.connectors())) ? before.connectors() : plugs(),
                readId(rdmManufacturer, before.rdmManufacturer()), readId(rdmModel, before.rdmModel()), numbered());
    }

    private static @Nullable Double read(String text, @Nullable Double before, PhysicalUnit unit) {
        if (text.isBlank()) {
            return null;
        }
        if (text.strip().equals(figure(before))) {
            return before;
        }
        var read = PhysicalText.read(unit == PhysicalUnit.None ? OTHER_UNIT.matcher(text.strip()).replaceFirst("") : text, unit);
        if (read.reason() != null) {
            throw new IllegalArgumentException(read.reason());
        }
        return read.value();
    }

    private static @Nullable Integer readId(String text, @Nullable Integer before) {
        if (text.strip().equals(id(before))) {
            return before;
        }
        return text.isBlank() ? null
                : HexId.read(text)
                    .orElseThrow(
                            () -> new IllegalArgumentException("An RDM id is written as up to four hexadecimal digits, such as 7FF0."));
    }

    private List<FixtureFacts.Plug> plugs() {
        return Arrays.stream(connectors.split("\n")).map(String::strip).filter(line -> !line.isEmpty()).map(line -> {
            var parts = line.split(":", -1);
            if (parts.length != 2 || parts[0].isBlank() || parts[1].isBlank()) {
                throw new IllegalArgumentException("Write each connector as its name and its type: DMX in: XLR5.");
            }
            return new FixtureFacts.Plug(parts[0].strip(), parts[1].strip());
        }).toList();
    }

    private List<FixtureFacts.Personality> numbered() {
        return personalities.stream().filter(each -> !each.number().isBlank()).map(each -> {
            if (!NUMBER.matcher(each.number().strip()).matches()) {
                throw new IllegalArgumentException("A personality is a number from 1 to 255.");
            }
            return new FixtureFacts.Personality(Integer.parseInt(each.number().strip()), each.mode());
        }).sorted(Comparator.comparingInt(FixtureFacts.Personality::number)).toList();
    }
}
