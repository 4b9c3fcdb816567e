/**
 * A simulated fixture, as a program of its own on loopback. {@link yellowkite.sim.SimulatedFixture} is the fixture: what arrives, what it
 * does with it and what it says over RDM; {@link yellowkite.sim.RunningSim} one with its doors open; {@link yellowkite.sim.Sim} is the
 * command.
 */
@NullMarked
package yellowkite.sim;

import org.jspecify.annotations.NullMarked;
