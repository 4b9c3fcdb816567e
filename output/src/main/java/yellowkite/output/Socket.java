package yellowkite.output;

import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.SocketTimeoutException;
import java.nio.ByteBuffer;
import java.util.Optional;

/** A UDP port of ours. */
final class Socket implements AutoCloseable {
    private static final int LARGEST = 65_535;
    private final DatagramSocket socket;

    /** On the interface that leads to an address. */
    Socket(InetAddress towards) throws IOException {
        socket = towards.isLoopbackAddress() ? new DatagramSocket(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0))
                : new DatagramSocket();
    }

    void send(byte[] bytes, InetSocketAddress to) throws IOException {
        socket.send(new DatagramPacket(bytes, bytes.length, to));
    }

    /** {@return the next datagram; empty where none comes in that time} @param millis at least 1 */
    Optional<ByteBuffer> receive(int millis) throws IOException {
        var packet = new DatagramPacket(new byte[LARGEST], LARGEST);
        socket.setSoTimeout(Math.max(1, millis));
        try {
            socket.receive(packet);
            return Optional.of(ByteBuffer.wrap(packet.getData(), 0, packet.getLength()).slice());
        } catch (SocketTimeoutException silent) {
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        socket.close();
    }
}
