import { Tabs } from 'radix-ui';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Measures, Settings } from '../../contract/types.ts';
import type { ChoiceResult } from '../../core/analysis/analysis.ts';
import { SOUP_DENSITY } from '../../core/bowl/pot.ts';
import type { Note } from '../../core/notes/rules.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { type Line, type Recipe, STAGE_LABELS, STAGES } from '../../core/vocabulary/recipe.ts';
import { ApiProblem } from '../api/client.ts';
import { type FoodHit, useAddSoup, usePhrases, useSettings, useTeach } from '../api/queries.ts';
import { AllergenTable } from '../features/allergens/AllergenTable.tsx';
import { Worklist } from '../features/allergens/Worklist.tsx';
import { Doubts, openDoubts } from '../features/reading/Doubts.tsx';
import { MarkedText } from '../features/reading/MarkedText.tsx';
import { NamedFoods } from '../features/reading/NamedFoods.tsx';
import { TextAccount } from '../features/reading/TextAccount.tsx';
import { type ReadingDesk, useReadingDesk } from '../features/reading/useReadingDesk.ts';
import { FoodPicker } from '../kitchen/FoodPicker.tsx';
import { figure } from '../kitchen/format.ts';
import { useKitchenSoon } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { Field, Select } from '../ui/field.tsx';
import { NumberInput } from '../ui/numberInput.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, State } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';

const MEASURE_NAMES: Record<Measures, string> = {
  auto: 'as the text suggests',
  us: 'US cups and ounces',
  metric: 'metric',
  imperial: 'imperial',
  au: 'Australian',
};

/** A text that was opened elsewhere is laid on the desk; what lay there can be put back. */
function useBroughtText({ desk: { text }, setText }: ReadingDesk) {
  const { state, pathname } = useLocation() as { state: { text?: unknown } | null; pathname: string };
  const navigate = useNavigate();
  const brought = typeof state?.text === 'string' ? state.text : null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each text that is brought
  useEffect(() => {
    if (brought === null) return;
    setText(brought);
    if (text.trim() !== '' && text !== brought) say('The text that lay here made way.', { label: 'Put it back', act: () => setText(text) });
    navigate(pathname, { replace: true, state: null });
  }, [brought]);
}

