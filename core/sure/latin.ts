import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** Numbers thrown away first: near seeds begin alike. */
const BEGIN_ALIKE = 32;

/** Numbers over 0 and under 1, the same for the same seed. */
export function uniforms(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  for (let i = 0; i < BEGIN_ALIKE; i++) generator.next();
  return () => ((generator.next() >>> 0) + 0.5) / 2 ** 32;
}

/**
 * A Latin hypercube (source: mckay-1979): in each direction as many equal slices as there are points, and one point in each.
 * @param points how many
 * @param directions how many
 * @returns a list for each point, a share over 0 and under 1 in each direction
 */
export function latinHypercube(points: number, directions: number, seed: number): number[][] {
  const random = uniforms(seed);
  const columns = Array.from({ length: directions }, () => {
    const order = Array.from({ length: points }, (_, i) => i);
    for (let i = points - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1));
      [order[i], order[j]] = [order[j]!, order[i]!];
    }
    return order.map((slice) => (slice + random()) / points);
  });
  return Array.from({ length: points }, (_, i) => columns.map((column) => column[i]!));
}
