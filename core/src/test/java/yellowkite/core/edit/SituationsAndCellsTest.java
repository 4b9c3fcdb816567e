package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.body.Parts;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.check.Checks;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.LinkTargets;
import yellowkite.core.dmx.OneMeaning;
import yellowkite.core.dmx.SituationText;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.PhysicalUnit;

class SituationsAndCellsTest {
    private static FixtureType applied(FixtureType before, Edit edit) {
        return switch (edit.acceptedOn(before)) {
            case Outcome.Applied(var after) -> after;
            case Outcome.Rejected(var field, var reason) -> throw new AssertionError(field + ": " + reason);
        };
    }

    private static FixtureType gobos() {
        return ProfileBuilder.profile("Tidewick", "Ketch")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D61")
            .attribute("Gobo2", "Gobo 2", "Gobo.Gobo", "", PhysicalUnit.None)
            .attribute("Gobo2Pos", "Gobo 2 position", "Gobo.Gobo", "", PhysicalUnit.Angle)
            .body(ProfileBuilder.part(Kind.Beam, "Beam"))
            .mode("Main", "Beam",
                    mode -> mode.channel("Gobo2", "Beam", ModeBuilder.at(12), channel -> channel.function("Gobos", 0, f -> {}))
                        .channel("Gobo2Pos", "Beam", ModeBuilder.at(13, 14),
                                channel -> channel.function("Index", 0, f -> f.physical(0, 360))))
            .build();
    }

    private static Channel position(FixtureType type) {
        return type.modes().getFirst().channels().getLast();
    }

    @Test
    void theSameFunctionCountsInSeveralStretches() {
        var type = gobos();
        int master = type.modes().getFirst().channels().getFirst().id();
        int index = position(type).functions().findFirst().orElseThrow().id();

        var after = applied(applied(type, new SetModeMaster(index, master, 10, 49)), new AlsoWhile(index, master, 90, 149));

        var links = LinkTargets.of(after.modes().getFirst());
        assertThat(position(after).functions().map(each -> SituationText.of(after, links, each)).toList())
            .containsExactly("while address 12, Gobo 2, is 10–49", "while address 12, Gobo 2, is 90–149");
        assertThat(position(after).functions()).allSatisfy(each -> assertThat(each.physicalTo()).isEqualTo(360));
        assertThat(position(after).start()).isEqualTo(position(type).start());
    }

    private static List<String> lines(FixtureType type) {
        var links = LinkTargets.of(type.modes().getFirst());
        return position(type).functions()
            .map(each -> each.name() + " from " + each.dmxFrom().at(2) + " to " + each.physicalTo() + " "
                    + SituationText.of(type, links, each).replace("while address 12, Gobo 2, is ", ""))
            .toList();
    }

    @Test
    void whatIsDoneToAFunctionOfSeveralSituationsIsDoneToAll() {
        var type = gobos();
        int master = type.modes().getFirst().channels().getFirst().id();
        int index = position(type).functions().findFirst().orElseThrow().id();
        var both = applied(applied(type, new SetModeMaster(index, master, 10, 49)), new AlsoWhile(index, master, 90, 149));
        assertThat(OneMeaning.of(position(both), position(both).functions().findFirst().orElseThrow())).hasSize(2);

        var renamed = applied(both, new Alike(index, new RenameFunction(index, "Turn")));
        var turned = applied(renamed, new Alike(index, new SetFunctionPhysical(index, 0.0, 540.0)));
        var cut = applied(turned, new Alike(index, new AddFunction(position(type).id(), "Spin", "Gobo2Pos", 0x8000)));

        assertThat(lines(turned)).containsExactly("Turn from 0 to 540.0 10–49", "Turn 2 from 0 to 540.0 90–149");
        assertThat(lines(cut)).satisfiesExactly(one -> assertThat(one).isEqualTo("Turn from 0 to 540.0 10–49"),
                two -> assertThat(two).isEqualTo("Turn 2 from 0 to 540.0 90–149"),
                three -> assertThat(three).startsWith("Spin from 32768").endsWith("10–49"),
                four -> assertThat(four).startsWith("Spin 2 from 32768").endsWith("90–149"));
        assertThat(position(applied(cut, new Alike(index, new RemoveFunction(index)))).functions()).extracting(each -> each.name())
            .containsExactly("Spin", "Spin 2");
        int second = position(both).functions().toList().getLast().id();
        assertThat(lines(applied(both, new Alike(index, new RemoveFunction(second))))).as("one situation less")
            .containsExactly("Index from 0 to 360.0 10–49");
        assertThat(position(applied(both, new Alike(index, new SetModeMaster(index, null, 0, 0)))).functions())
            .as("what always counts needs no others")
            .hasSize(1);
        assertThat(position(turned).functions().map(each -> each.id()).toList()).as("the same nodes")
            .isEqualTo(position(both).functions().map(each -> each.id()).toList());
    }

