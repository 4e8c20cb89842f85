import { X } from 'lucide-react';
import { useDeferredValue, useState } from 'react';
import { useSoups } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Input } from '../../ui/field.tsx';

/** A version of another soup, as the address names it. */
export const otherKey = (soupId: string, number: number): string => `${soupId}~${number}`;
export function otherOf(key: string): { soupId: string; number: number } | null {
  const [soupId, number] = key.split('~');
  return soupId && /^[1-9]\d{0,8}$/.test(number ?? '') ? { soupId, number: Number(number) } : null;
}

/** Soups that are named while one is looked for. */
const MOST_FOUND = 6;

interface Props {
  /** The soup whose versions stand here anyway. */
  soupId: string;
  chosen: readonly { key: string; title: string; version: string }[];
  full: boolean;
  onChosen: (keys: string[]) => void;
}

/** Versions of other soups beside those of this one. */
export function Others({ soupId, chosen, full, onChosen }: Props) {
  const keys = chosen.map(({ key }) => key);
  return (
    <div className="flex flex-wrap items-start gap-3 print:hidden">
      {chosen.map(({ key, title, version }) => (
        <span key={key} className="inline-flex items-center gap-1 rounded-md border border-line bg-card px-2">
          {title}: {version}
          <Button
            kind="quiet"
            aria-label={`Leave out ${title}: ${version}`}
            className="px-1"
            onClick={() => onChosen(keys.filter((one) => one !== key))}
          >
            <X size={14} aria-hidden />
          </Button>
        </span>
      ))}
      {!full && (
        <Disclosure summary="a version of another soup" lazy>
          <FindOther soupId={soupId} chosen={keys} onFound={(key) => onChosen([...keys, key])} />
        </Disclosure>
      )}
    </div>
  );
}

function FindOther({ soupId, chosen, onFound }: { soupId: string; chosen: readonly string[]; onFound: (key: string) => void }) {
  const [q, setQ] = useState('');
  const asked = useDeferredValue(q.trim());
  const { data } = useSoups({ q: asked, said: '', main: '', larder: false, checks: false, archived: false, sort: 'title' });
  const soups = (data?.pages[0]?.soups ?? []).filter(({ id }) => id !== soupId).slice(0, MOST_FOUND);
  return (
    <div className="mt-1 flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <Field label="Which soup">
        <Input value={q} onChange={(event) => setQ(event.target.value)} placeholder="title or food" />
      </Field>
      <ul aria-label="Soups found" className="flex flex-col gap-1">
        {soups.map((soup) => (
          <li key={soup.id} className="flex flex-wrap items-center gap-1.5">
            <span>{soup.title}:</span>
            {soup.versions
              .filter(({ archived, number }) => !archived && !chosen.includes(otherKey(soup.id, number)))
              .map(({ number, name }) => (
                <Button
                  key={number}
                  kind="chip"
                  aria-label={`Beside it: ${soup.title}, ${number}. ${name}`}
                  onClick={() => onFound(otherKey(soup.id, number))}
                >
                  {number}. {name}
                </Button>
              ))}
          </li>
        ))}
        {soups.length === 0 && <li className="text-kale-soft">No other soup answers to that.</li>}
      </ul>
    </div>
  );
}
