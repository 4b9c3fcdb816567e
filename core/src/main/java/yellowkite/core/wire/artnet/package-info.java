/** Art-Net: universes, devices and RDM over the network. Source: Art-Net 4. */
@NullMarked
package yellowkite.core.wire.artnet;

import org.jspecify.annotations.NullMarked;
