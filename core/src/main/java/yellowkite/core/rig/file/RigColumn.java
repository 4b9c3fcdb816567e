package yellowkite.core.rig.file;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What stands in a column of a patch sheet, in the order in which we write them. */
enum RigColumn {
    ID("Id", "unit", "unit id", "fixture id", "fid", "fixture number", "channel", "chan"),
    NAME("Name", "label", "title", "unit name"),
    MANUFACTURER("Manufacturer", "maker", "make", "brand", "vendor"),
    MODEL("Model", "fixture", "fixture type", "type", "instrument", "instrument type", "profile"),
    MODE("Mode", "personality", "dmx mode"),
    FOOTPRINT("Footprint", "channels", "channel count", "dmx channels", "dmx footprint", "addresses used", "ch"),
    UNIVERSE("Universe", "univ", "uni", "u"),
    ADDRESS("Address", "dmx", "dmx address", "addr", "start address", "dmx start", "patch", "patched to"),
    BREAKS("Breaks"),
    LAYER("Layer"),
    GROUPS("Groups", "group"),
    POSITION("Position", "pos", "hanging position", "location"),
    NUMBER("Unit number", "unit no", "unit nr", "position number"),
    UNIT_CLASS("Class"),
    COLOUR("Colour tag", "color tag"),
    NOTE("Note", "notes", "remark", "remarks", "comment"),
    DIP_OFFSET("DIP offset"),
    X("X", "x m"),
    Y("Y", "y m"),
    Z("Z", "z m"),
    TURN_X("Turn X"),
    TURN_Y("Turn Y"),
    TURN_Z("Turn Z"),
    ADJUSTMENTS("Adjustments"),
    HANGS_ON("Hangs on"),
    SHARED_AS("Shared as"),
    UUID("UUID");

    private final String heading;
    private final List<String> others;

    RigColumn(String heading, String... others) {
        this.heading = heading;
        this.others = List.of(others);
    }

    String heading() {
        return heading;
    }

    /** {@return what a heading means; none if nobody knows} @param plain in small letters, without signs */
    static Optional<RigColumn> of(String plain) {
        return Arrays.stream(values())
            .filter(each -> each.heading.toLowerCase(Locale.ROOT).equals(plain) || each.others.contains(plain))
            .findFirst();
    }
}
