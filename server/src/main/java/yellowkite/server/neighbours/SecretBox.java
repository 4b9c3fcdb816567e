package yellowkite.server.neighbours;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Base64;
import java.util.Set;
import javax.crypto.Cipher;
import javax.crypto.SecretKey;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import yellowkite.server.database.CannotStart;

/**
 * Keeps secrets so that the database alone gives none away: encrypted (AES-GCM) by a key that lies in a file beside it. Several servers on
 * one database share the key by {@code KITE_SECRETS_KEY}.
 */
@Component
class SecretBox {
    private static final int KEY_BYTES = 32;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;
    private static final FileAttribute<Set<PosixFilePermission>> OUR_OWN = PosixFilePermissions
        .asFileAttribute(PosixFilePermissions.fromString("rw-------"));
    private static final String CIPHER = "AES/GCM/NoPadding";
    private final SecureRandom random = new SecureRandom();
    private final SecretKey key;

    SecretBox(@Value("${kite.home}") Path home, @Value("${KITE_SECRETS_KEY:}") String shared) {
        key = new SecretKeySpec(shared.isEmpty() ? own(home.resolve("neighbours.key")) : shared(shared), "AES");
    }

    private static byte[] shared(String text) {
        try {
            return requireKey(Base64.getDecoder().decode(text), "KITE_SECRETS_KEY");
        } catch (IllegalArgumentException none) {
            throw new CannotStart("KITE_SECRETS_KEY has to be " + KEY_BYTES + " bytes in Base64.");
        }
    }

    private static byte[] requireKey(byte[] bytes, String where) {
        if (bytes.length != KEY_BYTES) {
            throw new CannotStart(where + " has to hold " + KEY_BYTES + " bytes, and holds " + bytes.length
                    + ". Bring the right one back, or remove it and type the secrets of the neighbours again.");
        }
        return bytes;
    }

    /** Whole or not at all: whoever is cut off makes another one. */
    private byte[] own(Path file) {
        try {
            if (Files.notExists(file)) {
                var fresh = new byte[KEY_BYTES];
                random.nextBytes(fresh);
                Files.createDirectories(file.toAbsolutePath().getParent());
                var made = Files.createTempFile(file.toAbsolutePath().getParent(), "key", "", OUR_OWN);
                Files.write(made, fresh);
                Files.move(made, file, StandardCopyOption.ATOMIC_MOVE);
            }
            return requireKey(Files.readAllBytes(file), file.toString());
        } catch (IOException cannot) {
            throw new CannotStart("The key of the neighbours' secrets, " + file + ", cannot be read or made: " + cannot.getMessage());
        }
    }

    byte[] lock(String secret) {
        var nonce = new byte[NONCE_BYTES];
        random.nextBytes(nonce);
        try {
            var cipher = Cipher.getInstance(CIPHER);
            cipher.init(Cipher.ENCRYPT_MODE, key, new GCMParameterSpec(TAG_BITS, nonce));
            var locked = cipher.doFinal(secret.getBytes(StandardCharsets.UTF_8));
            var both = Arrays.copyOf(nonce, NONCE_BYTES + locked.length);
            System.arraycopy(locked, 0, both, NONCE_BYTES, locked.length);
            return both;
        } catch (GeneralSecurityException none) {
            throw new IllegalStateException("this Java cannot encrypt", none);
        }
    }

    /** @throws NeighbourTrouble if it was locked by another key */
    String open(byte[] both) {
        try {
            var cipher = Cipher.getInstance(CIPHER);
            cipher.init(Cipher.DECRYPT_MODE, key, new GCMParameterSpec(TAG_BITS, both, 0, NONCE_BYTES));
            return new String(cipher.doFinal(both, NONCE_BYTES, both.length - NONCE_BYTES), StandardCharsets.UTF_8);
        } catch (GeneralSecurityException | IllegalArgumentException other) {
            throw new NeighbourTrouble("The secret of this neighbour cannot be read with the key of this server. Type it again.", false);
        }
    }
}
