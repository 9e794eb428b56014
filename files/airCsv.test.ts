import { describe, expect, it } from "vitest";
import { readAirCsv } from "./airCsv";
import { localOf } from "./airTimes";

const START = Date.UTC(2026, 4, 4, 0, 0) / 60_000;
/** Rows of a file from a start, every so many minutes. */
const rows = (count: number, everyMin: number, cells: (n: number) => string, start = START) =>
  Array.from({ length: count }, (_, n) => `${localOf(start + n * everyMin).replace("T", " ")},${cells(n)}`).join("\n");
const wave = (n: number) => (20 + 3 * Math.sin(n / 5)).toFixed(2);

describe("a gauge's file", () => {
  it("is read in any order of columns, as means of the hour, in °C and °F", () => {
    const text = `humidity %,when,temperature °C\n${Array.from({ length: 48 * 6 }, (_, n) => `${50 + (n % 6)},${localOf(START + 10 * n)},${n % 2 === 0 ? 20 : 22}`).join("\n")}`;
    const { probes, errors } = readAirCsv(text.replaceAll("T", " "));
    expect(errors.filter((e) => !e.message.includes("stands at"))).toEqual([
      expect.objectContaining({ message: expect.stringMatching(/is 21 in every row|is 52.5 in every row/) }),
      expect.objectContaining({ message: expect.stringContaining("in every row") }),
    ]);
    const moving = readAirCsv(`Time,Temp (°F)\n${rows(48 * 2, 30, (n) => String(68 + (n % 48) / 4))}`);
    expect(moving.errors).toEqual([]);
    expect(moving.probes[0]).toMatchObject({ place: "gauge", from: "2026-05-04T00:00" });
    // 68 and 68.25 °F are 20 and 20.139 °C.
    expect(moving.probes[0]!.tempC[0]).toBeCloseTo(20.069, 2);
    expect(probes).toEqual([]);
  });
  it("tells °F by numbers at which nothing lives, and says so", () => {
    const { probes, told } = readAirCsv(`time,temperature\n${rows(48, 60, (n) => String(70 + (n % 7)))}`);
    expect(told[0]).toContain("read as °F");
    expect(probes[0]!.tempC[0]).toBeCloseTo((70 - 32) / 1.8, 2);
  });
  it("of two probes gives both, by their headings", () => {
    const { probes } = readAirCsv(
      `time,warm end temp °C,warm end humidity %,cool end temp °C,cool end humidity %\n${rows(30, 60, (n) => `${wave(n)},${50 + (n % 9)},${wave(n + 2)},${60 + (n % 9)}`)}`,
    );
    expect(probes.map((p) => [p.place, p.tempC.length, p.rh[1]])).toEqual([
      ["warm end", 30, 51],
      ["cool end", 30, 61],
    ]);
  });
  it("with gaps has hours of nothing", () => {
    const text = `time,temp °C\n${rows(20, 60, wave)}\n${rows(20, 60, wave, START + 60 * 30)}`;
    const { probes } = readAirCsv(text);
    expect(probes[0]!.tempC).toHaveLength(50);
    expect(probes[0]!.tempC.slice(20, 30)).toEqual(Array.from({ length: 10 }, () => null));
  });
  it("over a change of clocks goes on by the old one, and says so", () => {
    // Sunday 25 October 2026: at 03:00 it is 02:00 again.
    const night = Date.UTC(2026, 9, 24, 4, 0) / 60_000;
    const before = rows(46, 30, wave, night);
    const after = rows(20, 30, wave, night + 45 * 30 - 30);
    const back = readAirCsv(`time,temp °C\n${before}\n${after}`);
    expect(back.told[0]).toMatch(/goes back an hour/);
    expect(back.errors).toEqual([]);
    expect(back.probes[0]!.tempC.every((x) => x !== null)).toBe(true);
    // Sunday 29 March 2026: after 01:30 comes 03:00.
    const spring = Date.UTC(2026, 2, 28, 2, 0) / 60_000;
    const forward = readAirCsv(`time,temp °C\n${rows(48, 30, wave, spring)}\n${rows(20, 30, wave, spring + 50 * 30)}`);
    expect(forward.told[0]).toMatch(/goes forward an hour/);
    expect(forward.probes[0]!.tempC.every((x) => x !== null)).toBe(true);
  });
});

