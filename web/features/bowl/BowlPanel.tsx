import { memo } from 'react';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { Note } from '../../../core/notes/rules.ts';
import { SEASONED } from '../../../core/taste/balance.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Nutrient } from '../../../core/vocabulary/nutrient.ts';
import { figure, restsOnWords } from '../../kitchen/format.ts';
import { openToAll } from '../../kitchen/openToAll.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { useFolded } from '../bench/folded.ts';
import type { BenchView } from '../bench/view.ts';
import { Word } from '../help/Word.tsx';
import { BalanceHelp } from './BalanceHelp.tsx';
import { BodyHelp } from './BodyHelp.tsx';
import { CostRow } from './CostRow.tsx';
import { HowSure } from './HowSure.tsx';
import { LabelFigures } from './LabelFigures.tsx';
import { LimitRail } from './LimitRail.tsx';
import { PerTable } from './PerTable.tsx';
import { SeasoningRow } from './SeasoningRow.tsx';

/** Rails shown below the board, where no limit has put them above it. */
const USUAL: readonly Nutrient[] = ['proteinG', 'fatG', 'saturatedFatG', 'carbohydrateG', 'fibreG', 'sodiumMg', 'potassiumMg'];

/** One serving: original against now, limits, allergens, body, salt, and how sure it all is. */
export const BowlPanel = memo(function BowlPanel({ soupId, view }: { soupId: string; view: BenchView }) {
  const { analysis, original, needs, verdicts } = view;
  const limits = needs.limits ?? [];
  const usual = USUAL.filter((nutrient) => !limits.some((limit) => limit.nutrient === nutrient && limit.per === 'serving'));
  const { folded } = useFolded();
  const dangers = analysis.notes.filter(({ severity }) => severity === 'danger');
  const unmatched = dangers.find(({ code }) => code === 'food.unmatched');
  return (
    <section aria-label="One bowl" className="flex min-h-0 flex-col rounded-xl border border-line bg-card lg:contain-strict">
      <h2 className="shrink-0 border-b border-line px-3 py-1.5">
        One bowl{' '}
        <span className="font-normal text-kale-soft">
          {figure(analysis.servingMl)} ml, {figure(analysis.servingGrams)} g
        </span>
      </h2>
      <div className="relative min-h-0 flex-1 overflow-auto px-3 pb-3">
        {unmatched && (
          <div className="mt-2">
            <Notice tone="breaks">{unmatched.message}</Notice>
          </div>
        )}
        <Dangers notes={dangers} />
        <div className={unmatched ? 'grayscale' : ''}>
          {limits.map((limit, index) => (
            <LimitRail
              key={`${limit.nutrient}-${limit.per}`}
              nutrient={limit.nutrient}
              limit={limit}
              original={figureOf(original.analysis, limit.nutrient, limit.per)}
              now={figureOf(analysis, limit.nutrient, limit.per)}
              verdict={verdicts.find(({ need }) => need.kind === 'limit' && need.index === index)}
            />
          ))}
          {!limits.some(({ nutrient, per }) => nutrient === 'energyKcal' && per === 'serving') && <LimitRailOf nutrient="energyKcal" view={view} />}
        </div>
        <AllergenBoard analysis={analysis} />
        <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 border-t border-line pt-2">
          <dt className="text-kale-soft">
            <Word of="body" />
          </dt>
          <dd>
            {analysis.body.word}{' '}
            <span className="text-kale-soft">
              {original.analysis.body.index.toFixed(2)} › {analysis.body.index.toFixed(2)}
            </span>
          </dd>
          {analysis.colour && (
            <>
              <dt className="text-kale-soft">colour</dt>
              <dd>
                {analysis.colour}
                {original.analysis.colour && original.analysis.colour !== analysis.colour && (
                  <span className="text-kale-soft"> (was {original.analysis.colour})</span>
                )}
              </dd>
            </>
          )}
          <dt className="text-kale-soft">salt</dt>
          <dd>
            {analysis.saltPercent.toFixed(2)} %{' '}
            <span className="text-kale-soft">
              (seasoned: {SEASONED.from} to {SEASONED.to})
            </span>
          </dd>
          <SeasoningRow view={view} />
          <dt className="text-kale-soft">cost</dt>
          <dd>
            <CostRow view={view} />
          </dd>
          <dt className="text-kale-soft">rests on</dt>
          <dd>{sourceWords(analysis)}</dd>
        </dl>
        {!folded && <Rest soupId={soupId} view={view} usual={usual} grey={unmatched !== undefined} />}
        <FoldButton />
        <Notes view={view} />
      </div>
    </section>
  );
});

/** What is not needed to see whether the bowl does: folded away with one key. */
function Rest({ soupId, view, usual, grey }: { soupId: string; view: BenchView; usual: readonly Nutrient[]; grey: boolean }) {
  return (
    <>
      <BodyHelp soupId={soupId} view={view} />
      <BalanceHelp view={view} />
      <div className={`mt-2 border-t border-line pt-1 ${grey ? 'grayscale' : ''}`}>
        {usual.map((nutrient) => (
          <LimitRailOf key={nutrient} nutrient={nutrient} view={view} />
        ))}
      </div>
      <PerTable view={view} />
      <LabelFigures view={view} />
      <HowSure view={view} />
    </>
  );
}

