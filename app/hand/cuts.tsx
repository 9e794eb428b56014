import { Box, Flex, Text } from "@chakra-ui/react";
import { sawSizeMm } from "#core/cuts/sawSize";
import { FACES } from "#core/design/names";
import { hasTolerance } from "#core/ledgers/parts";
import { materialName, materialsOf } from "#core/materials/find";
import { cornerWords } from "#core/odd/corners";
import { facesLeftFor, slipJob } from "#core/slips/job";
import { layOut } from "#core/slips/layout";
import { formatLengthWithUnit } from "#core/units/format";
import { sawToleranceMm } from "#core/workshop/sawTolerance";
import { ChoiceField, CountField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading, Reading } from "../fields/Reading";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton, QuietLink } from "../ui/QuietButton";
import { GroupReadings } from "./GroupReadings";
import { useIndex } from "./useIndex";

/** The nesting of one material. */
export function SheetFields({ id }: { id: string }) {
  const group = useShown(({ plan }) => plan.groups.find((g) => g.material.id === id));
  return group ? <GroupReadings group={group} /> : null;
}

/** A part: its size for the saw, and how that came about. */
export function PartFields({ id }: { id: string }) {
  const { openWorking } = useBuildHandle();
  const { book } = useBench();
  const { units } = useUnits();
  const say = (mm: number) => formatLengthWithUnit(mm, units);
  const part = useShown(({ plan }) => plan.parts.find((p) => p.id === id));
  if (!part) return null;
  return (
    <>
      <Fields>
        <Reading label="Length" value={say(sawSizeMm(part.lengthMm))} />
        {part.widthMm > 0 && <Reading label="Width" value={say(sawSizeMm(part.widthMm))} />}
        <Reading label="How many" value={String(part.qty)} />
        {hasTolerance(part) && <Reading label="Give or take" value={say(sawToleranceMm(part.lengthMm))} />}
        <Reading label="Of" value={materialName(book, part.materialId)} />
      </Fields>
      <Text fontSize="xs" color="muted" mt="1.5">
        {[part.working.length, part.working.width].filter(Boolean).join("; ")}
      </Text>
      {part.figure && (
        <QuietButton size="xs" mt="1.5" onClick={() => openWorking(part.figure!)}>
          Working
        </QuietButton>
      )}
    </>
  );
}

/** A part beside the shell's own. */
export function OddFields({ id }: { id: string }) {
  const i = useIndex((v) => v.oddParts, id);
  const part = useVariant((v) => v.oddParts.find((o) => o.id === id));
  const { book } = useBench();
  const { say } = useUnits();
  if (!part) return null;
  const path = `/oddParts/${i}`;
  return (
    <>
      <Fields>
        <NameField label="Part" path={`${path}/label`} />
        <CountField label="How many" path={`${path}/qty`} max={1000} />
        <MeasureField label="Its length" path={`${path}/length`} />
        <MeasureField label="Its width" path={`${path}/width`} />
        <ChoiceField
          label="Cut from"
          path={`${path}/material`}
          options={materialsOf(book, "sheet").map((s) => [s.id, s.name] as const)}
        />
      </Fields>
      <Box mt="2">
        <TickField label="Length lies along the sheet" path={`${path}/grainLocked`} />
      </Box>
      {part.corners && (
        <Text fontSize="xs" color="muted">
          {`${cornerWords[part.corners.count]} out, ${say(part.corners.length.value)} × ${say(part.corners.width.value)}`}
        </Text>
      )}
    </>
  );
}

const BONDS = [
  ["stack", "joints in line"],
  ["running", "shifted by half a piece"],
] as const;

/** Brick slips and tiles: equal joints from a count, the count from a joint, and where they lie. */
export function SlipsFields({ id }: { id: string }) {
  const { buildId } = useBuildHandle();
  const { currency } = useBench().workshop;
  const i = useIndex((v) => v.slips, id);
  const slips = useVariant((v) => v.slips.find((s) => s.id === id));
  const faces = useShown(({ plan }) => plan.shell.faces);
  const { say } = useUnits();
  if (!slips) return null;
  const at = (key: string) => `/slips/${i}/${key}`;
  const job = slipJob(slips, faces);
  const layout = layOut(job);
  const second = layout?.left ? facesLeftFor(slips, layout.left, faces) : [];
  return (
    <>
      <Fields>
        <ChoiceField
          label="On which face"
          path={at("face")}
          options={FACES.filter((f) => f !== "front").map((f) => [f, f] as const)}
        />
        <ChoiceField label="Rows" path={at("bond")} options={BONDS} />
        <MeasureField label="Piece, wide" path={at("width")} />
        <MeasureField label="Piece, high" path={at("height")} />
        <MeasureField label="Joint wanted" path={at("joint")} />
        <MeasureField label="Free all round" path={at("edge")} />
        <MeasureField label="Begins above the foot" path={at("foot")} />
        <MeasureField label="On hand, pieces" path={at("onHand")} kind="plain" optional />
        <MeasureField label="Breakage" path={at("breakagePercent")} kind="plain" suffix="%" />
        {!slips.onHand && (
          <>
            <MeasureField label="Pieces in a pack" path={at("packOf")} kind="plain" optional />
            <MeasureField label="Price of a pack" path={at("packPrice")} kind="plain" suffix={currency} optional />
          </>
        )}
      </Fields>
      {layout && (
        <Box mt="3">
          <Fields>
            <FigureReading id={`slips/${slips.id}/joint-across`} label="Joint across" />
            <FigureReading id={`slips/${slips.id}/joint-up`} label="Joint up" />
            <Reading label="Rows × pieces" value={`${layout.rows} × ${layout.columns}`} />
            <Reading label="Whole, halves" value={`${layout.whole}, ${layout.halves}`} />
            <FigureReading id={`slips/${slips.id}/needed`} label="Takes, with breakage" />
            {layout.left !== null && (
              <Reading
                label="Left over"
                value={`${layout.left}${second.length > 0 ? `: enough for ${second.join(" or ")}` : ""}`}
              />
            )}
          </Fields>
        </Box>
      )}
      <Flex gap="2" mt="2" wrap="wrap">
        {layout && (
          <>
            <QuietLink to={`/builds/${buildId}/files/slips-${slips.id}-a4.pdf`} reloadDocument>
              Guide lines, A4
            </QuietLink>
            <QuietLink to={`/builds/${buildId}/files/slips-${slips.id}-letter.pdf`} reloadDocument>
              Guide lines, Letter
            </QuietLink>
          </>
        )}
        {!layout && (
          <Text role="alert" fontSize="sm" color="stop">
            {`These do not go on ${say(job.faceWidthMm)} × ${say(Math.max(0, job.faceHeightMm))}: see Snags.`}
          </Text>
        )}
      </Flex>
      <Text fontSize="xs" color="muted" mt="1.5">
        Type how many there are and the joints come out even; leave it empty and the count comes from the joint. Lay
        them out dry before any glue.
      </Text>
    </>
  );
}
