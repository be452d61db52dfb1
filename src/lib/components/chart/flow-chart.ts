import { SankeyChart } from 'echarts/charts';
import { TooltipComponent } from 'echarts/components';
import { init, use, type EChartsType } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';

use([SankeyChart, TooltipComponent, CanvasRenderer]);

/** The drawing library with only what a flow needs; loaded when a flow is looked at. */
export function openFlow(element: HTMLElement): EChartsType {
	return init(element);
}