    @Test
    void whatIsCalledOtherwiseIsNotOneMeaning() {
        var type = ProfileBuilder.profile("Tidewick", "Cutter")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D65")
            .attribute("Gobo1", "Gobo 1", "Gobo.Gobo", "", PhysicalUnit.None)
            .attribute("Gobo1Pos", "Gobo 1 position", "Gobo.Gobo", "", PhysicalUnit.Angle)
            .body(ProfileBuilder.part(Kind.Beam, "Beam"))
            .mode("Main", "Beam", mode -> mode.channel("Gobo1", "Beam", ModeBuilder.at(1), channel -> channel.function("Gobos", 0, f -> {}))
                .channel("Gobo1Pos", "Beam", ModeBuilder.at(2), channel -> {
                    for (var name : List.of("Index", "Index 2", "Turn", "Index 3")) {
                        channel.function(name, 0, f -> f.when("Beam_Gobo1", new DmxValue(10, 1), new DmxValue(20, 1)));
                    }
                }))
            .build();

        assertThat(OneMeaning.all(position(type)).values()).extracting(each -> each.stream().map(ChannelFunction::name).toList())
            .containsExactly(List.of("Index", "Index 2", "Index 3"), List.of("Turn"));
    }

    @Test
    void aFunctionMovesBeforeTheOneBelowItAndWhatPointsAtThemGoesAlong() {
        var type = ProfileBuilder.profile("Tidewick", "Lugger")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D64")
            .attribute("Shutter1", "Shutter", "Beam.Beam", "", PhysicalUnit.None)
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.None)
            .body(ProfileBuilder.part(Kind.Beam, "Beam"))
            .mode("Main", "Beam", mode -> mode
                .channel("Shutter1", "Beam", ModeBuilder.at(1),
                        channel -> channel.function("Open", 0, f -> f.range("Wide open", 0).range("Nearly", 90))
                            .function("Closed", 100, f -> f.start(120))
                            .function("Idle", 140, f -> {}))
                .channel("Dimmer", "Beam", ModeBuilder.at(2), channel -> channel.function("Dim", 0, f -> {})))
            .build();
        var shutter = type.modes().getFirst().channels().getFirst();
        int closed = shutter.functions().skip(1).findFirst().orElseThrow().id();
        int dim = type.modes().getFirst().channels().getLast().functions().findFirst().orElseThrow().id();
        var waiting = applied(applied(type, new SetModeMaster(dim, shutter.id(), 0, 99)), new SetHighlight(shutter.id(), 95L));

        var after = applied(waiting, new ExchangeFunctions(closed));

