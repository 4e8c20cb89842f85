import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { GroupBody } from '../../../contract/types.ts';
import { asSeated } from '../../../core/group/day.ts';
import type { Pot, PotsReply } from '../../../core/group/types.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useAddSoup, useSettings, useSoups, useVersions } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { houseNeeds } from './houseNeeds.ts';
import { GivenUp, progressWords, usePotsWork } from './usePotsWork.ts';

/** Of one soup, the fewest pots that serve the group. */
export function PotsPanel({ group, core }: { group: GroupBody; core: Kitchen }) {
  const soups = useSoups({ q: '', said: '', main: '', larder: false, checks: false, archived: false, sort: 'title' });
  const [soupId, setSoupId] = useState('');
  const versions = useVersions(soupId);
  const [number, setNumber] = useState('');
  const { ask, progress, giveUp } = usePotsWork();
  const pots = useMutation({ mutationFn: ask });
  const { data: settings } = useSettings();
  const list = soups.data?.pages.flatMap((page) => page.soups) ?? [];
  const kept = soupId === '' ? [] : (versions.data?.versions ?? []);
  const version = kept.find((one) => String(one.number) === number) ?? kept[0];
  return (
    <section aria-label="Pots" className="flex flex-col gap-3 rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">Fewest pots</h2>
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Of which soup">
          <Select
            value={soupId}
            onChange={(event) => {
              setSoupId(event.target.value);
              setNumber('');
              pots.reset();
            }}
          >
            <option value="">choose ...</option>
            {list.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </Select>
        </Field>
        {kept.length > 0 && (
          <Field label="Begin from">
            <Select value={String(version?.number ?? '')} onChange={(event) => setNumber(event.target.value)}>
              {kept.map((one) => (
                <option key={one.number} value={one.number}>
                  {one.number}. {one.name}
                </option>
              ))}
            </Select>
          </Field>
        )}
        <Button
          kind="main"
          disabled={!version || !settings || pots.isPending}
          onClick={() =>
            version &&
            pots.mutate({
              kitchen: core.onShelf(core.shelf),
              request: {
                recipe: version.recipe,
                guests: asSeated(group.guests, group.scope).map(({ seat, needs, bowls, sides }) => ({
                  seat,
                  needs: houseNeeds(needs, settings),
                  ...(bowls === undefined ? {} : { bowls }),
                  ...(sides === undefined ? {} : { sides }),
                })),
                ...(version.needs.regime ? { regime: version.needs.regime } : {}),
              },
            })
          }
        >
          Work out the pots
        </Button>
      </div>
      <p role="status" className="flex items-center gap-3">
        {pots.isPending && progress ? progressWords(progress) : ''}
        {pots.isPending && (
          <Button kind="chip" onClick={giveUp}>
            Give up
          </Button>
        )}
      </p>
      {pots.error && !(pots.error instanceof GivenUp) && <Notice tone="breaks">{pots.error.message}</Notice>}
      {pots.data && <Told reply={pots.data} core={core} title={version?.recipe.title ?? ''} />}
    </section>
  );
}

function Told({ reply, core, title }: { reply: PotsReply; core: Kitchen; title: string }) {
  const { pots, explains, unserved, order, optimal, bound } = reply;
  const [head, ...rest] = explains;
  const closing = rest.slice(pots.length);
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg font-semibold">
        {head} {optimal ? <State tone="meets">proven</State> : <State tone="check">at least {bound}, not proven</State>}
      </p>
      <ol className="grid gap-3 md:grid-cols-2" aria-label="Pots, the strictest cooked first">
        {order.map((at, place) => {
          const pot = pots[at];
          return pot ? <PotCard key={at} pot={pot} number={at + 1} place={place + 1} words={rest[at] ?? ''} core={core} title={title} /> : null;
        })}
      </ol>
      {unserved.length > 0 && <Notice tone="breaks">{unserved.map(({ seat, clash }) => `${seat} has no bowl: ${clash.why}.`).join(' ')}</Notice>}
      <ul className="list-disc pl-5 text-sm text-kale-soft">
        {closing
          .filter((words) => !words.includes(' has no bowl'))
          .map((words) => (
            <li key={words}>{words}</li>
          ))}
        <li>Worked out from the ingredients: read every label before it is served, and keep the strictest pot apart.</li>
      </ul>
    </div>
  );
}

function PotCard({
  pot,
  number,
  place,
  words,
  core,
  title,
}: {
  pot: Pot;
  number: number;
  place: number;
  words: string;
  core: Kitchen;
  title: string;
}) {
  const add = useAddSoup();
  const contains = pot.analysis.allergens.filter(({ state }) => state === 'contains').map(({ id }) => ALLERGEN_LABELS[id]);
  const checks = pot.analysis.allergens.filter(({ state }) => state === 'check').map(({ id }) => ALLERGEN_LABELS[id]);
  const recipe: Recipe = { ...pot.recipe, title: `${title}, for ${pot.seats.join(', ')}` };
  return (
    <li className="flex flex-col gap-1 rounded-xl border border-line bg-oat p-3">
      <h3 className="font-title text-xl">
        Pot {number} <span className="font-sans text-base text-kale-soft">cooked {place === 1 ? 'first' : `as number ${place}`}</span>
      </h3>
      <p>{words.replace(/^Pot \d+, /, '')}</p>
      <p className="text-sm">
        {contains.length > 0 ? `Contains ${contains.join(', ')}` : 'No allergen shown by the ingredients'}
        {checks.length > 0 && <span className="text-mustard">; check: {checks.join(', ')}</span>}
      </p>
      <p className="text-sm text-kale-soft">
        One bowl: {figure(pot.analysis.perServing.energyKcal.value)} kcal, {figure(pot.analysis.perServing.proteinG.value)} g protein,{' '}
        {figure(pot.analysis.perServing.sodiumMg.value)} mg sodium; {pot.analysis.body.word}
      </p>
      <details>
        <summary className="min-h-6 text-sm underline">what goes in</summary>
        <ul className="text-sm">
          {pot.recipe.lines.map((line) => (
            <li key={line.id}>
              {line.grams ? core.formatGrams(line.grams.best) : 'to taste'}{' '}
              {line.foodId === null ? line.text : (core.shelf.food(line.foodId)?.name ?? line.text)}
            </li>
          ))}
        </ul>
      </details>
      <p>
        {add.data ? (
          <Link className="underline" to={`/soups/${add.data.id}/bench`}>
            on its bench
          </Link>
        ) : (
          <Button
            kind="chip"
            disabled={add.isPending}
            aria-label={`Keep pot ${number} as a soup`}
            onClick={() => add.mutate({ recipe, needs: {} }, { onSuccess: () => say(`Pot ${number} is kept as a soup of its own.`) })}
          >
            Keep as a soup
          </Button>
        )}
      </p>
    </li>
  );
}
