import type { Workshop } from "./schema";

/** Evenings and a Saturday: what most builders have. */
export const starterWorkshop = (): Workshop => ({
  name: "My workshop",
  currency: "EUR",
  hours: [...Array.from({ length: 5 }, () => [{ from: "18:30", to: "21:30" }]), [{ from: "09:00", to: "13:00" }], []],
  kerfMm: 3.2,
  trimMm: 5,
  saw: "table",
  guideOffsetMm: 0,
  offcutMinSideMm: 100,
  glassLeadDays: 7,
  kWhPriceMinor: null,
});
