import { coverDepths } from "../background/cover";
import { gripOf } from "../background/finishes";
import { judgedWall, wholeBond } from "../background/layers";
import { BUILD_UPS, type BuildUpId, FINISHES, type FinishId } from "../background/names";
import type { Wall } from "../background/schema";
import { planBackground } from "../background/trade";
import type { LocalMinutes } from "../design/localTime";
import { schedule } from "../diary/schedule";
import type { Supply } from "../ledgers/ledger";
import { settleWaits } from "../ledgers/milestones";
import type { Site } from "../shell/site";
import { priceOf } from "./price";

/** One way of building or finishing a wall, reckoned for that wall alone. */
export interface WayOfWall {
  /** What it takes at the price of what is used, minor units; null while a price is missing. */
  costMinor: number | null;
  handsOnMinutes: number;
  /** In the builder's own hours, from the first step to the last coat set; airing apart. */
  days: number;
  airsDays: number;
  kg: number;
  /** Left of the room's depth (back) or width (sides), mm. */
  netMm: number;
  grip: ReturnType<typeof gripOf>;
  /** The worst bond of its layers. */
  holds: "holds" | "holdsIf" | "risky" | "never" | "unknown";
}

const DRY = { status: "testedBeforeDressing" } as const;

/** The site with the given walls, and no zones of other faces. */
const withWalls = (site: Site, walls: Wall[]): Site => ({
  ...site,
  variant: {
    ...site.variant,
    background: {
      ...site.variant.background,
      walls,
      zones: site.variant.background.zones.filter((z) => walls.some((w) => w.face === z.face)),
    },
  },
});

const sum = (list: readonly (number | null)[]): number | null =>
  list.reduce<number | null>((total, n) => (total === null || n === null ? null : total + n), 0);

const RANK = { holds: 0, unknown: 1, holdsIf: 2, risky: 3, never: 4 } as const;

/** One wall as it would be, reckoned alone. */
export function wayOfWall(site: Site, wall: Wall, now: LocalMinutes): WayOfWall {
  const alone = withWalls(site, [{ ...wall, up: false }]);
  const { supplies, parts, steps, figures } = planBackground(alone, DRY);
  const airs = steps.find((s) => s.reaches?.includes("airedOut"));
  const entries = schedule(settleWaits(steps.filter((s) => s !== airs)), site.workshop.hours, now);
  const first = Math.min(...entries.map((e) => e.startAt));
  const last = Math.max(...entries.map((e) => e.readyAt));
  const bonds = judgedWall(site, wall).flatMap((l) => l.holding ?? []);
  const whole = wholeBond(site, wall)?.bond.holding;
  const worst = [...bonds, ...(whole ? [whole] : [])].reduce<WayOfWall["holds"]>(
    (a, b) => (RANK[b] > RANK[a] ? b : a),
    "holds",
  );
  const { profile } = site.shell;
  const depths = coverDepths({ background: { ...site.variant.background, walls: othersWith(site, wall) } }, site.shell);
  return {
    costMinor: sum([
      ...supplies.map((s: Supply) => priceOf(site, s.materialId, s.likely)),
      ...parts
        .filter((p) => p.kind === "panel")
        .map((p) => priceOf(site, p.materialId, p.lengthMm * p.widthMm * p.qty)),
    ]),
    handsOnMinutes: steps.reduce((n, s) => n + s.handsOnMinutes, 0),
    days: entries.length > 0 ? (last - first) / 1440 : 0,
    airsDays: (airs?.waitMinutes ?? 0) / 1440,
    kg: figures.find((f) => f.id === `background/${wall.face}/kg`)?.value ?? 0,
    netMm: wall.face === "back" ? profile.footDepthMm - depths.back : profile.footWidthMm - depths.left - depths.right,
    grip: gripOf(wall.finish, wall.fibre),
    holds: worst,
  };
}

const othersWith = (site: Site, wall: Wall): Wall[] => [
  ...site.variant.background.walls.filter((w) => w.face !== wall.face),
  wall,
];

/** Every build-up of a wall side by side, its finish kept. */
export const buildUpsOf = (site: Site, wall: Wall, now: LocalMinutes): (WayOfWall & { id: BuildUpId })[] =>
  BUILD_UPS.map((id) => ({ id, ...wayOfWall(site, { ...wall, buildUp: id }, now) }));

/** Every finish of a wall side by side, its build-up kept. A bare skin is left uncarved. */
export const finishesOf = (site: Site, wall: Wall, now: LocalMinutes): (WayOfWall & { id: FinishId })[] =>
  FINISHES.map((id) => ({ id, ...wayOfWall(site, finished(wall, id), now) }));

/** A wall with another finish: what is coated is carved first, what is left as foamed is not. */
export const finished = (wall: Wall, finish: FinishId): Wall => ({ ...wall, finish, skinOff: finish !== "bareSkin" });
