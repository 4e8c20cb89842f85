import { useCombobox } from 'downshift';
import { useId, useState } from 'react';
import type { SourceKind } from '../../core/vocabulary/food.ts';
import { type FoodHit, useFoodSearch } from '../api/queries.ts';
import { Dialog } from '../ui/dialog.tsx';
import { BOX } from '../ui/field.tsx';
import { SOURCE_WORDS } from './format.ts';

interface Props {
  /** The written line, or null when closed. */
  line: string | null;
  query: string;
  /** `always` is true when these words are to mean this food from now on. */
  onPick: (food: FoodHit, always: boolean) => void;
  onClose: () => void;
  /** Words that can be taught; none where the line has its food already. */
  words?: string | undefined;
}

/** While the foods are being fetched there is none to point at. */
const NOTHING_IN_HAND = { 'aria-activedescendant': undefined };

/** Finds a food by name: typed, chosen with the arrows, taken with Enter. */
export function FoodPicker({ line, query, onPick, onClose, words }: Props) {
  return (
    <Dialog open={line !== null} onOpenChange={(open) => !open && onClose()} title="Choose the food" {...(line ? { description: line } : {})}>
      {line !== null && <Search initial={query} words={words} onPick={onPick} />}
    </Dialog>
  );
}

function Search({ initial, words, onPick }: { initial: string; words: string | undefined; onPick: Props['onPick'] }) {
  const inputId = useId();
  const [query, setQuery] = useState(initial);
  const [always, setAlways] = useState(false);
  const hits = useFoodSearch(query);
  const foods = hits.data ?? [];
  const { getInputProps, getLabelProps, getMenuProps, getItemProps, highlightedIndex } = useCombobox<FoodHit>({
    items: foods,
    inputId,
    isOpen: true,
    // The box holds what is typed by itself: handed back from here, a slow frame would undo a letter typed meanwhile.
    initialInputValue: initial,
    defaultHighlightedIndex: 0,
    itemToString: (food) => food?.name ?? '',
    onInputValueChange: ({ inputValue }) => setQuery(inputValue ?? ''),
    onSelectedItemChange: ({ selectedItem }) => selectedItem && onPick(selectedItem, always),
    // What is typed stays typed: a food that is chosen closes the dialog.
    stateReducer: (state, { type, changes }) =>
      type === useCombobox.stateChangeTypes.InputBlur || type === useCombobox.stateChangeTypes.InputKeyDownEscape ? state : changes,
  });
  return (
    <div>
      <span className="flex flex-col gap-0.5">
        <label className="text-sm text-kale-soft" {...getLabelProps()} htmlFor={inputId}>
          Search the shelf
        </label>
        <input className={BOX} {...getInputProps({ autoFocus: true })} {...(foods[highlightedIndex] ? {} : NOTHING_IN_HAND)} />
      </span>
      {words !== undefined && (
        <fieldset className="mt-2 flex flex-wrap gap-x-4">
          <legend className="sr-only">What is remembered</legend>
          {[false, true].map((one) => (
            <label key={String(one)} className="flex min-h-7 items-center gap-1.5">
              <input type="radio" name="remember" checked={always === one} onChange={() => setAlways(one)} />
              {one ? `Always read '${words}' so` : 'Only here'}
            </label>
          ))}
        </fieldset>
      )}
      <ul className="mt-2 flex max-h-72 flex-col gap-1 overflow-auto" {...getMenuProps({ 'aria-label': 'Foods found' })}>
        {foods.map((food, index) => (
          <li
            key={food.id}
            className={`flex min-h-7 cursor-pointer items-center justify-between gap-2 rounded-md border px-2 py-0.5 ${
              index === highlightedIndex ? 'border-squash bg-squash-pale' : 'border-line bg-card'
            }`}
            {...getItemProps({ item: food, index })}
          >
            <span>{food.name}</span>
            <span className="text-sm text-kale-soft">{SOURCE_WORDS[food.source.kind as SourceKind] ?? ''}</span>
          </li>
        ))}
      </ul>
      <p role="status" className="mt-2 text-kale-soft">
        {hits.data?.length === 0 &&
          "Nothing on the shelf answers to that. Leave the line without a food: it stays marked, and every figure says 'at least'."}
      </p>
    </div>
  );
}
