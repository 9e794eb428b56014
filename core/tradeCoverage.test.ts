import { existsSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";

const text = readFileSync("docs/trade-coverage.md", "utf8");
const rows = text.split("\n").flatMap((line) => {
  const found = /^\| ([A-K][\d.]+)[^|]*\| (met|in part|not yet) \| (.+) \|$/.exec(line);
  return found ? [{ row: found[1]!, state: found[2]!, where: found[3]! }] : [];
});
const LAST = { A: 37, C: 33, F: 43, G: 30, H: 16, I: 30, K: 27 };

describe("docs/trade-coverage.md", () => {
  it("has every row of the trade tables once", () => {
    const wanted = [
      ...Object.entries(LAST).flatMap(([letter, last]) => Array.from({ length: last }, (_, i) => `${letter}${i + 1}`)),
      ...Array.from({ length: 35 }, (_, i) => `B1.${i + 1}`),
      ...["B2", "B3", "B4"],
    ];
    expect(rows.map((r) => r.row).sort()).toEqual(wanted.sort());
  });
  it("names a file that is there wherever a row is met", () => {
    for (const { row, state, where } of rows) {
      const files = [...where.matchAll(/`((?:core|app|files)\/[^`]+)`/g)].map((m) => m[1]!);
      if (state === "met" && !/B1\.\d|^six|^waits/.test(where)) expect(files.length, row).toBeGreaterThan(0);
      for (const file of files) expect(existsSync(file), `${row}: ${file}`).toBe(true);
    }
  });
});
