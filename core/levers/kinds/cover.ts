import { set } from "../../ledgers/fix";
import { formatNumber } from "../../units/format";
import { type LeverKind, numberLever } from "../lever";

/** All of a screen is never covered: somebody breathes through it, of a hundred. */
const MOST_PERCENT = 90;

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
          high: MOST_PERCENT,
          step: 5,
        },
        say: (x) => (x === 0 ? "none of it" : `${formatNumber(x, 0)} %`),
        patch: (x) => [set(site.at(path), x === 0 ? null : { typed: String(x), value: x, how: "stated" })],
      }),
    ];
  });
