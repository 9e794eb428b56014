import type { Entry } from "../diary/schedule";
import { type Box, placeLabels, type Wanted } from "../labels/place";
import { frameOf, type Size, type View } from "./view";

const DAY = 1440;
const WEEK = 7 * DAY;
/** 5 January 1970 was a Monday: minutes from the epoch to the first one. */
const FIRST_MONDAY = 4 * DAY;
const LABEL_PX = 92;
const HEAD_PX = 18;
/** Least and greatest height of a week, px. */
const ROW = { least: 18, most: 78 };
const EDGE = 4;

/** A week as it is drawn: one with work in it, or several together in which nobody is needed. */
export interface DrawnWeek {
  /** Minutes of its Monday. */
  from: number;
  weeks: number;
  box: Box;
}

/** A bar of a step: hands on it, or a wait. */
export interface DrawnBar {
  stepId: string;
  kind: "hands" | "wait";
  box: Box;
}

export interface DiaryView extends View {
  weeks: DrawnWeek[];
  bars: DrawnBar[];
}

const mondayOf = (minutes: number) => Math.floor((minutes - FIRST_MONDAY) / WEEK) * WEEK + FIRST_MONDAY;

/**
 * The diary as weeks, one above the other, Monday to Sunday: solid where hands are on it, hatched where it waits. Weeks in
 * which nobody is needed are drawn together.
 * @param day a day in words, of its minutes
 */
export function diaryView(entries: readonly Entry[], size: Size, day: (minutes: number) => string): DiaryView {
  const frame = frameOf(size);
  if (entries.length === 0) return { frame, labels: [], weeks: [], bars: [] };
  const first = mondayOf(Math.min(...entries.map((e) => e.startAt)));
  const last = mondayOf(Math.max(...entries.map((e) => Math.max(e.readyAt, e.handsEndAt))) - 1);
  const works = new Set(entries.flatMap((e) => e.sessions.flatMap((s) => [mondayOf(s.from), mondayOf(s.to - 1)])));
  const groups: { from: number; weeks: number }[] = [];
  for (let week = first; week <= last; week += WEEK) {
    const before = groups.at(-1);
    if (works.has(week) || !before || works.has(before.from)) groups.push({ from: week, weeks: 1 });
    else before.weeks++;
  }
  const height = Math.min(ROW.most, Math.max(ROW.least, (size.height - HEAD_PX - EDGE) / groups.length));
  const shown = groups.slice(0, Math.max(1, Math.floor((size.height - HEAD_PX) / height)));
  const width = size.width - LABEL_PX - EDGE;
  const weeks = shown.map(
    (g, i): DrawnWeek => ({
      ...g,
      box: { x: LABEL_PX, y: HEAD_PX + i * height, width, height },
    }),
  );
  /** The boxes of a span of time, one a week. */
  const boxesOf = (from: number, to: number, up: number, high: number, least: number): Box[] =>
    weeks.flatMap(({ from: monday, weeks: count, box }) => {
      const span = count * WEEK;
      const [a, b] = [Math.max(from, monday), Math.min(to, monday + span)];
      if (b <= a) return [];
      const x = box.x + ((a - monday) / span) * box.width;
      const wide = Math.max(least, ((b - a) / span) * box.width);
      return [
        { x, y: box.y + up * box.height, width: Math.min(wide, box.x + box.width - x), height: high * box.height },
      ];
    });
  const waits = entries.filter((e) => e.readyAt > e.handsEndAt);
  // Waits that overlap run in lanes of their own, as far as there are lanes.
  const lanes: number[] = [];
  const laneOf = new Map<string, number>();
  for (const e of [...waits].sort((a, b) => a.handsEndAt - b.handsEndAt)) {
    const free = lanes.findIndex((until) => until <= e.handsEndAt);
    const lane = free >= 0 ? free : lanes.length < 3 ? lanes.length : 2;
    lanes[lane] = e.readyAt;
    laneOf.set(e.stepId, lane);
  }
  const bars = [
    ...waits.flatMap((e) =>
      boxesOf(e.handsEndAt, e.readyAt, 0.52 + 0.15 * laneOf.get(e.stepId)!, 0.12, 2).map(
        (box): DrawnBar => ({ stepId: e.stepId, kind: "wait", box }),
      ),
    ),
    ...entries.flatMap((e) =>
      e.sessions.flatMap((s) =>
        boxesOf(s.from, s.to, 0.08, 0.4, 3).map((box): DrawnBar => ({ stepId: e.stepId, kind: "hands", box })),
      ),
    ),
  ];
  const names = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];
  const wanted: Wanted[] = [
    ...weeks.map(
      ({ from, weeks: count, box }): Wanted => ({
        ...{ id: `week/${from}`, lettering: "body", tone: "ink" },
        says: count === 1 ? [day(from).slice(4)] : [`${count} weeks' wait`, `${count} weeks`],
        spots: [{ x: 2, y: box.y + box.height / 2, align: "start" }],
      }),
    ),
    ...names.map(
      (name, i): Wanted => ({
        ...{ id: `day/${name}`, says: [name], lettering: "body", tone: "muted" },
        spots: [{ x: LABEL_PX + (i * width) / 7 + 3, y: HEAD_PX / 2, align: "start" }],
      }),
    ),
  ];
  return { frame, weeks, bars, labels: placeLabels(wanted, frame) };
}
