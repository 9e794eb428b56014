import exifr from "exifr";
import ICAL from "ical.js";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import piexif from "piexifjs";
import { describe, expect, it } from "vitest";
import { dueCare } from "../core/bench/care/due";
import { readCode, stepCodes } from "../core/bench/codes";
import type { Log } from "../core/log/schema";
import { plan } from "../core/plan";
import { demoBuilds, haberdasher } from "../demo/builds";
import { jobInput } from "../tests/job";
import { benchSheetPdf } from "./benchSheet";
import { readBuildZip, writeBuildZip } from "./buildZip";
import { careIcs } from "./careIcs";
import { strippedJpeg } from "./jpeg";

/** The smallest picture there is: one grey pixel. */
const PIXEL =
  "/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AN//Z";

describe("a photograph", () => {
  const taken = (): Buffer => {
    const gps = {
      [piexif.GPSIFD.GPSLatitudeRef]: "N",
      [piexif.GPSIFD.GPSLatitude]: piexif.GPSHelper.degToDmsRational(52.5),
      [piexif.GPSIFD.GPSLongitudeRef]: "E",
      [piexif.GPSIFD.GPSLongitude]: piexif.GPSHelper.degToDmsRational(13.4),
    };
    const exif = piexif.dump({ "0th": { [piexif.ImageIFD.Make]: "A camera" }, GPS: gps });
    return Buffer.from(piexif.insert(exif, Buffer.from(PIXEL, "base64").toString("binary")), "binary");
  };

  it("loses its place, its camera and its comments, and nothing of the picture (read by exifr)", async () => {
    const before = taken();
    expect(await exifr.gps(before)).toMatchObject({ latitude: 52.5 });
    const stripped = strippedJpeg(before);
    if (!stripped.ok) throw new Error(stripped.message);
    const after = Buffer.from(stripped.value);
    expect(await exifr.gps(after).catch(() => undefined)).toBeUndefined();
    expect(after.includes("A camera")).toBe(false);
    expect(after.equals(Buffer.from(PIXEL, "base64"))).toBe(true);
  });

  it.each([
    ["a text", Buffer.from("not a picture")],
    ["nothing", Buffer.alloc(0)],
    ["one cut short", Buffer.from(PIXEL, "base64").subarray(0, 60)],
    ["a segment that runs past the end", Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0xff, 0xff, 1])],
  ])("that is %s is refused in words", (_, bytes) => {
    expect(strippedJpeg(bytes)).toMatchObject({ ok: false, message: expect.stringMatching(/Nothing was kept/) });
  });
});

describe("a build with its photographs", () => {
  it("comes back from its archive; what is none is refused in words", () => {
    const jpeg = new Uint8Array(Buffer.from(PIXEL, "base64"));
    const zip = writeBuildZip({ build: '{"a":1}', photos: new Map([["0123abcd", jpeg]]) });
    const read = readBuildZip(zip);
    if (!read.ok) throw new Error(read.message);
    expect(read.value.build).toBe('{"a":1}');
    expect([...read.value.photos]).toEqual([["0123abcd", jpeg]]);
    expect(readBuildZip(zip.subarray(0, zip.length - 30))).toMatchObject({ ok: false });
    expect(readBuildZip(new Uint8Array([1, 2, 3]))).toMatchObject({
      ok: false,
      message: expect.stringMatching(/Nothing was changed/),
    });
  });
});

describe("what is watched after, as a calendar", () => {
  const planned = plan(jobInput(haberdasher()), undefined, true);
  const inAt = Date.parse("2026-03-02T19:00Z") / 60_000;
  const calendar = (log: Log = []) => new ICAL.Component(ICAL.parse(careIcs(planned, log, "The cabinet", inAt)));
  const events = (log: Log = []) =>
    calendar(log)
      .getAllSubcomponents("vevent")
      .map((e) => new ICAL.Event(e));

  it("is read back by another library: every check once, on its first day, as often as it is asked", () => {
    const due = dueCare(planned, [], inAt);
    expect(due.length).toBeGreaterThanOrEqual(10);
    const read = events();
    expect(read.map((e) => e.summary).sort()).toEqual(due.map(({ care }) => `The cabinet: ${care.title}`).sort());
    const level = read.find((e) => e.summary.endsWith("Level and leaks"))!;
    expect(level.startDate.toString()).toBe("2026-03-03T09:00:00");
    const times = level.iterator();
    const days = Array.from({ length: 20 }, () => times.next()?.toString().slice(0, 10)).filter(Boolean);
    // Every second day for four weeks: 3, 5, … 29 March.
    expect(days).toHaveLength(14);
    expect(days.slice(0, 3)).toEqual(["2026-03-03", "2026-03-05", "2026-03-07"]);
    expect(days.at(-1)).toBe("2026-03-29");
  });

  it("goes on from when it was last looked at, and leaves out what is over", () => {
    const looked: Log = [
      {
        id: "a",
        at: "2026-03-29T10:00",
        event: { kind: "checked", check: "care/level", passed: true, by: "", note: "" },
      },
      {
        id: "b",
        at: "2026-03-10T10:00",
        event: { kind: "checked", check: "care/latch", passed: true, by: "", note: "" },
      },
    ];
    const read = events(looked);
    expect(read.some((e) => e.summary.endsWith("Level and leaks"))).toBe(false);
    expect(read.find((e) => e.summary.endsWith("Latches"))!.startDate.toString()).toBe("2026-03-17T09:00:00");
  });
});

describe("the bench sheet", () => {
  it("has the day's steps with their codes, all in fourteen points or more", async () => {
    const planned = plan(jobInput(haberdasher()), undefined, true);
    const pdf = await getDocument({ data: new Uint8Array(await benchSheetPdf(planned, "The cabinet", "a4")) }).promise;
    let text = "";
    const sizes: number[] = [];
    for (let n = 1; n <= pdf.numPages; n++)
      for (const item of (await (await pdf.getPage(n)).getTextContent()).items)
        if ("str" in item && item.str.trim()) {
          text += `${item.str} `;
          sizes.push(Math.abs(item.transform[3] as number));
        }
    expect(Math.min(...sizes)).toBeGreaterThanOrEqual(14);
    const day = Math.floor(planned.diary.entries[0]!.startAt / 1440);
    const codes = stepCodes(planned.steps.map((s) => s.id));
    for (const e of planned.diary.entries.filter((e) => Math.floor(e.startAt / 1440) === day))
      expect(text).toContain(codes.get(e.stepId)!);
  });

  it("gives every step of every build a code of its own, that stays when others come and go", () => {
    for (const build of demoBuilds()) {
      const ids = plan(jobInput(build), undefined, true).steps.map((s) => s.id);
      const codes = stepCodes(ids);
      expect(new Set(codes.values()).size).toBe(ids.length);
      const fewer = stepCodes(ids.filter((_, i) => i % 3 !== 0));
      for (const [id, code] of fewer) expect(codes.get(id)).toBe(code);
      for (const code of codes.values()) expect(readCode(` ${code.toLowerCase()} `)).toBe(code);
    }
    expect(readCode("ABC")).toBeUndefined();
  });
});
