import { chosenVariant } from "#core/document/variant";
import type { Feature } from "#core/features/schema";
import { useBuildHandle, useShown } from "../state/context";

/** What can be begun at a stage; the build is read when one is pressed, so that nothing is drawn again while it is dragged. */
export function useStarts(stage: string): readonly { button: string; add: () => void }[] {
  const { api, make } = useBuildHandle();
  const buttons = useShown(({ seen }) => seen.starts.filter((s) => s.stage === stage).map((s) => s.button));
  return buttons.map((button, i) => ({
    button,
    add: () =>
      make((draft, { startsAt, freeId }) => {
        const { plan } = api.shown.getState();
        const start = startsAt(stage)[i]!;
        const begun = start.make(plan.shell, plan.site.book);
        if (!begun) return undefined;
        const id = freeId(chosenVariant(draft).features, start.stem);
        chosenVariant(draft).features.push({ ...begun, id } as Feature);
        return { kind: "feature", id };
      }),
  }));
}
