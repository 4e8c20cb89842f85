import type { EChartsCoreOption } from 'echarts/core';
import { useMemo } from 'react';
import type { Measure } from '../../../core/spread/measures.ts';
import { figure } from '../../kitchen/format.ts';
import { Chart } from '../../ui/chart.tsx';
import type { PointRow, View } from '../../workers/spread.worker.ts';

interface Props {
  view: View;
  axes: readonly [Measure, Measure];
  original: readonly [number, number] | null;
  pinned: readonly PointRow[];
  onPick: (row: PointRow) => void;
  onBrush: (x: readonly [number, number], y: readonly [number, number]) => void;
}

export const axisName = ({ name, unit, better }: Measure): string =>
  `${name}${unit ? `, ${unit}` : ''} (${better === 'low' ? 'less' : 'more'} is better)`;

/** Combinations as small rings, the front as diamonds on a line, plans of the search as squares, pinned ones with their letter, the original as a cross. */
export function SpreadChart({ view, axes, original, pinned, onPick, onBrush }: Props) {
  const [mx, my] = axes;
  const onFront = useMemo(() => new Set(view.front.map(({ point }) => point)), [view]);
  const clouds = useMemo(() => view.drawn.filter(({ point, isPlan }) => !onFront.has(point) && !isPlan), [view, onFront]);
  const plans = useMemo(() => view.drawn.filter(({ point, isPlan }) => isPlan && !onFront.has(point)), [view, onFront]);
  const option = useMemo((): EChartsCoreOption => {
    const at = ({ values }: PointRow) => [values[mx.key] ?? 0, values[my.key] ?? 0];
    const axis = { type: 'value', scale: true, nameLocation: 'middle', splitLine: { lineStyle: { color: '#e6dfcc' } } };
    return {
      grid: { left: 62, right: 20, top: 14, bottom: 46 },
      brush: { xAxisIndex: 0, yAxisIndex: 0, brushStyle: { borderColor: '#a9440f', color: 'rgba(169,68,15,0.08)' }, toolbox: [] },
      xAxis: { ...axis, name: axisName(mx), nameGap: 28 },
      yAxis: { ...axis, name: axisName(my), nameGap: 44 },
      series: [
        { name: 'cloud', type: 'scatter', symbol: 'emptyCircle', symbolSize: 5, itemStyle: { color: '#8c9a8f' }, data: clouds.map(at) },
        { name: 'plans', type: 'scatter', symbol: 'emptyRect', symbolSize: 9, itemStyle: { color: '#20362b' }, data: plans.map(at), z: 4 },
        {
          name: 'front',
          type: 'line',
          symbol: 'diamond',
          symbolSize: 13,
          lineStyle: { color: '#a9440f', width: 1.5 },
          itemStyle: { color: '#a9440f' },
          data: view.front.map(at),
          z: 5,
        },
        {
          name: 'pinned',
          type: 'scatter',
          symbol: 'circle',
          symbolSize: 20,
          itemStyle: { color: '#fffdf6', borderColor: '#20362b', borderWidth: 1.5 },
          label: { show: true, formatter: ({ dataIndex }: { dataIndex: number }) => letterOf(dataIndex), color: '#20362b', fontWeight: 'bold' },
          data: pinned.map(at),
          z: 7,
        },
        ...(original
          ? [{ name: 'original', type: 'scatter', symbol: CROSS, symbolSize: 13, itemStyle: { color: '#20362b' }, data: [original], z: 6 }]
          : []),
      ],
    };
  }, [view, mx, my, clouds, plans, pinned, original]);
  const [first, last] = [view.front[0], view.front.at(-1)];
  const label = `${view.passing} combinations by ${mx.name} and ${my.name}; the front has ${view.front.length}${
    first && last
      ? `, from ${figure(first.values[mx.key] ?? 0)} ${mx.unit} and ${figure(first.values[my.key] ?? 0)} ${my.unit} to ${figure(last.values[mx.key] ?? 0)} ${mx.unit} and ${figure(last.values[my.key] ?? 0)} ${my.unit}`
      : ''
  }. The same stands in the table.`;
  const rowsOf: Readonly<Record<string, readonly PointRow[]>> = { cloud: clouds, plans, front: view.front, pinned };
  return (
    <Chart
      option={option}
      label={label}
      height={380}
      onPick={(series, at) => {
        const row = rowsOf[series]?.[at];
        if (row) onPick(row);
      }}
      onBrush={onBrush}
    />
  );
}

const CROSS = 'path://M0 3L3 0L10 7L17 0L20 3L13 10L20 17L17 20L10 13L3 20L0 17L7 10Z';
export const letterOf = (at: number): string => String.fromCharCode(65 + at);
