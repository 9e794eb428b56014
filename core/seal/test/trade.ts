import type { Figure } from "../../figures/figure";
import { constant } from "../../figures/figure";
import { WATER } from "../../figures/water";
import { fact } from "../../ledgers/facts";
import { emptyLedger, type Snag, type TradeLedger } from "../../ledgers/ledger";
import type { Log } from "../../log/schema";
import type { Site } from "../../shell/site";
import type { Trade } from "../../trade/trade";
import { type Holding, holdingOf } from "../holding";
import { sealStage } from "../stage";
import { testLevel } from "../testLevel";
import { waterStands } from "../water";
import { TEST } from "./facts";
import { sealedAs } from "./sealedAs";
import { type TestStanding, testStanding } from "./standing";

/** What the water test takes, and where it stands by the log. */
function planTest(site: Site, log: Log): TradeLedger {
  const { levelMm } = testLevel(site.shell.levels);
  const holding = holdingOf(site.shell, levelMm);
  const test = testStanding(log, site.shell.levels, sealedAs(site), holding.areaM2, site.brief.units);
  const facts = [fact(TEST, test)];
  if (!waterStands(site)) return { ...emptyLedger(), facts };
  return { ...emptyLedger(), facts, snags: testSnags(site, test), figures: testFigures(levelMm, holding) };
}

function testFigures(levelMm: number, { words, litres, areaM2 }: Holding): Figure[] {
  return [
    {
      id: "seal/test-litres",
      label: "Water for the test",
      value: litres,
      unit: "L",
      formula: `what ${words} holds below the test's level`,
      inputs: [
        { name: "test level", value: levelMm, unit: "mm" },
        { name: "water surface", value: areaM2, unit: "m²" },
      ],
    },
    {
      id: "seal/test-kg",
      label: "On the stand while it runs",
      value: (litres * WATER.value) / 1000,
      unit: "kg",
      formula: "litres × density, on top of the bare shell",
      inputs: [{ name: "litres", value: litres, unit: "L" }, constant("water", WATER, "kg/m³")],
    },
  ];
}

function testSnags(site: Site, { status, begun, ended, why, dropped, lacks }: TestStanding): Snag[] {
  const add = (snag: Omit<Snag, "stage" | "subject">): Snag[] => [{ stage: "seal", subject: "water-test", ...snag }];
  if (status === "leaks")
    return add({
      rule: "seal/leaks",
      severity: "stop",
      title: "It leaks",
      sentence: why,
      reason: `Empty it, dry it out, cut the old silicone out, seal it again, wait the longer of 24 h and depth ÷ ${site.say(2)} a day, and test again.`,
    });
  if (dropped && ended)
    return add({
      rule: "seal/test-dropped",
      severity: "stop",
      title: "Its test no longer counts",
      sentence: why,
      reason:
        "Carrying, drilling or sealing again may open a seam: test again before anything covers it (common practice, no source).",
    });
  if (begun && ended && lacks.length > 0)
    return add({
      rule: "seal/no-pass",
      severity: "stop",
      title: "This test is no pass",
      sentence: why,
      reason:
        "A test at low water proves little: a seep may show only once the layer fills. Without a pan a slow seep looks like evaporation (common practice, no source).",
    });
  return [];
}

export const waterTestTrade: Trade = {
  id: "waterTest",
  stage: sealStage,
  reads: ["seal", "features", "ground", "vessels"],
  needs: [],
  gives: [TEST],
  plan: (site, { log }) => planTest(site, log),
};
