import { chosenVariant } from "#core/document/variant";
import { canLevel } from "#core/features/align";
import { itemOf, setLevel } from "#core/things/handle";
import { THINGS } from "#core/things/list";
import { type Held, useBuildHandle, useVariant } from "../state/context";
import { Select } from "../ui/Select";

/** Sets a thing as high as another of its kind, chosen by name. */
export function LevelWith({ held }: { held: Held }) {
  const { api } = useBuildHandle();
  const placed = THINGS[held.kind].placed!;
  const others = useVariant((v) => placed.items(v));
  const own = others.find((o) => o.id === held.id);
  const options = others.filter((o) => own && canLevel(own, o)).map((o) => [o.id, o.name || o.id] as const);
  if (options.length === 0) return null;
  const level = (id: string) =>
    api.commit((draft) => {
      const variant = chosenVariant(draft);
      const [item, other] = [itemOf(variant, placed, held.id), itemOf(variant, placed, id)];
      if (item && other) setLevel(item, other, api.shown.getState().plan.shell);
    });
  return <Select label="Set level with" value="" options={[["", "choose…"], ...options]} onChange={level} />;
}
