package yellowkite.sim;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.StandardProtocolFamily;
import java.net.StandardSocketOptions;
import java.nio.ByteBuffer;
import java.nio.channels.ClosedChannelException;
import java.nio.channels.DatagramChannel;

/** A UDP port on loopback, and the thread that hears it. */
abstract class Door implements AutoCloseable {
    private static final int BUFFER = 4 << 20;
    private static final int LARGEST = 65_535;
    private final DatagramChannel channel;
    private final Thread ear;
    private final int port;

    /** @param wanted 0 = any that is free */
    Door(String name, int wanted) throws IOException {
        channel = DatagramChannel.open(StandardProtocolFamily.INET);
        channel.setOption(StandardSocketOptions.SO_RCVBUF, BUFFER);
        try {
            channel.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), wanted));
        } catch (IOException taken) {
            channel.close();
            throw taken;
        }
        this.port = ((InetSocketAddress) channel.getLocalAddress()).getPort();
        ear = new Thread(this::hear, name);
        ear.setDaemon(true);
    }

    final void open() {
        ear.start();
    }

    final int port() {
        return port;
    }

    final DatagramChannel channel() {
        return channel;
    }

    /** A datagram came. What is malformed is dropped. */
    abstract void take(ByteBuffer datagram, InetSocketAddress from) throws IOException;

    final void send(byte[] bytes, InetSocketAddress to) throws IOException {
        channel.send(ByteBuffer.wrap(bytes), to);
    }

    private void hear() {
        var datagram = ByteBuffer.allocate(LARGEST);
        while (channel.isOpen()) {
            try {
                datagram.clear();
                var from = (InetSocketAddress) channel.receive(datagram);
                take(datagram.flip(), from);
            } catch (ClosedChannelException closed) {
                return;
            } catch (IOException failed) {
                // an answer that nobody was there for any more; the next datagram is heard
            }
        }
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
