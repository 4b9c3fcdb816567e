/** A number with its noun: 1 channel, 2 channels. */
export function counted(count: number, one: string, many: string) {
  return `${count} ${count === 1 ? one : many}`;
}