        var now = after.modes().getFirst().channels().getFirst();
        assertThat(now.functions().map(each -> each.name() + " " + each.dmxFrom().raw()).toList()).containsExactly("Closed 0", "Open 40",
                "Idle 140");
        assertThat(now.functions().skip(1).findFirst().orElseThrow().ranges()).extracting(each -> each.dmxFrom().raw())
            .containsExactly(40L, 130L);
        assertThat(now.functions().findFirst().orElseThrow().defaultValue().raw()).isEqualTo(20);
        assertThat(now.highlight().raw()).isEqualTo(135);
        assertThat(after.modes().getFirst().channels().getLast().functions().findFirst().orElseThrow())
            .satisfies(each -> assertThat(each.modeFrom().raw()).isEqualTo(40), each -> assertThat(each.modeTo().raw()).isEqualTo(139));
        assertThat(applied(after, new ExchangeFunctions(shutter.functions().findFirst().orElseThrow().id()))).as("and back again")
            .isEqualTo(waiting);
        var across = applied(type, new SetModeMaster(dim, shutter.id(), 50, 120));
        assertThat(new ExchangeFunctions(closed).acceptedOn(across)).isInstanceOfSatisfying(Outcome.Rejected.class,
                refused -> assertThat(refused.reason()).contains("'Dim' is active while"));
    }

    @Test
    void functionsThatDifferAreNotOneMeaning() {
        var type = gobos();
        int master = type.modes().getFirst().channels().getFirst().id();
        int index = position(type).functions().findFirst().orElseThrow().id();
        var both = applied(applied(type, new SetModeMaster(index, master, 10, 49)), new AlsoWhile(index, master, 90, 149));
        int second = position(both).functions().toList().getLast().id();

        var apart = applied(both, new SetFunctionPhysical(second, 0.0, 180.0));

        assertThat(OneMeaning.of(position(apart), position(apart).functions().findFirst().orElseThrow())).hasSize(1);
        assertThat(lines(applied(apart, new Alike(index, new SetFunctionPhysical(index, 0.0, 540.0))))).as("the other one stays")
            .last()
            .asString()
            .contains("to 180.0");
        assertThat(OneMeaning.of(position(type), position(type).functions().findFirst().orElseThrow())).as("one that always counts")
            .hasSize(1);
    }

    @Test
    void aCellIsSharedByTheModesThatRepeatIt() {
        var type = ProfileBuilder.profile("Tidewick", "Sloop")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D63")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.None)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .body(ProfileBuilder.part(Kind.Geometry, "Body", ProfileBuilder.part(Kind.Beam, "Beam")))
            .mode("Fine", "Body",
                    mode -> mode.channel("Zoom", "Beam", ModeBuilder.at(1), channel -> channel.function("Zoom", 0, f -> {}))
                        .channel("Dimmer", "Beam", ModeBuilder.at(2, 3), channel -> channel.function("Dim", 0, f -> {})))
            .mode("Plain", "Body",
                    mode -> mode.channel("Dimmer", "Beam", ModeBuilder.at(1), channel -> channel.function("Dim", 0, f -> {})))
            .build();
        var fine = type.modes().getFirst();
        var plain = type.modes().getLast();
        var first = applied(type,
                new MakeCells(fine.id(), List.of(fine.channels().getLast().id()), "Cell", 4, 2, 2, 4, MakeCells.Order.ROWS));
        var second = new MakeCells(plain.id(), List.of(plain.channels().getFirst().id()), "Cell", 6, 1, 1, 6, MakeCells.Order.ROWS);

        var after = applied(first, second);

        assertThat(after.geometries()).filteredOn(each -> each.name().equals("Cell")).as("one part, repeated by both modes").hasSize(1);
        assertThat(after.modes())
            .allSatisfy(mode -> assertThat(Parts.repeated(after, mode)).extracting(Geometry::name).containsExactly("Cell"));
        assertThat(after.allGeometries().map(Geometry::name).toList()).doesNotHaveDuplicates();
        assertThat(CompiledMode.of(after, after.modes().getLast()).map().footprint()).containsExactly(java.util.Map.entry(1, 6));
        assertThat(second.acceptedOn(after)).as("and once in each mode").isInstanceOf(Outcome.Rejected.class);
        assertThat(Checks.of(after)).extracting(each -> each.severity().name()).doesNotContain("ERROR");
    }

    @Test
    void cellsStandAsFarApartAsIsTyped() {
        var type = ProfileBuilder.profile("Tidewick", "Yawl")
            .id("4A0C6B52-63A0-4F38-9A51-0C5A6E2B7D62")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.None)
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .body(ProfileBuilder.part(Kind.Geometry, "Body", ProfileBuilder.part(Kind.Beam, "Beam")))
            .mode("Cells", "Body",
                    mode -> mode.channel("Zoom", "Beam", ModeBuilder.at(1), channel -> channel.function("Zoom", 0, f -> {}))
                        .channel("Dimmer", "Beam", ModeBuilder.at(2), channel -> channel.function("Dim", 0, f -> {})))
            .build();
        var mode = type.modes().getFirst();
        var made = applied(type,
                new Several(
                        List.of(new MakeCells(mode.id(), List.of(mode.channels().getLast().id()), "Cell", 4, 2, 1, 4, MakeCells.Order.ROWS),
                                new SetCellPitch(mode.id(), "Cell", 0.25))));

        var places = made.geometries()
            .stream()
            .flatMap(Geometry::walk)
            .filter(Geometry.Reference.class::isInstance)
            .map(each -> ((Geometry.Reference) each).position().cells().get(3))
            .toList();
        assertThat(places).hasSize(4);
        for (int i = 0; i < 4; i++) {
            assertThat(places.get(i)).isCloseTo(0.25 * i, offset(1e-9));
        }
        assertThat(new SetCellPitch(mode.id(), "Cell", 0).acceptedOn(made)).isInstanceOf(Outcome.Rejected.class);
        assertThat(new SetCellPitch(mode.id(), "Nothing", 1).acceptedOn(made)).isInstanceOf(Outcome.Rejected.class);
    }
}
