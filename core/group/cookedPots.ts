/** The pots of a table as they are cooked: how many bowls, what differs, where each leaves the others. */
import { type AnalyseOptions, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { countedLines, type Line, type Recipe, STAGES } from '../vocabulary/recipe.ts';
import { differAt, gramsABowl, isAlike } from './differ.ts';
import { bowlsOf, type Kettle, type NeedSet } from './kettle.ts';
import { mergeNeeds } from './merge.ts';
import { BOWL, leavesAt, stageAt } from './parting.ts';
import { servedTo } from './plate.ts';
import type { Pot, PotChange, PotsReply } from './types.ts';

/** A kettle's pots: one for all who have the same on top; sides of a guest's own stand beside a pot and make none. */
export function potsOf(
  { sets, bowls }: Kettle,
  kettle: number,
  original: Recipe,
  regime: RegimeId | undefined,
  shelf: Shelf,
): Omit<Pot, 'splitAt'>[] {
  const alike: { recipe: Recipe; sets: NeedSet[]; beside: Pot['beside'] }[] = [];
  const all = sets.map((set, at) => ({ set, bowl: bowls[at] as Recipe }));
  for (const { set, bowl } of all.filter((one) => one.set.sides === undefined)) {
    const same = alike.find((one) => differAt(one.recipe, bowl) === null);
    if (same) same.sets.push(set);
    else alike.push({ recipe: bowl, sets: [set], beside: [] });
  }
  for (const { set, bowl } of all.filter((one) => one.set.sides !== undefined)) {
    const parts = (one: Recipe) => differAt(one, bowl);
    const same = alike.find(({ recipe }) => [null, 'plate'].includes(parts(recipe)));
    const lines = bowl.lines.filter(({ stage }) => stage === 'plate');
    const seats = set.guests.map(({ seat }) => seat);
    const changes = changesOf(onThePlate(set.served), onThePlate(bowl));
    if (same) {
      same.sets.push(set);
      same.beside.push({ seats, lines, changes });
    } else alike.push({ recipe: servedTo(bowl, [], shelf), sets: [set], beside: [{ seats, lines, changes }] });
  }
  return alike.map(({ recipe, sets: own, beside }) => {
    const guests = own.flatMap((set) => set.guests);
    const bowlCount = bowlsOf(guests);
    const cooked = forBowls(recipe, bowlCount);
    const needs = mergeNeeds(own.map((set) => set.needs)) ?? {};
    const options: AnalyseOptions = {
      ...(regime ? { regime } : {}),
      ...(needs.coconutIsTreeNut ? { coconutIsTreeNut: true } : {}),
      ...(needs.chestnutIsTreeNut ? { chestnutIsTreeNut: true } : {}),
    };
    return {
      seats: guests.map(({ seat }) => seat),
      bowls: bowlCount,
      recipe: cooked,
      analysis: analyse(cooked, options, shelf),
      changes: changesOf(
        cooked.lines.some(({ stage }) => stage === 'plate') || beside.length === 0 ? original : servedTo(original, [], shelf),
        cooked,
      ),
      kettle,
      beside,
    };
  });
}

const onThePlate = (recipe: Recipe): Recipe => ({ ...recipe, lines: recipe.lines.filter(({ stage }) => stage === 'plate') });

/** So many bowls of it: pots of one base are one pot until they part, so that what a bowl holds stays the same. */
function forBowls(recipe: Recipe, bowls: number): Recipe {
  const by = bowls / (recipe.servings ?? bowls);
  const scaled = (line: Line): Line =>
    line.perBowl || !line.grams ? line : { ...line, grams: { best: line.grams.best * by, low: line.grams.low * by, high: line.grams.high * by } };
  const { servingGrams: _, asWritten, measuredYieldGrams, yieldMl, ...rest } = recipe;
  return {
    ...rest,
    servings: bowls,
    lines: recipe.lines.map(scaled),
    ...(measuredYieldGrams === undefined ? {} : { measuredYieldGrams: measuredYieldGrams * by }),
    ...(yieldMl === undefined ? {} : { yieldMl: yieldMl * by }),
    ...(asWritten ? { asWritten: { ...asWritten, lines: asWritten.lines.map(scaled) } } : {}),
  };
}

/** What differs from the original, a bowl against a bowl; in grams of this pot. */
function changesOf(original: Recipe, pot: Recipe): PotChange[] {
  const by = (pot.servings ?? 1) / (original.servings ?? 1);
  const toOf = ({ id, foodId, grams }: Line) => ({ lineId: id, foodId, grams: grams?.best ?? 0 });
  const changes = countedLines(original).flatMap((line): PotChange[] => {
    const same = pot.lines.find(({ id }) => id === line.id);
    const from = { foodId: line.foodId, grams: (line.grams?.best ?? 0) * (line.perBowl ? 1 : by) };
    if (same && same.foodId === line.foodId && isAlike(gramsABowl(original, line), gramsABowl(pot, same))) return [];
    const instead = same ? [same] : pot.lines.filter(({ replaces }) => replaces === line.id);
    return [{ lineId: line.id, from, to: instead.map(toOf) }];
  });
  const known = new Set(original.lines.map(({ id }) => id));
  const added = pot.lines.filter(({ id, replaces }) => !known.has(id) && (replaces === undefined || !known.has(replaces)));
  return [...changes, ...added.map((line): PotChange => ({ lineId: null, from: null, to: [toOf(line)] }))];
}

/** Where each leaves the others; the first of those that leave none has none. */
export function withSplits(pots: readonly Omit<Pot, 'splitAt'>[]): Pot[] {
  return pots.map((pot, at) => {
    const parts = pots.flatMap((other, place) => (place === at ? [] : [leavesAt(pot.recipe, other.recipe)]));
    const first = Math.min(...parts, STAGES.length);
    return { ...pot, splitAt: STAGES[first] ?? null };
  });
}

export function baseOf(pots: readonly Pot[]): PotsReply['base'] {
  const [first] = pots;
  if (!first) return { lineIds: [], stage: null };
  const until = pots.length === 1 ? STAGES.length : Math.min(...pots.map(({ splitAt }) => (splitAt === null ? STAGES.length : stageAt(splitAt))));
  const shared = countedLines(first.recipe).filter((line) => {
    if (stageAt(line.stage) >= Math.min(until, BOWL) || !line.grams) return false;
    return pots.every(({ recipe }) => {
      const same = recipe.lines.find(({ id }) => id === line.id);
      return same?.foodId === line.foodId && isAlike(gramsABowl(first.recipe, line), gramsABowl(recipe, same));
    });
  });
  const last = Math.max(-1, ...shared.map(({ stage }) => stageAt(stage)));
  return { lineIds: shared.map(({ id }) => id), stage: STAGES[last] ?? null };
}
