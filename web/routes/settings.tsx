import { X } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import type { Settings } from '../../contract/types.ts';
import { MARKET_ROWS, MARKETS, type Market, marketOf } from '../../core/food/market.ts';
import { SALT_BAND_IDS, SALT_BANDS, type SaltBand } from '../../core/food/seasoning.ts';
import { keepingWords, REGIMES } from '../../core/regime/regime.ts';
import { BLENDER_KINDS, type Blender, type BlenderKind, blenderRow } from '../../core/vocabulary/blender.ts';
import { usePhrases, useSaveSettings, useSettings, useTeach } from '../api/queries.ts';
import { DevicesPanel } from '../features/devices/DevicesPanel.tsx';
import { HouseWaysFields } from '../features/schools/HouseWaysFields.tsx';
import { useDropPin, useKitchenSoon, usePins } from '../kitchen/kitchen.ts';
import { LETTER_KEYS, type LetterKeys, useLetterKeys } from '../kitchen/letterKeys.ts';
import { Button } from '../ui/button.tsx';
import { Field, Select } from '../ui/field.tsx';
import { NumberInput, type Typed } from '../ui/numberInput.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';
import { Tick } from '../ui/tick.tsx';

/** A usual jar (common practice). */
const DEFAULT_JAR_ML = 1500;
/** The blender chosen, with what was said of sieve and jar. */
const blenderOf = (kind: string, before: Blender | undefined): Blender | undefined =>
  kind === '' ? undefined : { jarMl: DEFAULT_JAR_ML, ...before, kind: kind as BlenderKind };

