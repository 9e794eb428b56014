import { useNavigate } from "react-router";
import { type Held, useBuildHandle } from "../state/context";

/** Goes to a stage of the open build, and takes in hand there what is meant. */
export function useGo(): (stage: string, held?: Held) => void {
  const { buildId, take, letGo } = useBuildHandle();
  const navigate = useNavigate();
  return (stage, held) => {
    if (held) take(held);
    else letGo();
    navigate(`/builds/${buildId}/${stage}`, { state: { keepsHand: held !== undefined } });
  };
}
