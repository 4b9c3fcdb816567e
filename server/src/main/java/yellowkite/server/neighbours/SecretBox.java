package yellowkite.server.neighbours;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.Base64;
import javax.crypto.Cipher;
import javax.crypto.SecretKey;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Keeps secrets so that the database alone gives none away: encrypted (AES-GCM) by a key that lies in a file beside it. Several servers on
 * one database share the key by {@code KITE_SECRETS_KEY}.
 */
@Component
class SecretBox {
    private static final int KEY_BYTES = 32;
    private static final int NONCE_BYTES = 12;
    private static final int TAG_BITS = 128;
    private static final String CIPHER = "AES/GCM/NoPadding";
    private final SecureRandom random = new SecureRandom();
    private final SecretKey key;

    SecretBox(@Value("${kite.home}") Path home, @Value("${KITE_SECRETS_KEY:}") String shared) {
        key = new SecretKeySpec(shared.isEmpty() ? own(home.resolve("neighbours.key")) : requireKey(shared), "AES");
    }

    private static byte[] requireKey(String text) {
        var bytes = Base64.getDecoder().decode(text);
        if (bytes.length != KEY_BYTES) {
            throw new IllegalArgumentException("KITE_SECRETS_KEY has to be " + KEY_BYTES + " bytes in Base64, was " + bytes.length);
        }
        return bytes;
    }

    private byte[] own(Path file) {
        try {
            if (Files.notExists(file)) {
                var fresh = new byte[KEY_BYTES];
                random.nextBytes(fresh);
                Files.createDirectories(file.toAbsolutePath().getParent());
                Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
                Files.write(file, fresh, StandardOpenOption.WRITE);
            }
            return Files.readAllBytes(file);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
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
