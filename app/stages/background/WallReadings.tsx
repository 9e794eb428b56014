import { CARVED_AWAY } from "#core/background/foam";
import type { Wall } from "#core/background/schema";
import { materialsOf } from "#core/materials/find";
import { formatNumber } from "#core/units/format";
import { FigureReading, Reading } from "../../fields/Reading";
import { useShown } from "../../state/context";
import { Fields } from "../../ui/Panel";

/** What a wall takes and adds: cans likely and safe, what is on the shelf, mass, film, and what is left of the room. */
export function WallReadings({ wall }: { wall: Wall }) {
  const foam = wall.foam === "foamPond" ? "foam-pond" : "foam-building";
  const { cans, onHand, film, grams, can } = useShown(({ plan, bench }) => {
    const line = plan.buying.lines.find((l) => l.materialId === foam);
    const count = (packs: { count: number }[] | undefined) => packs?.reduce((n, p) => n + p.count, 0) ?? 0;
    return {
      cans: line && { likely: count(line.likely), safe: count(line.safe) },
      onHand: bench.stock.onHand
        .filter((s) => s.material === foam)
        .map((s) =>
          [s.note || `${formatNumber(s.amount)} g`, s.since && `since ${s.since}`].filter(Boolean).join(", "),
        ),
      grams: plan.figures.find((f) => f.id === `background/${wall.face}/foam`)?.value,
      can: materialsOf(bench.book, "foam").find((f) => f.grade === wall.foam)?.packs[0]?.content,
      film: plan.parts.find((p) => p.id === `background/${wall.face}/film`),
    };
  });
  const foamed = wall.buildUp === "foam" || wall.buildUp === "panels";
  return (
    <Fields>
      <FigureReading id={`background/${wall.face}/area`} label="Covered" />
      {foamed && grams !== undefined && (
        <Reading
          label="Foam for this wall"
          value={`${formatNumber(grams, 0)} g${can ? `, ${formatNumber(grams / can, 1, "up")} cans` : ""}`}
          figure={`background/${wall.face}/foam`}
        />
      )}
      {foamed && !wall.up && cans && (
        <Reading
          label="To buy for all walls, likely – safe"
          value={`${cans.likely} – ${cans.safe} ${cans.safe === 1 ? "can" : "cans"}`}
        />
      )}
      {foamed && onHand.length > 0 && <Reading label="On the shelf" value={onHand.join(", ")} />}
      {foamed && wall.skinOff && (
        <Reading
          label="Carved away"
          value={`${formatNumber(CARVED_AWAY[wall.apply].value * 100, 0)} %`}
          figure={`background/${wall.face}/foam`}
        />
      )}
      <FigureReading id={`background/${wall.face}/kg`} label="Adds to the wall" />
      {film && (
        <Reading label="Seen from outside" value={`film ${formatNumber((film.lengthMm * film.widthMm) / 1e6, 2)} m²`} />
      )}
      <FigureReading id="background/net-width" />
      <FigureReading id="background/net-depth" />
      <FigureReading id="background/net-room" />
    </Fields>
  );
}
