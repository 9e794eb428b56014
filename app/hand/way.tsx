import { statedMm } from "#core/design/measure";
import type { Fixture } from "#core/fixtures/schema";
import { SERVICE_WAYS } from "#core/service/names";
import { MeasureField } from "../fields/MeasureField";
import { useDecision } from "../state/context";
import { Select } from "../ui/Select";

type Way = (typeof SERVICE_WAYS)[number];

export const WAY_WORDS: Record<Way, string> = {
  open: "in the open, through the doors",
  box: "a box with a lid",
  duct: "a duct left through the wall",
  hatch: "a loose stone or panel",
  outside: "from outside",
  none: "none: it is glued in",
};
const SIZED: readonly Way[] = ["box", "duct", "hatch"];
/** Whether a way has a clear size of its own. */
export const isSized = (way: Way) => SIZED.includes(way);

/** How a fixture that is inside comes out again. */
export function WayFields({ path }: { path: string }) {
  const { value, commit } = useDecision<Fixture["way"]>(`${path}/way`);
  const by = value?.by ?? "open";
  return (
    <>
      <Select
        label="Its way out"
        value={by}
        options={SERVICE_WAYS.map((w) => [w, WAY_WORDS[w]] as [string, string])}
        onChange={(to) =>
          commit(to === "open" ? null : { width: statedMm(80), height: statedMm(100), ...value, by: to as Way })
        }
      />
      {value && isSized(by) && (
        <>
          <MeasureField label="The way, clear" path={`${path}/way/width`} />
          <MeasureField label="by" path={`${path}/way/height`} />
        </>
      )}
    </>
  );
}
