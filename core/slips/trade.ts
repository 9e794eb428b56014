import type { Figure } from "../figures/figure";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { slipJob } from "./job";
import { layOut, type SlipJob, type SlipLayout } from "./layout";
import type { Slips } from "./schema";
import { cutsStage } from "./stage";

/** Slips and tiles laid out on their faces: joints, counts, what is over, and what is short. */
function planSlips(site: Site): TradeLedger {
  const { faces } = site.shell;
  const laid = site.variant.slips.map((slips, i) => {
    const job = slipJob(slips, faces);
    return { slips, i, job, layout: layOut(job) };
  });
  return {
    ...emptyLedger(),
    figures: laid.flatMap(({ slips, job, layout }) => (layout ? slipFigures(slips, job, layout) : [])),
    snags: laid.flatMap(({ slips, i, job, layout }): Snag[] => {
      if (layout) return [];
      const bought = layOut({ ...job, onHand: null });
      return [
        {
          rule: "cuts/slips-do-not-fit",
          subject: slips.id,
          severity: "mind",
          stage: "cuts",
          title: bought
            ? `Too few ${slips.name.toLowerCase()} for the ${slips.face}`
            : `${slips.name} do not fit the ${slips.face}`,
          sentence: bought
            ? `${job.onHand} are on hand; at a joint of ${site.say(bought.jointAcrossMm)} it takes ${bought.needed} with breakage.`
            : `Not one of ${site.say(job.widthMm)} × ${site.say(job.heightMm)} fits ${site.say(Math.max(0, job.faceWidthMm - 2 * job.edgeMm))} × ${site.say(Math.max(0, job.faceHeightMm - 2 * job.edgeMm))}.`,
          reason: `Joints wider than ${site.say(40)} gape; that limit is from memory.`,
          ...(bought && {
            fix: {
              label: "Buy as many as it takes",
              patch: [{ op: "replace" as const, path: site.at(`/slips/${i}/onHand`), value: null }],
            },
          }),
        },
      ];
    }),
  };
}

function slipFigures(slips: Slips, job: SlipJob, layout: SlipLayout): Figure[] {
  const inputs = (room: number, piece: number, n: number) => [
    { name: "room", value: room, unit: "mm" },
    { name: "piece", value: piece, unit: "mm" },
    { name: "pieces in a row", value: n, unit: "" },
  ];
  return [
    {
      id: `slips/${slips.id}/joint-across`,
      label: `Joint across, ${slips.name}`,
      value: layout.jointAcrossMm,
      unit: "mm",
      formula: "(room − pieces × piece) ÷ (pieces − 1), for the number that comes nearest the joint wanted",
      inputs: inputs(job.faceWidthMm - 2 * job.edgeMm, job.widthMm, layout.columns),
    },
    {
      id: `slips/${slips.id}/joint-up`,
      label: `Joint up, ${slips.name}`,
      value: layout.jointUpMm,
      unit: "mm",
      formula: "(room − rows × piece) ÷ (rows − 1)",
      inputs: inputs(job.faceHeightMm - 2 * job.edgeMm, job.heightMm, layout.rows),
    },
    {
      id: `slips/${slips.id}/needed`,
      label: `Pieces, ${slips.name}`,
      value: layout.needed,
      unit: "",
      formula: "whole ones, and one for every two halves; with breakage, rounded up",
      inputs: [
        { name: "whole", value: layout.whole, unit: "" },
        { name: "halves", value: layout.halves, unit: "" },
        { name: "breakage, as typed", value: job.breakage * 100, unit: "%" },
      ],
    },
  ];
}

export const slipsTrade: Trade = {
  id: "slips",
  stage: cutsStage,
  reads: ["slips"],
  needs: [],
  gives: [],
  check({ slips: all }, { between, add }) {
    all.forEach((slips, i) => {
      const path = `/slips/${i}`;
      if (all.findIndex((o) => o.id === slips.id) !== i) add(`${path}/id`, "Two fields of slips share this id.");
      between(`${path}/width`, slips.width, 5, 2000, "A slip's width");
      between(`${path}/height`, slips.height, 5, 2000, "A slip's height");
      between(`${path}/joint`, slips.joint, 0, 40, "A joint");
      between(`${path}/edge`, slips.edge, 0, 500, "The edge left free");
      between(`${path}/foot`, slips.foot, 0, 3000, "The foot");
      if (slips.breakagePercent.value < 0 || slips.breakagePercent.value > 50)
        add(`${path}/breakagePercent`, "Breakage is between 0 and 50 of a hundred.");
      if (slips.onHand && (slips.onHand.value < 0 || slips.onHand.value > 10_000))
        add(`${path}/onHand`, "On hand: between 0 and 10 000 pieces.");
      const { packOf } = slips;
      if (packOf && (!Number.isInteger(packOf.value) || packOf.value < 1 || packOf.value > 10_000))
        add(`${path}/packOf`, "A pack holds a whole number of pieces, from 1 to 10 000.");
      if (slips.packPrice && (slips.packPrice.value < 0 || slips.packPrice.value > 100_000))
        add(`${path}/packPrice`, "A pack's price is between 0 and 100 000.");
    });
  },
  plan: planSlips,
};
