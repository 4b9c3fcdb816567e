import type { ChannelRow, FunctionBar } from '#/api/types';

/** What a panel is about that acts on a function as a whole. */
export type FunctionPanel = { channel: ChannelRow; bar: FunctionBar; close: () => void };
