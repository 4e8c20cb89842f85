import { Plus } from 'lucide-react';
import { Suspense } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { GroupBody } from '../../contract/types.ts';
import { useDropGroup, useGroups, useSaveGroup } from '../api/groups.ts';
import { GroupForm } from '../features/groups/GroupForm.tsx';
import { MatrixPanel } from '../features/groups/MatrixPanel.tsx';
import { PotsPanel } from '../features/groups/PotsPanel.tsx';
import { useKitchen } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';

const NEW = 'new';

/** Who eats here, by seat, and how few pots serve them. */
export function GroupsScreen() {
  const { id } = useParams();
  const groups = useGroups();
  const navigate = useNavigate();
  if (groups.isPending) return <Waiting>Fetching the groups ...</Waiting>;
  const list = groups.data ?? [];
  const group = list.find((one) => one.id === id) ?? null;
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-col gap-4 p-4 sm:p-6">
      <div className="flex flex-wrap items-center gap-3">
        <ScreenTitle>{group ? group.name : 'Groups'}</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">{group ? group.name : 'Groups'}</h1>
        <Button kind="main" onClick={() => navigate(`/groups/${NEW}`)}>
          <Plus size={16} aria-hidden /> New group
        </Button>
      </div>
      {groups.error && <Notice tone="breaks">{groups.error.message}</Notice>}
      {list.length > 0 && (
        <nav aria-label="Groups" className="flex flex-wrap gap-2">
          {list.map((one) => (
            <Button
              key={one.id}
              kind="chip"
              aria-pressed={one.id === id}
              className={one.id === id ? 'border-squash bg-squash-pale' : ''}
              onClick={() => navigate(`/groups/${one.id}`)}
            >
              {one.name}, {one.guests.length} {one.guests.length === 1 ? 'guest' : 'guests'}
            </Button>
          ))}
        </nav>
      )}
      {id === undefined && list.length === 0 && (
        <p className="rounded-xl border border-dashed border-kale-soft p-8 text-center text-kale-soft">
          No group yet. A group is who eats together, by seat: what each needs, and how many bowls. From it come the fewest pots of a soup.
        </p>
      )}
      {id !== undefined && (
        <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
          <OneGroup key={`${id} ${group?.revision ?? 0}`} group={group} />
        </Suspense>
      )}
    </div>
  );
}

function OneGroup({ group }: { group: GroupBody | null }) {
  const core = useKitchen();
  const navigate = useNavigate();
  const save = useSaveGroup();
  const drop = useDropGroup();
  return (
    <>
      {(save.error ?? drop.error) && <Notice tone="breaks">{(save.error ?? drop.error)?.message}</Notice>}
      <GroupForm
        group={group}
        core={core}
        saving={save.isPending}
        onSave={(next) =>
          save.mutate(
            { ...next, ...(group ? { id: group.id, revision: group.revision } : {}) },
            {
              onSuccess: (kept) => {
                say(`${kept.name} is kept.`);
                navigate(`/groups/${kept.id}`, { replace: true });
              },
            },
          )
        }
      />
      {group && (
        <>
          <MatrixPanel group={group} core={core} />
          <PotsPanel group={group} core={core} />
          <p>
            <Button
              kind="quiet"
              className="underline"
              onClick={() =>
                drop.mutate(group.id, {
                  onSuccess: () => {
                    say(`${group.name} is forgotten.`, {
                      label: 'Bring it back',
                      act: () => save.mutate({ name: group.name, guests: group.guests, ...(group.scope ? { scope: group.scope } : {}) }),
                    });
                    navigate('/groups');
                  },
                })
              }
            >
              Forget this group
            </Button>
          </p>
        </>
      )}
    </>
  );
}
