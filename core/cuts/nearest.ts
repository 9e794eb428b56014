import type { NestInstance } from "./nest/format";

type Asked = NestInstance["parts"][number];

/** The largest piece like a part that some stock gives, mm; `turned` when it fits as it is once its grain is free. */
export interface Nearest {
  w: number;
  h: number;
  turned: boolean;
}

/**
 * For a part that no stock gives: the nearest that one would.
 * @param part its sizes, and whether it may be turned
 * @param instance the stock, with its trim, mm
 * @returns the part made smaller by as little area as may be, or itself turned; undefined without any stock
 */
export function nearestFit(part: Asked, instance: NestInstance): Nearest | undefined {
  const usable = instance.stock.map((s) => {
    const trim = 2 * (s.trim ?? instance.trim);
    return { w: s.w - trim, h: s.h - trim };
  });
  if (!part.rotate && usable.some((s) => part.h <= s.w && part.w <= s.h)) return { w: part.w, h: part.h, turned: true };
  const options = usable.flatMap((s) => [
    { w: Math.min(part.w, s.w), h: Math.min(part.h, s.h), turned: false },
    ...(part.rotate ? [{ w: Math.min(part.w, s.h), h: Math.min(part.h, s.w), turned: false }] : []),
  ]);
  return options.sort((a, b) => b.w * b.h - a.w * a.h)[0];
}
