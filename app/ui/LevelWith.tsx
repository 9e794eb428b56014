import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { canLevel, levelWith } from "#core/features/align";
import { featureName } from "#core/features/feature";
import { useBuildHandle, useShown } from "../state/context";
import { Select } from "./fields";

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
