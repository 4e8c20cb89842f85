import { useEffect, useMemo, useState } from 'react';
import type { Food } from '../../../core/vocabulary/food.ts';
import { NUTRIENT_INDEX, NUTRIENT_LABELS, type Nutrient, nutrientName, nutrientUnit } from '../../../core/vocabulary/nutrient.ts';
import { figure, restsOnWords, withUnit } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Chart } from '../../ui/chart.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Table, type TableColumn } from '../../ui/table.tsx';
import type { DrawsAsked, DrawsReply } from '../../workers/draws.worker.ts';
import { useBench } from '../bench/store.ts';
import { type BenchView, lineName } from '../bench/view.ts';

const DRAWS = 10_000;
/** The same soup gives the same picture. */
const SEED = 20_401;
const WITHOUT_LIMITS: readonly Nutrient[] = ['energyKcal', 'proteinG', 'sodiumMg'];

interface Asked {
  nutrient: Nutrient;
  min?: number | undefined;
  max?: number | undefined;
}

/** What is asked of one bowl; limits per 100 g are those of as many grams as the bowl has. */
function askedOf({ needs, analysis }: BenchView): Asked[] {
  const limits = (needs.limits ?? []).map(({ nutrient, per, min, max }): Asked => {
    const bowl = per === 'serving' ? 1 : analysis.servingGrams / 100;
    return { nutrient, min: min === undefined ? undefined : min * bowl, max: max === undefined ? undefined : max * bowl };
  });
  return limits.length > 0 ? limits : WITHOUT_LIMITS.map((nutrient) => ({ nutrient }));
}

/** The distribution of each limited figure, the chance to meet it, and which lines carry the doubt. */
export function HowSure({ view }: { view: BenchView }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button kind="chip" className="mt-2" onClick={() => setOpen(true)}>
        How sure is this?
      </Button>
      <Dialog
        wide
        open={open}
        onOpenChange={setOpen}
        title="How sure is this?"
        description="Ten thousand bowls drawn from what is not known for certain: amounts, foods, yield."
      >
        {open && <Distributions view={view} onLine={() => setOpen(false)} />}
      </Dialog>
    </>
  );
}

function Distributions({ view, onLine }: { view: BenchView; onLine: () => void }) {
  const { core, recipe, needs } = view;
  const asked = useMemo(() => askedOf(view), [view]);
  const bowl = useMemo(() => core.bowlLines(recipe, { regime: needs.regime }, core.shelf), [core, recipe, needs.regime]);
  const reply = useDraws(bowl, asked);
  const nameOf = lineName(core);
  const limited = asked.some(({ min, max }) => min !== undefined || max !== undefined);
  // A maximum on what is only a lower bound has no chance that could be given.
  const open = asked.some(({ nutrient, max }) => max !== undefined && view.analysis.perServing[nutrient].atLeast);
  return (
    <div className="flex flex-col gap-4">
      {limited && asked.length > 1 && (
        <p>
          {open ? (
            'Whether all limits hold together cannot be told: something is unknown.'
          ) : (
            <>
              All limits together hold in <strong>{reply ? percent(reply.together) : '...'}</strong> of the bowls drawn.
            </>
          )}
        </p>
      )}
      {asked.map((one, at) => {
        const { nutrient } = one;
        const { atLeast } = view.analysis.perServing[nutrient];
        const doubts = core.doubtAbout(bowl.lines, NUTRIENT_INDEX[nutrient]);
        const spread = reply?.spreads[at];
        return (
          <section key={`${nutrient}-${at.toString()}`} aria-label={NUTRIENT_LABELS[nutrient]} className="border-t border-line pt-2">
            <h3>{NUTRIENT_LABELS[nutrient]}</h3>
            {spread ? (
              <>
                <p>
                  {atLeast && 'At least: something is unknown and not drawn. '}
                  Most likely near {withUnit(nutrient, spread.median)}; 95 of 100 bowls between {figure(spread.low)} and{' '}
                  {withUnit(nutrient, spread.high)}.
                  {(one.min !== undefined || one.max !== undefined) && (
                    <>
                      {' '}
                      {capital(boundWords(one))}:{' '}
                      {atLeast && one.max !== undefined ? 'cannot tell' : <strong>{percent(reply?.chances[at] ?? 0)} of the bowls</strong>}.
                    </>
                  )}
                </p>
                <Histogram asked={one} spread={spread} />
                <SpreadTable nutrient={nutrient} spread={spread} />
              </>
            ) : (
              <p role="status" className="text-kale-soft">
                Drawing ...
              </p>
            )}
            <p className="text-sm text-kale-soft">{restsOn(view, nutrient)}</p>
            {doubts.length > 0 && (
              <ul className="text-sm">
                {doubts.map(({ line, share, of }) => {
                  const found = recipe.lines.find(({ id }) => id === bowl.lineIds[line]);
                  const name = found ? (nameOf(found).split(',')[0] ?? '').toLowerCase() : 'a line';
                  return (
                    <li key={line}>
                      {found && (
                        <Button
                          kind="chip"
                          className="mr-1.5"
                          aria-label={`To the line of the ${name}`}
                          onClick={() => {
                            useBench.getState().select(found.id);
                            onLine();
                          }}
                        >
                          to it
                        </Button>
                      )}
                      {of === 'amount'
                        ? `Weigh the ${name}`
                        : packed(found && core.shelf.food(found.foodId ?? ''))
                          ? `Read the pack of the ${name}`
                          : `The ${name} itself varies`}
                      : it is {percent(share)} of the doubt about {nutrientName(nutrient)}.
                    </li>
                  );
                })}
              </ul>
            )}
          </section>
        );
      })}
    </div>
  );
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A food whose make decides, and whose pack says what is in it. */
const packed = (food: Food | undefined): boolean =>
  food !== undefined && (food.state === 'processed' || food.state === 'canned') && food.category !== 'salt';

/** Which kinds of sources a figure rests on. */
function restsOn({ analysis }: BenchView, nutrient: Nutrient): string {
  const shares = analysis.provenance.byNutrient[nutrient];
  if (!shares) return '';
  return `It rests on ${restsOnWords(shares, percent)}.`;
}

const percent = (share: number): string =>
  share > 0.99 && share < 1 ? 'over 99 %' : share < 0.01 && share > 0 ? 'under 1 %' : `${Math.round(share * 100)} %`;

const boundWords = ({ nutrient, min, max }: Asked): string =>
  [min === undefined ? '' : `at least ${withUnit(nutrient, min)}`, max === undefined ? '' : `at most ${withUnit(nutrient, max)}`]
    .filter(Boolean)
    .join(' and ');

function useDraws(bowl: ReturnType<BenchView['core']['bowlLines']>, asked: readonly Asked[]): DrawsReply | null {
  const [reply, setReply] = useState<DrawsReply | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/draws.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<DrawsReply>) => setReply(data);
    const question: DrawsAsked = {
      id: 1,
      lines: bowl.lines,
      yieldError: bowl.yieldError,
      nutrients: asked.map(({ nutrient }) => NUTRIENT_INDEX[nutrient]),
      bounds: asked.map(({ min, max }) => ({ min, max })),
      draws: DRAWS,
      seed: SEED,
    };
    worker.postMessage(question);
    return () => worker.terminate();
  }, [bowl, asked]);
  return reply;
}

