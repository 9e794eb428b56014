import type { ComponentType } from "react";
import { data, useParams } from "react-router";
import type { Stage } from "#core/ledgers/ledger";
import { AirStage } from "../stages/air/AirStage";
import { BriefStage } from "../stages/brief/BriefStage";
import { BuyingStage } from "../stages/buying/BuyingStage";
import { CutsStage } from "../stages/cuts/CutsStage";
import { DiaryStage } from "../stages/diary/DiaryStage";
import { FrontStage } from "../stages/front/FrontStage";
import { isStage } from "../stages/list";
import { SealStage } from "../stages/seal/SealStage";
import { ShellStage } from "../stages/shell/ShellStage";
import type { Route } from "./+types/build.stage";

const SCREENS: Record<Stage, ComponentType> = {
  brief: BriefStage,
  shell: ShellStage,
  front: FrontStage,
  air: AirStage,
  seal: SealStage,
  cuts: CutsStage,
  buying: BuyingStage,
  diary: DiaryStage,
};

export function loader({ params }: Route.LoaderArgs) {
  if (!isStage(params.stage)) throw data("This stage is not built yet, or has another name.", { status: 404 });
  return null;
}

export const shouldRevalidate = () => false;

export default function StagePage() {
  const { stage } = useParams();
  const Screen = SCREENS[isStage(stage) ? stage : "shell"];
  return <Screen />;
}
