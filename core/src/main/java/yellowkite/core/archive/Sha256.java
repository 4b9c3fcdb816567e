package yellowkite.core.archive;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.stream.Collectors;

/** The name of content: 64 hexadecimal digits, lower case. */
public final class Sha256 {
    private Sha256() {}

    public static String of(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** {@return the names of some contents, by path} */
    public static Map<String, String> ofAll(Map<String, byte[]> files) {
        return files.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, each -> of(each.getValue())));
    }

    /** {@return the name of a whole file: of its description and its other entries by path} */
    public static String ofFile(String description, Map<String, String> entries) {
        var text = new StringBuilder(description);
        entries.entrySet()
            .stream()
            .sorted(Map.Entry.comparingByKey())
            .forEach(each -> text.append('\n').append(each.getKey()).append('\0').append(each.getValue()));
        return of(text.toString().getBytes(StandardCharsets.UTF_8));
    }
}
