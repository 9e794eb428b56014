import { Table, Text } from "@chakra-ui/react";
import { useState } from "react";
import { closedOpenings, closureWords } from "#core/closures/here";
import { statedMm } from "#core/design/measure";
import type { FaceId } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { openingsRegister, serviceRegister } from "#core/registers/registers";
import { freeThingId } from "#core/things/handle";
import { Net } from "../../drawing/Net";
import { Sections } from "../../drawing/SectionView";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Workbench } from "../../frame/Workbench";
import { ClosureFields } from "../../hand/front";
import { useBuildHandle, useDesign, useShown, useUnits } from "../../state/context";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";
import { Toggle } from "../../ui/Toggle";

const VIEWS = [
  ["net", "Net"],
  ["sections", "Sections"],
] as const;
const CUTS = [{ cut: "frontBack" }, { cut: "leftRight" }] as const;

/** What closes each opening of the shell, and the escape audit. */
export default function FrontStage() {
  const { say, units } = useUnits();
  const name = useDesign((d) => d.name);
  const openings = useShown(({ plan }) =>
    closedOpenings(plan.site, plan.facts).map((closed) => ({
      ...{ id: closed.opening.id, face: closed.opening.face, words: closureWords(closed) },
      ...{ widthMm: closed.opening.widthMm, heightMm: closed.opening.heightMm },
    })),
  );
  const [view, setView] = useState<(typeof VIEWS)[number][0]>("net");
  const unit = units.unit === "mm" ? " mm" : "";
  const main = openings[0]!;
  const onFace = (face: FaceId) => {
    const at = openings.find((o) => o.face === face);
    return at && ({ kind: "closure", id: at.id } as const);
  };
  return (
    <Workbench
      stage="front"
      title="Front & lid"
      summary={openings
        .map(({ widthMm, heightMm, words }) => `opening ${say(widthMm)} × ${say(heightMm)}${unit}, ${words}`)
        .join("; ")}
      tools={<Toggle views={VIEWS} shown={view} onShow={setView} />}
      board={
        view === "net"
          ? { label: `Net of ${name}, to scale`, draw: (size) => <Net size={size} onFace={onFace} /> }
          : { label: `Sections of ${name}, to scale`, draw: (size) => <Sections cuts={CUTS} size={size} /> }
      }
      own={{ title: main.face === "top" ? "Lid" : "Doors", fields: <ClosureFields id={main.id} /> }}
    >
      <TwoUp>
        <RowSheet title="Ways out">
          <AuditHead />
          <ThingRows
            pick={(t) => t.kind === "way"}
            empty="Add a resident with its narrowest rigid measure on Brief (key 1), and every gap is judged here."
          />
        </RowSheet>
        <RowSheet title="What closes it" tools={<AddGap />}>
          <ThingRows pick={(t) => t.kind === "closure" || t.kind === "gap"} />
          <Text fontSize="xs" color="muted" mt="1">
            A crack at a hinge, a warped corner, a hole nobody drilled for you: what no survey asks for is a gap of its
            own, audited and aired through with the rest.
          </Text>
        </RowSheet>
        <OpeningRows />
        <ServiceRows />
      </TwoUp>
    </Workbench>
  );
}

/** Who is judged, and by which allowance. */
function AuditHead() {
  const audits = useShown(({ plan }) =>
    plan.audit.audits.map(({ name, ways }) => ({ name, allowed: ways[0]?.allowedMm })),
  );
  const { say } = useUnits();
  if (audits.length === 0) return null;
  return (
    <Text fontSize="xs" color="muted">
      {`Open at worst of what is allowed: ${audits.map(({ name, allowed }) => `${name.toLowerCase()}${allowed === undefined ? "" : ` ${say(allowed, "down")}`}`).join(", ")}.`}
    </Text>
  );
}

function AddGap() {
  const { api, take } = useBuildHandle();
  const add = () => {
    const id = freeThingId(chosenVariant(api.store.getState().design).gaps, "gap");
    api.commit((draft) => {
      chosenVariant(draft).gaps.push({
        ...{ id, name: `Gap ${id.slice("gap-".length)}`, kind: "slot", seat: "other", size: statedMm(2) },
        ...{ tolerance: null, where: "front", length: statedMm(100), height: null },
      });
    });
    take({ kind: "gap", id });
  };
  return (
    <QuietButton size="xs" onClick={add}>
      Add a gap
    </QuietButton>
  );
}

/** Every opening with its cover. */
function OpeningRows() {
  const openings = useShown(({ plan }) => openingsRegister(plan.facts));
  const { say } = useUnits();
  return (
    <RowSheet title="Openings register">
      <PlainTable heads={["Opening", "Where", { text: "At worst", end: true }, "Covered by"]}>
        {openings.map((opening) => (
          <Table.Row key={opening.id} data-opening={opening.id}>
            <Table.Cell>{opening.label}</Table.Cell>
            <Table.Cell>{opening.where}</Table.Cell>
            <Table.Cell textAlign="end" fontFamily="mono">
              {opening.worstMm === null ? "–" : say(opening.worstMm, "up")}
            </Table.Cell>
            <Table.Cell>{opening.cover}</Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
    </RowSheet>
  );
}

/** Everything that must be reached, and by which way. */
function ServiceRows() {
  const services = useShown(({ plan }) => serviceRegister(plan.site, plan.facts));
  return (
    <RowSheet title="Must be reached">
      <PlainTable heads={["What", "By which way"]}>
        {services.map((entry) => (
          <Table.Row key={entry.id} data-service={entry.id}>
            <Table.Cell>{entry.label}</Table.Cell>
            <Table.Cell>{entry.way}</Table.Cell>
          </Table.Row>
        ))}
      </PlainTable>
    </RowSheet>
  );
}
