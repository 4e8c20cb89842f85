import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { SoupSummary, VersionSummary } from '../../../contract/types.ts';
import { useCopySoup, useLabelVersion } from '../../api/house.ts';
import { dayWords as day } from '../../kitchen/dayWords.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { TallyState } from './TallyState.tsx';

/** Everything kept of a soup: what each is for, its name, and what can be done with it. */
export function VersionsDialog({ soup, onClose }: { soup: SoupSummary; onClose: () => void }) {
  const label = useLabelVersion();
  const copy = useCopySoup();
  const navigate = useNavigate();
  // Told here: a message at the foot of the window would take the first Escape for itself.
  const [told, setTold] = useState('');
  const failure = label.error ?? copy.error;
  const standing = soup.versions.filter(({ archived }) => !archived).length;
  return (
    <Dialog
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={`Versions of ${soup.title}`}
      description="What was kept never changes; its name may, and what is no longer wanted is archived."
    >
      {failure && <Notice tone="breaks">{failure.message}</Notice>}
      <p role="status" className="text-sm text-kale-soft empty:hidden">
        {told}
      </p>
      <ol reversed aria-label="Versions" className="flex flex-col">
        {[...soup.versions].reverse().map((version) => (
          <li key={version.id} className={`flex flex-col gap-1 border-t border-line py-2 first:border-0 ${version.archived ? 'text-kale-soft' : ''}`}>
            <NameOf
              key={version.name}
              version={version}
              onName={(name) =>
                label.mutate(
                  { soupId: soup.id, version, name, archived: version.archived === true },
                  { onSuccess: () => setTold(`It is called ${name} now.`) },
                )
              }
            />
            <p className="text-sm text-kale-soft">
              Kept on {day(version.createdAt)}. {version.reason} <TallyState version={version} />{' '}
              {version.archived && <State tone="plain">archived</State>}
            </p>
            <div className="flex flex-wrap items-center gap-x-3 text-sm">
              <Link className="underline" to={`/soups/${soup.id}/bench?take=${version.number}`}>
                Put on the bench
              </Link>
              <Link className="underline" to={`/soups/${soup.id}/sheet?v=${version.number}`}>
                Sheet
              </Link>
              <Button
                kind="chip"
                disabled={copy.isPending}
                onClick={() => copy.mutate({ soup, number: version.number }, { onSuccess: ({ id }) => navigate(`/soups/${id}/bench`) })}
              >
                Copy as a new soup
              </Button>
              {(version.archived || standing > 1) && (
                <Button
                  kind="chip"
                  aria-label={`${version.archived ? 'Bring back' : 'Archive'} version ${version.number}`}
                  // Never disabled: a button that is loses the focus it has, and Escape with it.
                  onClick={() => label.isPending || label.mutate({ soupId: soup.id, version, name: version.name, archived: !version.archived })}
                >
                  {version.archived ? 'Bring back' : 'Archive'}
                </Button>
              )}
            </div>
          </li>
        ))}
      </ol>
    </Dialog>
  );
}

function NameOf({ version, onName }: { version: VersionSummary; onName: (name: string) => void }) {
  const [name, setName] = useState(version.name);
  const isNew = name.trim() !== '' && name.trim() !== version.name;
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (isNew) onName(name.trim());
      }}
    >
      <Field label={`Version ${version.number}`} className="min-w-0 flex-1">
        <Input value={name} maxLength={200} onChange={(event) => setName(event.target.value)} />
      </Field>
      {isNew && <Button type="submit">Rename</Button>}
    </form>
  );
}
