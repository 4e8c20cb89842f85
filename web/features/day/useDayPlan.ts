/** The question a day asks, and its answer: for each of its soups the fewest pots for those who eat it. */
import { useMemo, useState } from 'react';
import type { DayBody, DayPot, GroupBody, NewDay, VersionBody } from '../../../contract/types.ts';
import { asSeated, dayKey, expectedOn } from '../../../core/group/day.ts';
import type { PotsProgress, PotsRequest } from '../../../core/group/types.ts';
import { useOtherVersions, useSettings } from '../../api/queries.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { houseNeeds } from '../groups/houseNeeds.ts';
import { GivenUp, usePotsWork } from '../groups/usePotsWork.ts';

export type DaySoup = VersionBody & { soupId: string; soupTitle: string };
export type Present = GroupBody['guests'][number];

export interface DayPlan {
  soups: DaySoup[];
  expected: Present[];
  present: Present[];
  /** The soup a guest eats. */
  soupOf: (seat: string) => string | undefined;
  key: string;
  /** What was worked out answers another question. */
  isStale: boolean;
  working: boolean;
  progress: PotsProgress | null;
  giveUp: () => void;
  failure: string | null;
  workOut: (changes?: Partial<NewDay>) => Promise<NewDay['worked'] | null>;
}

export function useDayPlan(day: DayBody, group: GroupBody | undefined, core: Kitchen): DayPlan {
  const { ask, progress, giveUp } = usePotsWork();
  const { data: settings } = useSettings();
  const soups = useOtherVersions(day.soups) as DaySoup[];
  const [working, setWorking] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const expected = useMemo(() => asSeated(expectedOn(group?.guests ?? [], day.date), group?.scope, day.beside), [group, day.date, day.beside]);
  const present = useMemo(() => expected.filter(({ seat }) => !day.away.includes(seat)), [expected, day.away]);
  const soupOf = (seat: string, eats = day.eats) => soups.find(({ soupId }) => soupId === eats[seat])?.soupId ?? soups[0]?.soupId;
  const keyOf = ({ eats, together, mostPots }: Pick<NewDay, 'eats' | 'together' | 'mostPots'>) =>
    dayKey({ soups: day.soups.map(({ soupId, number }) => `${soupId}:${number}`), guests: present, eats, together, mostPots });
  const key = keyOf(day);

  const workOut = async (changes: Partial<NewDay> = {}): Promise<NewDay['worked'] | null> => {
    const asked = { ...day, ...changes };
    setWorking(true);
    setFailure(null);
    try {
      const pots: DayPot[] = [];
      const unserved: { seat: string; why: string }[] = [];
      const explains: string[] = [];
      for (const { soupId, soupTitle, recipe, needs } of soups) {
        const guests = present.filter(({ seat }) => soupOf(seat, asked.eats) === soupId);
        if (guests.length === 0) continue;
        const request: PotsRequest = {
          recipe,
          guests: guests.map(({ seat, needs: own, bowls, sides }) => ({
            seat,
            needs: houseNeeds(own, settings),
            ...(bowls === undefined ? {} : { bowls }),
            ...(sides === undefined ? {} : { sides }),
          })),
          ...(needs.regime ? { regime: needs.regime } : {}),
          ...(asked.mostPots === undefined ? {} : { mostPots: asked.mostPots }),
          ...(asked.together.length > 0 ? { together: asked.together } : {}),
        };
        const reply = await ask({ request, kitchen: core.onShelf(core.shelf) });
        const [head, ...rest] = reply.explains;
        explains.push(
          soups.length > 1 ? `${soupTitle}: ${head}` : (head ?? ''),
          ...rest.slice(reply.pots.length).filter((words) => !words.includes(' has no bowl')),
        );
        for (const at of reply.order) {
          const pot = reply.pots[at];
          if (!pot) continue;
          const { seats, bowls } = pot;
          pots.push({
            soupId,
            title: soupTitle,
            number: pots.length + 1,
            seats,
            bowls,
            recipe: pot.recipe,
            regime: needs.regime ?? 'us',
            kettle: pot.kettle,
            beside: pot.beside.map(({ seats: at, lines }) => ({ seats: at, lines })),
            // Who and how many stand above it.
            words: (rest[at] ?? '').replace(/^Pot \d+, [\d.]+ bowls?, for [^(]+\((.*?)\): /, 'For $1: '),
          });
        }
        unserved.push(...reply.unserved.map(({ seat, clash }) => ({ seat, why: clash.why })));
      }
      return { key: keyOf(asked), pots, unserved, explains };
    } catch (error) {
      if (!(error instanceof GivenUp)) setFailure(error instanceof Error ? error.message : String(error));
      return null;
    } finally {
      setWorking(false);
    }
  };
  return {
    soups,
    expected,
    present,
    soupOf: (seat) => soupOf(seat),
    key,
    isStale: day.worked !== null && day.worked.key !== key,
    working,
    progress,
    giveUp,
    failure,
    workOut,
  };
}

/** What a new answer moved: guests whose pot has others in it than before, and how many pots there are. */
export function movedBy(before: NewDay['worked'], after: NewDay['worked']): string[] {
  if (!before || !after) return [];
  const mates = (worked: NonNullable<NewDay['worked']>, seat: string) =>
    worked.pots
      .find(({ seats }) => seats.includes(seat))
      ?.seats.toSorted()
      .join(' ') ?? 'none';
  const seats = [...new Set([...before.pots, ...after.pots].flatMap((pot) => pot.seats))];
  const moved = seats.filter((seat) => mates(before, seat) !== mates(after, seat));
  const [was, is] = [before.pots.length, after.pots.length];
  return [
    ...(was === is ? [] : [`${was} ${was === 1 ? 'pot' : 'pots'} before, ${is} now.`]),
    moved.length === 0 ? (was === is ? 'Nobody moves.' : '') : `With other guests in their pot than before: ${moved.join(', ')}.`,
  ].filter(Boolean);
}