describe("what is wrong with a gauge's file", () => {
  it("three rows are too few, and nothing is taken", () => {
    const { probes, errors } = readAirCsv(`time,temp °C,rh %\n${rows(3, 60, (n) => `${wave(n)},50`)}`);
    expect(probes).toEqual([]);
    expect(errors[0]!.message).toMatch(/3 rows over 3 hours.*a week is good/);
  });
  it("a column that never moves is left out, and the other kept", () => {
    const { probes, errors } = readAirCsv(`time,temp °C,rh %\n${rows(30, 60, (n) => `${wave(n)},54`)}`);
    expect(errors[0]!.message).toContain("54 in every row");
    expect(probes[0]!.rh.every((x) => x === null)).toBe(true);
    expect(probes[0]!.tempC.every((x) => x !== null)).toBe(true);
  });
  it("one that sticks for a day is left out for as long", () => {
    const { probes, errors } = readAirCsv(
      `time,rh %\n${rows(80, 60, (n) => String(n > 20 && n < 50 ? 61 : 50 + (n % 7)))}`,
    );
    expect(errors[0]!.message).toMatch(/stands at 61 for 29 hours/);
    expect(probes[0]!.rh.filter((x) => x === null)).toHaveLength(29);
  });
  it("200 % rh is told by its line and left out", () => {
    const { probes, errors } = readAirCsv(`time,rh %\n${rows(30, 60, (n) => String(n === 4 ? 200 : 50 + (n % 7)))}`);
    expect(errors).toEqual([{ line: 6, message: expect.stringMatching(/^200 % cannot be/) }]);
    expect(probes[0]!.rh[4]).toBeNull();
  });
  it("two shells in one file are told apart", () => {
    const text = `time,sensor,temp °C\n${Array.from({ length: 60 }, (_, n) => `${localOf(START + 60 * Math.floor(n / 2))},${n % 2 ? "tub" : "cabinet"},${wave(n)}`).join("\n")}`;
    const { probes, told } = readAirCsv(text);
    expect(told[0]).toMatch(/readings of 2: cabinet, tub/);
    expect(probes.map((p) => p.place)).toEqual(["cabinet", "tub"]);
  });
  it("times that run backwards are told by line and left out; a file from its end is turned round", () => {
    const good = rows(30, 60, wave).split("\n");
    const swapped = [...good.slice(0, 10), good[3]!, ...good.slice(10)];
    const { errors, probes } = readAirCsv(`time,temp °C\n${swapped.join("\n")}`);
    expect(errors).toEqual([
      {
        line: 12,
        message: expect.stringMatching(/2026-05-04 03:00 comes after 2026-05-04 09:00: times run backwards/),
      },
    ]);
    expect(probes[0]!.tempC).toHaveLength(30);
    const turned = readAirCsv(`time,temp °C\n${[...good].reverse().join("\n")}`);
    expect(turned.errors).toEqual([]);
    expect(turned.told[0]).toContain("newest row stands first");
  });
  it("what is no file of a gauge is said to be none", () => {
    expect(readAirCsv("part,length\na,3").errors[0]!.message).toContain("no column for the time");
    expect(readAirCsv("time,part\n2026-01-01 10:00,3").errors[0]!.message).toContain("no column for warmth or damp");
    expect(readAirCsv(`time,temp\nyesterday,20\n${rows(30, 60, wave)}`).errors[0]).toMatchObject({ line: 2 });
    expect(readAirCsv("").errors).toHaveLength(1);
  });
});
