package yellowkite.core.wire;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.StandardProtocolFamily;
import java.net.StandardSocketOptions;
import java.nio.ByteBuffer;
import java.nio.channels.ClosedChannelException;
import java.nio.channels.DatagramChannel;

/** A UDP port, and the thread that hears it. */
public abstract class Ear implements AutoCloseable {
    private static final System.Logger LOG = System.getLogger(Ear.class.getName());
    private static final int BUFFER = 4 << 20;
    private static final int LARGEST = 65_535;
    private final DatagramChannel channel;
    private final Thread ear;
    private final int port;

    /** On loopback. @param wanted 0 = any that is free */
    protected Ear(String name, int wanted) throws IOException {
        this(name, InetAddress.getLoopbackAddress(), wanted);
    }

    /** @param at address of this machine. @param wanted 0 = any that is free */
    protected Ear(String name, InetAddress at, int wanted) throws IOException {
        channel = DatagramChannel.open(StandardProtocolFamily.INET);
        channel.setOption(StandardSocketOptions.SO_RCVBUF, BUFFER);
        try {
            channel.bind(new InetSocketAddress(at, wanted));
        } catch (IOException taken) {
            channel.close();
            throw taken;
        }
        this.port = ((InetSocketAddress) channel.getLocalAddress()).getPort();
        ear = new Thread(this::hear, name);
        ear.setDaemon(true);
    }

    public final void open() {
        ear.start();
    }

    public final int port() {
        return port;
    }

    protected final DatagramChannel channel() {
        return channel;
    }

    /** A datagram came. What is malformed is dropped. */
    protected abstract void take(ByteBuffer datagram, InetSocketAddress from) throws IOException;

    protected final void send(byte[] bytes, InetSocketAddress to) throws IOException {
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
            } catch (RuntimeException failed) { // a flaw of ours; whoever sends next is heard all the same
                LOG.log(System.Logger.Level.WARNING, "A datagram could not be taken", failed);
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
