import { statedMm } from "../design/measure";
import type { Stream } from "./schema";

/** A small pump's stream. */
export const newStream = (id: string, name: string, pump: string | null): Stream => ({
  ...{ id, name, pump, transit: null },
  ...{
    tubeBore: statedMm(12),
    tubeLength: statedMm(600),
    lift: statedMm(200),
    lip: statedMm(100),
    intake: statedMm(15),
    needs: statedMm(30),
  },
  awayDays: statedMm(3),
});
