import { usePrices, useSavePrice, useSettings } from '../../api/queries.ts';
import { Dialog } from '../../ui/dialog.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Notice } from '../../ui/state.tsx';
import { Table, type TableColumn } from '../../ui/table.tsx';
import type { BenchView } from '../bench/view.ts';

interface Props {
  view: BenchView;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** Prices as bought, of the foods in this pot and in the original; each is saved with its day when its field is left. */
export function PricesDialog({ view, open, onOpenChange }: Props) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Prices"
      description="For a kilogram as bought, peel and bone included. An empty field has no price: the bowl says so and takes nothing for free."
    >
      {open && <PriceTable view={view} />}
    </Dialog>
  );
}

/** Today where the kitchen is. */
const today = (): string => new Date().toLocaleDateString('sv-SE');

function PriceTable({ view }: { view: BenchView }) {
  const prices = usePrices();
  const save = useSavePrice();
  const { data: settings } = useSettings();
  const currency = settings?.currency ?? 'EUR';
  const { shelf } = view.core;
  const ids = [...view.recipe.lines, ...view.original.recipe.lines].flatMap(({ foodId }) => (foodId === null || foodId === 'water' ? [] : [foodId]));
  const foods = [...new Set(ids)].map((id) => ({ id, name: shelf.food(id)?.name ?? id })).sort((a, b) => a.name.localeCompare(b.name));
  if (!prices.data) return <p role="status">Fetching the prices ...</p>;
  const priceOf = (id: string) => prices.data.find(({ foodId }) => foodId === id);
  const columns: TableColumn<(typeof foods)[number]>[] = [
    { head: 'Food', isHead: true, className: 'py-1 pr-2', cell: ({ name }) => name },
    {
      head: `${currency} a kg`,
      cell: ({ id, name }) => {
        const price = priceOf(id);
        return (
          <NumberInput
            late
            aria-label={`${currency} for a kilogram of ${name}`}
            className="w-24 text-right"
            min={0}
            value={price?.currency === currency ? price.perKg : null}
            onValue={(perKg) => save.mutate({ foodId: id, price: typeof perKg === 'number' ? { perKg, currency, date: today() } : null })}
          />
        );
      },
    },
    {
      head: 'Paid',
      className: 'text-sm text-kale-soft',
      cell: ({ id }) => {
        const price = priceOf(id);
        return `${price?.date ?? ''}${price && price.currency !== currency ? ` ${price.perKg} ${price.currency}, not reckoned with` : ''}`;
      },
    },
  ];
  return (
    <>
      {save.isError && <Notice tone="breaks">{save.error.message} The price was not saved; leave the field again to try once more.</Notice>}
      <Table caption="Prices" className="w-full" columns={columns} rows={foods} keyOf={({ id }) => id} />
    </>
  );
}
