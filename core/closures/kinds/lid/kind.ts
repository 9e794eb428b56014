import { isMade } from "../../../design/found";
import { levelSlot } from "../../../escape/airPath";
import { memory } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type Step } from "../../../ledgers/ledger";
import type { ClosureKind, Here } from "../../kind";
import { lockSteps, lockSupplies } from "../../lock/lock";
import { type Lid, newLid } from "./schema";

/** How much a lid shifts on its rim, ± mm. */
const LID_SEAT = { value: 0.5, basis: memory } as const;
/** Screen lids are held by a clip this often along the rim (source: doors-and-gaps). */
const CLIP_EVERY_MM = 300;
/** To set one clip. */
const CLIP_MINUTES = { value: 2, basis: memory } as const;

function clipSnags({ site, opening, path, own }: Here, { clips }: Lid): Snag[] {
  const roundMm = 2 * (opening.widthMm + opening.heightMm);
  const wanted = Math.ceil(roundMm / CLIP_EVERY_MM);
  if (clips >= wanted) return [];
  return [
    {
      rule: "front/few-clips",
      subject: own("lid"),
      severity: "mind",
      stage: "front",
      title: "Too few clips on the lid",
      sentence: `${clips} along ${site.say(roundMm)} of rim; one each ${site.say(CLIP_EVERY_MM)} makes ${wanted}.`,
      reason: "Between clips a frame bows and a nose lifts it (trade practice, no source).",
      fix: { label: `Use ${wanted} clips`, patch: [set(`${path}/clips`, wanted)] },
    },
  ];
}

/** Clips along the rim, once the shell stands. */
function clipSteps({ id }: Here, { clips }: Lid): Step[] {
  if (clips === 0) return [];
  return [
    {
      id: id("clips"),
      title: "Clip the lid on",
      detail: `${clips} ${clips === 1 ? "clip" : "clips"}, evenly round the rim, each tried with a finger.`,
      stage: "front",
      handsOnMinutes: clips * CLIP_MINUTES.value,
      waitMinutes: 0,
      after: [
        { reached: "stands", because: "the lid is tried on the rim it shuts" },
        { reached: "fetched", because: "the clips must be there" },
      ],
      reaches: ["closed"],
      uses: ["lid-clip"],
      splittable: true,
      toHand: ["clips"],
      cautions: [],
      passSign: "The frame lies on the rim all round and does not lift between clips.",
    },
  ];
}

/** A lid made for a shell that is open above. */
export const lid: ClosureKind<Lid> = {
  kind: "lid",
  label: "a lid, its gap typed",
  suits: ({ face }) => face === "top",
  summary: () => "under a lid",
  what: () => "lid",
  unlocked: () => "What leans on the lid opens it in the end.",
  check: ({ gap }, path, { between }) => between(`${path}/gap`, gap, 0, 50, "The gap round the lid"),
  start: (_, opening) => newLid(opening.id),
  startWords: () => ({ button: "Put a lid on", about: "" }),
  offers: (site, opening, { patch, words }) =>
    [null, { kind: "key", origin: "made" } as const].map((lock) => ({
      label: `Put a lid on${words}`,
      patch: [set(site.at("/closures/-"), newLid(opening.id, lock)), ...patch],
    })),
  leaves: () => [],
  ways: ({ site, own, opening }, { gap, clips }) => [
    {
      ...{ id: own("lid"), where: opening.face, stage: "front", cover: `${clips} clips` },
      way: { name: "round the lid", kind: "slot", nominalMm: gap.value, toleranceMm: [LID_SEAT.value] },
      air: levelSlot(gap.value, 2 * (opening.widthMm + opening.heightMm), site.shell.levels.topMm),
    },
  ],
  plan: (here, closure) => ({
    ...emptyLedger(),
    supplies: [
      ...(closure.clips > 0 && isMade(closure)
        ? [
            {
              id: here.id("lid-clip"),
              label: "Lid clips",
              materialId: "lid-clip",
              unit: "piece" as const,
              ...{ likely: closure.clips, low: closure.clips, high: closure.clips },
              why: "round the rim",
            },
          ]
        : []),
      ...lockSupplies(here, closure),
    ],
    steps: [
      ...(isMade(closure) ? clipSteps(here, closure) : []),
      ...lockSteps(here, closure, "Shut it, and fit the lock where it opens."),
    ],
    snags: clipSnags(here, closure),
  }),
};
