import { chosenVariant } from "#core/document/variant";
import type { Feature } from "#core/features/schema";
import { useBuildHandle, useShown } from "../state/context";

/** What can be begun at a stage; the build is read when one is pressed, so that nothing is drawn again while it is dragged. */
export function useStarts(stage: string): readonly { button: string; add: () => void }[] {
  const { api, take } = useBuildHandle();
  const buttons = useShown(({ seen }) => seen.starts.filter((s) => s.stage === stage).map((s) => s.button));
  return buttons.map((button, i) => ({
    button,
    add: () => {
      const { plan } = api.shown.getState();
      let id = "";
      api.commit((draft, { startsAt, freeId }) => {
        const { stem, make } = startsAt(stage)[i]!;
        const begun = make(plan.shell, plan.site.book);
        if (!begun) return;
        id = freeId(chosenVariant(draft), stem);
        chosenVariant(draft).features.push({ ...begun, id } as Feature);
      });
      if (id) take({ kind: "feature", id });
    },
  }));
}
