import { Box, Text } from "@chakra-ui/react";
import type { DoorInput } from "#core/closures/door/format";
import { catchesIn } from "#core/closures/leaf/fittings";
import type { Leafed } from "#core/closures/leaf/schema";
import type { Closure } from "#core/closures/schema";
import { statedMm } from "#core/design/measure";
import { shellSheets } from "#core/materials/board";
import { materialsOf } from "#core/materials/find";
import type { Book } from "#core/materials/schema";
import { ChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { FigureReading } from "../fields/Reading";
import { useBench, useDecision, useShown, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { Tick } from "../ui/Tick";

type Edge = keyof DoorInput["clearanceMm"];

interface LeafFieldsProps {
  index: number;
  path: string;
  id: (thing: string) => string;
  /** What its figures are called by: `door`, `panel`, `lid`. */
  one: string;
  /** The edges that have a clearance of their own, with how each is called. */
  edges: readonly (readonly [Edge, string])[];
}

const named = (list: readonly { id: string; name: string }[]) => list.map((m) => [m.id, m.name] as const);
/** What a leaf can be filled with. Mesh needs a frame. */
const infills = (book: Book, framed: boolean) => [
  ...materialsOf(book, "glass"),
  ...shellSheets(book),
  ...(framed ? materialsOf(book, "mesh") : []),
];

/** A closure that is made of leaves; undefined for any other. */
const leafedOf = (closure: Closure | undefined): Leafed | undefined =>
  closure && "leaf" in closure ? closure : undefined;

/** What a leaf is made of, what is clear round it, and what holds it. */
export function LeafFields({ index, path, id, one, edges }: LeafFieldsProps) {
  const { book } = useBench();
  const made = useVariant((v) => leafedOf(v.closures[index]));
  if (!made) return null;
  const { leaf, diagonals } = made;
  const bar = leaf.frame && materialsOf(book, "bar").find((b) => b.id === leaf.frame?.bar);
  const glazed = materialsOf(book, "glass").some((g) => g.id === leaf.infill);
  return (
    <>
      <Fields>
        <FrameField path={path} />
        <ChoiceField
          label={leaf.frame ? "Filled with" : "Of"}
          path={`${path}/leaf/infill`}
          options={named(infills(book, leaf.frame !== null))}
        />
        {leaf.frame && (
          <ChoiceField
            label="Corners"
            path={`${path}/leaf/frame/join`}
            options={[
              ["butt", "butted, stiles whole"],
              ["mitre", "mitred"],
            ]}
          />
        )}
        {leaf.frame && glazed && <MeasureField label="The bars hold" path={`${path}/leaf/rebate`} />}
        {leaf.frame && <MeasureField label="Play round it" path={`${path}/leaf/play`} />}
        {edges.map(([edge, label]) => (
          <MeasureField key={edge} label={label} path={`${path}/clearance/${edge}`} />
        ))}
        <ChoiceField label="Held by" path={`${path}/holds/catch`} options={named(catchesIn(book))} />
        <MeasureField label="One each" path={`${path}/holds/every`} />
        <MeasureField label="Beyond the last" path={`${path}/holds/lastFromEnd`} />
        {bar?.moisturePerPercent && (
          <MeasureField
            label="Wood's moisture now"
            suffix="%"
            kind="plain"
            path={`${path}/leaf/moisture`}
            optional
            empty="as the room's air"
          />
        )}
      </Fields>
      <Box mt="2">
        {leaf.frame && glazed && <TickField label="The pane stands on setting blocks" path={`${path}/leaf/blocks`} />}
        <TickField label="Stops to land on" path={`${path}/stop`} />
        <WindowTick path={path} index={index} of={id(one)} />
        <DiagonalsTick path={path} index={index} />
      </Box>
      {(leaf.window || diagonals) && (
        <Box mt="1.5">
          <Fields>
            {leaf.window && (
              <>
                <ChoiceField
                  label="Window of"
                  path={`${path}/leaf/window/infill`}
                  options={named([...materialsOf(book, "mesh"), ...materialsOf(book, "glass")])}
                />
                <MeasureField label="Window wide" path={`${path}/leaf/window/width`} />
                <MeasureField label="Window high" path={`${path}/leaf/window/height`} />
                <MeasureField label="Lap round it" path={`${path}/leaf/window/lap`} />
              </>
            )}
            {diagonals && (
              <>
                <MeasureField label="Diagonal, rising to the right" path={`${path}/diagonals/rising`} how="measured" />
                <MeasureField label="Diagonal, falling" path={`${path}/diagonals/falling`} how="measured" />
              </>
            )}
          </Fields>
        </Box>
      )}
      <Box mt="2">
        <Fields>
          {["width", "height", "mass", "hinge-pull", "hinges", "swing", "bow"].map((thing) => (
            <FigureReading key={thing} id={id(`${one}-${thing}`)} />
          ))}
          {edges.map(([edge]) => (
            <FigureReading key={edge} id={id(`${one}-gap-${edge}`)} />
          ))}
        </Fields>
      </Box>
      {glazed && (
        <Text fontSize="xs" color="muted" mt="1.5">
          A glazier decides on thickness and toughening. Never cut or drill tempered glass.
        </Text>
      )}
    </>
  );
}

/** Bars round it, or none. */
function FrameField({ path }: { path: string }) {
  const { book } = useBench();
  const { value, commit } = useDecision<Leafed["leaf"]["frame"]>(`${path}/leaf/frame`);
  return (
    <Select
      label="Frame"
      value={value?.bar ?? ""}
      options={[["", "none: a pane or a sheet"], ...named(materialsOf(book, "bar"))]}
      onChange={(bar) => commit(bar === "" ? null : { bar, join: value?.join ?? "butt" })}
    />
  );
}

/** A window in the middle of a leaf, or none. */
function WindowTick({ path, index, of }: { path: string; index: number; of: string }) {
  const { book } = useBench();
  const { value, commit } = useDecision<Leafed["leaf"]["window"]>(`${path}/leaf/window`);
  const sheet = useVariant((v) => {
    const infill = leafedOf(v.closures[index])?.leaf.infill;
    return shellSheets(book).some((s) => s.id === infill);
  });
  const half = useShown(({ plan }) =>
    ["width", "height"].map((side) => {
      const figure = plan.figures.find((f) => f.id === `${of}-${side}`);
      return statedMm(Math.round((figure?.value ?? 200) / 2));
    }),
  );
  const [mesh] = materialsOf(book, "mesh");
  if (!sheet || !mesh) return null;
  return (
    <Tick
      label="A window in it"
      on={value !== null}
      onChange={(on) => commit(on ? { infill: mesh.id, width: half[0]!, height: half[1]!, lap: statedMm(20) } : null)}
    />
  );
}

/** Both diagonals of the opening, once they are taped. */
function DiagonalsTick({ path, index }: { path: string; index: number }) {
  const { value, commit } = useDecision<Leafed["diagonals"]>(`${path}/diagonals`);
  const square = useShown(({ seen }) => {
    const opening = seen.openings.find((o) => o.index === index);
    return statedMm(Math.round(Math.hypot(opening?.widthMm ?? 0, opening?.heightMm ?? 0)));
  });
  return (
    <Tick
      label="Both diagonals of the opening are taped"
      on={value !== null}
      onChange={(on) => commit(on ? { rising: square, falling: square } : null)}
    />
  );
}
