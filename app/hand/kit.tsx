import { FOUND_MATERIALS } from "#core/materials/face";
import { FOUND_IDS } from "#core/materials/names";
import { PLACES } from "#core/shell/kinds/panelKit/names";
import { PLACE } from "#core/shell/kinds/panelKit/places";
import { capital } from "#core/units/capital";
import { ChoiceField, CountField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { useVariant } from "../state/context";
import { Fields } from "../ui/Panel";

const PLACE_OPTIONS = PLACES.map((p) => [p, capital(PLACE[p].words)] as const);
const STUFFS = FOUND_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const);

/** A panel of a kit as it was delivered. */
export function KitPanelFields({ id }: { id: string }) {
  const at = useVariant(({ shell }) =>
    "found" in shell && "panels" in shell.found ? shell.found.panels.findIndex((p) => p.id === id) : -1,
  );
  if (at < 0) return null;
  const path = `/shell/found/panels/${at}`;
  return (
    <Fields>
      <ChoiceField label="It goes to the" path={`${path}/place`} options={PLACE_OPTIONS} />
      <ChoiceField label="It is" path={`${path}/material`} options={STUFFS} />
      <MeasureField label="Long" path={`${path}/length`} />
      <MeasureField label="Wide" path={`${path}/width`} />
      <MeasureField label="Thick" path={`${path}/thickness`} hint="at a bare edge" />
      <MeasureField label="Groove in it, how deep" path={`${path}/groove`} optional empty="none" />
      <CountField label="Holes already in" path={`${path}/holes/count`} max={200} />
      <MeasureField label="A hole, across" path={`${path}/holes/bore`} />
    </Fields>
  );
}
