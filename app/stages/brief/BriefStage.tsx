import { Input, Text } from "@chakra-ui/react";
import type { Resident } from "#core/residents/schema";
import { STARTER_RESIDENTS } from "#core/residents/starters";
import { parseMoneyMinor, plainMoney } from "#core/units/money";
import { NameField } from "../../fields/NameField";
import { FigureReading } from "../../fields/Reading";
import { Add } from "../../frame/Add";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Workbench } from "../../frame/Workbench";
import { useBench, useBuildHandle, useDecision, useDesign } from "../../state/context";
import { useDraft } from "../../state/useDraft";
import { Labelled } from "../../ui/Labelled";
import { Fields } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

const blank = (id: string): Resident => ({
  ...STARTER_RESIDENTS[0]!,
  id,
  name: "My animal",
  narrowestRigid: null,
  groundDepth: null,
  strong: false,
  needs: { length: null, width: null, height: null },
  reach: null,
  traits: { climbs: false, toePads: false, digs: false, wetSkin: false, eatsGround: false, wantsPrivacy: false },
  bands: { tempC: null, rh: null },
  note: "",
});

/** Who it is for, the room it stands in, and what it may cost. */
export default function BriefStage() {
  const who = useDesign((d) => d.brief.residents)
    .map((r) => `${r.count} × ${r.name.toLowerCase()}`)
    .join(", ");
  return (
    <Workbench
      stage="brief"
      title="Brief"
      summary={who ? `for ${who}` : "who will live here?"}
      tools={<AddResident />}
      own={{
        title: "Build",
        fields: (
          <>
            <Fields>
              <NameField label="Name" path="build:/name" most={80} />
              <BudgetField />
            </Fields>
            <NameField label="Note" path="build:/brief/note" long />
          </>
        ),
      }}
    >
      <TwoUp>
        <RowSheet title="Residents">
          <ThingRows rows="residents" empty="Nobody yet: add a resident above." />
          <Text fontSize="xs" color="muted" mt="1">
            Every gap is judged against the narrowest rigid measure: the smallest hole that the hardest, widest part of
            the smallest stage passes. Hatchlings, if they breed.
          </Text>
        </RowSheet>
        <RowSheet title="Where and how large">
          <ThingRows rows="home" />
          <Fields>
            <FigureReading id="fit/floor" />
            <FigureReading id="fit/headroom" />
            <FigureReading id="fit/old-home" />
          </Fields>
        </RowSheet>
      </TwoUp>
    </Workbench>
  );
}

/** Starters, and an animal of one's own. */
function AddResident() {
  const { make } = useBuildHandle();
  const add = (from?: Resident) =>
    make(({ brief: { residents } }) => {
      const taken = new Set(residents.map((r) => r.id));
      const stem = from?.id ?? "resident";
      let id = stem;
      for (let n = 2; taken.has(id); n++) id = `${stem}-${n}`;
      residents.push(from ? { ...structuredClone(from), id } : blank(id));
      return { kind: "resident", id };
    });
  return (
    <>
      <Add label="Add a resident" options={STARTER_RESIDENTS.map((r) => ({ words: r.name, add: () => add(r) }))} />
      <QuietButton size="xs" onClick={() => add()}>
        Another animal
      </QuietButton>
    </>
  );
}

function BudgetField() {
  const bench = useBench();
  const { value, attempt } = useDecision<number | null>("build:/brief/budgetMinor");
  const shown = value === null ? "" : plainMoney(value, bench.workshop.currency);
  const draft = useDraft(shown);
  const { error, text } = draft;
  const take = () => {
    const price = text.trim() === "" ? null : parseMoneyMinor(text, bench.workshop.currency);
    if (price && !price.ok) return price.message;
    const minor = price ? price.value : null;
    return minor === value ? null : (attempt(minor)[0]?.message ?? null);
  };
  const leave = () => draft.leave(take());
  return (
    <Labelled label={`Budget, ${bench.workshop.currency}`} error={error}>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        fontFamily="mono"
        placeholder="none"
        value={text}
        onFocus={draft.focus}
        onChange={(e) => draft.type(e.target.value)}
        onBlur={leave}
      />
    </Labelled>
  );
}
