import { type ComponentType, lazy } from "react";
import type { OwnLogId } from "#core/bench/names";
import { Later } from "../../frame/Later";
import { useBuildHandle } from "../../state/context";
import { useGuest } from "../../state/useGuest";
import { LinkButton } from "../../ui/LinkButton";
import { Card } from "./parts";

const TestFields = lazy(() => import("../../hand/waterTest").then((m) => ({ default: m.TestFields })));

/** The saw's cuts are ticked where they are drawn. */
function SawLink() {
  const { buildId } = useBuildHandle();
  if (useGuest()) return null;
  return (
    <LinkButton to={`/builds/${buildId}/cuts`} minH="56px" w="100%" fontSize="lg">
      Tick the cuts off on Cuts
    </LinkButton>
  );
}

/** Logs of their own that steps have, with what is ticked in them. One line each. */
const LOGS: Record<OwnLogId, { over: string; Log: ComponentType }> = {
  waterTest: { over: "The water test has a log of its own: it is over when that is a pass", Log: TestFields },
  saw: { over: "The saw has a log of its own: it is over when the last cut is ticked", Log: SawLink },
};

/** What a step with a log of its own is told by. */
export function OwnLog({ id }: { id: OwnLogId }) {
  const { over, Log } = LOGS[id];
  return (
    <Card over={over}>
      <Later>
        <Log />
      </Later>
    </Card>
  );
}
