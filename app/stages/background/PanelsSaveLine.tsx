import { Text } from "@chakra-ui/react";
import { useMemo } from "react";
import { panelsSave } from "#core/compare/panelsSave";
import { parseLocal } from "#core/design/localTime";
import { formatNumber } from "#core/units/format";
import { RowSheet } from "../../frame/Rows";
import { useSettled } from "../../state/context";

const days = (n: number) => `${formatNumber(n)} ${Math.abs(n) < 1.05 && Math.abs(n) > 0.95 ? "day" : "days"}`;

/** Panels outside against foaming in place: the days it saves, in the builder's own diary. */
export function PanelsSaveLine({ titled = false }: { titled?: boolean }) {
  const { plan, bench } = useSettled();
  const saves = useMemo(() => panelsSave(plan.site, plan.ledgers, parseLocal(bench.now) ?? 0), [plan, bench.now]);
  if (!saves) return null;
  const body = (
    <>
      <Text fontSize="sm">
        {`Foamed in the shell, one wall after the other, the walls are up in ${days(saves.inShellDays)}; as panels on the bench, side by side, in ${days(saves.panelsDays)}. Panels save ${days(Math.max(0, saves.inShellDays - saves.panelsDays))} on the walls, and residents move in ${days(Math.max(0, saves.residentsSooner))} sooner.`}
      </Text>
      <Text fontSize="xs" color="muted" mt="1">
        {`Planned now: ${saves.now === "foam" ? "foamed in the shell" : saves.now === "panels" ? "panels" : "some of each"}. The whole diary is laid out again for each; other waits may hide what is saved.`}
      </Text>
    </>
  );
  return titled ? <RowSheet title="Outside the shell, or in it">{body}</RowSheet> : body;
}
