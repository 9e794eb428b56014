import { useDrag } from "@use-gesture/react";
import { useRef } from "react";
import { chosenVariant } from "#core/document/variant";
import type { LevelLine } from "#core/shell/section";
import { levelMm, setLevelMm } from "#core/things/levels";
import { openFields } from "../fields/openFields";
import { type Held, useBuildHandle, useIsHeld, useUnits, useVariant } from "../state/context";
import { usePut } from "./usePut";

/** How far a level takes the hand above and below its line, px; half-way to the next where that is nearer. */
const GRIP_PX = 6;

/** A level of a section: taken in hand, and dragged or nudged up and down where a measure of its own sets it. */
export function LevelMark({
  held,
  path,
  level,
  y,
  near,
  from,
  to,
  scale,
}: {
  held: Held;
  /** The measure that sets it. */
  path: string;
  level: LevelLine;
  y: number;
  /** Where the other levels that take the hand are drawn, px. */
  near: readonly number[];
  from: number;
  to: number;
  /** px a millimetre. */
  scale: number;
}) {
  const { api, take } = useBuildHandle();
  const { say } = useUnits();
  const { put, stepMm } = usePut();
  const selected = useIsHeld(held);
  const nowMm = useVariant((v) => levelMm(v, path));
  const start = useRef(0);
  const above = Math.min(GRIP_PX, ...near.filter((at) => at < y).map((at) => (y - at) / 2));
  const below = Math.min(GRIP_PX, ...near.filter((at) => at > y).map((at) => (at - y) / 2));
  const set = (mm: number) => (draft: Parameters<typeof chosenVariant>[0]) =>
    setLevelMm(chosenVariant(draft), path, mm, put);
  const bind = useDrag(
    ({ first, last, movement: [, py], canceled, event }) => {
      event.preventDefault();
      event.stopPropagation();
      if (first) {
        take(held);
        start.current = nowMm ?? 0;
      }
      if (canceled) return api.drop();
      if (!last && nowMm !== undefined && py !== 0) api.show(set(start.current - py / scale));
      if (last) api.settle();
    },
    { filterTaps: false, pointer: { keys: false } },
  );
  return (
    <g
      {...bind()}
      data-mark
      data-level={level.id}
      role="slider"
      tabIndex={0}
      aria-orientation="vertical"
      aria-label={`${level.label}. Arrow keys move it, Enter opens its fields.`}
      aria-valuenow={level.zMm}
      aria-valuetext={say(level.zMm)}
      style={{ cursor: nowMm === undefined ? "pointer" : "ns-resize", touchAction: "none" }}
      onFocus={(event) => {
        if (!selected && event.currentTarget.matches(":focus-visible")) take(held);
      }}
      onKeyDown={(event) => {
        const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (by !== undefined && nowMm !== undefined) {
          event.preventDefault();
          return api.commit(set(nowMm + by * (event.shiftKey ? 10 : 1) * stepMm));
        }
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        take(held);
        openFields(held);
      }}
    >
      <rect x={from} y={y - above} width={to - from} height={above + below} fill="transparent" />
      {selected && (
        <>
          <path d={`M${from} ${y}H${to}`} stroke="var(--chakra-colors-fern)" strokeWidth="2" />
          {nowMm !== undefined && (
            <rect
              x={from - 4}
              y={y - 4}
              width={8}
              height={8}
              fill="var(--chakra-colors-sheet)"
              stroke="var(--chakra-colors-fern)"
              strokeWidth="1.5"
            />
          )}
        </>
      )}
    </g>
  );
}
