import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { DAY } from "#core/day/facts";
import { formatLocal, parseLocal } from "#core/design/localTime";
import { simulateAir } from "../../../standins/airGauge";
import { useBench, useShown } from "../../state/context";
import { useLog } from "../../state/useLog";
import { ActButton } from "../../ui/ActButton";
import { Fields } from "../../ui/Panel";
import { TextField } from "../../ui/TextField";

/** What is chosen of the truth and of the gauge, with what each may be. */
const CHOICES = [
  ["days", "For days", "7", 2, 28],
  ["draught", "The room’s draught, × as taken", "1.5", 0, 5],
  ["wetness", "Wet ground, × as taken", "0.7", 0.1, 3],
  ["screens", "Meshes and gaps, × as taken", "0.8", 0.1, 3],
  ["walls", "What walls let through, × as taken", "1.1", 0.3, 3],
  ["offK", "The gauge is off by, K", "0.5", -5, 5],
  ["offRh", "And by, % rh", "3", -20, 20],
  ["drift", "It drifts a week, % rh", "0.5", -20, 20],
  ["lateMin", "It is late by, minutes", "10", 0, 60],
] as const;
type ChoiceId = (typeof CHOICES)[number][0];

/** Readings made up of the design as it is, a truth of one's choice and a cheap gauge. */
export function SimulatedGauge({ close }: { close: () => void }) {
  const log = useLog();
  const { now } = useBench();
  const designed = useShown(({ plan }) => plan.facts.one(DAY)?.designed);
  const [typed, setTyped] = useState(
    () => Object.fromEntries(CHOICES.map(([id, , value]) => [id, value])) as Record<ChoiceId, string>,
  );
  const value = (id: ChoiceId) => Number(typed[id].replace(",", "."));
  const wrong = CHOICES.filter(([id, , , low, high]) => !(value(id) >= low && value(id) <= high));
  const read = () => {
    if (!designed || wrong.length > 0) return;
    const days = Math.round(value("days"));
    const from = formatLocal((Math.floor((parseLocal(now) ?? 0) / 1440) - days) * 1440);
    const made = simulateAir(designed, {
      ...{ days, seed: 11 },
      truth: {
        ...{ draught: value("draught"), wetness: value("wetness") },
        ...{ screens: value("screens"), walls: value("walls") },
      },
      instrument: {
        ...{ offK: value("offK"), offRh: value("offRh"), driftRhPerWeek: value("drift") },
        lateH: value("lateMin") / 60,
      },
    });
    log.add({ kind: "air-read", place: "simulated gauge", from, ...made, label: { k: 1, rh: 5 } });
    close();
  };
  return (
    <Box pb="3">
      <Text fontSize="sm" mb="2">
        It makes readings up: of this design, a truth that you choose, and a gauge that is off. For seeing what a fit
        finds, not for animals.
      </Text>
      <Fields min="12rem">
        {CHOICES.map(([id, label, , low, high]) => (
          <TextField
            key={id}
            label={label}
            value={typed[id]}
            onChange={(next) => setTyped({ ...typed, [id]: next })}
            error={wrong.some(([w]) => w === id) ? `A number from ${low} to ${high}.` : null}
          />
        ))}
      </Fields>
      <Box mt="3">
        <ActButton size="sm" disabled={wrong.length > 0 || !designed} onClick={read}>
          Let it read
        </ActButton>
      </Box>
    </Box>
  );
}
