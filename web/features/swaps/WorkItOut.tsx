import { Link } from 'react-router';
import { Button } from '../../ui/button.tsx';
import { Select } from '../../ui/field.tsx';
import { PLAN_COUNTS, plansOf, type Search } from './usePlans.ts';

interface Props {
  soupId: string;
  search: Search;
  plans: number;
  onPlans: (plans: number) => void;
  onWorkOut: () => void;
  onCancel: () => void;
  onBack: () => void;
}

/** Starts the search, says how far it is, and ends it without losing what it found. */
export function WorkItOut({ soupId, search, plans, onPlans, onWorkOut, onCancel, onBack }: Props) {
  const found = plansOf(search).length;
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-2 border-b border-line px-3 py-1.5">
      <Button kind="main" onClick={onWorkOut} disabled={search.state === 'working'}>
        Work it out for me
      </Button>
      {search.state === 'working' ? (
        <>
          <span role="status">{found === 0 ? 'Looking through the swaps ...' : `${found} found, looking on ...`}</span>
          <Button onClick={onCancel}>Cancel</Button>
        </>
      ) : (
        <Select aria-label="How many plans" className="text-sm" value={plans} onChange={(event) => onPlans(Number(event.target.value))}>
          {PLAN_COUNTS.map((count) => (
            <option key={count} value={count}>
              up to {count} plans
            </option>
          ))}
        </Select>
      )}
      {search.state === 'idle' && (
        <>
          <Link className="ml-auto text-sm underline" to={`/soups/${soupId}/schools`}>
            schools
          </Link>
          <Link className="text-sm underline" to={`/soups/${soupId}/spread`}>
            the spread
          </Link>
        </>
      )}
      {search.state !== 'idle' && search.state !== 'working' && (
        <Button className="ml-auto" onClick={onBack}>
          Back to single swaps
        </Button>
      )}
    </div>
  );
}
