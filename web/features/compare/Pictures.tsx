import type { EChartsCoreOption } from 'echarts/core';
import { useMemo } from 'react';
import { Chart } from '../../ui/chart.tsx';
import { type CompareRow, sentenceOf } from './rows.ts';

/** One picture for each row chosen, with what it says in a sentence; the figures stand in the table above. */
export function Pictures({ rows, names }: { rows: readonly CompareRow[]; names: readonly string[] }) {
  return (
    <section aria-label="Pictures" className="grid gap-4 md:grid-cols-2">
      {rows.map((row) => (
        <Picture key={row.key} row={row} names={names} />
      ))}
    </section>
  );
}

function Picture({ row, names }: { row: CompareRow; names: readonly string[] }) {
  const said = sentenceOf(row, names);
  const option = useMemo((): EChartsCoreOption => {
    // The first column is the one all others are measured by: hatched, so that nobody needs the colour.
    const data = row.cells.map(({ value }, at) => ({
      value: value ?? 0,
      itemStyle: {
        color: at === 0 ? '#4b5c50' : '#a9440f',
        decal: { symbol: at === 0 ? 'rect' : 'none', symbolSize: 0.6, dashArrayX: [2, 2], dashArrayY: [2, 0] },
      },
      label: { show: true, position: 'top', color: '#20362b', formatter: value === null ? 'not known' : row.cells[at]?.text },
    }));
    return {
      grid: { left: 40, right: 10, top: 24, bottom: 26 },
      xAxis: { type: 'category', data: names.map((name) => `version ${name.split('.')[0]}`), axisLabel: { interval: 0 } },
      yAxis: { type: 'value', min: 0 },
      series: [{ type: 'bar', data, barMaxWidth: 46 }],
    };
  }, [row, names]);
  return (
    <figure className="rounded-xl border border-line bg-card p-3">
      <Chart option={option} label={said} height={190} />
      <figcaption className="text-sm">{said}</figcaption>
    </figure>
  );
}
