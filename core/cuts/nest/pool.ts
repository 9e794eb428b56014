import type { Kind } from "./tree";

/** The parts without a place. Kinds that are in it are listed, so that a few are found among many at once. */
export interface Pool {
  left: number[];
  /** Kinds that may have some left; ones with none are dropped when the list is next read. */
  listed: number[];
  isListed: boolean[];
}

/** A pool of so many of each kind. */
export function poolOf(counts: readonly number[]): Pool {
  const left = [...counts];
  const listed = left.flatMap((n, kind) => (n > 0 ? [kind] : []));
  return { left, listed, isListed: left.map((n) => n > 0) };
}

/** Puts one part in. */
export function putIn(pool: Pool, kind: number): void {
  pool.left[kind]!++;
  if (!pool.isListed[kind]) {
    pool.isListed[kind] = true;
    pool.listed.push(kind);
  }
}

/** The kinds that have some left, in a list of their own. */
export function openKinds({ left, listed, isListed }: Pool): number[] {
  let kept = 0;
  for (let i = 0; i < listed.length; i++) {
    const kind = listed[i]!;
    if (left[kind]! > 0) listed[kept++] = kind;
    else isListed[kind] = false;
  }
  listed.length = kept;
  return listed.slice();
}

/** Area of all that is in it, µm². */
export const poolArea = (kinds: readonly Kind[], { left }: Pick<Pool, "left">): number =>
  left.reduce((sum, n, i) => sum + n * kinds[i]!.area, 0);
