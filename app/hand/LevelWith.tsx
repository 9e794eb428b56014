import { chosenVariant } from "#core/document/variant";
import { canLevel } from "#core/features/align";
import type { SeenThing } from "#core/things/seen";
import { type Held, isSame, useBuildHandle, useShown } from "../state/context";
import { Select } from "../ui/Select";

/** Sets a thing as high as another of its kind, chosen by name: on walls, or on the same lying face. */
export function LevelWith({ held }: { held: Held }) {
  const { api } = useBuildHandle();
  const options = useShown(({ seen }) => {
    const own = seen.things.find((t) => isSame(t, held));
    const on = ({ id, face }: SeenThing) => ({ id, face: face! });
    return seen.things
      .filter((t) => own && t.kind === held.kind && t.placed && canLevel(on(own), on(t)))
      .map((t) => [t.id, t.name] as const);
  });
  if (options.length === 0) return null;
  const level = (id: string) =>
    api.commit((draft, { THINGS, itemOf, setLevel }) => {
      const variant = chosenVariant(draft);
      const placed = THINGS[held.kind].placed!;
      const [item, other] = [itemOf(variant, placed, held.id), itemOf(variant, placed, id)];
      if (item && other) setLevel(item, other, api.shown.getState().plan.shell);
    });
  return <Select label="Set level with" value="" options={[["", "choose…"], ...options]} onChange={level} />;
}
