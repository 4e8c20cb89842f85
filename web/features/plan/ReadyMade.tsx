import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Settings } from '../../../contract/types.ts';
import type { RegimeId } from '../../../core/regime/regime.ts';
import type { ReadyExchange } from '../../../core/school/exchanges.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { usePriceList } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import { useKitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Notice } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';
import type { ExchangesAsked, ExchangesTold } from '../../workers/exchanges.worker.ts';
import { kitchenOf } from './houseKitchen.ts';

interface Props {
  soupId: string;
  recipe: Recipe;
  regime: RegimeId;
  settings: Settings;
}

const by = (value: number, unit: string, least: number): string =>
  Math.abs(value) < least ? 'as it was' : `${value > 0 ? '+' : '\u2212'}${figure(Math.abs(value))} ${unit}`;

/** What could come from the freezer, a can or a jar in the place of what is peeled and cut: sodium, price and minutes, row by row. */
export function ReadyMade(props: Props) {
  return (
    <Disclosure summary="from the freezer or a can" lazy>
      <Offers {...props} />
    </Disclosure>
  );
}

function Offers({ soupId, recipe, regime, settings }: Props) {
  const core = useKitchen();
  const prices = usePriceList();
  const navigate = useNavigate();
  const told = useExchanges(
    useMemo((): ExchangesAsked => {
      const { coconutIsTreeNut, chestnutIsTreeNut } = settings;
      return {
        request: { recipe, kitchen: kitchenOf(settings), options: { regime, coconutIsTreeNut, chestnutIsTreeNut, prices } },
        kitchen: core.onShelf(core.shelf),
      };
    }, [recipe, regime, settings, core, prices]),
  );
  if (!told) return <p role="status">Looking what comes frozen or canned ...</p>;
  if ('failure' in told) return <Notice tone="breaks">{told.failure}</Notice>;
  if (told.exchanges.length === 0) return <p className="text-sm text-kale-soft">The shelf has nothing of this soup frozen, canned or in a jar.</p>;
  return (
    <div className="overflow-x-auto">
      <Table
        caption="Frozen, canned and jarred in the place of fresh or dry"
        columns={[
          { head: 'Instead of', isHead: true, cell: ({ from }: ReadyExchange) => from },
          { head: 'Take', cell: ({ to }: ReadyExchange) => `${core.formatGrams(to.grams)} ${to.name}`, className: 'pl-4', headClass: 'pl-4' },
          {
            head: 'Sodium a bowl',
            isFigure: true,
            cell: ({ sodiumMg }: ReadyExchange) => by(sodiumMg, 'mg', 2),
            className: 'pl-4',
            headClass: 'pl-4',
          },
          {
            head: 'Price a bowl',
            isFigure: true,
            cell: ({ cost }: ReadyExchange) => (cost ? by(cost.by, cost.currency, 0.005) : 'not known'),
            className: 'pl-4',
            headClass: 'pl-4',
          },
          { head: 'At the board', isFigure: true, cell: ({ board }: ReadyExchange) => by(board, 'min', 0.5), className: 'pl-4', headClass: 'pl-4' },
          {
            head: 'In all',
            isFigure: true,
            cell: ({ minutes }: ReadyExchange) => (minutes === null ? 'not planned' : by(minutes, 'min', 1)),
            className: 'pl-4',
            headClass: 'pl-4',
          },
          {
            head: '',
            cell: ({ recipe: put, to }: ReadyExchange) => (
              <Button kind="chip" aria-label={`${to.name}: to the bench`} onClick={() => navigate(`/soups/${soupId}/bench`, { state: { put } })}>
                to the bench
              </Button>
            ),
            className: 'pl-4',
          },
        ]}
        rows={told.exchanges}
        keyOf={({ lineId, to }) => `${lineId} ${to.foodId}`}
      />
      <p className="text-sm text-kale-soft">Of one bowl of the recipe; read the label for what was added, salt before all.</p>
    </div>
  );
}

function useExchanges(asked: ExchangesAsked): ExchangesTold | null {
  const [told, setTold] = useState<ExchangesTold | null>(null);
  useEffect(() => {
    setTold(null);
    const worker = new Worker(new URL('../../workers/exchanges.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<ExchangesTold>) => setTold(data);
    worker.onerror = () => setTold({ failure: 'It could not be worked out: open the screen again.' });
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [asked]);
  return told;
}
