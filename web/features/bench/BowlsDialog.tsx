import { type FormEvent, useMemo, useState } from 'react';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useLearnt } from '../../api/cook.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';
import { useBench } from './store.ts';
import type { BenchView } from './view.ts';

type By = 'count' | 'ml' | 'grams';
type Pot = 'kept' | 'reckoned' | 'learnt' | 'scale' | 'stick';

interface Props {
  view: BenchView;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** How many bowls, how large, and how much is really in the pot. */
export function BowlsDialog({ view, open, onOpenChange }: Props) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Bowls and the pot"
      description="A pot that was weighed or dipped comes before what the recipe lets one reckon."
    >
      {open && <BowlsForm view={view} onDone={() => onOpenChange(false)} />}
    </Dialog>
  );
}

function BowlsForm({ view, onDone }: { view: BenchView; onDone: () => void }) {
  const { core, recipe, analysis } = view;
  const gramsPerMl = analysis.potMl > 0 ? analysis.potGrams / analysis.potMl : 1.02;
  const [by, setBy] = useState<By>(recipe.servings === undefined && recipe.servingGrams !== undefined ? 'grams' : 'count');
  const [bowls, setBowls] = useState<number>(round(by === 'grams' ? (recipe.servingGrams ?? 245) : analysis.servings));
  const [pot, setPot] = useState<Pot>(recipe.measuredYieldGrams === undefined ? 'reckoned' : 'kept');
  const [scale, setScale] = useState({ full: 0, tare: 0 });
  const [across, setAcross] = useState(recipe.pot?.diameterCm ?? 28);
  const [deep, setDeep] = useState(recipe.pot?.depthCm ?? 0);
  const [stick, setStick] = useState({ diameterCm: recipe.pot?.diameterCm ?? 28, depthCm: 10, hot: true, justBlended: false });
  const [scaled, setScaled] = useState(false);
  const [thin, setThin] = useState(0);
  const [thinWith, setThinWith] = useState('water');
  const learnt = useLearnt().data?.evaporation;
  const liquids = [
    'water',
    ...new Set(recipe.lines.flatMap(({ foodId }) => (foodId && LIQUID.test(core.shelf.food(foodId)?.category ?? '') ? [foodId] : []))),
  ].filter((id, at, all) => all.indexOf(id) === at);

  const measured = measure();
  function measure() {
    try {
      if (pot === 'scale') return core.potOnScale(scale.full, scale.tare);
      if (pot === 'learnt' && learnt) {
        const grams = core.yieldWith(recipe, learnt, core.shelf);
        return { grams, low: grams * (1 - LEARNT_ERROR), high: grams * (1 + LEARNT_ERROR) };
      }
      return pot === 'stick' ? core.potByStick({ ...stick, gramsPerMl }) : null;
    } catch (error) {
      return (error as Error).message;
    }
  }
  const choose = (next: By) => {
    setBy(next);
    setBowls(round(next === 'count' ? analysis.servings : next === 'ml' ? analysis.servingMl : analysis.servingGrams));
  };
  const isScaled = scaled && by === 'count' && bowls > 0;
  const larger = useMemo(
    () =>
      isScaled
        ? core.scale(recipe, bowls, core.shelf, {
            ...recipe.pot,
            ...(across > 0 ? { diameterCm: across } : {}),
            depthCm: deep > 0 ? deep : undefined,
          })
        : null,
    [isScaled, core, recipe, bowls, across, deep],
  );
  const next = (): Recipe => {
    if (larger) return larger.recipe;
    const { servings: _, servingGrams: __, measuredYieldGrams: was, ...rest } = recipe;
    const lines = thin > 0 ? [...recipe.lines, thinnedBy(recipe, thinWith, thin, core.shelf.food(thinWith)?.name ?? thinWith)] : recipe.lines;
    const yieldGrams = pot === 'reckoned' ? undefined : typeof measured === 'object' && measured ? measured.grams : was;
    return {
      ...rest,
      lines,
      pot: { ...recipe.pot, ...(across > 0 ? { diameterCm: across } : {}), depthCm: deep > 0 ? deep : undefined },
      ...(by === 'count' ? { servings: bowls } : { servingGrams: by === 'grams' ? bowls : core.bowlGrams(bowls, gramsPerMl, false) }),
      // What is stirred in after the pot was measured is in it too.
      ...(yieldGrams === undefined ? {} : { measuredYieldGrams: Math.round(yieldGrams + thin) }),
    };
  };
  const fault = typeof measured === 'string' ? measured : null;
  const unread = [
    bowls,
    thin,
    across,
    deep,
    ...(pot === 'scale' ? [scale.full, scale.tare] : pot === 'stick' ? [stick.diameterCm, stick.depthCm] : []),
  ].some(Number.isNaN);
  const outcome = bowls > 0 && !fault && !unread ? core.analyse(next(), { regime: view.needs.regime }, core.shelf) : null;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    useBench.getState().putRecipe(next());
    onDone();
  };

  return (
    <form onSubmit={submit} className="flex flex-col gap-3">
      <div className="grid gap-2 sm:grid-cols-2">
        <Field label="Bowls by">
          <Select value={by} onChange={(event) => choose(event.target.value as By)}>
            <option value="count">how many</option>
            <option value="ml">millilitres each</option>
            <option value="grams">grams each</option>
          </Select>
        </Field>
        <Amount label={by === 'count' ? 'Bowls' : by === 'ml' ? 'Millilitres a bowl' : 'Grams a bowl'} key={by} value={bowls} onSet={setBowls} />
        <Field label="The pot is">
          <Select value={pot} onChange={(event) => setPot(event.target.value as Pot)}>
            {recipe.measuredYieldGrams !== undefined && <option value="kept">as measured, {figure(recipe.measuredYieldGrams / 1000)} kg</option>}
            <option value="reckoned">reckoned from the recipe</option>
            {learnt && (
              <option value="learnt">
                as pots boil away here: {figure(learnt.factor)} times, {learnt.batches} {learnt.batches === 1 ? 'batch' : 'batches'}
              </option>
            )}
            <option value="scale">weighed</option>
            <option value="stick">measured with a stick</option>
          </Select>
        </Field>
      </div>
      {by === 'count' && (
        <Tick checked={scaled} onChange={setScaled}>
          cook that many: every line and step for these bowls
        </Tick>
      )}
      {larger && larger.notes.length > 0 && (
        <ul aria-label="What does not follow the bowls" className="flex list-disc flex-col gap-1 rounded-md bg-oat px-3 py-2 pl-7 text-sm">
          {larger.notes.map(({ code, message }) => (
            <li key={`${code} ${message}`}>{message}</li>
          ))}
        </ul>
      )}
      <div className="grid gap-2 sm:grid-cols-2">
        <Amount label="Pot, across inside, cm" value={across} onSet={setAcross} />
        <Amount label="Pot, deep to its brim, cm (empty if unknown)" value={deep} onSet={setDeep} />
      </div>
      {pot === 'scale' && (
        <div className="grid gap-2 sm:grid-cols-2">
          <Amount label="Pot with soup, g" value={scale.full} onSet={(full) => setScale({ ...scale, full })} />
          <Amount label="Empty pot, g" value={scale.tare} onSet={(tare) => setScale({ ...scale, tare })} />
        </div>
      )}
      {pot === 'stick' && (
        <div className="grid gap-2 sm:grid-cols-2">
          <Amount label="Across the pot, cm" value={stick.diameterCm} onSet={(diameterCm) => setStick({ ...stick, diameterCm })} />
          <Amount label="Depth of the soup, cm" value={stick.depthCm} onSet={(depthCm) => setStick({ ...stick, depthCm })} />
          <Tick checked={stick.hot} onChange={(hot) => setStick({ ...stick, hot })}>
            hot
          </Tick>
          <Tick checked={stick.justBlended} onChange={(justBlended) => setStick({ ...stick, justBlended })}>
            just blended, still full of air
          </Tick>
        </div>
      )}
      <div className="grid gap-2 sm:grid-cols-2">
        <Amount label="Thinned after blending by, g" value={thin} onSet={setThin} />
        <Field label="with">
          <Select value={thinWith} onChange={(event) => setThinWith(event.target.value)}>
            {liquids.map((id) => (
              <option key={id} value={id}>
                {core.shelf.food(id)?.name ?? id}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      {fault && (scale.full > 0 || pot === 'stick') && <Notice tone="breaks">{fault}</Notice>}
      <p role="status">
        {outcome && (
          <>
            {figure(outcome.potGrams / 1000)} kg in the pot
            {measured && typeof measured === 'object' && ` (measured: ${figure(measured.low / 1000)} to ${figure(measured.high / 1000)} kg)`}:{' '}
            <strong>
              {figure(outcome.servings)} bowls of {figure(outcome.servingMl)} ml, {figure(outcome.servingGrams)} g
            </strong>
            . {outcome.notes.find(({ code }) => code === 'bowl.unusual')?.message}
          </>
        )}
      </p>
      <div className="flex justify-end">
        <Button kind="main" type="submit" disabled={!outcome}>
          Use these bowls
        </Button>
      </div>
    </form>
  );
}

const LIQUID = /^(broth|water|dairy|plant-cream)$/;
/** What a pot nobody weighed today may be out by all the same. */
const LEARNT_ERROR = 0.05;
const round = (value: number) => Number(value.toFixed(value < 10 ? 1 : 0));

/** A line for what is stirred in once the soup is blended. */
function thinnedBy({ lines }: Recipe, foodId: string, grams: number, name: string): Recipe['lines'][number] {
  const ids = new Set(lines.map(({ id }) => id));
  let number = lines.length + 1;
  while (ids.has(`l${number}`)) number += 1;
  return {
    id: `l${number}`,
    stage: 'finish',
    text: `${name}, to thin after blending`,
    foodId,
    grams: { best: grams, low: grams * 0.99, high: grams * 1.01 },
  };
}

/** Nothing is nought; what cannot be read is not a number. */
function Amount({ label, value, onSet }: { label: string; value: number; onSet: (value: number) => void }) {
  return (
    <Field label={label}>
      <NumberInput
        min={0}
        value={Number.isNaN(value) ? undefined : value || null}
        onValue={(next) => onSet(next === undefined ? Number.NaN : (next ?? 0))}
      />
    </Field>
  );
}