/** 'Less' and 'all of it': what the key does, for the hand. */
function FoldButton() {
  const { folded, fold } = useFolded();
  return (
    <Button kind="chip" className="mt-2" aria-expanded={!folded} onClick={fold}>
      {folded ? 'All figures and the pot' : 'Fold away what is not needed'}
    </Button>
  );
}

/** A danger is seen before a figure is read. What is not understood of the text has its own notice above. */
function Dangers({ notes }: { notes: readonly Note[] }) {
  const shown = notes.filter(({ code }) => code !== 'food.unmatched');
  if (shown.length === 0) return null;
  return (
    <ul aria-label="Dangers" className="mt-2 flex flex-col gap-1">
      {shown.map(({ code, message }) => (
        <li key={code}>
          <Notice tone="breaks">{message}</Notice>
        </li>
      ))}
    </ul>
  );
}

const LimitRailOf = ({ nutrient, view }: { nutrient: Nutrient; view: BenchView }) => (
  <LimitRail nutrient={nutrient} original={view.original.analysis.perServing[nutrient]} now={view.analysis.perServing[nutrient]} />
);

const figureOf = (analysis: Analysis, nutrient: Nutrient, per: 'serving' | '100g') =>
  (per === 'serving' ? analysis.perServing : analysis.per100g)[nutrient];

function sourceWords({ provenance }: Analysis): string {
  return `${restsOnWords(provenance)}${provenance.unknownGramsShare > 0.001 ? `; ${Math.round(provenance.unknownGramsShare * 100)} % of the weight unknown` : ''}`;
}

const told = ({ allergens }: Analysis): string =>
  allergens.map(({ state, scopes, because }) => `${state}${scopes.plate}${because.map(({ path, state: own }) => own + path.join())}`).join('|');

/** Painted again only when something in it changed: amounts move figures, seldom allergens. */
const AllergenBoard = memo(Board, (a, b) => a.analysis === b.analysis || told(a.analysis) === told(b.analysis));

function Board({ analysis }: { analysis: Analysis }) {
  const by = (state: string) => analysis.allergens.filter((allergen) => allergen.state === state);
  // A line without a food leaves every allergen open: said once, and not twenty-six times.
  const unmatched = openToAll(analysis);
  const checks = by('check').filter(({ because }) => because.some(({ lineId }) => !unmatched.includes(lineId)));
  const plate = analysis.allergens.filter(({ state, scopes }) => scopes.plate !== state);
  return (
    <section aria-label="Allergens" className="mt-2 border-t border-line pt-2">
      <h3>Allergens</h3>
      <ul className="mt-1 flex flex-wrap gap-1">
        {by('contains').map(({ id, because }) => (
          <li key={id}>
            <State tone="breaks" title={because.map(({ path }) => path.join(' › ')).join('\n')}>
              contains {ALLERGEN_LABELS[id]}
            </State>
          </li>
        ))}
        {unmatched.length > 0 && (
          <li>
            <State tone="check">check every allergen: {unmatched.length === 1 ? 'one line has' : `${unmatched.length} lines have`} no food</State>
          </li>
        )}
        {checks.map(({ id, because }) => (
          <li key={id}>
            <State tone="check" title={because.map(({ path }) => path.join(' › ')).join('\n')}>
              check {ALLERGEN_LABELS[id]}
            </State>
          </li>
        ))}
        {by('mayContain').map(({ id }) => (
          <li key={id}>
            <State tone="check">may contain {ALLERGEN_LABELS[id]}</State>
          </li>
        ))}
      </ul>
      {plate.length > 0 && (
        <p className="mt-1 text-sm">On the plate also: {plate.map(({ id, scopes }) => `${scopes.plate} ${ALLERGEN_LABELS[id]}`).join(', ')}.</p>
      )}
      <Disclosure summary="why, and what the ingredients do not show">
        <ul className="mt-1 text-sm">
          {[...by('contains'), ...by('check')].map(({ id, state, because }) => (
            <li key={id}>
              <strong>
                {state} {ALLERGEN_LABELS[id]}
              </strong>
              : {[...new Set(because.map(({ path }) => path.join(' › ')))].join('; ')}
            </li>
          ))}
        </ul>
        <p className="mt-1 text-sm text-kale-soft">
          Not in the ingredients:{' '}
          {by('absent')
            .map(({ id }) => ALLERGEN_LABELS[id])
            .join(', ')}
          . That is no statement about traces; read every pack.
        </p>
      </Disclosure>
    </section>
  );
}

/** What the needs are about and three more; the rest on asking. */
function Notes({ view: { analysis, needs, core } }: { view: BenchView }) {
  const { first, more } = core.rankNotes(
    // Dangers stand at the top.
    analysis.notes.filter(({ severity }) => severity !== 'danger'),
    needs,
  );
  if (first.length === 0) return null;
  return (
    <section aria-label="Cautions" className="mt-2 border-t border-line pt-2">
      <h3>Cautions</h3>
      <NoteList notes={first} />
      {more.length > 0 && (
        <Disclosure summary={more.length === 1 ? 'one more' : `${more.length} more`}>
          <NoteList notes={more} />
        </Disclosure>
      )}
    </section>
  );
}

const NoteList = ({ notes }: { notes: readonly Note[] }) => (
  <ul className="mt-1 flex flex-col gap-1 text-sm">
    {notes.map(({ code, severity, message }) => (
      <li key={code} className={severity === 'danger' ? 'font-semibold text-beet' : ''}>
        {message}
      </li>
    ))}
  </ul>
);
