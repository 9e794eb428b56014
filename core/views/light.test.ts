import { expect, it } from "vitest";
import { towerOnEnd } from "../../demo/builds";
import { planned } from "../../tests/bareTank";
import { lightsAt } from "../fixtures/carried";
import { fixtureKind } from "../fixtures/kinds/list";
import { LIGHTS } from "../fixtures/lit";
import { insideSolids } from "./insideSolids";
import { lightSection } from "./light";
import { topView } from "./top";

it("map, section and model have each fixture in the same place", () => {
  const { site, shell, facts } = planned(towerOnEnd());
  const { widthMm, depthMm } = shell.inside;
  // The map at one px a millimetre, its corner at nought.
  const map = topView(site, { x: 0, y: 0, width: widthMm, height: depthMm });
  const section = lightSection(site, facts.one(LIGHTS), undefined);
  const solids = insideSolids(shell, site.variant, site.book);
  const on = site.variant.fixtures.filter((f) => !fixtureKind(f).inRoom);
  expect(on.length).toBeGreaterThan(2);
  for (const f of on) {
    const { points } = solids.find((s) => s.id === `fixture-${f.id}`)!.mesh;
    const span = (i: 0 | 1 | 2) =>
      [Math.min(...points.map((p) => p[i])), Math.max(...points.map((p) => p[i]))] as const;
    const cut = section.boxes.find((b) => b.id === f.id)!;
    expect([cut.from, cut.to, cut.foot, cut.head].map((x) => x.toFixed(3))).toEqual(
      [...span(0), ...span(2)].map((x) => x.toFixed(3)),
    );
    const drawn = map.fixtures.find((m) => m.id === f.id);
    if (f.face !== "top") continue;
    const [y0, y1] = span(1);
    expect(
      [drawn!.x, drawn!.x + drawn!.width, depthMm - drawn!.y - drawn!.height, depthMm - drawn!.y].map((x) =>
        x.toFixed(3),
      ),
    ).toEqual([...span(0), y0, y1].map((x) => x.toFixed(3)));
  }
});

it("the light of a lamp that is dragged is what is planned of it once it is let go", () => {
  const build = towerOnEnd();
  const before = planned(build);
  const now = structuredClone(build.variants[0]!.fixtures);
  for (const f of now) {
    f.u.value += 12;
    f.v.value -= 7;
  }
  const then = planned({ ...build, variants: [{ ...build.variants[0]!, fixtures: now }] });
  const seen = lightsAt(before.site, before.facts.one(LIGHTS)!, before.site.variant.fixtures, now);
  const places = ({ lamps }: Pick<typeof seen, "lamps">) =>
    lamps.map((l) => (l.kind === "point" ? [l.at] : [l.from, l.to]).map((p) => p.map((x) => x.toFixed(6))));
  expect(seen.lamps.length).toBeGreaterThan(1);
  expect(places(seen)).toEqual(places(then.facts.one(LIGHTS)!));
  expect(places(seen)).not.toEqual(places(before.facts.one(LIGHTS)!));
});
