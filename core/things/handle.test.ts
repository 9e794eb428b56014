import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyFeature } from "../../tests/anyFeature";
import { jobInput, jobVariant } from "../../tests/job";
import { newZone } from "../background/create";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import type { Feature } from "../features/schema";
import { plan } from "../plan";
import { moveOnFace } from "../shell/net";
import { zone } from "./background";
import { centre, copyTo, dragEdges, grow, mirror, setLevel } from "./handle";
import { HANDLES, handleOffPx } from "./handles";
import { feature } from "./shell";

const placed = feature.placed!;
const put = (mm: number) => statedMm(Math.round(mm));
const { shell } = plan(jobInput());
const withFeatures = (...features: Feature[]): Variant => ({ ...structuredClone(jobVariant()), features });

/** The edges of a thing as they are drawn: x to the right, y down. */
function drawnEdges(f: Feature) {
  const { uMm, vMm, widthMm, heightMm } = placed.rect(f);
  const a = moveOnFace(f.face, uMm, vMm);
  const b = moveOnFace(f.face, uMm + widthMm, vMm + heightMm);
  return {
    left: Math.min(a.uMm, b.uMm),
    right: Math.max(a.uMm, b.uMm),
    head: Math.min(a.vMm, b.vMm),
    foot: Math.max(a.vMm, b.vMm),
  };
}

describe("handles", () => {
  it("move the edge they are on, and leave the one opposite where it is, on any face and of any kind", () => {
    fc.assert(
      fc.property(
        anyFeature,
        fc.constantFrom(...HANDLES),
        fc.integer({ min: -60, max: 120 }),
        fc.integer({ min: -60, max: 120 }),
        (made, handle, dx, dy) => {
          const from = { ...made, id: "f0" } as Feature;
          const item = structuredClone(from);
          dragEdges(item, from, placed, handle, dx, dy, put);
          const [before, after] = [drawnEdges(from), drawnEdges(item)];
          // A middle is kept to a tenth.
          const same = (a: number, b: number) => expect(Math.abs(a - b)).toBeLessThanOrEqual(0.11);
          if (handle.x === 1) same(after.left, before.left);
          if (handle.x === -1) same(after.right, before.right);
          if (handle.y === 1) same(after.head, before.head);
          if (handle.y === -1) same(after.foot, before.foot);
          const { widthMm, heightMm } = placed.rect(item);
          expect(widthMm).toBeGreaterThan(0);
          expect(heightMm).toBeGreaterThan(0);
        },
      ),
    );
  });

  it("size a panel to the millimetre, and a field of holes by whole columns", () => {
    const panel = {
      ...{
        kind: "mesh",
        id: "m",
        name: "",
        face: "left",
        shape: "panel",
        mesh: null,
        origin: "made",
        meshOrigin: "made",
      },
      ...{ u: statedMm(200), v: statedMm(200), width: statedMm(100), height: statedMm(50), lap: statedMm(15) },
    } as unknown as Feature;
    const item = structuredClone(panel);
    dragEdges(item, panel, placed, { x: 1, y: 0 }, 31, 0, put);
    expect(placed.rect(item)).toMatchObject({ widthMm: 131, heightMm: 50, uMm: 150 });

    const holes = {
      ...{ kind: "holes", id: "h", name: "", face: "back", pattern: "square", mesh: null, origin: "made" },
      ...{ u: statedMm(200), v: statedMm(200), holeDia: statedMm(6), pitch: statedMm(12), columns: 5, rows: 2 },
    } as unknown as Feature;
    const field = structuredClone(holes);
    dragEdges(field, holes, placed, { x: 1, y: 0 }, 30, 0, put);
    // 54 mm wide and dragged by 30: seven columns make 78 mm, eight 90.
    expect(field).toMatchObject({ columns: 8, rows: 2 });
  });

  it("grow a thing about its middle by keys", () => {
    fc.assert(
      fc.property(anyFeature, (made) => {
        const item = { ...structuredClone(made), id: "f0" } as Feature;
        const [u, v] = [item.u.value, item.v.value];
        grow(item, placed, 1, 1, put);
        expect([item.u.value, item.v.value]).toEqual([u, v]);
      }),
    );
  });
});

describe("what is done with a thing", () => {
  const one = (): Feature =>
    ({
      ...{ kind: "keepOut", id: "k", name: "Window", face: "left", use: "window", origin: "made", deep: null },
      ...{ u: statedMm(120), v: statedMm(300), width: statedMm(80), height: statedMm(60) },
    }) as unknown as Feature;

  it("is copied across, mirrored to the same distance from the other edge, centred and set level", () => {
    const variant = withFeatures(one());
    expect(copyTo(variant, placed, variant.features[0]!, "right")).toBe("copy-1");
    expect(variant.features[1]).toMatchObject({ face: "right", name: "Window, across", u: { value: 120 } });
    expect(mirror(variant, placed, variant.features[0]!, shell)).toBe("mirror-1");
    const { room } = shell.faces.left;
    expect(variant.features[2]!.u.value).toBeCloseTo(2 * room.uMm + room.widthMm - 120, 6);
    centre(variant.features[0]!, shell);
    expect(variant.features[0]!.u.value).toBeCloseTo(room.uMm + room.widthMm / 2, 6);
    variant.features[1]!.v = statedMm(77);
    setLevel(variant.features[1]!, variant.features[0]!, shell);
    expect(variant.features[1]!.v.value).toBe(300);
  });

  it("is named after what it is where nobody named it", () => {
    const variant = withFeatures();
    const zones = zone.placed!;
    variant.background.zones.push(newZone("ledge", "z", { face: "left", u: 100, v: 200 }));
    expect(copyTo(variant, zones, variant.background.zones[0]!, "right")).toBe("copy-1");
    expect(variant.background.zones[1]).toMatchObject({ face: "right", name: "Ledge, across" });
  });

  it("is twice mirrored where it was", () => {
    const variant = withFeatures(one());
    mirror(variant, placed, variant.features[0]!, shell);
    mirror(variant, placed, variant.features[1]!, shell);
    expect(variant.features[2]!.u.value).toBeCloseTo(120, 6);
  });
});

describe("handles", () => {
  it("stand at the frame, and leave the middle of a thin thing free to be moved by", () => {
    expect(handleOffPx(60, 4, 14)).toBe(4);
    for (const thin of [0, 2, 9.9, 15]) {
      // From the middle to the near side of a handle.
      const free = thin / 2 + handleOffPx(thin, 4, 14) - 7;
      expect(free).toBeGreaterThanOrEqual(6 - 1e-9);
    }
  });
});
