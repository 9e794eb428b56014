import { set, setMm } from "../../ledgers/fix";
import type { Fix, Snag } from "../../ledgers/ledger";
import { materialsOf } from "../../materials/find";
import { capital } from "../../units/capital";
import { formatNumber } from "../../units/format";
import { BINDS } from "../binds";
import { FREE_MM, sizeDoor } from "../door/door";
import { airWords, SEASON_WORDS } from "../door/ends";
import { type DoorResult, EDGES, type Edge } from "../door/format";
import type { Here } from "../kind";
import type { LeafJob } from "./job";
import type { Leafed } from "./schema";
import { settled } from "./start";
import { tightened } from "./tighten";
import type { LeafWords } from "./words";

/** The edges whose clearance is under what neither end of the climate nor the swing takes. */
const tight = (job: LeafJob, { gaps }: DoorResult): { edge: Edge; leastMm: number }[] =>
  EDGES.filter((edge) => edge !== "hinge" && gaps[edge]).flatMap((edge) => {
    const leastMm = tightened(job, edge);
    return leastMm !== undefined && leastMm > job.input.clearanceMm[edge] + 1e-6 ? [{ edge, leastMm }] : [];
  });

/** The closure of another bar, with the least clearances at which it binds nowhere. */
const ofBar = ({ site, opening }: Here, { made, hanging }: LeafJob, bar: string): Leafed =>
  settled(
    site,
    opening,
    { ...made, leaf: { ...made.leaf, frame: made.leaf.frame && { ...made.leaf.frame, bar } } },
    hanging,
  );

/** What all edges take, mm: the less, the less it moves. */
const roomMm = ({ clearance }: Leafed): number =>
  EDGES.reduce((sum, edge) => sum + (edge === "hinge" ? 0 : clearance[edge].value), 0);

/** Bars that move less, with the clearances they want; those nearest in width first. */
function stillerBars(here: Here, job: LeafJob): Fix[] {
  const { bar, made } = job;
  if (!bar) return [];
  const now = roomMm(ofBar(here, job, bar.id));
  return materialsOf(here.site.book, "bar")
    .filter((b) => b.id !== bar.id)
    .map((b) => ({ b, door: ofBar(here, job, b.id) }))
    .filter(({ door }) => roomMm(door) < now)
    .sort((x, y) => Math.abs(x.b.widthMm - bar.widthMm) - Math.abs(y.b.widthMm - bar.widthMm))
    .slice(0, 3)
    .map(({ b, door }) => {
      const changed = EDGES.filter((edge) => door.clearance[edge].value !== made.clearance[edge].value);
      return {
        label: `Make it of ${b.name.toLowerCase()}, with the clearances that takes`,
        patch: [
          set(`${here.path}/leaf/frame/bar`, b.id),
          ...changed.map((edge) => set(`${here.path}/clearance/${edge}`, door.clearance[edge])),
        ],
      };
    });
}

/** Whether the leaves still open at both ends of the climate, and clear the jamb as they swing. */
export function bindingSnags(here: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Snag[] {
  const { site, path, own, id } = here;
  const { bindsAt } = sized;
  if (bindsAt === null) return [];
  const { say } = site;
  const edges = tight(job, sized);
  const clear: Fix = {
    label: `Leave ${edges.map(({ edge, leastMm }) => `${say(leastMm, "up")} ${words.edges[edge]}`).join(", ")}`,
    patch: edges.map(({ edge, leastMm }) => setMm(`${path}/clearance/${edge}`, leastMm)),
  };
  const common = { subject: own(words.one), severity: "stop", stage: "front" } as const;
  if (bindsAt === "swing")
    return [
      {
        ...common,
        rule: "front/bites-the-jamb",
        title: `The ${words.one} bites the jamb as it swings`,
        sentence: `Its free edge needs ${say(sized.swingClearMm, "up")} to pass, √(width² + thickness²) − width, and has less once cutting is allowed for.`,
        reason: "A thick leaf turns about its hinge and reaches further out than it is wide before it is clear.",
        ...(edges.length > 0 && { fix: clear }),
        figure: id(`${words.one}-swing`),
      },
    ];
  const { wet, dry, made } = job.input;
  const end = bindsAt === "wet" ? wet : dry;
  const wood = job.bar?.moisturePerPercent
    ? ` Its wood goes from ${formatNumber(made.moisturePercent, 1)} % to ${formatNumber(end.moisturePercent, 1)} %.`
    : "";
  const one = edges[0];
  return [
    {
      ...common,
      rule: BINDS,
      title: `The ${words.all} will bind when it is ${SEASON_WORDS[bindsAt]}`,
      sentence: `At ${airWords(job.ends[bindsAt])} less than ${say(FREE_MM)} is left ${one ? words.edges[one.edge] : "round it"}.${wood}`,
      reason:
        "Sized from the opening's and the leaf's own movement, with what saw and hand may be off. A door that shuts in winter and not in August is planed in place, over animals.",
      ...(edges.length > 0 && { fix: clear }),
      otherFixes: stillerBars(here, job),
      ...(one && { figure: id(`${words.one}-gap-${one.edge}`) }),
    },
  ];
}

/** A leaf that cannot be made as it is drawn. */
export function unmakeable({ own, site, path }: Here, job: LeafJob, words: LeafWords): Snag[] {
  const { sized, made, bar } = job;
  if (sized.ok) return [];
  const bars = made.leaf.frame
    ? materialsOf(site.book, "bar").filter(
        (b) =>
          b.id !== bar?.id &&
          sizeDoor({
            ...job.input,
            leaf: {
              ...job.input.leaf,
              frame: job.input.leaf.frame && { ...job.input.leaf.frame, barWidthMm: b.widthMm },
            },
          }).ok,
      )
    : [];
  return [
    {
      rule: "front/leaf-cannot-be-made",
      subject: own(words.one),
      severity: "stop",
      stage: "front",
      title: `The ${words.one} cannot be made so`,
      sentence: `${capital(sized.message)}.`,
      reason: "Nothing is cut or bought for it until it can be.",
      otherFixes: bars.map((b) => ({
        label: `Make it of ${b.name.toLowerCase()}`,
        patch: [set(`${path}/leaf/frame/bar`, b.id)],
      })),
    },
  ];
}