function Histogram({ asked: { nutrient, min, max }, spread }: { asked: Asked; spread: DrawsReply['spreads'][number] }) {
  const option = useMemo(() => {
    const { bins } = spread;
    const inside = (x: number) => x >= (min ?? Number.NEGATIVE_INFINITY) && x <= (max ?? Number.POSITIVE_INFINITY);
    return {
      grid: { left: 8, right: 8, top: 8, bottom: 20, containLabel: false },
      xAxis: {
        type: 'category',
        data: bins.map(({ from, to }) => figure((from + to) / 2)),
        axisTick: { show: false },
        axisLabel: { color: INK, interval: 4 },
      },
      yAxis: { type: 'value', show: false },
      series: [
        {
          type: 'bar',
          barCategoryGap: '8%',
          data: bins.map(({ from, to, count }) => ({
            value: count,
            itemStyle: { color: inside((from + to) / 2) ? SQUASH : PALE, borderColor: INK, borderWidth: inside((from + to) / 2) ? 0 : 1 },
          })),
        },
      ],
    };
  }, [spread, min, max]);
  return (
    <Chart
      height={110}
      option={option}
      label={`How ${nutrientName(nutrient)} is spread, in ${nutrientUnit(nutrient)}: 95 of 100 between ${figure(spread.low)} and ${figure(spread.high)}${min === undefined && max === undefined ? '' : '; bars outside the limit are hollow'}`}
    />
  );
}

/** What the picture shows, in words: the share of the bowls between two figures. */
function SpreadTable({ nutrient, spread: { bins } }: { nutrient: Nutrient; spread: DrawsReply['spreads'][number] }) {
  const all = bins.reduce((sum, { count }) => sum + count, 0);
  const columns: TableColumn<(typeof bins)[number]>[] = [
    { head: `between, ${nutrientUnit(nutrient)}`, isHead: true, cell: ({ from, to }) => `${figure(from)} and ${figure(to)}` },
    { head: 'of the bowls', isFigure: true, cell: ({ count }) => percent(count / all) },
  ];
  return (
    <Disclosure summary="the same as a table" lazy>
      <Table
        caption={`How ${nutrientName(nutrient)} is spread`}
        columns={columns}
        rows={bins.filter(({ count }) => count > 0)}
        keyOf={({ from }) => String(from)}
        className="w-72 text-sm"
      />
    </Disclosure>
  );
}

const INK = '#20362b';
const SQUASH = '#a9440f';
const PALE = '#fdfaf3';
