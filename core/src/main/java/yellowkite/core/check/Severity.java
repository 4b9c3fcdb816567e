package yellowkite.core.check;

/** How loud a finding is. */
public enum Severity {
    /** The profile does something else than it says. */
    ERROR,
    /** It works, but probably not as meant. */
    WARNING,
    /** Worth knowing. */
    REMARK
}
