/**
 * What stands on the wire, as values: {@link yellowkite.core.wire.sacn.SacnPacket} (ANSI E1.31),
 * {@link yellowkite.core.wire.artnet.ArtPacket} (Art-Net 4), {@link yellowkite.core.wire.rdm.RdmMessage} (ANSI E1.20) and
 * {@link yellowkite.core.wire.osc.OscPacket} (OSC 1.0), each with its reader and its writer. Readers answer with nothing where a packet is
 * not whole and true; nothing else knows bytes of the wire.
 */
@NullMarked
package yellowkite.core.wire;

import org.jspecify.annotations.NullMarked;
