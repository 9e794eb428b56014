import type { EChartsCoreOption } from "echarts/core";
import { useEffect, useRef } from "react";

/** Draws a chart into the box it answers with; the library is fetched when the first one is drawn. */
export function useChart(option: EChartsCoreOption) {
  const box = useRef<HTMLDivElement>(null);
  const latest = useRef(option);
  latest.current = option;
  const chart = useRef<{ setOption: (option: EChartsCoreOption, replace: boolean) => void } | null>(null);
  useEffect(() => {
    let gone = false;
    let dispose = () => {};
    void import("./charts").then(({ drawIn }) => {
      if (gone || !box.current) return;
      const drawn = drawIn(box.current);
      chart.current = drawn;
      drawn.setOption(latest.current, true);
      const watch = new ResizeObserver(() => drawn.resize());
      watch.observe(box.current);
      dispose = () => {
        watch.disconnect();
        drawn.dispose();
      };
    });
    return () => {
      gone = true;
      chart.current = null;
      dispose();
    };
  }, []);
  // A plan made anew says the same of most charts, and drawing one takes longer than the plan.
  const said = JSON.stringify(option);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what an option says, not which object says it.
  useEffect(() => chart.current?.setOption(latest.current, true), [said]);
  return box;
}
