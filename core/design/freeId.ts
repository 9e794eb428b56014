/** The first id of a stem that none of some things has: `port-1`, `port-2`. */
export function freeId(taken: readonly { id: string }[], stem: string): string {
  let n = 1;
  while (taken.some((t) => t.id === `${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}
