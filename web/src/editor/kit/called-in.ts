import type { ChannelRow } from '#/api/types';

/** A channel as lists call it. */
export function calledIn(channel: ChannelRow) {
  return `${channel.addresses[0] ?? 'virtual'} ${channel.pretty}`;
}
