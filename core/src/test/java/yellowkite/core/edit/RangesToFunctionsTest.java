package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalUnit;

class RangesToFunctionsTest {
    private static FixtureType type() {
        return ProfileBuilder.profile("Tidewick", "Ketch")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D31")
            .attribute("Shutter1", "Shutter 1", "Beam.Beam", "", PhysicalUnit.None)
            .attribute("Gobo1", "Gobo 1", "Gobo.Gobo", "", PhysicalUnit.None)
            .wheel("Gobos", slots -> slots.open("Open").gobo("Reeds", "").gobo("Ripples", ""))
            .body(ProfileBuilder.part(Kind.Beam, "Beam"))
            .mode("Main", "Beam", mode -> mode
                .channel("Shutter1", "Beam", ModeBuilder.at(1), channel -> channel.function("Shutter", 0, f -> f.physical(0, 1)
                    .start(30)
                    .range("Closed", 0)
                    .range("Open", 20)
                    .range("Strobe slow -> fast, 1 Hz to 20 Hz", 50)
                    .range("Random strobe", 200)))
                .channel("Gobo1", "Beam", ModeBuilder.at(2), channel -> channel.function("Gobos", 0, f -> f.wheel("Gobos")
                    .range("Open", 0, 1)
                    .range("Reeds", 10, 2)
                    .range("Ripples", 20, 3)
                    .range("Reeds shake, 1 to 5 Hz", 30)
                    .range("Ripples shake, 1 to 5 Hz", 60)
                    .range("CW scroll, 10 to 60 rpm", 90))))
            .build();
    }

    private static Channel channel(FixtureType type, String attribute) {
        return type.modes().getFirst().channels().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow();
    }

    private static List<ChannelFunction> functions(FixtureType type, String attribute) {
        return channel(type, attribute).functions().toList();
    }

    private static List<Integer> ranges(FixtureType type, String attribute, String... names) {
        return functions(type, attribute).stream()
            .flatMap(each -> each.ranges().stream())
            .filter(each -> names.length == 0 || List.of(names).contains(each.name()))
            .map(NamedRange::id)
            .toList();
    }

    private static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied(var after) -> after;
            case Outcome.Rejected(var field, var reason) -> throw new AssertionError(field + ": " + reason);
        };
    }

    private static List<String> spans(FixtureType type, String attribute) {
        return functions(type, attribute).stream()
            .map(each -> each.dmxFrom().raw() + " " + each.attribute() + " " + each.physicalFrom() + ".." + each.physicalTo())
            .toList();
    }

    private static FixtureType made(String attribute, String... names) {
        var type = type();
        return applied(type, new RangesToFunctions(functions(type, attribute).getFirst().id(), ranges(type, attribute, names)));
    }

    @Test
    void eachMeaningBecomesAFunctionWithTheNumbersOfItsWords() {
        assertThat(spans(made("Shutter1"), "Shutter1"))
            .startsWith("0 Shutter1 0.0..0.0", "20 Shutter1 1.0..1.0", "50 Shutter1Strobe 1.0..20.0")
            .element(3)
            .asString()
            .startsWith("200 Shutter1StrobeRandom");
    }

    @Test
    void whatNobodyStatedCountsAsAssumed() {
        var type = made("Shutter1");

        assertThat(type.house().assumed()).containsExactly(functions(type, "Shutter1").getLast().id());
        assertThat(type.unitOf("Shutter1Strobe")).isEqualTo(PhysicalUnit.Frequency);
    }

    @Test
    void theStartValueStays() {
        var shutter = channel(made("Shutter1"), "Shutter1");

        assertThat(shutter.start()).isEqualTo(30);
        assertThat(shutter.findInitialFunction().orElseThrow().name()).isEqualTo("Open");
    }

    @Test
    void aRangeInTheMiddleLeavesTheFunctionOnBothItsSides() {
        var type = made("Shutter1", "Strobe slow -> fast, 1 Hz to 20 Hz");

        assertThat(functions(type, "Shutter1")).extracting(each -> each.dmxFrom().raw() + " " + each.attribute())
            .containsExactly("0 Shutter1", "50 Shutter1Strobe", "200 Shutter1");
        // 0 to 1 over 255 steps: 49 / 255 below, 200 / 255 to 1 above
        assertThat(functions(type, "Shutter1").getFirst().physicalTo()).isCloseTo(49 / 255.0, offset(1e-12));
        assertThat(functions(type, "Shutter1").getLast().physicalFrom()).isCloseTo(200 / 255.0, offset(1e-12));
        assertThat(functions(type, "Shutter1").getLast().ranges()).extracting(NamedRange::name).containsExactly("Random strobe");
    }

    @Test
    void neighboursOfOneMeaningShareOneFunctionAndItsWheel() {
        var type = made("Gobo1");

        assertThat(type.wheels()).as("no other wheel is made").hasSize(1);
        var gobo = functions(type, "Gobo1");
        assertThat(gobo).extracting(each -> each.dmxFrom().raw() + " " + each.attribute() + " " + each.wheel())
            .startsWith("0 Gobo1 Gobos", "30 Gobo1SelectShake Gobos");
        assertThat(gobo.getFirst().ranges()).extracting(each -> each.name() + " " + each.slot())
            .containsExactly("Open 1", "Reeds 2", "Ripples 3");
        assertThat(gobo.get(1).ranges()).extracting(NamedRange::slot).containsExactly(2, 3);
        assertThat(gobo.getLast().attribute()).isEqualTo("Gobo1WheelSpin");
        // 10 rpm are 60 degrees a second
        assertThat(gobo.getLast().physicalFrom()).isEqualTo(60);
    }

    @Test
    void aConditionIsTakenOver() {
        var type = type();
        var conditional = applied(type,
                new SetModeMaster(functions(type, "Gobo1").getFirst().id(), channel(type, "Shutter1").id(), 20, 49));

        var after = applied(conditional, new RangesToFunctions(functions(conditional, "Gobo1").getFirst().id(),
                ranges(conditional, "Gobo1", "CW scroll, 10 to 60 rpm")));

        assertThat(functions(after, "Gobo1")).allSatisfy(each -> {
            assertThat(each.modeMaster()).isEqualTo("Beam_Shutter1");
            assertThat(each.modeFrom()).isEqualTo(new DmxValue(20, 1));
        });
    }

    @Test
    void backAgainItIsARangeOfTheFunctionBefore() {
        var type = made("Shutter1");

        var after = applied(type, new FunctionToRange(functions(type, "Shutter1").get(1).id()));

        assertThat(functions(after, "Shutter1")).hasSize(3);
        assertThat(functions(after, "Shutter1").getFirst().ranges()).extracting(each -> each.dmxFrom().raw() + " " + each.name())
            .containsExactly("0 Closed", "20 Open");
        assertThat(channel(after, "Shutter1").start()).as("not moved").isEqualTo(30);
        assertThat(new FunctionToRange(functions(type, "Shutter1").getFirst().id()).acceptedOn(type))
            .isInstanceOf(Outcome.Rejected.class);
    }
}
