import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { DeclaredFigure } from '../../../core/regime/declared.ts';
import { NUTRIENT_LABELS, NUTRIENTS, type Nutrient } from '../../../core/vocabulary/nutrient.ts';
import { afterPaint } from '../../kitchen/useAfterPaint.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import type { BenchView } from '../bench/view.ts';

/** Rounded as a label would round, and which content claims the figures would support. Never a claim made. */
export const LabelFigures = afterPaint(function LabelFigures({ view: { core, analysis, original } }: { view: BenchView }) {
  const { declared, claims, regime } = analysis;
  const { label } = core.REGIMES[regime];
  const figures = declared[label.key] ?? {};
  const twice = Object.values(figures).some(({ per100g }) => per100g);
  const supported = claims.filter((claim) => claim.supported === 'yes');
  // What hangs on an unknown figure is said once, and not claim by claim.
  const open = claims.filter(({ id, supported: state }) => state === 'cannotTell' && isUnknown(id, analysis));
  const unsure = claims.filter((claim) => claim.supported === 'cannotTell' && !open.includes(claim));
  const less = NUTRIENTS.flatMap((key) =>
    LESS.has(key) ? (core.lessThanOriginal(key, original.analysis.perServing[key], analysis.perServing[key]) ?? []) : [],
  );
  return (
    <Disclosure summary="label figures, and what they would support">
      <p className="mt-1 text-sm text-kale-soft">{label.words} Estimates from tables: a label wants them confirmed.</p>
      <table className="mt-1 w-full text-sm">
        {twice && (
          <thead>
            <tr className="text-kale-soft">
              {['', 'bowl', '100 g', ''].map((head, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the heads stand still
                <th key={at} scope="col" className="text-right font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {(Object.entries(figures) as [Nutrient, DeclaredFigure][]).map(([key, { text, percentDaily, per100g }]) => (
            <tr key={key}>
              <th scope="row" className="text-left font-normal">
                {NUTRIENT_LABELS[key]}
              </th>
              <td className="pl-2 text-right whitespace-nowrap">{text}</td>
              {twice && <td className="pl-2 text-right whitespace-nowrap">{per100g?.text}</td>}
              <td className="w-12 text-right text-kale-soft">{percentDaily === undefined ? '' : `${percentDaily} %`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm">
        {supported.length > 0 ? (
          <>
            The figures would support ({regime.toUpperCase()}): <strong>{supported.map(({ words }) => words).join(', ')}</strong>. Have it confirmed.
          </>
        ) : (
          `The figures would support no content claim (${regime.toUpperCase()}).`
        )}
        {supported.some(({ disclose }) => disclose) &&
          ` With such a claim: ${[...new Set(supported.flatMap(({ disclose }) => disclose ?? []))].join('; ')}.`}
        {open.length > 0 && ' Some figures are unknown, and the claims that hang on them cannot be told.'}
        {unsure.length > 0 && ` Cannot tell: ${unsure.map(({ words }) => words).join(', ')}.`}
      </p>
      {less.length > 0 && <p className="mt-1 text-sm">{less.map(({ words }) => words).join('; ')}.</p>}
    </Disclosure>
  );
});

/** 'high:ironMg' hangs on iron. */
const isUnknown = (id: string, { perServing }: Analysis): boolean => perServing[id.split(':')[1] as Nutrient]?.atLeast ?? false;

const LESS: ReadonlySet<Nutrient> = new Set([
  'energyKcal',
  'fatG',
  'saturatedFatG',
  'sugarsG',
  'sodiumMg',
  'potassiumMg',
  'phosphorusMg',
  'cholesterolMg',
]);
