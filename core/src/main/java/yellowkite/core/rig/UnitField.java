package yellowkite.core.rig;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import yellowkite.core.rig.Adjustments.ChannelAdjustment;

/** What a file says of a unit, each thing by itself. What it cannot say of one is never touched by it. */
public enum UnitField {
    /** First: the addresses that come after it take their footprints from it. */
    FIXTURE {
        @Override
        public String words(Unit unit) {
            return unit.found().hasProfile() ? unit.found().words() : unit.asked().wordsAndMode();
        }

        /** The same fixture is asked for, whatever stands for it. */
        @Override
        public boolean isSaidAlike(Unit one, Unit other) {
            return named(one.asked()).equals(named(other.asked()));
        }

        @Override
        public boolean isAlike(Unit one, Unit other) {
            return one.found().isSameMode(other.found()) && (one.found().hasProfile() || isSaidAlike(one, other));
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.as(from.found()).with(f -> f.asked = from.asked());
        }

        private static List<String> named(Asked asked) {
            return List.of(asked.spec(), asked.mode());
        }
    },
    ADDRESS {
        @Override
        public String words(Unit unit) {
            return unit.addressWords();
        }

        /** At the places that are said, as large as the fixture is. */
        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.addresses = from.addresses()
                .stream()
                .map(each -> new Patch(each.dmxBreak(), each.at(), footprint(to.found(), each)))
                .toList());
        }

        private static int footprint(Found found, Patch said) {
            return found.breaks().getOrDefault(said.dmxBreak(), said.footprint());
        }
    },
    ID {
        @Override
        public String words(Unit unit) {
            return unit.id();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.id = from.id());
        }
    },
    NAME {
        @Override
        public String words(Unit unit) {
            return unit.name();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.name = from.name());
        }
    },
    NUMBER {
        @Override
        public String words(Unit unit) {
            return unit.number() == null ? "" : unit.number().toString();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.number = from.number());
        }
    },
    LAYER {
        @Override
        public String words(Unit unit) {
            return unit.layer();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.layer = from.layer());
        }
    },
    GROUPS {
        @Override
        public String words(Unit unit) {
            return String.join(", ", unit.groups());
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.groups = from.groups());
        }
    },
    POSITION {
        @Override
        public String words(Unit unit) {
            return Objects.requireNonNullElse(unit.position(), "");
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.position = from.position());
        }
    },
    CLASS {
        @Override
        public String words(Unit unit) {
            return Objects.requireNonNullElse(unit.unitClass(), "");
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.unitClass = from.unitClass());
        }
    },
    /** Pan and tilt, of which a scene says it; all else that was programmed on them stays. */
    INVERTED {
        private static final List<String> SAID = List.of("Pan", "Tilt");

        @Override
        public String words(Unit unit) {
            return SAID.stream().filter(each -> own(unit, each).invert()).collect(Collectors.joining(", "));
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> SAID
                .forEach(each -> f.adjustments = f.adjustments.with(each, own(to, each).withInvert(own(from, each).invert()))));
        }

        private static ChannelAdjustment own(Unit unit, String attribute) {
            return unit.adjustments().channels().getOrDefault(attribute, ChannelAdjustment.NONE);
        }
    },
    NOTE {
        @Override
        public String words(Unit unit) {
            return unit.note();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.note = from.note());
        }
    },
    /** What its file says beside all this, such as its focus point. */
    BESIDE {
        @Override
        public String words(Unit unit) {
            return unit.extra();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.extra = from.extra());
        }

        @Override
        public boolean isQuiet() {
            return true;
        }
    },
    PLACE {
        @Override
        public String words(Unit unit) {
            return unit.place() == null ? "" : unit.place().words();
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.place = from.place());
        }

        @Override
        public boolean isQuiet() {
            return true;
        }
    },
    HANGS_ON {
        @Override
        public String words(Unit unit) {
            return Objects.requireNonNullElse(unit.hangsOn(), "");
        }

        @Override
        public Unit put(Unit to, Unit from) {
            return to.with(f -> f.hangsOn = from.hangsOn());
        }

        @Override
        public boolean isQuiet() {
            return true;
        }
    };

    /** {@return what a unit has of it, as people read it; may be empty} */
    public abstract String words(Unit unit);

    /** {@return the unit with what another one has of it} */
    public abstract Unit put(Unit to, Unit from);

    /** {@return whether two files say the same of a unit} */
    public boolean isSaidAlike(Unit one, Unit other) {
        return isAlike(one, other);
    }

    /** {@return whether two units have the same} */
    public boolean isAlike(Unit one, Unit other) {
        return words(one).equals(words(other));
    }

    /** {@return whether it follows the file without being asked for, where nobody changed it here: geometry} */
    public boolean isQuiet() {
        return false;
    }
}
