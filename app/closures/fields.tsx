import { Box, Text } from "@chakra-ui/react";
import type { ComponentType } from "react";
import type { DoorInput } from "#core/closures/door/format";
import { groovesIn } from "#core/closures/groove/groove";
import { runningPanes } from "#core/closures/groove/job";
import type { Hinged } from "#core/closures/kinds/hinged/schema";
import type { SlidingPair } from "#core/closures/kinds/slidingPair/schema";
import { catchesIn, hingesIn } from "#core/closures/leaf/fittings";
import type { Closure } from "#core/closures/schema";
import { materialsOf } from "#core/materials/find";
import { ChoiceField, CountField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { FigureReading } from "../fields/Reading";
import { useBench, useDecision, useShown, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { LeafFields } from "./LeafFields";

type Edge = keyof DoorInput["clearanceMm"];

/** The closure's place in the design, its path, and how its figures are called. */
interface ClosureProps {
  index: number;
  path: string;
  id: (thing: string) => string;
}

const named = (list: readonly { id: string; name: string }[]) => list.map((m) => [m.id, m.name] as const);

const LOCKS = [
  ["none", "none"],
  ["wedge/made", "wedge"],
  ["key/made", "key lock"],
] as const;
const FOUND_LOCKS = [
  ["wedge/found", "wedge, as found"],
  ["key/found", "key lock, as found"],
  ["wedge/replaced", "wedge, in place of the old"],
  ["key/replaced", "key lock, in place of the old"],
] as const;
const ASKED = { wedge: "wedge: found or bought?", key: "key lock: found or bought?" } as const;

/** What holds it shut; on doors that were found, also whether it was there already. */
function LockField({ path, found }: { path: string; found: boolean }) {
  const { value, commit } = useDecision<Closure["lock"]>(`${path}/lock`);
  const asked = value?.origin === "unknown" ? [[`${value.kind}/unknown`, ASKED[value.kind]] as [string, string]] : [];
  const now = value?.fate === "replaced" ? "replaced" : value?.origin;
  return (
    <Select
      label="Lock"
      value={value ? `${value.kind}/${now}` : "none"}
      options={[...LOCKS, ...(found ? FOUND_LOCKS : []), ...asked]}
      onChange={(choice) => {
        const [kind, of] = choice.split("/");
        const lock = of === "replaced" ? { kind, origin: "found", fate: of } : { kind, origin: of };
        commit(of === undefined ? null : (lock as Closure["lock"]));
      }}
    />
  );
}

function SlidingPairFields({ index, path, id }: ClosureProps) {
  const { book } = useBench();
  const chosen = useVariant((v) => (v.closures[index] as SlidingPair).glass);
  const glass =
    materialsOf(book, "glass")
      .find((m) => m.id === chosen)
      ?.name.toLowerCase() ?? "glass";
  const options = (of: "glass" | "track") => materialsOf(book, of).map((m) => [m.id, m.name] as const);
  return (
    <>
      <Fields>
        <ChoiceField label="Glass" path={`${path}/glass`} options={options("glass")} />
        <ChoiceField label="Tracks" path={`${path}/track`} options={options("track")} />
        <MeasureField label="Panes overlap by" path={`${path}/overlap`} />
        <MeasureField label="Allowance at each side" path={`${path}/sideAllowance`} />
        <LockField path={path} found={false} />
      </Fields>
      <Box mt="2">
        <TickField label="Brush strip between the panes" path={`${path}/brushStrip`} />
      </Box>
      <Box mt="2">
        <Fields>
          <FigureReading id={id("pane-width")} />
          <FigureReading id={id("pane-height")} />
          <FigureReading id={id("pane-mass")} />
          <FigureReading id={id("clear-height")} />
          <FigureReading id={id("gap")} />
        </Fields>
      </Box>
      <Text fontSize="xs" color="muted" mt="1.5">
        Two panes of {glass}, to order. A glazier decides on thickness and toughening. Never cut or drill tempered
        glass.
      </Text>
    </>
  );
}

const LidFields = ({ path }: ClosureProps) => (
  <Fields>
    <MeasureField label="Gap round it, at the widest" path={`${path}/gap`} />
    <CountField label="Clips" path={`${path}/clips`} min={0} max={40} />
    <LockField path={path} found={false} />
  </Fields>
);

function FoundFields({ path, index }: ClosureProps) {
  return (
    <>
      <Fields>
        <LockField path={path} found />
        <DoorFields index={index} path={path} />
      </Fields>
      <Text fontSize="xs" color="muted" mt="1.5">
        As it came: its gaps are measured under Shell (key 2).
      </Text>
    </>
  );
}

/** Set right, and off for the work or on: asked of doors only. */
function DoorFields({ index, path }: { index: number; path: string }) {
  const doors = useShown(
    ({ plan }) => plan.site.variant.closures[index]?.opening === "front" && plan.shell.doors !== null,
  );
  if (!doors) return null;
  return (
    <>
      <ChoiceField
        label="They are"
        path={`${path}/fate`}
        options={[
          ["kept", "kept as found"],
          ["mended", "set right: hinges, pins, runners"],
        ]}
      />
      <ChoiceField
        label="While the inside is worked on"
        path={`${path}/forWork`}
        options={[
          ["undecided", "not decided"],
          ["off", "taken off, hung again"],
          ["on", "left on"],
        ]}
      />
    </>
  );
}

const SIDE: readonly [Edge, string][] = [["lock", "Clear on each side"]];
const ENDS: readonly [Edge, string][] = [
  ["head", "Clear at the head"],
  ["foot", "Clear at the foot"],
];

function HingedFields({ index, path, id }: ClosureProps) {
  const leaves = useVariant((v) => (v.closures[index] as Hinged).leaves);
  const { commit } = useDecision<Hinged["leaves"]>(`${path}/leaves`);
  const edges: (readonly [Edge, string])[] = [
    ["hinge", "Clear at the hinges"],
    leaves === 2 ? ["meet", "Clear where they meet"] : ["lock", "Clear at the lock side"],
    ...ENDS,
  ];
  return (
    <>
      <Fields>
        <Select
          label="Leaves"
          value={String(leaves)}
          options={[
            ["1", "one"],
            ["2", "two"],
          ]}
          onChange={(n) => commit(n === "2" ? 2 : 1)}
        />
        {leaves === 1 && (
          <ChoiceField
            label="Hangs, from outside"
            path={`${path}/hang`}
            options={[
              ["left", "on the left"],
              ["right", "on the right"],
            ]}
          />
        )}
        <HingeFields path={path} />
        <LockField path={path} found={false} />
      </Fields>
      <Box mt="2">
        <LeafFields {...{ index, path, id, edges }} one="door" />
      </Box>
    </>
  );
}

/** What leaves hang on. */
function HingeFields({ path }: { path: string }) {
  const { book } = useBench();
  return (
    <>
      <ChoiceField label="Hinges" path={`${path}/hinges/hinge`} options={named(hingesIn(book))} />
      <CountField label="How many a leaf" path={`${path}/hinges/count`} min={2} max={8} />
      <MeasureField label="First to last hinge" path={`${path}/hinges/spacing`} optional empty="a sixth in" />
      <ChoiceField
        label="Fixed by"
        path={`${path}/hinges/fixing`}
        options={[
          ["screws", "screws"],
          ["bolts", "bolts through, washers"],
          ["clamped", "clamped or bonded on"],
        ]}
      />
    </>
  );
}

const FLAP_EDGES: readonly (readonly [Edge, string])[] = [
  ["hinge", "Clear across the lid"],
  ["lock", "Clear at the front"],
  ["foot", "Clear at the left"],
  ["head", "Clear at the right"],
];

const SplitLidFields = ({ index, path, id }: ClosureProps) => (
  <>
    <Fields>
      <MeasureField label="The hinged half, deep" path={`${path}/flap`} />
      <HingeFields path={path} />
      <LockField path={path} found={false} />
    </Fields>
    <Box mt="2">
      <LeafFields {...{ index, path, id }} one="flap" edges={FLAP_EDGES} />
    </Box>
  </>
);

/** A leaf that is lifted out or off. */
const stillFields = (one: string, edges: readonly (readonly [Edge, string])[]) =>
  function StillFields({ index, path, id }: ClosureProps) {
    return (
      <>
        <Fields>
          <LockField path={path} found={false} />
        </Fields>
        <Box my="2">
          <TickField label="Pegs or blocks keep it in the middle" path={`${path}/centred`} />
        </Box>
        <LeafFields {...{ index, path, id, one, edges }} />
      </>
    );
  };

const LID_EDGES: readonly (readonly [Edge, string])[] = [
  ...SIDE,
  ["head", "Clear at the back"],
  ["foot", "Clear at the front"],
];

/** A pane in grooves. */
const groovedFields = (one: string, clear: { label: string; at: string }) =>
  function GroovedFields({ path, id }: ClosureProps) {
    const { book } = useBench();
    return (
      <>
        <Fields>
          <ChoiceField label="Of" path={`${path}/pane`} options={named(runningPanes(book))} />
          <ChoiceField label="Grooves" path={`${path}/groove`} options={named(groovesIn(book))} />
          <MeasureField label={clear.label} path={`${path}/${clear.at}`} />
          <LockField path={path} found={false} />
        </Fields>
        <Box mt="2">
          <Fields>
            {["across", "along", "held", "mass"].map((thing) => (
              <FigureReading key={thing} id={id(`${one}-${thing}`)} />
            ))}
          </Fields>
        </Box>
      </>
    );
  };

const SliderAndPaneFields = (props: ClosureProps) => (
  <>
    <Fields>
      <ChoiceField
        label="Fixed, from outside"
        path={`${props.path}/fixed`}
        options={[
          ["left", "the left pane"],
          ["right", "the right pane"],
        ]}
      />
    </Fields>
    <Box mt="2">
      <SlidingPairFields {...props} />
    </Box>
  </>
);

function TubLidFields({ path }: ClosureProps) {
  const { book } = useBench();
  return (
    <>
      <Fields>
        <ChoiceField label="Mesh" path={`${path}/mesh`} options={named(materialsOf(book, "mesh"))} />
        <MeasureField label="Window wide" path={`${path}/width`} />
        <MeasureField label="Window deep" path={`${path}/height`} />
        <MeasureField label="Lap round it" path={`${path}/lap`} />
        <ChoiceField label="A catch each side" path={`${path}/catch`} options={named(catchesIn(book))} />
        <LockField path={path} found={false} />
      </Fields>
      <Box mt="2">
        <TickField label="A strap round the whole" path={`${path}/strap`} />
      </Box>
    </>
  );
}

/** The fields of each kind of closure. */
export const CLOSURE_FIELDS: { [Kind in Closure["kind"]]: ComponentType<ClosureProps> } = {
  slidingPair: SlidingPairFields,
  sliderAndPane: SliderAndPaneFields,
  hinged: HingedFields,
  liftOut: stillFields("panel", [...SIDE, ...ENDS]),
  liftingPane: groovedFields("pane", { label: "Clear over it", at: "head" }),
  lid: LidFields,
  meshLid: stillFields("lid", LID_EDGES),
  panelLid: stillFields("lid", LID_EDGES),
  splitLid: SplitLidFields,
  slidingLid: groovedFields("lid", { label: "Clear before it, shut", at: "front" }),
  tubLid: TubLidFields,
  found: FoundFields,
};
