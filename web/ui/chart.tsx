import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useRef } from 'react';

/** The chart library is large: it is fetched with the first chart. */
async function library() {
  const [{ init, use }, { BarChart }, { GridComponent, MarkLineComponent }, { CanvasRenderer }] = await Promise.all([
    import('echarts/core'),
    import('echarts/charts'),
    import('echarts/components'),
    import('echarts/renderers'),
  ]);
  use([BarChart, GridComponent, MarkLineComponent, CanvasRenderer]);
  return init;
}

interface Props {
  option: EChartsCoreOption;
  /** What the picture says, for those who do not see it. */
  label: string;
  height: number;
}

/** A still chart: nothing moves, and everything it shows stands in words beside it. */
export function Chart({ option, label, height }: Props) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    let chart: EChartsType | null = null;
    let gone = false;
    const element = box.current as HTMLDivElement;
    library().then((init) => {
      if (gone) return;
      chart = init(element, undefined, { renderer: 'canvas' });
      chart.setOption({ animation: false, textStyle: { fontFamily: getComputedStyle(element).fontFamily }, ...option });
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
