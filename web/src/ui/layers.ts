/** Spans that share values lie under each other: rows of spans that do not. */
export function layered<T extends { from: number; to: number }>(spans: readonly T[]): T[][] {
  const rows: T[][] = [];
  for (const each of spans) {
    const row = rows.find((others) => others.every((other) => other.to < each.from || each.to < other.from));
    if (row) row.push(each);
    else rows.push([each]);
  }
  return rows.length === 0 ? [[]] : rows;
}
