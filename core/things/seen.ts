import type { Cover } from "../background/cover";
import { coversOf } from "../background/covers";
import { type DrawnOpening, drawnOpenings } from "../closures/drawn";
import { startsAt } from "../features/begin";
import type { Plan } from "../plan";
import { kindOf } from "../shell/kinds/index";
import type { Survey } from "../shell/survey";
import { across, placedAt } from "./handle";
import { THINGS, thingOf, thingsOf } from "./list";
import type { RowsId } from "./names";
import { type Next, nextOf } from "./next";
import type { Placed, Thing } from "./thing";
import { type ToldVerdict, verdictsOf } from "./verdicts";

/** A thing as a page shows it: with what can be done to it. */
export interface SeenThing extends Thing {
  /** It can be taken off. */
  comesOff: boolean;
  /** Where it lies on a face, there moved, mirrored, centred; and the face it may be copied across to. */
  placed?: Placed;
  across?: Thing["face"];
  rows?: RowsId;
}

/** What a page shows of a plan beside its ledgers, as plain data: told by whoever made the plan. */
export interface Seen {
  things: SeenThing[];
  verdicts: ToldVerdict[];
  /** The thing each snag is settled at, in the order of the snags; null where it is the stage as a whole. */
  places: (Pick<Thing, "kind" | "id"> | null)[];
  next: Next | null;
  /** What is asked of this kind of shell, and whether things of it can have been found. */
  survey: Survey;
  canBeFound: boolean;
  /** What can be begun on a face, in the order of its stage. */
  starts: { stage: string; button: string }[];
  /** The openings with what closes them, the main one first, and the walls' backgrounds, as they are drawn. */
  openings: DrawnOpening[];
  covers: Cover[];
}

/**
 * What a page shows of a plan.
 * @param stages ids of all stages, in the order decisions bind one another
 */
export function seenOf(plan: Plan, stages: readonly string[]): Seen {
  const { variant } = plan.site;
  const { survey, found } = kindOf(plan.shell);
  return {
    things: thingsOf(plan).map((thing): SeenThing => {
      const { off, placed, rows } = THINGS[thing.kind];
      const item = placed?.items(variant).find((i) => i.id === thing.id);
      const opposite = item && placed && across(item, placed);
      return {
        ...thing,
        comesOff: off !== undefined,
        ...(item && placed && { placed: placedAt(item, placed) }),
        ...(opposite && { across: opposite }),
        ...(rows && { rows }),
      };
    }),
    verdicts: [...verdictsOf(plan)].map(([key, severity]) => ({ key, severity })),
    places: plan.snags.map((snag) => {
      const thing = thingOf(snag, plan);
      return thing ? { kind: thing.kind, id: thing.id } : null;
    }),
    next: nextOf(plan, stages) ?? null,
    ...{ survey, canBeFound: found },
    starts: stages.flatMap((stage) => startsAt(stage).map(({ button }) => ({ stage, button }))),
    openings: drawnOpenings(plan.site, plan.facts),
    covers: coversOf(plan.shell, variant),
  };
}
