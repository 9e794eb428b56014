import type { ComponentType } from "react";
import { statedMm } from "#core/design/measure";
import { KEEP_OUT_USES, PORT_USES } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { featureRect } from "#core/features/feature";
import { KEEP_OUT_WORDS } from "#core/features/keepOut/words";
import type { MeshPanel } from "#core/features/mesh/schema";
import type { Pane } from "#core/features/pane/schema";
import type { Port } from "#core/features/port/schema";
import { PORT_WORDS } from "#core/features/port/words";
import type { Feature } from "#core/features/schema";
import { materialsOf } from "#core/materials/find";
import { ChoiceField, CountField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { useDecision, useShown } from "../state/context";
import { Select } from "../ui/Select";

/** The feature's place in the design, and its path. */
interface FieldsProps {
  index: number;
  path: string;
}

/** What is left between a pane's edge and its opening to start with, until its own size is typed. */
const LAP_MM = 15;
const SHAPES = [
  ["panel", "a panel, square corners"],
  ["slot", "a slot, round ends"],
  ["round", "a round one"],
] as const;
const PORTS = PORT_USES.map((use) => [use, PORT_WORDS[use].words] as const);
const KEEP_OUTS = KEEP_OUT_USES.map((use) => [use, KEEP_OUT_WORDS[use]] as const);

/** Something of the feature of a kind, drawn again only when that changes. */
const useOwn = <F extends Feature, T>(index: number, pick: (feature: F) => T): T =>
  useShown(({ design }) => pick(chosenVariant(design).features[index] as F));

/** Mesh behind an opening: none, or one of the book's. */
function MeshField({ index }: { index: number }) {
  const meshes = useShown(({ bench }) => materialsOf(bench.book, "mesh").map((m) => [m.id, m.name] as const));
  const { value, commit } = useDecision<string | null>(`/features/${index}/mesh`);
  return (
    <Select
      label="Mesh behind"
      value={value ?? ""}
      options={[["", "none"], ...meshes]}
      onChange={(id) => commit(id || null)}
    />
  );
}

function HolesFields({ index, path }: FieldsProps) {
  return (
    <>
      <MeasureField label="Hole, across" path={`${path}/holeDia`} />
      <MeasureField label="Pitch, centre to centre" path={`${path}/pitch`} />
      <CountField label="Columns" path={`${path}/columns`} max={200} />
      <CountField label="Rows" path={`${path}/rows`} max={200} />
      <ChoiceField
        label="Pattern"
        path={`${path}/pattern`}
        options={[
          ["staggered", "staggered, 60°"],
          ["square", "square"],
        ]}
      />
      <MeshField index={index} />
    </>
  );
}

function MeshPanelFields({ index, path }: FieldsProps) {
  const round = useOwn<MeshPanel, boolean>(index, (f) => f.shape === "round");
  return (
    <>
      <ChoiceField label="Cut as" path={`${path}/shape`} options={SHAPES} />
      {round ? (
        <MeasureField label="Opening, across" path={`${path}/width`} />
      ) : (
        <>
          <MeasureField label="Opening, wide" path={`${path}/width`} />
          <MeasureField label="Opening, high" path={`${path}/height`} />
        </>
      )}
      <MeasureField label="Lap all round" path={`${path}/lap`} />
      <MeshField index={index} />
    </>
  );
}

function PortFields({ index, path }: FieldsProps) {
  const hasTube = useOwn<Port, boolean>(index, (f) => f.tube !== null);
  return (
    <>
      {!hasTube && <ChoiceField label="For" path={`${path}/use`} options={PORTS} />}
      <MeasureField label={hasTube ? "Tube, outside" : "Hole, across"} path={`${path}/bore`} />
      {hasTube && (
        <>
          <MeasureField label="Tube's bore" path={`${path}/tube/bore`} />
          <MeasureField label="Climbs by" path={`${path}/tube/rise`} />
          <MeasureField label="Over a run of" path={`${path}/tube/run`} />
          <MeasureField label="Tightest bend, radius" path={`${path}/tube/bendRadius`} />
        </>
      )}
      <MeasureField label="Left open round it" path={`${path}/gap`} hint="at the widest" />
    </>
  );
}

/** A pane over its opening: cut to measure with a lap, or one on hand with its own size. */
function PaneFields({ index, path }: FieldsProps) {
  const glass = useShown(({ bench }) => materialsOf(bench.book, "glass").map((m) => [m.id, m.name] as const));
  const onHand = useOwn<Pane, boolean>(index, (f) => f.onHand !== null);
  const opening = useShown(({ design }) => {
    const { widthMm, heightMm } = featureRect(chosenVariant(design).features[index]!);
    return { widthMm, heightMm };
  });
  const { commit } = useDecision<Pane["onHand"]>(`${path}/onHand`);
  return (
    <>
      <MeasureField label="Opening, wide" path={`${path}/width`} />
      <MeasureField label="Opening, high" path={`${path}/height`} />
      <Select
        label="The pane is"
        value={onHand ? "onHand" : "cut"}
        options={[
          ["cut", "cut to measure"],
          ["onHand", "one I have"],
        ]}
        onChange={(choice) =>
          commit(
            choice === "cut"
              ? null
              : { width: statedMm(opening.widthMm + 2 * LAP_MM), height: statedMm(opening.heightMm + 2 * LAP_MM) },
          )
        }
      />
      {onHand ? (
        <>
          <MeasureField label="Pane, wide" path={`${path}/onHand/width`} />
          <MeasureField label="Pane, high" path={`${path}/onHand/height`} />
        </>
      ) : (
        <MeasureField label="Lap all round" path={`${path}/lap`} />
      )}
      <ChoiceField label="Glass" path={`${path}/glass`} options={glass} />
    </>
  );
}

function KeepOutFields({ path }: FieldsProps) {
  return (
    <>
      <ChoiceField label="For" path={`${path}/use`} options={KEEP_OUTS} />
      <MeasureField label="Wide" path={`${path}/width`} />
      <MeasureField label="High" path={`${path}/height`} />
      <MeasureField label="Clear into the room" path={`${path}/deep`} optional empty="the face alone" />
    </>
  );
}

/** The fields of each kind of feature. */
export const FEATURE_FIELDS: { [Kind in Feature["kind"]]: ComponentType<FieldsProps> } = {
  holes: HolesFields,
  mesh: MeshPanelFields,
  port: PortFields,
  pane: PaneFields,
  keepOut: KeepOutFields,
};
