import { Box, Flex, IconButton } from "@chakra-ui/react";
import { useGesture } from "@use-gesture/react";
import { Maximize, Minus, Plus } from "lucide-react";
import { type ReactNode, useCallback, useEffect, useRef, useState } from "react";
import type { Size } from "#core/views/view";
import { Hatches } from "../drawing/Hatches";
import { BOARD_HEIGHT } from "../ui/room";

/** What the server draws by, before the page is measured: the board at 1280 × 800. */
const FIRST: Size = { width: 764, height: 356 };
/** How far a drawing is enlarged at most, and by one press. */
const MOST = 8;
const STEP = 1.5;

interface Zoom {
  k: number;
  x: number;
  y: number;
}
const FIT: Zoom = { k: 1, x: 0, y: 0 };

/** Enlarged about a point of the board, and never drawn out of it. */
function zoomed({ k, x, y }: Zoom, by: number, at: { x: number; y: number }, size: Size): Zoom {
  const next = Math.min(MOST, Math.max(1, k * by));
  const share = next / k;
  return kept({ k: next, x: at.x - (at.x - x) * share, y: at.y - (at.y - y) * share }, size);
}
const kept = ({ k, x, y }: Zoom, { width, height }: Size): Zoom => ({
  k,
  x: Math.min(0, Math.max(width * (1 - k), x)),
  y: Math.min(0, Math.max(height * (1 - k), y)),
});

/**
 * The drawing of a stage, as large as there is room: fitted, enlarged by its buttons, a pinch or Ctrl and the wheel, and
 * moved about by dragging its paper. What is enlarged is laid out again, so that lines and letters stay as they are.
 */
export function Board({
  label,
  corner,
  children,
}: {
  label: string;
  /** What lies in the lower left corner over the drawing. */
  corner?: ReactNode;
  children: (size: Size) => ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState(FIRST);
  const [asked, setZoom] = useState(FIT);
  // A board that has become smaller is not drawn out of.
  const zoom = kept(asked, size);
  useEffect(() => {
    const measure = () => {
      if (!box.current) return;
      const { clientWidth: width, clientHeight: height } = box.current;
      if (width > 0 && height > 0)
        setSize((now) => (now.width === width && now.height === height ? now : { width, height }));
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(box.current!);
    return () => watch.disconnect();
  }, []);
  const atPointer = useCallback(([px, py]: readonly number[]) => {
    const { left, top } = box.current!.getBoundingClientRect();
    return { x: px! - left, y: py! - top };
  }, []);
  useGesture(
    {
      onPinch: ({ origin, movement: [scale], first, memo, event }) => {
        event.preventDefault();
        const from: Zoom = first || !memo ? zoom : memo;
        setZoom(zoomed(from, scale, atPointer(origin), size));
        return from;
      },
      onDrag: ({ delta: [dx, dy], event, cancel }) => {
        // What lies on the paper is dragged by itself.
        if ((event.target as Element).closest("[data-mark], button")) return cancel();
        setZoom((now) => kept({ ...now, x: now.x + dx, y: now.y + dy }, size));
      },
    },
    { target: box, eventOptions: { passive: false }, drag: { pointer: { keys: false }, filterTaps: true } },
  );
  const middle = { x: size.width / 2, y: size.height / 2 };
  return (
    <Box
      ref={box}
      data-board
      position="relative"
      flex="0 0 auto"
      height={BOARD_HEIGHT}
      minHeight="200px"
      overflow="hidden"
      css={{ touchAction: "none", cursor: zoom.k > 1 ? "grab" : "default" }}
    >
      <svg
        width={size.width}
        height={size.height}
        role="group"
        aria-label={label}
        style={{ display: "block", position: "absolute", inset: 0 }}
      >
        <Hatches />
        <g transform={`translate(${zoom.x} ${zoom.y})`}>
          {children({ width: size.width * zoom.k, height: size.height * zoom.k })}
        </g>
      </svg>
      {corner && (
        <Box position="absolute" left="0" bottom="0" pointerEvents="none">
          {corner}
        </Box>
      )}
      <Flex position="absolute" right="0" bottom="0" gap="1">
        {zoom.k > 1 && (
          <ZoomButton label="Fit the drawing" onClick={() => setZoom(FIT)}>
            <Maximize size={14} />
          </ZoomButton>
        )}
        {zoom.k > 1 && (
          <ZoomButton label="Smaller" onClick={() => setZoom(zoomed(zoom, 1 / STEP, middle, size))}>
            <Minus size={14} />
          </ZoomButton>
        )}
        <ZoomButton label="Larger" onClick={() => setZoom(zoomed(zoom, STEP, middle, size))}>
          <Plus size={14} />
        </ZoomButton>
      </Flex>
    </Box>
  );
}

const ZoomButton = ({ label, onClick, children }: { label: string; onClick: () => void; children: ReactNode }) => (
  <IconButton
    size="2xs"
    variant="outline"
    bg="sheet"
    color="ink"
    borderColor="line"
    aria-label={label}
    title={label}
    onClick={onClick}
  >
    {children}
  </IconButton>
);
