import { formatGrams } from '../../../core/food/measure.ts';
import { type Aisle, IN_LARDER, type ToBuy } from '../../../core/sheet/lists.ts';

/** What to buy, by where it stands in a shop, to tick off with a pen. */
export function Aisles({ aisles }: { aisles: readonly { aisle: Aisle; items: readonly ToBuy[] }[] }) {
  return (
    <>
      <div className="gap-6 sm:columns-2 print:columns-2">
        {aisles.map(({ aisle, items }) => (
          <section key={aisle} aria-label={aisle} className="mb-3 break-inside-avoid">
            <h3 className="text-lg">{aisle.charAt(0).toUpperCase() + aisle.slice(1)}</h3>
            <ul>
              {items.map(({ foodId, name, grams, packs, fromLarder }) => (
                <li key={foodId ?? name}>
                  <span aria-hidden>{aisle === IN_LARDER ? '✓ ' : '☐ '}</span>
                  {name}: {grams === null ? 'as needed' : formatGrams(grams)}
                  {packs && ` (${packs})`}
                  {fromLarder !== undefined && `; ${formatGrams(fromLarder)} more from the larder`}
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
      <p className="text-sm text-kale-soft">As bought, with peel and trimmings; packs and pieces are rounded up.</p>
    </>
  );
}
