import { chosenVariant } from "#core/document/variant";
import { shellSheets } from "#core/materials/board";
import { FOUND_MATERIALS } from "#core/materials/face";
import { materialsOf } from "#core/materials/find";
import { FOUND_IDS } from "#core/materials/names";
import type { Source } from "#core/shell/dam/schema";
import { surveyId } from "#core/things/surveyId";
import { ChoiceField, CountField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { useBench, useBuildHandle, useDecision, useShown, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { SurveyFields } from "./SurveyFields";

/** A group of the survey; where the tape runs for the measure in hand is drawn on the board. */
export function SurveyGroup({ id }: { id: string }) {
  const { measure, take } = useBuildHandle();
  const { groups } = useShown(({ seen }) => seen.survey);
  const at = groups.findIndex((g) => surveyId(g.title) === id);
  const group = groups[at];
  const next = groups[at + 1];
  if (!group) return null;
  return (
    <>
      <SurveyFields fields={group.fields} onFocus={measure} />
      {next && (
        <QuietButton size="xs" mt="2" onClick={() => take({ kind: "survey", id: surveyId(next.title) })}>
          {`Then: ${next.title.toLowerCase()} →`}
        </QuietButton>
      )}
    </>
  );
}

const MATERIALS = FOUND_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const);

/** A shelf that came with the shell. */
export function ShelfFields({ id }: { id: string }) {
  const at = useVariant(({ shell }) =>
    "found" in shell && "shelves" in shell.found ? shell.found.shelves.findIndex((s) => s.name === id) : -1,
  );
  if (at < 0) return null;
  const path = `/shell/found/shelves/${at}`;
  return (
    <Fields>
      <ChoiceField
        label="What it is used for"
        path={`${path}/use`}
        options={[
          ["keep", "stays a shelf"],
          ["cutUp", "cut up for the tray"],
          ["remove", "taken out"],
        ]}
      />
      <ChoiceField label="Material" path={`${path}/material`} options={MATERIALS} />
      <MeasureField label="Wide" path={`${path}/width`} />
      <MeasureField label="Deep" path={`${path}/depth`} />
      <MeasureField label="Thick" path={`${path}/thickness`} />
      <CountField label="How many" path={`${path}/count`} max={20} />
    </Fields>
  );
}

/** The tray cut from the cabinet's own glass shelves. */
export const TrayFields = () => (
  <Fields>
    <MeasureField label="Tray, how high" path="/shell/tray/height" />
  </Fields>
);

/** What a dam or floor is of, as one choice. */
const keyOf = (source: Source): string =>
  source.of === "bought" ? `bought/${source.material}` : `${source.of}/${source.shelf}`;

function SourceField({ label, path }: { label: string; path: string }) {
  const { value, attempt } = useDecision<Source | undefined>(path);
  const { book } = useBench();
  const shelves = useShown(({ plan }) => {
    const { shell } = plan.site.variant;
    return "found" in shell && "shelves" in shell.found ? shell.found.shelves.map((s) => s.name) : [];
  });
  const bought = [...materialsOf(book, "glass"), ...shellSheets(book)];
  const options = [
    ...shelves.flatMap((name) => [
      [`wholeShelf/${name}`, `${name}, whole`] as const,
      [`cutShelf/${name}`, `${name}, cut`] as const,
    ]),
    ...bought.map((m) => [`bought/${m.id}`, m.name] as const),
  ];
  const take = (choice: string) => {
    const at = choice.indexOf("/");
    const [of, name] = [choice.slice(0, at), choice.slice(at + 1)];
    attempt((of === "bought" ? { of, material: name } : { of, shelf: name }) as Source);
  };
  return value ? <Select label={label} value={keyOf(value)} options={options} onChange={take} /> : null;
}

/** A dam across an open front, or the pane behind a front frame. */
export function DamFields({ id: at }: { id: string }) {
  const whole = useShown(({ design }) => {
    const shell = chosenVariant(design).shell as unknown as Record<string, { source: Source } | null | undefined>;
    return shell[at]?.source.of === "wholeShelf";
  });
  return (
    <Fields>
      <SourceField label="Dam, of" path={`/shell/${at}/source`} />
      {!whole && (
        <>
          <MeasureField label="Dam, how high" path={`/shell/${at}/height`} />
          <MeasureField label="Dam, how long" path={`/shell/${at}/length`} optional empty="as the inside gives" />
        </>
      )}
    </Fields>
  );
}

export const SecondFloorFields = () => (
  <Fields>
    <SourceField label="Second floor, of" path="/shell/floor/source" />
  </Fields>
);
