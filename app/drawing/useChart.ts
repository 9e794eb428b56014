import type { EChartsCoreOption } from "echarts/core";
import { useEffect, useRef, useState } from "react";
import { useSame } from "../state/equal";

type Chart = { setOption: (option: EChartsCoreOption, replace: boolean) => void };

/** Draws a chart into the box it answers with; the library is fetched when the first one is drawn. */
export function useChart(option: EChartsCoreOption) {
  const box = useRef<HTMLDivElement>(null);
  const [chart, setChart] = useState<Chart | null>(null);
  useEffect(() => {
    let gone = false;
    let dispose = () => {};
    void import("./charts").then(({ drawIn }) => {
      if (gone || !box.current) return;
      const drawn = drawIn(box.current);
      setChart(drawn);
      const watch = new ResizeObserver(() => drawn.resize());
      watch.observe(box.current);
      dispose = () => {
        watch.disconnect();
        drawn.dispose();
      };
    });
    return () => {
      gone = true;
      setChart(null);
      dispose();
    };
  }, []);
  // Most plans say the same of a chart, and drawing one takes longer than the plan.
  const said = useSame(option);
  useEffect(() => chart?.setOption(said, true), [chart, said]);
  return box;
}
