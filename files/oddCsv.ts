import { parseMeasure } from "../core/design/guess";
import type { OddPart } from "../core/odd/schema";
import type { LengthUnit } from "../core/units/length";
import { numberedRows, type RowError } from "./rows";

const LIMIT_ROWS = 1000;

/** What each column may be called, in small letters. */
const HEADS = {
  label: ["part", "label", "name"],
  length: ["length", "length mm"],
  width: ["width", "width mm"],
  qty: ["quantity", "qty", "count"],
  material: ["material"],
  grain: ["grain"],
} as const;

/**
 * Reads a list of odd parts: columns part, length, width, and if wanted quantity, material (id or name) and grain
 * (`locked` where the length must lie along the sheet's).
 * @param text CSV with a line of headings; comma, semicolon or tab
 * @param from the unit of a bare number, the materials there are, the one taken where none is named, and ids already used
 * @returns the parts that could be read, and for every other row what was wrong with it
 */
export function readOddParts(
  text: string,
  from: { unit: LengthUnit; materials: { id: string; name: string }[]; material: string; taken: string[] },
): { parts: OddPart[]; errors: RowError[] } {
  const [first, ...rows] = numberedRows(text);
  const heads = (first?.cells ?? []).map((head) => head.toLowerCase());
  const column = (key: keyof typeof HEADS) => HEADS[key].find((head) => heads.includes(head));
  const missing = (["label", "length", "width"] as const).filter((key) => !column(key));
  if (missing.length > 0)
    return {
      parts: [],
      errors: [
        {
          line: first?.line ?? 1,
          message: `The first line names no column for ${missing.map((m) => (m === "label" ? "part" : m)).join(" and ")}. Nothing was taken. Begin the file with: part,length,width,quantity`,
        },
      ],
    };
  const parts: OddPart[] = [];
  const errors: RowError[] = [];
  const taken = new Set(from.taken);
  for (const { line, cells } of rows) {
    const cell = (key: keyof typeof HEADS) => cells[heads.indexOf(column(key) ?? "")] ?? "";
    const wrong = (message: string) => {
      errors.push({ line, message });
    };
    if (parts.length >= LIMIT_ROWS) {
      wrong(`Past ${LIMIT_ROWS} rows nothing more is taken.`);
      break;
    }
    const sides = (["length", "width"] as const).map((key) => {
      const unit = column(key)?.endsWith(" mm") ? "mm" : from.unit;
      const read = parseMeasure(cell(key), unit, "stated");
      if (!read.ok) wrong(`${key} “${cell(key)}”: ${read.message}`);
      else if (read.value.value < 1 || read.value.value > 10_000)
        wrong(`${key} “${cell(key)}” must be between 1 mm and 10 m.`);
      else return read.value;
      return undefined;
    });
    const [length, width] = sides;
    const qty = cell("qty") === "" ? 1 : Number(cell("qty"));
    const countable = Number.isInteger(qty) && qty >= 1 && qty <= 1000;
    if (!countable) wrong(`quantity “${cell("qty")}” must be a whole number from 1 to 1000.`);
    const named = cell("material").toLowerCase();
    const material =
      named === "" ? from.material : from.materials.find((m) => m.id === named || m.name.toLowerCase() === named)?.id;
    if (!material) wrong(`The book has no sheet “${cell("material")}”.`);
    if (!length || !width || !countable || !material) continue;
    let n = parts.length + 1;
    while (taken.has(`odd-${n}`)) n++;
    taken.add(`odd-${n}`);
    const grainLocked = /^(locked|yes|true|1)$/i.test(cell("grain"));
    parts.push({
      id: `odd-${n}`,
      label: (cell("label") || `Odd part ${n}`).slice(0, 60),
      material,
      length,
      width,
      qty,
      grainLocked,
    });
  }
  return { parts, errors };
}
