package yellowkite.core.wire.osc;

import java.util.OptionalDouble;
import yellowkite.core.wire.Bytes;

/** One value of a message. */
public sealed interface OscValue {
    /** {@return the letter of its type} */
    char type();

    /** {@return it as a number; true is 1, false 0; empty for what is none} */
    default OptionalDouble number() {
        return OptionalDouble.empty();
    }

    /** A whole number. */
    record Whole(int value) implements OscValue {
        @Override
        public char type() {
            return 'i';
        }

        @Override
        public OptionalDouble number() {
            return OptionalDouble.of(value);
        }
    }

    /** A number in single precision. */
    record Figure(float value) implements OscValue {
        @Override
        public char type() {
            return 'f';
        }

        @Override
        public OptionalDouble number() {
            return Float.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
        }
    }

    /** Text. */
    record Words(String value) implements OscValue {
        @Override
        public char type() {
            return 's';
        }
    }

    /** Bytes. */
    record Blob(Bytes value) implements OscValue {
        @Override
        public char type() {
            return 'b';
        }
    }

    /** What its type says alone. */
    enum Sign implements OscValue {
        TRUE('T'), FALSE('F'), NONE('N'), IMPULSE('I');

        private final char type;

        Sign(char type) {
            this.type = type;
        }

        @Override
        public char type() {
            return type;
        }

        @Override
        public OptionalDouble number() {
            return switch (this) {
                case TRUE, IMPULSE -> OptionalDouble.of(1);
                case FALSE -> OptionalDouble.of(0);
                case NONE -> OptionalDouble.empty();
            };
        }
    }
}
