import { starterBook } from "../core/book/starter";
import type { Book } from "../core/materials/schema";
import type { Stock } from "../core/stock/schema";
import type { Workshop } from "../core/workshop/schema";

/** The demo's clock never moves. */
export const DEMO_NOW = "2026-01-05T17:00";

export const demoWorkshop: Workshop = {
  saw: "table",
  guideOffsetMm: 0,
  name: "Tern Street Workshop",
  currency: "EUR",
  hours: [
    [{ from: "18:30", to: "21:30" }],
    [{ from: "18:30", to: "21:30" }],
    [],
    [{ from: "18:30", to: "21:30" }],
    [],
    [
      { from: "09:00", to: "12:30" },
      { from: "13:30", to: "17:00" },
    ],
    [{ from: "10:00", to: "13:00" }],
  ],
  kerfMm: 3.2,
  trimMm: 5,
  offcutMinSideMm: 100,
  glassLeadDays: 7,
};

/** Invented prices, in cents, by pack id. */
const PRICES: Record<string, number> = {
  "pvc-foam-6-2440": 4150,
  "pvc-foam-6-1220": 1250,
  "pvc-foam-8-2440": 5200,
  "pvc-foam-8-1220": 1550,
  "pvc-foam-10-2440": 6200,
  "pvc-foam-10-1220": 1850,
  "pvc-foam-13-2440": 8100,
  "pvc-foam-13-1220": 2400,
  "pvc-foam-19-2440": 11800,
  "pvc-foam-19-1220": 3500,
  "plywood-12-2440": 5800,
  "plywood-18-2440": 7900,
  "glass-4-m2": 4800,
  "glass-6-m2": 6400,
  "track-4-bar": 1390,
  "track-6-bar": 1790,
  "fly-screen-half": 320,
  "fly-screen-roll": 890,
  "steel-mesh-no-18-half": 1450,
  "steel-mesh-no-18-roll": 4900,
  "steel-mesh-fine-half": 1750,
  "steel-mesh-fine-roll": 5900,
  "steel-mesh-6-half": 1100,
  "steel-mesh-6-roll": 3600,
  "silicone-neutral-tube": 740,
  "rubber-spray-400": 1490,
  "rubber-brush-1000": 2650,
  "rubber-brush-2500": 5400,
  "pond-resin-1000": 3890,
  "water-varnish-750": 1980,
  "waterproofer-2500": 2740,
  "silicone-sanitary-tube": 580,
  "pvc-cement-tin": 980,
  "structural-adhesive-tube": 1120,
  "screws-100": 690,
  "finger-pull-1": 180,
  "wedge-lock-1": 240,
  "key-lock-1": 950,
  "lid-clip-4": 420,
  "brush-strip-1m": 310,
  "stop-strip-1m": 380,
  "edge-profile-2m": 640,
  "bulb-seal-2m": 560,
  "foam-tape-5m": 420,
  "slide-block-1": 90,
  "foam-pond-340": 1290,
  "foam-building-500": 790,
  "xps-20-1250": 640,
  "xps-30-1250": 890,
  "xps-50-1250": 1380,
  "pu-glue-500": 1150,
  "spray-glue-500": 1240,
  "grout-5kg": 1180,
  "coir-mat-1": 990,
  "film-1": 1090,
  "bought-panel-1": 3400,
  "skewers-100": 190,
  "net-pot-5": 350,
  "screw-plate-1": 420,
  "slip-adhesive-300": 890,
  "clay-10": 690,
  "clay-50": 1890,
  "stones-10": 1290,
  "charcoal-2": 560,
  "coir-650": 240,
  "bark-10": 720,
  "moss-5": 890,
  "treefern-4": 1050,
  "leafmould-10": 480,
  "soil-20": 390,
  "sand-15": 520,
  "clayearth-10": 640,
  "perlite-10": 590,
  "litter-5": 550,
  "peat-10": 450,
  "cork-5": 780,
  "gypsum-3": 640,
  "weedcloth-1": 430,
  "screen-1": 690,
  "pad-1": 620,
  "fleece-1": 260,
  "wire-1": 540,
  "eggcrate-1": 1490,
  "sponge-1": 980,
  "liner-1": 1450,
};

/** The starter book with the demo's prices in it. */
export const demoBook = (): Book =>
  JSON.parse(JSON.stringify(starterBook()), (_, value: unknown) => {
    if (typeof value !== "object" || value === null || !("id" in value) || !("priceMinor" in value)) return value;
    return { ...value, priceMinor: PRICES[String(value.id)] ?? null };
  }) as Book;

export const demoStock: Stock = {
  offcuts: [
    { id: "rack-1", material: "pvc-foam-10", widthMm: 640, heightMm: 610, from: "a shelf box, last winter" },
    { id: "rack-2", material: "pvc-foam-6", widthMm: 580, heightMm: 240, from: "a lid" },
  ],
  onHand: [
    { material: "silicone-neutral", amount: 60, note: "opened tube, screw in its nozzle" },
    { material: "foam-pond", amount: 340, note: "one can", since: "2023-11" },
  ],
};
