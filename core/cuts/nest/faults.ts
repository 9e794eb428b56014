import type { NestInstance, NestSolution } from "./format";

const EPS = 1e-6;
type Rect = { x: number; y: number; w: number; h: number };

/**
 * An independent judge: knows nothing of the cut tree. A set of rectangles can be cut apart edge to edge when some line
 * across all of them leaves a kerf between its two sides, and each side can be cut apart in turn.
 */
export function separable(parts: Rect[], kerf: number): boolean {
  if (parts.length <= 1) return true;
  for (const [start, size] of [
    ["x", "w"],
    ["y", "h"],
  ] as const) {
    for (const edge of parts.map((p) => p[start] + p[size])) {
      const low = parts.filter((p) => p[start] + p[size] <= edge + EPS);
      const high = parts.filter((p) => p[start] >= edge + kerf - EPS);
      if (low.length > 0 && high.length > 0 && low.length + high.length === parts.length)
        return separable(low, kerf) && separable(high, kerf);
    }
  }
  return false;
}

/**
 * What is wrong with an answer, by a judge that shares nothing with the search.
 * @returns sentences, none for a sound answer
 */
export function nestFaults(instance: NestInstance, solution: NestSolution): string[] {
  const found: string[] = [];
  const used = new Map<string, number>();
  const placed = new Map<string, number>();
  for (const sheet of solution.sheets) {
    const stock = instance.stock.find((s) => s.id === sheet.stock);
    if (!stock) return [`no such stock ${sheet.stock}`];
    used.set(stock.id, (used.get(stock.id) ?? 0) + 1);
    const trim = stock.trim ?? instance.trim;
    for (const p of sheet.parts) {
      placed.set(p.partId, (placed.get(p.partId) ?? 0) + 1);
      const part = instance.parts.find((q) => q.id === p.partId)!;
      if (p.rotated && !part.rotate) found.push(`${p.partId} turned against its grain`);
      const [w, h] = p.rotated ? [part.h, part.w] : [part.w, part.h];
      if (Math.abs(p.w - w) > EPS || Math.abs(p.h - h) > EPS) found.push(`${p.partId} has another size`);
      if (p.x < trim - EPS || p.y < trim - EPS || p.x + p.w > stock.w - trim + EPS || p.y + p.h > stock.h - trim + EPS)
        found.push(`${p.partId} outside the trimmed sheet`);
    }
    if (!separable([...sheet.parts, ...sheet.offcuts], instance.kerf))
      found.push(`sheet ${sheet.stock} cannot be sawn edge to edge`);
  }
  for (const stock of instance.stock)
    if (stock.count !== null && (used.get(stock.id) ?? 0) > stock.count) found.push(`too many of ${stock.id}`);
  for (const part of instance.parts) {
    const listed = solution.unplaced.find((u) => u.partId === part.id)?.qty ?? 0;
    if ((placed.get(part.id) ?? 0) + listed !== part.qty) found.push(`${part.id}: parts lost or made up`);
    const still = instance.stock.some((s) => {
      const t = 2 * (s.trim ?? instance.trim);
      const fits = (part.w <= s.w - t && part.h <= s.h - t) || (part.rotate && part.h <= s.w - t && part.w <= s.h - t);
      return fits && (s.count === null || (used.get(s.id) ?? 0) < s.count);
    });
    if (listed > 0 && still) found.push(`${part.id} left out though a sheet is to be had`);
  }
  const cost = solution.sheets.reduce((sum, s) => sum + instance.stock.find((t) => t.id === s.stock)!.price, 0);
  if (solution.unplaced.length === 0 && cost < solution.bound.cost - EPS)
    found.push("cheaper than its own lower bound");
  return found;
}
