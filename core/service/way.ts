import { set, setMm } from "../ledgers/fix";
import type { Fix, Snag, Stage } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { throughWords } from "../shell/through";
import type { Service } from "./schema";

/** Room left round a thing that is pulled through a way: from memory. */
const PULL_MM = 5;
/** Ways with a clear size of their own. */
const SIZED = ["box", "duct", "hatch"] as const;
const isSized = (way: Service["way"]) => SIZED.some((w) => w === way);

/** The way a serviced thing comes out, in words. */
const WAY_OUT: Record<Service["way"], (wide: string, high: string, through: string) => string> = {
  open: (_w, _h, through) => `${through}, in the open`,
  box: (wide, high, through) => `${through}, out of its box, ${wide} × ${high} clear`,
  duct: (wide, high) => `through its duct, ${wide} × ${high} clear`,
  hatch: (wide, high, through) => `${through}, the loose piece off, ${wide} × ${high} clear`,
  outside: () => "from outside; it must come off",
  none: () => "none: it is glued in",
};

/** Something that comes out by a way. */
export interface Passing {
  id: string;
  name: string;
  /** The two smaller of its three sides, mm. */
  sidesMm: readonly [number, number];
  way: Pick<Service, "way" | "wayWidth" | "wayHeight">;
  /** Where its way, and the way's two clear sizes, are kept in the build. */
  paths: { way: string; wide: string; high: string };
}

/** How it comes out. */
export const wayWords = ({ say, shell }: Pick<Site, "say" | "shell">, { way, wayWidth, wayHeight }: Passing["way"]) =>
  WAY_OUT[way](say(wayWidth.value), say(wayHeight.value), throughWords(shell));

/** Whether it comes out at all: it has a way, and passes it. */
export function waySnags({ say }: Pick<Site, "say">, stage: Stage, passing: Passing): Snag[] {
  const { id, name, sidesMm, way, paths } = passing;
  const [narrow, wide] = [...sidesMm].sort((a, b) => a - b) as [number, number];
  const roomy = [
    setMm(paths.wide, Math.max(way.wayWidth.value, sidesMm[0] + PULL_MM)),
    setMm(paths.high, Math.max(way.wayHeight.value, sidesMm[1] + PULL_MM)),
  ];
  const told = (rule: string, words: Pick<Snag, "title" | "sentence" | "reason">, fix: Fix): Snag[] => [
    { stage, subject: id, severity: "stop", rule: `service/${rule}`, ...words, fix },
  ];
  if (way.way === "none")
    return told(
      "no-way-out",
      {
        title: `${name} has no way out`,
        sentence: "It is behind something glued, with no box, duct or hatch.",
        reason: "What fails is taken out: without a way the background is torn for it.",
      },
      { label: "Stand it in a box with a lid", patch: [set(paths.way, "box"), ...roomy] },
    );
  if (!isSized(way.way)) return [];
  const [wayNarrow, wayWide] = [way.wayWidth.value, way.wayHeight.value].sort((a, b) => a - b) as [number, number];
  if (wayNarrow >= narrow + PULL_MM && wayWide >= wide + PULL_MM) return [];
  return told(
    "way-too-small",
    {
      title: `${name} does not pass its way`,
      sentence: `It is ${say(sidesMm[0])} × ${say(sidesMm[1])}; its ${way.way} leaves ${say(wayNarrow)} × ${say(wayWide)} clear.`,
      reason: `${say(PULL_MM)} all told is left to pull it through.`,
    },
    { label: `Leave ${say(narrow + PULL_MM)} × ${say(wide + PULL_MM)}`, patch: roomy },
  );
}
