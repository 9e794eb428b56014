import { useMemo } from "react";
import { chosenVariant } from "#core/document/variant";
import { freeId, startsAt } from "#core/features/begin";
import type { Feature } from "#core/features/schema";
import { useBuildHandle } from "../state/context";

/** What can be begun at a stage; the build is read when one is pressed, so that nothing is drawn again while it is dragged. */
export function useStarts(stage: string): readonly { button: string; add: () => void }[] {
  const { api, take } = useBuildHandle();
  return useMemo(
    () =>
      startsAt(stage).map(({ button, stem, make }) => ({
        button,
        add: () => {
          const { plan, design } = api.shown.getState();
          const begun = make(plan.shell, plan.site.book);
          if (!begun) return;
          const id = freeId(chosenVariant(design), stem);
          api.commit((draft) => {
            chosenVariant(draft).features.push({ ...begun, id } as Feature);
          });
          take({ kind: "feature", id });
        },
      })),
    [api, take, stage],
  );
}
