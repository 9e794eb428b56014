import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { canLevel, levelWith } from "#core/features/align";
import { featureName, featureRect } from "#core/features/feature";
import type { Pane } from "#core/features/pane/schema";
import { materialsOf } from "#core/materials/find";
import { useBuildHandle, useDecision, useShown } from "../state/context";
import { ChoiceField, Select } from "./fields";
import { MeasureField } from "./MeasureField";

/** What a pane lies on its sheet to start with, until its own size is typed. */
const LAP_MM = 15;

/** Mesh behind an opening: none, or one of the book's. */
export function MeshField({ index }: { index: number }) {
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

/** A pane over its opening: cut to measure with a lap, or one on hand with its own size. */
export function PaneFields({ index, onHand }: { index: number; onHand: boolean }) {
  const path = `/features/${index}`;
  const glass = useShown(({ bench }) => materialsOf(bench.book, "glass").map((m) => [m.id, m.name] as const));
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

/** Sets a feature's height to another's, chosen by name. */
export function LevelWith({ index }: { index: number }) {
  const { api } = useBuildHandle();
  const others = useShown(({ design }) => {
    const { features } = chosenVariant(design);
    return features.filter((f) => canLevel(features[index]!, f)).map((f) => [f.id, featureName(f)] as const);
  });
  if (others.length === 0) return null;
  const level = (id: string) =>
    api.commit((draft) => {
      const { features } = chosenVariant(draft);
      const { faces } = api.shown.getState().plan.shell;
      const other = features.find((f) => f.id === id);
      if (other) features[index]!.v = statedMm(Math.round(10 * levelWith(features[index]!, other, faces)) / 10);
    });
  return <Select label="Set level with" value="" options={[["", "choose…"], ...others]} onChange={level} />;
}
