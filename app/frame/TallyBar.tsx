import { Box, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { parseLocal } from "#core/design/localTime";
import { formatMinutes, formatNumber } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { Reading } from "../fields/Reading";
import { useShown } from "../state/context";
import { dayWords } from "../ui/dates";

const day = (local: string | null) => (local === null ? "not planned" : dayWords(parseLocal(local)!));

const kg = (mass: number) => formatNumber(mass, mass < 10 ? 1 : 0);

/** The line at the foot of every stage; each number opens its working. */
export function TallyBar() {
  const tally = useShown(({ plan }) => plan.tally);
  const sheetFigure = useShown(({ plan }) => plan.groups[0] && `cuts/${plan.groups[0].material.id}/sheets`);
  const money = (minor: number) => formatMoney(minor, tally.currency).replace(/\.0+$/, "");
  const cost =
    tally.costLikelyMinor === tally.costSafeMinor
      ? money(tally.costLikelyMinor)
      : `${money(tally.costLikelyMinor)} – ${money(tally.costSafeMinor)}`;
  return (
    <Flex
      as="footer"
      aria-label="Tally"
      bg="paper"
      borderTopWidth="2px"
      borderColor="ink"
      px="4"
      py="1"
      columnGap="5"
      rowGap="0"
      justify="space-between"
      wrap="wrap"
    >
      <Reading
        label="Cost, likely – safe"
        value={tally.unpriced > 0 ? `${cost} + ${tally.unpriced} unpriced` : cost}
        figure="buying/cost"
      />
      <Wider>
        <Reading
          label="Sheets"
          value={tally.sheets === 0 ? "none" : `${tally.sheets} (${formatNumber(tally.usedShare * 100, 0)} % used)`}
          {...(sheetFigure && { figure: sheetFigure })}
        />
        <Reading
          label="Mass dry / wet"
          value={`${kg(tally.massDryKg)} / ${kg(tally.massWetKg)} kg`}
          figure="shell/mass-shell"
        />
        <Reading
          label="Hands on"
          value={formatMinutes(Math.round(tally.handsOnMinutes / 30) * 30)}
          figure="diary/hands-on"
        />
        {tally.inBand && (
          <Reading
            label={tally.inBand.safeHours === null ? "In band, likely" : "In band, likely · safe"}
            value={`${tally.inBand.likelyHours} h${tally.inBand.safeHours === null ? "" : ` · ${tally.inBand.safeHours} h`}`}
            figure="day/in-band"
          />
        )}
      </Wider>
      <Reading
        label="Next wait"
        value={tally.nextWait ? formatMinutes(tally.nextWait.minutes) : "none"}
        figure="diary/waits"
      />
      <Wider>
        {tally.plantsInAt !== null && <Reading label="Plants in" value={day(tally.plantsInAt)} figure="diary/waits" />}
        {tally.plantsInAt === null && (
          <Reading label="Substrate in" value={day(tally.groundInAt)} figure="diary/waits" />
        )}
      </Wider>
      <Reading label="Residents in" value={day(tally.residentsInAt)} figure="diary/waits" />
    </Flex>
  );
}

/** What a phone leaves out of the line. */
const Wider = ({ children }: { children: ReactNode }) => (
  <Box display={{ base: "none", md: "contents" }}>{children}</Box>
);
