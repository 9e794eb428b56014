import psychrolib from "psychrolib";
import { describe, expect, it } from "vitest";
import { ran, slot } from "../../tests/climate";
import { heunEmpties } from "../../tests/heun";
import { screenLoss } from "./flow";

psychrolib.SetUnitSystem(psychrolib.SI);
const G = 9.80665;

/** When a store of water under a whole screen is empty, h, by another method: Heun's, 5 s a step, nothing shared but the laws. */
function emptiedAt(screen: { porosity: number; wireMm: number }, roomRh: number): number {
  const [areaM2, volumeM3, ua, coupling, massJ, hc] = [0.2025, 0.1215, 1.2825 * 5.6, 8, 30_000, 3.5];
  const pa = (t: number) => psychrolib.GetSatVapPres(t);
  const sat = (t: number) => pa(t) / (461.524 * (t + 273.15));
  const rho = (t: number, x: number) => (101_325 - 0.378 * x * 461.524 * (t + 273.15)) / (287.042 * (t + 273.15));
  const roomX = (roomRh / 100) * sat(22);
  const roomRho = rho(22, roomX);
  const across = Math.sqrt((4 * areaM2) / Math.PI);
  const film = hc / (roomRho * 1006 * 0.87 ** (2 / 3));
  const exchange = (t: number, x: number): number => {
    const inside = rho(t, x);
    if (inside >= roomRho) return 0;
    const bare = 0.055 * Math.sqrt(((G * (roomRho - inside)) / ((roomRho + inside) / 2)) * across ** 5);
    let flow = bare;
    for (let i = 0; i < 80; i++) {
      const loss = screenLoss(screen.porosity, screen.wireMm, flow / areaM2 / screen.porosity);
      flow = (flow + bare / 0.61 / Math.sqrt(1 / 0.61 ** 2 + loss)) / 2;
    }
    return flow;
  };
  const rates = ([t, m, x]: readonly number[]) => {
    const flow = exchange(t!, x!);
    const wet = film * 0.18 * (sat(m!) - x!);
    return [
      (coupling * (m! - t!) + (ua + flow * roomRho * 1006) * (22 - t!)) / (roomRho * 1006 * volumeM3),
      (coupling * (t! - m!) - 2.45e6 * wet) / massJ,
      (wet + flow * (roomX - x!)) / volumeM3,
      -wet,
    ];
  };
  return heunEmpties(rates, [22, 22, roomX, 0.3]);
}

describe("a glass of 450 × 450 × 600 under a whole screen, over a dry room, never misted", () => {
  it("is empty of its 300 mL within 10 minutes of the same balance by another method", () => {
    const mesh: { apertureMm: [number, number]; wireMm: number } = { apertureMm: [1.13, 1.31], wireMm: 0.28 };
    const { hourly } = ran({
      insideMm: { width: 450, depth: 450, height: 600 },
      walls: [{ face: "all", areaM2: 1.2825, uWPerM2K: 5.6, rSiM2KPerW: 0.13 }],
      openings: [
        { ...slot(600, { orientation: "horizontal", face: "top", widthMm: 450, heightMm: 450, id: "lid" }), mesh },
      ],
      room: { tempC: 22, rh: 35, draughtMPerS: 0 },
      wet: { areaM2: 0.18, activity: 1, storeMl: 300, capacityMl: 3000 },
      start: { tempC: 22, rh: 35 },
      days: 14,
    });
    // The hour before the first in which nothing evaporates any more.
    const dry = hourly.evaporationMlPerH.indexOf(0) - 1;
    const told = dry + hourly.evaporationMlPerH[dry]! / hourly.evaporationMlPerH[dry - 1]!;
    const porosity = (1.13 / 1.41) * (1.31 / 1.59);
    const other = emptiedAt({ porosity, wireMm: 0.28 }, 35);
    expect(dry).toBeGreaterThan(1);
    expect(Math.abs(told - other) * 60, `${told} h and ${other} h`).toBeLessThan(10);
  });
});
