package yellowkite.core.rig;

import java.math.BigInteger;
import java.util.Collection;
import java.util.regex.Pattern;

/** Ids and names that count on. */
public final class Numbered {
    private static final Pattern ENDING = Pattern.compile("^(.*?)(\\d+)$", Pattern.DOTALL);
    private static final Pattern WHOLE = Pattern.compile("\\d{1,9}");

    private Numbered() {}

    /**
     * {@return the name of the one so many behind the first} One that ends in a number continues it, with its leading zeros while there is
     * room for them: {@code 09} becomes {@code 10}. Behind others a space and 1, 2 ... are put.
     *
     * @param first as the first was asked to be called
     * @param index 0 = the first. @param count how many there are; one alone is called as it was asked for
     */
    public static String at(String first, int index, int count) {
        var ending = ENDING.matcher(first);
        if (ending.matches()) {
            return ending.group(1) + on(ending.group(2), index);
        }
        return count == 1 ? first : first.isEmpty() ? first : first + " " + (index + 1);
    }

    private static String on(String number, int by) {
        var next = new BigInteger(number).add(BigInteger.valueOf(by)).toString();
        return "0".repeat(Math.max(0, number.length() - next.length())) + next;
    }

    /** {@return the number after the highest among ids that are numbers; {@code 1} without any} */
    public static String next(Collection<String> ids) {
        int highest = ids.stream().filter(id -> WHOLE.matcher(id).matches()).mapToInt(Integer::parseInt).max().orElse(0);
        return String.valueOf(highest + 1);
    }
}