/** Settings of the kitchen. Each change is saved as it is made. */
export function SettingsScreen() {
  const settings = useSettings();
  const save = useSaveSettings();
  if (settings.isError)
    return (
      <div className="p-6">
        <Notice tone="breaks">
          {settings.error.message}{' '}
          <Button kind="chip" onClick={() => settings.refetch()}>
            Try again
          </Button>
        </Notice>
      </div>
    );
  if (!settings.data) return <Waiting>Fetching the settings ...</Waiting>;
  const now = settings.data;
  const set = (changes: Partial<Settings>) => save.mutateAsync(changes).catch(() => undefined);
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-col gap-4 p-6">
      <ScreenTitle>Settings</ScreenTitle>
      <h1 className="font-title text-3xl">Settings</h1>
      <div className="grid items-start gap-4 lg:grid-cols-2">
        <Group title="Rules">
          <Field label="Rules for new soups">
            <Select value={now.regime} onChange={(event) => set({ regime: event.target.value as Settings['regime'] })}>
              {Object.values(REGIMES).map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="This house buys in">
            <Select value={now.market ?? ''} onChange={(event) => set({ market: (event.target.value || undefined) as Market | undefined })}>
              <option value="">the market of its rules ({MARKET_ROWS[marketOf({ regime: now.regime })].label})</option>
              {MARKETS.map((id) => (
                <option key={id} value={id}>
                  {MARKET_ROWS[id].label}
                </option>
              ))}
            </Select>
          </Field>
          <p className="text-sm text-kale-soft">
            It decides what 'butter', 'flour' and 'cream' are when a recipe says no more, how heavy an egg is, and, in India, that the measured Indian
            table comes before the recalled one. Soups that are open are worked out anew.
          </p>
          <p className="text-sm text-kale-soft">
            Energy: {REGIMES[now.regime].energy.words} ({REGIMES[now.regime].energy.source}). Food is {keepingWords(REGIMES[now.regime])} (
            {REGIMES[now.regime].keeping.source}). Your local code decides.
          </p>
          <Tick checked={now.coconutIsTreeNut} onChange={(coconutIsTreeNut) => set({ coconutIsTreeNut })}>
            Coconut counts as a tree nut
          </Tick>
          <Tick checked={now.chestnutIsTreeNut} onChange={(chestnutIsTreeNut) => set({ chestnutIsTreeNut })}>
            Chestnut counts as a tree nut
          </Tick>
          <p className="text-sm text-kale-soft">
            US guidance of January 2025 took both off its tree nuts; many kitchens still count them. These settings apply to soups read from now on.
          </p>
        </Group>
        <Group title="Pots and bowls">
          <Figure label="Pot, diameter in cm" value={now.potDiameterCm} min={1} max={200} onSet={(potDiameterCm) => set({ potDiameterCm })} />
          <Field label="Its depth to the brim, cm (leave empty if unknown)">
            <NumberInput
              late
              className="w-28"
              value={now.potDepthCm ?? null}
              min={1}
              max={200}
              onValue={(potDepthCm) => potDepthCm !== undefined && set({ potDepthCm })}
            />
          </Field>
          <Field label="Ring, kW (leave empty if unknown)">
            <NumberInput
              late
              className="w-28"
              value={now.ringKw}
              min={0.01}
              max={100}
              onValue={(ringKw) => ringKw !== undefined && set({ ringKw })}
            />
          </Field>
          <Field label="Days a soup is kept cold (empty: by the rules)">
            <NumberInput
              late
              className="w-28"
              value={now.keptDays ?? null}
              min={1}
              max={14}
              onValue={(keptDays) => keptDays !== undefined && set({ keptDays })}
            />
          </Field>
          <Figure label="Bowl, ml" value={now.bowlMl} min={50} max={2000} onSet={(bowlMl) => set({ bowlMl })} />
          <Ladles sizes={now.ladlesMl ?? []} onSizes={(ladlesMl) => set({ ladlesMl })} />
          <p className="text-sm text-kale-soft">
            Pot and ring go with every recipe read from now on; they decide how much water steams away and whether it fits below the brim.
          </p>
        </Group>
        <Group title="Cooks and stove">
          <Figure label="Cooks" value={now.cooks ?? 1} min={1} max={20} onSet={(cooks) => set({ cooks })} />
          <Figure label="Rings" value={now.rings ?? 4} min={0} max={20} onSet={(rings) => set({ rings })} />
          <Figure label="Ovens" value={now.ovens ?? 1} min={0} max={20} onSet={(ovens) => set({ ovens })} />
          <Field label="Trays of 53 x 32.5 cm (empty: enough)">
            <NumberInput
              late
              className="w-28"
              value={now.trays ?? null}
              min={0}
              max={100}
              onValue={(trays) => trays !== undefined && set({ trays })}
            />
          </Field>
          <Figure label="Pots in ice water at once" value={now.coldBaths ?? 1} min={0} max={20} onSet={(coldBaths) => set({ coldBaths })} />
          <p className="text-sm text-kale-soft">A plan counts on these, and on the pot and the blender beside them.</p>
        </Group>
        <Group title="Scale and probe">
          <DevicesPanel />
        </Group>
        <Group title="Blender">
          <Field label="Soups are blended with">
            <Select value={now.blender?.kind ?? ''} onChange={(event) => set({ blender: blenderOf(event.target.value, now.blender) })}>
              <option value="">not said</option>
              {BLENDER_KINDS.map((kind) => (
                <option key={kind} value={kind}>
                  {blenderRow(kind).label}
                </option>
              ))}
            </Select>
          </Field>
          {now.blender && (
            <Tick checked={now.blender.sieve !== false} onChange={(sieve) => now.blender && set({ blender: { ...now.blender, sieve } })}>
              A fine sieve is at hand
            </Tick>
          )}
          {now.blender && blenderRow(now.blender.kind).jar && (
            <Figure
              label="Jar, ml"
              value={now.blender.jarMl ?? DEFAULT_JAR_ML}
              min={100}
              max={20_000}
              onSet={(jarMl) => now.blender && set({ blender: { ...now.blender, jarMl } })}
            />
          )}
          <p className="text-sm text-kale-soft">
            It decides what a smooth soup asks for, how often the jar is filled, and what a cream of nuts costs in work. It goes with soups read from
            now on.
          </p>
        </Group>
        <Group title="Salt">
          <Field label="Salt to taste is proposed">
            <Select value={now.saltBand ?? 'common'} onChange={(event) => set({ saltBand: event.target.value as SaltBand })}>
              {SALT_BAND_IDS.map((band) => (
                <option key={band} value={band}>
                  {SALT_BANDS[band].name}, {SALT_BANDS[band].low} to {SALT_BANDS[band].high} %
                </option>
              ))}
            </Select>
          </Field>
          <p className="text-sm text-kale-soft">
            A proposal in grams wherever a recipe says no more than 'salt'. It is never counted until you take it, and never goes above a limit you
            set.
          </p>
        </Group>
        <Group title="Ways of this house">
          <HouseWaysFields ways={now.ways ?? {}} onWays={(ways) => set({ ways })} />
          <p className="text-sm text-kale-soft">
            Each soup can be seen in these ways, and put on its bench so, under 'schools side by side'. No soup is changed by itself.
          </p>
        </Group>
        <Group title="Measures">
          <Field label="Amounts on the bench">
            <Select value={now.show} onChange={(event) => set({ show: event.target.value as Settings['show'] })}>
              <option value="grams">grams</option>
              <option value="kitchen">cups, spoons and pieces</option>
            </Select>
          </Field>
          <Field label="Prices are in">
            <Select value={now.currency} onChange={(event) => set({ currency: event.target.value })}>
              {CURRENCIES.map((code) => (
                <option key={code} value={code}>
                  {code}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="Pasted recipes are measured">
            <Select value={now.measures} onChange={(event) => set({ measures: event.target.value as Settings['measures'] })}>
              <option value="auto">as the text suggests</option>
              <option value="us">in US cups</option>
              <option value="metric">in metric</option>
              <option value="imperial">in imperial</option>
              <option value="au">in Australian measures</option>
            </Select>
          </Field>
        </Group>
        <Keyboard />
        <Taught />
      </div>
      {save.isError && (
        <Notice tone="breaks">
          {save.error.message}{' '}
          <Button kind="chip" onClick={() => settings.refetch()}>
            Fetch again
          </Button>
        </Notice>
      )}
      <p role="status" className="text-sm text-kale-soft">
        {save.isPending ? 'saving ...' : save.isSuccess ? 'saved' : ''}
      </p>
    </div>
  );
}

/** Of the person at this browser, and not of the kitchen. */
function Keyboard() {
  const { mode, setMode } = useLetterKeys();
  return (
    <Group title="Keyboard">
      <Field label="Keys of one letter or figure work">
        <Select value={mode} onChange={(event) => setMode(event.target.value as LetterKeys)}>
          {Object.entries(LETTER_KEYS).map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </Select>
      </Field>
      <p className="text-sm text-kale-soft">
        Kept in this browser. With Alt, or off, for whoever speaks to the computer or types with an unsteady hand. Arrows, Enter, Delete and Escape
        always work.
      </p>
    </Group>
  );
}

/** Words this kitchen was taught while reading, and the labels it has read; each can be forgotten. */
function Taught() {
  const phrases = usePhrases();
  const pins = usePins();
  const teach = useTeach();
  const drop = useDropPin();
  const core = useKitchenSoon();
  const name = (id: string) => core?.shelf.food(id)?.name ?? id;
  return (
    <>
      <Group title="Words this kitchen was taught">
        {phrases.data?.length === 0 && (
          <p className="text-sm text-kale-soft">None yet. Choosing a food for a line that had none teaches its words.</p>
        )}
        <ul className="flex w-full flex-col gap-1">
          {phrases.data?.map(({ phrase, foodId }) => (
            <li key={phrase} className="flex items-center gap-2">
              <span className="mr-auto">
                '{phrase}' is {name(foodId)}
              </span>
              <Button kind="chip" aria-label={`Forget ${phrase}`} onClick={() => teach.mutate({ text: phrase, foodId: null })}>
                Forget
              </Button>
            </li>
          ))}
        </ul>
      </Group>
      <Group title="Labels this kitchen has read">
        {pins.data?.length === 0 && (
          <p className="text-sm text-kale-soft">None yet. 'Labels to check' of a soup keeps what a label says until a day.</p>
        )}
        <ul className="flex w-full flex-col gap-1">
          {pins.data?.map(({ foodId, product, readOn, lookAgainOn, ...answers }) => (
            <li key={foodId} className="flex items-center gap-2">
              <span className="mr-auto">
                {name(foodId)}
                {product ? `, ${product}` : ''}: read {readOn}, again {lookAgainOn}
                <span className="block text-sm text-kale-soft">
                  {core?.answersOf({ readOn, lookAgainOn, expired: false, answers }).join('; ') || 'nothing answered'}
                </span>
              </span>
              <Button kind="chip" aria-label={`Forget the label of ${name(foodId)}`} onClick={() => drop.mutate(foodId)}>
                Forget
              </Button>
            </li>
          ))}
        </ul>
      </Group>
    </>
  );
}

const CURRENCIES = ['EUR', 'GBP', 'USD', 'CAD', 'AUD', 'NZD', 'CHF', 'DKK', 'NOK', 'SEK', 'PLN', 'CZK', 'INR', 'ZAR'] as const;

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="flex flex-col items-start gap-3 rounded-xl border border-line bg-card p-4">
      <legend className="px-1 font-semibold">{title}</legend>
      {children}
    </fieldset>
  );
}

/** The ladles that hang there, by what each holds. */
function Ladles({ sizes, onSizes }: { sizes: readonly number[]; onSizes: (sizes: number[]) => void }) {
  const [size, setSize] = useState<Typed>(null);
  return (
    <div className="flex flex-col gap-1">
      <span className="flex items-end gap-2">
        <Field label="Ladles, ml each">
          <NumberInput className="w-28" value={size} min={10} max={2000} onValue={setSize} />
        </Field>
        <Button
          disabled={typeof size !== 'number' || sizes.length >= MOST_LADLES}
          onClick={() => {
            if (typeof size === 'number') onSizes([...new Set([...sizes, size])].sort((a, b) => b - a));
            setSize(null);
          }}
        >
          Add the ladle
        </Button>
      </span>
      <span className="flex flex-wrap gap-1">
        {sizes.map((one) => (
          <Button key={one} kind="chip" aria-label={`No ladle of ${one} ml`} onClick={() => onSizes(sizes.filter((other) => other !== one))}>
            {one} ml <X size={12} aria-hidden />
          </Button>
        ))}
      </span>
    </div>
  );
}
const MOST_LADLES = 6;

/** A number there has to be: an empty box goes back to what it held. */
function Figure({ label, value, min, max, onSet }: { label: string; value: number; min: number; max: number; onSet: (value: number) => void }) {
  const [emptied, setEmptied] = useState(0);
  return (
    <Field label={label}>
      <NumberInput
        key={emptied}
        late
        className="w-28"
        value={value}
        min={min}
        max={max}
        onValue={(next) => (typeof next === 'number' ? onSet(next) : setEmptied(emptied + 1))}
      />
    </Field>
  );
}
