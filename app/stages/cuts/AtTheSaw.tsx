import { Box, Checkbox, Flex, Stack, Text } from "@chakra-ui/react";
import { pieceUnder } from "#core/cuts/record/pieces";
import { layUp, type SawSheet } from "#core/cuts/record/sawSheet";
import { guideAt, type SawCut, type Setting, sawOrder, settingsOf } from "#core/cuts/saw/sawOrder";
import { standing } from "#core/log/standing";
import type { Workshop } from "#core/workshop/schema";
import { RowSheet } from "../../frame/Rows";
import { useBench, useUnits } from "../../state/context";
import { useLog } from "../../state/useLog";
import { QuietButton } from "../../ui/QuietButton";
import { FreePieces } from "./FreePieces";
import { Pins } from "./Pins";
import { WrongPart } from "./WrongPart";

/** What to do at the saw with one sheet, in order; ticked off as it is done. */
export function AtTheSaw({ sheet, name }: { sheet: SawSheet; name: (partId: string) => string }) {
  const bench = useBench();
  const { say } = useUnits();
  const log = useLog();
  const order = sawOrder(sheet);
  const numberOf = new Map(order.map((cut, i) => [cut.index, i + 1]));
  const [long, short] = sheet.stock.w >= sheet.stock.h ? ["top", "left"] : ["left", "top"];
  const laid = layUp(sheet);
  const tick = (cut: SawCut) =>
    log.add(...(sheet.asLaid ? [] : [{ kind: "sheet-laid" as const, sheet: laid }]), {
      kind: "cut-made",
      sheet: sheet.id,
      cut: sheet.asLaid ? cut.index : laid.cuts.indexOf(cut.cut),
    });
  const last = standing(bench.log).findLast(
    ({ event }) => "sheet" in event && (typeof event.sheet === "string" ? event.sheet : event.sheet.id) === sheet.id,
  );
  return (
    <RowSheet title="At the saw">
      <Text fontSize="xs" color="muted" mb="2">
        {SAW_WORDS[bench.workshop.saw]} Numbers are those on the drawing. Guard on, push stick, glasses, mask for the
        dust; two people to a full sheet.
      </Text>
      <Stack as="ol" gap="0" listStyleType="none">
        <Row
          number="·"
          title={
            sheet.stock.trim > 0
              ? `Trim the ${long} edge, then the ${short}`
              : `Square the ${long} edge to the ${short}`
          }
          detail={`these two are the datum edges${sheet.stock.trim > 0 ? `; ${say(sheet.stock.trim)} comes off each of the four` : ""}`}
        >
          <Tick
            label="Trimmed"
            checked={sheet.atSaw}
            disabled={sheet.atSaw}
            onTick={() => log.add({ kind: "sheet-laid", sheet: laid })}
          />
        </Row>
        {settingsOf(order).map((setting) => (
          <Row
            key={setting.cuts.map((c) => c.index).join()}
            number={rangeOf(setting.cuts.map((c) => numberOf.get(c.index)!))}
            title={settingWords(setting, { ...bench.workshop, kerfMm: sheet.kerf }, say)}
            detail={whatComesOff(setting, name)}
          >
            {setting.cuts.map((cut) => (
              <Tick
                key={cut.index}
                label={`Cut ${numberOf.get(cut.index)}`}
                checked={cut.made}
                disabled={cut.made || !sheet.atSaw || !pieceUnder(cut.cut, sheet.pieces, sheet.kerf)}
                onTick={() => tick(cut)}
              />
            ))}
          </Row>
        ))}
      </Stack>
      <Flex gap="3" mt="3" align="center" wrap="wrap">
        {last && (
          <QuietButton size="xs" onClick={() => log.add({ kind: "taken-back", entry: last.id })}>
            Take back the last entry
          </QuietButton>
        )}
      </Flex>
      {!sheet.atSaw && <Pins sheet={sheet} name={name} log={log} />}
      {sheet.atSaw && (
        <>
          <WrongPart sheet={sheet} name={name} log={log} />
          <FreePieces sheet={sheet} log={log} />
        </>
      )}
    </RowSheet>
  );
}

const SAW_WORDS: Record<Workshop["saw"], string> = {
  table: "A setting is the finished size between fence and blade.",
  guide: "Marks and guide are measured from the datum edge; the blade runs past the mark.",
  hand: "Marks are measured from the datum edge; saw on the far side of the line.",
};

/** What to set or mark, in words. */
function settingWords(
  { settingMm, cuts }: Setting,
  { saw, guideOffsetMm, kerfMm }: Workshop,
  say: (mm: number) => string,
): string {
  const times = cuts.length === 1 ? "" : cuts.length === 2 ? ", twice" : `, ${cuts.length} times`;
  const edge = [...new Set(cuts.map((c) => c.datum))].join(" or ");
  if (saw === "table") return `Fence ${say(settingMm)} from the ${edge}${times}`;
  const mark = `Mark ${say(settingMm)} from the ${edge}${times}`;
  if (saw === "hand") return mark;
  const guide = guideAt(settingMm, guideOffsetMm, kerfMm);
  return `${mark}; guide ${say(guide.atMm)} from it${guide.side === "past" ? ", past the cut" : ""}`;
}

/** What a setting gives: finished parts, or the strip they are cut from next. */
function whatComesOff({ cuts }: Setting, name: (partId: string) => string): string {
  const names = (ids: string[]) => [...new Set(ids)].map(name).join(", ");
  const finished = names(cuts.flatMap((c) => c.finishes));
  const strip = names(cuts.flatMap((c) => c.strip));
  if (finished) return strip ? `${finished}; strip for ${strip}` : finished;
  return strip ? `strip for ${strip}` : "waste off";
}

const rangeOf = (numbers: number[]) =>
  numbers.length > 1 && numbers.at(-1)! - numbers[0]! === numbers.length - 1
    ? `${numbers[0]}–${numbers.at(-1)}`
    : numbers.join(", ");

function Row({
  number,
  title,
  detail,
  children,
}: {
  number: string;
  title: string;
  detail: string;
  children: React.ReactNode;
}) {
  return (
    <Flex as="li" gap="3" py="0.5" borderTopWidth="1px" borderColor="line" align="flex-start">
      <Text fontFamily="mono" fontWeight="bold" minW="3.2rem">
        {number}
      </Text>
      <Box flex="1">
        <Text fontWeight="bold" fontSize="sm">
          {title}
        </Text>
        <Text fontSize="xs" color="muted">
          {detail}
        </Text>
      </Box>
      <Flex gap="2">{children}</Flex>
    </Flex>
  );
}

function Tick({
  label,
  checked,
  disabled,
  onTick,
}: {
  label: string;
  checked: boolean;
  disabled: boolean;
  onTick: () => void;
}) {
  return (
    <Checkbox.Root
      size="md"
      colorPalette="green"
      checked={checked}
      disabled={disabled}
      onCheckedChange={({ checked: now }) => now === true && onTick()}
    >
      <Checkbox.HiddenInput aria-label={label} />
      <Checkbox.Control borderColor="muted" />
    </Checkbox.Root>
  );
}