/** The text at the left, what was understood at the right. Nothing is guessed silently; nothing blocks. */
export function Read() {
  const settings = useSettings();
  const desk = useReadingDesk(settings.data?.measures ?? 'auto');
  const add = useAddSoup();
  const navigate = useNavigate();
  const [finding, setFinding] = useState<Line | null>(null);
  const [lookAt, setLookAt] = useState<number | null>(null);
  const teach = useTeach();
  const kitchen = useKitchenSoon();
  const { recipe, reading } = desk;
  const failure = reading.error ?? add.error;
  useBroughtText(desk);

  const take = (food: FoodHit, always: boolean) => {
    const line = finding;
    setFinding(null);
    if (!line) return;
    const known = kitchen?.shelf.food(food.id);
    const grams = known && kitchen ? kitchen.weighLine(line.text, known, reading.data?.measures ?? 'us') : null;
    desk.settle(line, { foodId: food.id, grams: grams ?? line.grams, said: grams || line.grams ? food.name : `${food.name}, not weighed yet` });
    if (!always) return;
    const words = kitchen?.phraseOf(line.text) ?? line.text;
    teach.mutate(
      { text: line.text, foodId: food.id },
      {
        onSuccess: () =>
          say(`From now on '${words}' is read as ${food.name}.`, {
            label: 'Undo',
            act: () => teach.mutate({ text: line.text, foodId: null }),
          }),
      },
    );
  };
  const toBench = () => {
    if (!recipe) return;
    add.mutate(
      { recipe: withKitchen(recipe, settings.data), needs: rulesOf(settings.data) },
      {
        onSuccess: (soup) => {
          desk.clear();
          navigate(`/soups/${soup.id}/bench`);
        },
      },
    );
  };

  return (
    <div className="grid min-h-0 flex-1 gap-4 p-4 lg:flex-none lg:h-[calc(100dvh-3rem)] lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)] lg:grid-rows-[minmax(0,1fr)]">
      <section className="flex min-h-80 flex-col gap-2 lg:min-h-0" aria-label="The text">
        <div className="flex flex-wrap items-end gap-3">
          <ScreenTitle>Read a recipe</ScreenTitle>
          <h1 className="mr-auto font-title text-2xl">Read a recipe</h1>
          <Field label="Measures">
            <Select value={desk.measures} onChange={(event) => desk.setMeasures(event.target.value as Measures)}>
              {Object.entries(MEASURE_NAMES).map(([value, name]) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
            </Select>
          </Field>
        </div>
        <MarkedText
          aria-label="Recipe text"
          aria-describedby={desk.unread.length > 0 ? 'unread-lines' : undefined}
          marked={new Set(desk.unread.map(({ textLine }) => textLine))}
          value={desk.desk.text}
          lookAt={lookAt}
          onCaretLine={showDoubtOf}
          onChange={(event) => desk.setText(event.target.value)}
          spellCheck={false}
          onDragOver={(event) => event.preventDefault()}
          onDrop={async (event) => {
            const file = event.dataTransfer.files[0];
            if (!file) return;
            event.preventDefault();
            desk.setText(await file.text());
          }}
          placeholder={'Paste a recipe here, drop a text file on it, or type.\n\nTitle, how many bowls, one ingredient a line, then the steps.'}
          className="min-h-64 flex-1"
        />
        {desk.unread.length > 0 && (
          <p id="unread-lines" className="text-sm">
            <State tone="check">not understood</State> {desk.unread.length === 1 ? 'One line is' : `${desk.unread.length} lines are`} marked in the
            text: {desk.unread.map(({ textLine }) => textLine + 1).join(', ')}. Until settled nothing is told as absent.
          </p>
        )}
        {failure && (
          <Notice tone="breaks">
            {failure.message}
            {failure instanceof ApiProblem ? '' : ' Your text is kept; it is read when the server answers.'}
          </Notice>
        )}
      </section>
      <section
        className="relative flex min-h-0 flex-col gap-3 overflow-auto rounded-xl border border-line bg-oat p-4"
        aria-label="What was understood"
        aria-busy={reading.isFetching}
      >
        {recipe ? (
          <>
            <div className="flex flex-wrap items-end gap-3">
              <h2 className="min-w-0 flex-1 basis-60 font-title text-2xl">{recipe.title}</h2>
              <Field label="Bowls">
                <NumberInput
                  className="w-20"
                  value={recipe.servings ?? null}
                  min={0.1}
                  placeholder="?"
                  onValue={(servings) => servings !== undefined && desk.setServings(servings)}
                />
              </Field>
              <Button onClick={desk.clear}>Clear</Button>
              <Button kind="main" onClick={toBench} disabled={add.isPending || recipe.lines.length === 0}>
                Put on the bench
              </Button>
            </div>
            <Findings desk={desk} recipe={recipe} settings={settings.data} onFindFood={setFinding} onLook={setLookAt} />
          </>
        ) : (
          <p className="m-auto text-kale-soft">
            {reading.isFetching ? 'Reading ...' : 'What is understood of the text stands here, line against line.'}
          </p>
        )}
      </section>
      <FoodPicker
        line={finding?.text ?? null}
        query={
          finding ? finding.text.replace(/^[\d\s./½¼¾⅓⅔-]+\s*(g|kg|ml|l|oz|cups?|tbsp|tsp|tablespoons?|teaspoons?)?\s+/i, '').replace(/,.*$/, '') : ''
        }
        words={finding && finding.foodId === null ? kitchen?.phraseOf(finding.text) : undefined}
        onPick={take}
        onClose={() => setFinding(null)}
      />
    </div>
  );
}

/** Both sides go together: the doubt of the line that the caret was put into comes into sight. */
function showDoubtOf(textLine: number): void {
  document.querySelector(`[data-text-line="${textLine}"]`)?.scrollIntoView({ block: 'nearest' });
}

interface FindingsProps {
  desk: ReadingDesk;
  recipe: Recipe;
  settings: Settings | undefined;
  onFindFood: (line: Line) => void;
  onLook: (textLine: number | null) => void;
}

/** What was understood, what hides in it, and which labels have to be read. */
function Findings({ desk, recipe, settings, onFindFood, onLook }: FindingsProps) {
  const core = useKitchenSoon();
  const regime = settings?.regime ?? 'us';
  const kitchen = withKitchen(recipe, settings);
  const analysis = core && recipe.lines.length > 0 ? core.analyse(kitchen, { ...rulesOf(settings), regime }, core.shelf) : null;
  const labels =
    (analysis ? core?.labelWorklist(recipe, regime, core.shelf, analysis.diets) : undefined)?.filter(
      ({ lookFor, foodId }) => lookFor.length > 0 || foodId === null,
    ).length ?? 0;
  const contains = analysis?.allergens.filter(({ state }) => state === 'contains').length ?? 0;
  const open = openDoubts(desk).length;
  const tab =
    'min-h-8 rounded-t-md border border-b-0 border-transparent px-3 data-[state=active]:border-line data-[state=active]:bg-card data-[state=active]:font-semibold';
  return (
    <Tabs.Root defaultValue="lines" className="flex flex-col gap-3">
      <Tabs.List aria-label="What was understood" className="flex flex-wrap border-b border-line">
        <Tabs.Trigger value="lines" className={tab}>
          Lines and doubts ({open})
        </Tabs.Trigger>
        <Tabs.Trigger value="allergens" className={tab}>
          Allergens and diets ({contains} contained)
        </Tabs.Trigger>
        <Tabs.Trigger value="labels" className={tab}>
          Labels to check ({labels})
        </Tabs.Trigger>
        <Tabs.Trigger value="account" className={tab}>
          Every line ({desk.account.length})
        </Tabs.Trigger>
      </Tabs.List>
      <Tabs.Content value="lines" className="flex flex-col gap-3">
        <Doubts desk={desk} recipe={recipe} choices={analysis?.choices ?? NO_CHOICES} onFindFood={onFindFood} onLook={onLook} />
        <NamedFoods desk={desk} />
        <Understood recipe={recipe} notes={analysis?.notes ?? NO_NOTES} onFindFood={onFindFood} />
      </Tabs.Content>
      <Tabs.Content value="account">
        <TextAccount account={desk.account} />
      </Tabs.Content>
      <Tabs.Content value="allergens">
        {analysis ? <AllergenTable analysis={analysis} recipe={recipe} /> : <p>Fetching the foods ...</p>}
      </Tabs.Content>
      <Tabs.Content value="labels">
        {core && analysis ? <Worklist recipe={recipe} analysis={analysis} regime={regime} core={core} /> : <p>Fetching the foods ...</p>}
      </Tabs.Content>
    </Tabs.Root>
  );
}

/** The kitchen's pot and ring go with the recipe, and its bowl where the text names no number of bowls. */
function withKitchen(recipe: Recipe, settings: Settings | undefined): Recipe {
  if (!settings) return recipe;
  const pot = {
    diameterCm: settings.potDiameterCm,
    ...(settings.potDepthCm ? { depthCm: settings.potDepthCm } : {}),
    ...(settings.ringKw === null ? {} : { ringKw: settings.ringKw }),
  };
  return { ...recipe, pot, ...(recipe.servings === undefined ? { servingGrams: settings.bowlMl * SOUP_DENSITY } : {}) };
}

const rulesOf = (settings: Settings | undefined): Needs =>
  settings
    ? {
        regime: settings.regime,
        ...(settings.coconutIsTreeNut ? { coconutIsTreeNut: true } : {}),
        ...(settings.chestnutIsTreeNut ? { chestnutIsTreeNut: true } : {}),
        ...(settings.blender ? { blender: settings.blender } : {}),
      }
    : {};

const NO_NOTES: readonly Note[] = [];
const NO_CHOICES: readonly ChoiceResult[] = [];
/** A caution about more lines than this is about the soup and stands at its steps only. */
const MOST_LINES = 3;

/** Cautions where they bite: under the line or the step they speak of. */
const Cautions = ({ notes }: { notes: readonly Note[] }) =>
  notes.map(({ code, severity, message }) => (
    <p
      key={code}
      className={`text-sm ${severity === 'danger' ? 'font-semibold text-beet' : severity === 'caution' ? 'text-mustard' : 'text-kale-soft'}`}
    >
      {message}
    </p>
  ));

function Understood({ recipe, notes, onFindFood }: { recipe: Recipe; notes: readonly Note[]; onFindFood: (line: Line) => void }) {
  const phrases = usePhrases();
  const kitchen = useKitchenSoon();
  const taught = ({ text, foodId }: Line) => {
    const words = kitchen?.phraseOf(text);
    return phrases.data?.some((one) => one.phrase === words && one.foodId === foodId) ?? false;
  };
  const ofLine = (id: string) =>
    notes.filter(
      ({ code, stepIds, lineIds }) =>
        code !== 'food.unmatched' && code !== 'grams.unknown' && !stepIds?.length && lineIds.length <= MOST_LINES && lineIds.includes(id),
    );
  const ofStep = (id: string) => notes.filter(({ stepIds }) => stepIds?.includes(id));
  return (
    <section aria-label="Lines">
      <h2 className="text-lg">Lines</h2>
      <table className="mt-1 w-full border-collapse rounded-lg bg-card">
        <thead>
          <tr className="text-left text-sm text-kale-soft">
            <th scope="col" className="px-2 py-1 font-normal">
              Written
            </th>
            <th scope="col" className="px-2 py-1 font-normal">
              Food
            </th>
            <th scope="col" className="px-2 py-1 text-right font-normal">
              Grams, low to high
            </th>
          </tr>
        </thead>
        {STAGES.map((stage) => {
          const lines = recipe.lines.filter((line) => line.stage === stage);
          return lines.length === 0 ? null : (
            <tbody key={stage}>
              <tr>
                <th scope="rowgroup" colSpan={3} className="bg-oat-deep px-2 py-0.5 text-left text-sm">
                  {STAGE_LABELS[stage]}
                </th>
              </tr>
              {lines.map((line) => (
                <tr key={line.id} className="border-t border-line align-top">
                  <td className="px-2 py-1">
                    {line.text}
                    {line.eaten && line.eaten !== 'all' && line.eaten !== 'removed' && <span className="text-kale-soft"> ({line.eaten})</span>}
                    {line.eaten === 'removed' && <span className="text-kale-soft"> (taken out)</span>}
                    {recipe.lines.some(({ partOf }) => partOf === line.id) && <span className="text-kale-soft"> (divided)</span>}
                    {line.partOf && <span className="text-kale-soft"> (part)</span>}
                    {line.choiceOf && <span className="text-kale-soft">{line.chosen ? ' (taken)' : ' (or)'}</span>}
                    <Cautions notes={ofLine(line.id)} />
                  </td>
                  <td className="px-2 py-1">
                    <Button kind="chip" onClick={() => onFindFood(line)} aria-label={`Change the food of ${line.text}`}>
                      {line.foodId === null ? <State tone="breaks">unknown food</State> : <FoodName id={line.foodId} />}
                    </Button>
                    {taught(line) && <span className="ml-1 text-sm text-kale-soft">your word</span>}
                  </td>
                  <td className="px-2 py-1 text-right whitespace-nowrap">
                    {line.grams ? (
                      <>
                        {figure(line.grams.best)}{' '}
                        <span className="text-sm text-kale-soft">
                          {figure(line.grams.low)} to {figure(line.grams.high)}
                        </span>
                      </>
                    ) : (
                      <State tone="check">not weighed</State>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          );
        })}
      </table>
      {recipe.steps.length > 0 && (
        <ol className="mt-3 list-decimal pl-6">
          {recipe.steps.map((step) => (
            <li key={step.id}>
              {step.text}{' '}
              <span className="text-sm text-kale-soft">
                {[
                  STAGE_LABELS[step.stage],
                  step.method,
                  step.minutes && `${step.minutes.min === step.minutes.max ? step.minutes.min : `${step.minutes.min} to ${step.minutes.max}`} min`,
                  step.lid && `lid ${step.lid}`,
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
              <Cautions notes={ofStep(step.id)} />
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

/** The food's own name once the shelf is there; its id until then. */
const FoodName = ({ id }: { id: string }) => <>{useKitchenSoon()?.shelf.food(id)?.name ?? id}</>;
