import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useRef } from 'react';

/** The chart library is large: it is fetched with the first chart. */
async function library() {
  const [{ init, use }, { BarChart, LineChart, ScatterChart }, { BrushComponent, GridComponent, MarkLineComponent }, { CanvasRenderer }] =
    await Promise.all([import('echarts/core'), import('echarts/charts'), import('echarts/components'), import('echarts/renderers')]);
  use([BarChart, BrushComponent, GridComponent, LineChart, MarkLineComponent, ScatterChart, CanvasRenderer]);
  return init;
}

interface Props {
  option: EChartsCoreOption;
  /** What the picture says, for those who do not see it. */
  label: string;
  height: number;
  /** What is pressed in the picture: the name of a series and the place in its data. What it does can be done without the picture too. */
  onPick?: (series: string, at: number) => void;
  /** A stretch drawn in the picture, in the units of the two axes. */
  onBrush?: (x: readonly [number, number], y: readonly [number, number]) => void;
}

interface BrushEnd {
  areas: { coordRange?: [[number, number], [number, number]] }[];
}

/** A still chart: nothing moves, and everything it shows stands in words beside it. */
export function Chart({ option, label, height, onPick, onBrush }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const told = useRef({ onPick, onBrush });
  told.current = { onPick, onBrush };
  useEffect(() => {
    let chart: EChartsType | null = null;
    let gone = false;
    const element = box.current as HTMLDivElement;
    library().then((init) => {
      if (gone) return;
      chart = init(element, undefined, { renderer: 'canvas' });
      chart.setOption({ animation: false, textStyle: { fontFamily: getComputedStyle(element).fontFamily }, ...option });
      if (told.current.onPick) chart.on('click', ({ seriesName, dataIndex }) => told.current.onPick?.(seriesName ?? '', dataIndex));
      if (told.current.onBrush) {
        // The pointer draws a stretch from the start; there are boxes for the same bounds.
        chart.dispatchAction({ type: 'takeGlobalCursor', key: 'brush', brushOption: { brushType: 'rect', brushMode: 'single' } });
        chart.on('brushEnd', (event) => {
          const range = (event as BrushEnd).areas[0]?.coordRange;
          if (range) told.current.onBrush?.(range[0], range[1]);
        });
      }
    });
    const resized = new ResizeObserver(() => chart?.resize());
    resized.observe(element);
    return () => {
      gone = true;
      resized.disconnect();
      chart?.dispose();
    };
  }, [option]);
  return <div ref={box} role="img" aria-label={label} className="w-full" style={{ height }} />;
}
