import { LineChart, ScatterChart } from "echarts/charts";
import { GridComponent, LegendComponent, MarkAreaComponent, TooltipComponent } from "echarts/components";
import { init, use } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";

use([LineChart, ScatterChart, GridComponent, LegendComponent, MarkAreaComponent, TooltipComponent, SVGRenderer]);

/** An empty chart in a box. */
export const drawIn = (box: HTMLElement) => init(box, null, { renderer: "svg" });
