package yellowkite.core.wire.rdm;

/** Parameters that we speak. Source: ANSI E1.20, table of parameter ids. */
public final class Parameter {
    public static final int SUPPORTED_PARAMETERS = 0x0050;
    public static final int DEVICE_INFO = 0x0060;
    public static final int DEVICE_MODEL_DESCRIPTION = 0x0080;
    public static final int MANUFACTURER_LABEL = 0x0081;
    public static final int DEVICE_LABEL = 0x0082;
    public static final int SOFTWARE_VERSION_LABEL = 0x00c0;
    public static final int DMX_PERSONALITY = 0x00e0;
    public static final int DMX_PERSONALITY_DESCRIPTION = 0x00e1;
    public static final int DMX_START_ADDRESS = 0x00f0;
    public static final int SLOT_INFO = 0x0120;
    public static final int SLOT_DESCRIPTION = 0x0121;
    public static final int DEFAULT_SLOT_VALUE = 0x0122;
    public static final int PAN_INVERT = 0x0600;
    public static final int TILT_INVERT = 0x0601;
    public static final int PAN_TILT_SWAP = 0x0602;
    public static final int IDENTIFY_DEVICE = 0x1000;
    /** Of a text. */
    public static final int LONGEST = 32;

    private Parameter() {}

    /** Why a message is refused. Source: ANSI E1.20, NACK reasons. */
    public static final class Reason {
        public static final int UNKNOWN = 0x0000;
        public static final int FORMAT = 0x0001;
        public static final int WRITE_PROTECTED = 0x0004;
        public static final int UNSUPPORTED_CLASS = 0x0005;
        public static final int OUT_OF_RANGE = 0x0006;

        private Reason() {}
    }
}
