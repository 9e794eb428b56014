import { statedMm } from "../../design/measure";
import { type Known, memory } from "../../figures/figure";
import { set } from "../../ledgers/fix";
import { formatNumber } from "../../units/format";
import { type LeverKind, numberLever } from "../lever";

/** All of a screen is never covered, for all breathe through the rest: of a hundred. From memory. */
const MOST_PERCENT: Known = { value: 90, basis: memory };

/** A sheet laid over part of a screen that came with the shell. */
export const screenCover: LeverKind = (site) =>
  site.shell.gaps.flatMap(({ id, label, coverable }) => {
    if (!coverable) return [];
    const { path, percent } = coverable;
    return [
      numberLever({
        ...{
          id: `cover/${id}`,
          name: `A sheet over part of ${label}`,
          now: percent,
          low: 0,
          high: MOST_PERCENT.value,
          step: 5,
        },
        say: (x) => (x === 0 ? "none of it" : `${formatNumber(x, 0)} %`),
        patch: (x) => [set(site.at(path), x === 0 ? null : statedMm(x))],
      }),
    ];
  });
