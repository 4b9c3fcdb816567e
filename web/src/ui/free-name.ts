/** A name that none of the others has: the wanted one, or that with a number. */
export function freeName(others: { name: string }[], wanted: string) {
  let name = wanted;
  for (let number = 2; others.some((each) => each.name === name); number++) name = `${wanted} ${number}`;
  return name;
}
