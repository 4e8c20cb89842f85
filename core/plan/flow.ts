/**
 * What has to be over before a step can begin, from what is where: each tray, pan, board and pot holds its lines, and a step waits for
 * the vessels it takes from. Steps of one vessel follow each other; steps of two go on side by side.
 */
import { minutesIn } from '../reading/clauses.ts';
import { type Line, type Recipe, STAGES, type Stage, type Step } from '../vocabulary/recipe.ts';

interface Vessel {
  /** Lines that are in it. */
  lines: Set<string>;
  /** Steps that nothing in it may go on before. */
  last: number[];
  stage: Stage;
  /** There is liquid in it: nothing is fried there any more. */
  wet: boolean;
  kind: 'pot' | 'oven' | 'side';
}

const DRY = new Set(['sweat', 'brown', 'fry']);
const WET = new Set(['boil', 'simmer', 'steam', 'pressure']);

/** It goes into what is there. */
const JOINS =
  /\b(?:add|added|stir(?:red)? in|stir through|tip(?:ped)?|pour(?:ed)?|return(?:ed)?|put back|back in(?:to)?|into the (?:soup|pot)|in the (?:soup )?pot|to the (?:soup|pot)|combine|whisk in|fold in|swirl in|join)\b/i;
/** Put on what came before, which then is the pot. */
const POURS = /\b(?:add|pour|tip|cover with|return|top up)\b/i;
/** It is done beside what is there. */
const APART =
  /\b(?:meanwhile|in the meantime|separate(?:ly)?|while (?:it|the (?:soup|pot))|(?:in|using|heat) (?:a|an|another|a second|the other) (?:(?:small|large|dry|hot|clean|separate|wide|heavy|little|frying|second)[ -])*(?:pan|frying pan|skillet|saucepan|tray|bowl|jug|dish))\b/i;
/** Work of a board, done before anything is heated. */
const PREPARES =
  /^(?:then )?(?:peel|chop|cut|slice|dice|wash|rinse|trim|grate|halve|core|de-?seed|drain|soak|crush|mince|shred|zest|juice|squeeze|prepare|measure|weigh|toast|mix|mash|tear|pick|pat|cube|quarter|finely)\b/i;
const BLENDS_IT = /^(?:then |meanwhile,? )?(?:blend|puree|blitz|whizz|grind|process)\w* (?!with\b|until\b|till\b|in\b|the soup\b|it\b|smooth\b)/i;
/** All that there is goes together. */
const WHOLE = /\b(?:everything|all together|all (?:of )?(?:it|the (?:ingredients|vegetables))|the (?:rest|remaining))\b/i;
const SERVES = /\b(?:ladle|serve|top|garnish|scatter|drizzle|spoon|sprinkle|swirl|finish)\b/i;
export const PREHEATS = /\b(?:pre-?heat|heat|warm up|turn on|set)\b[^.;,]{0,20}\boven\b/i;

const TRAY = /\b(?:oven|tray|sheet|gas(?: mark)?|°|º|\d{3} ?(?:c|f)\b|degrees?)/i;
/** In the oven: shells that are added and roasted on are still in the pot. */
export const isInOven = ({ method, text }: Step): boolean => (method === 'bake' || method === 'roast') && (TRAY.test(text) || !JOINS.test(text));

const order = (stage: Stage): number => STAGES.indexOf(stage);
const isOfTable = (stage: Stage): boolean => stage === 'bowl' || stage === 'plate';

/** By step, the steps that are over before it starts. */
export function stepsBefore({ lines, steps }: Pick<Recipe, 'lines' | 'steps'>): number[][] {
  const flow = new Flow(lines, steps);
  return steps.map((_, at) => [...flow.take(at)].sort((a, b) => a - b));
}

/** Lines a step speaks of or uses. */
export const linesIn = ({ uses = [], mentions = [] }: Step): string[] => [...new Set([...uses, ...mentions.map(({ lineId }) => lineId)])];

class Flow {
  private readonly vessels: Vessel[] = [];
  private main: Vessel | null = null;
  private heatedOven: number | null = null;
  private readonly named: readonly (readonly string[])[];

  constructor(
    lines: readonly Line[],
    private readonly steps: readonly Step[],
  ) {
    const known = new Set(lines.map(({ id }) => id));
    this.named = steps.map((step) => linesIn(step).filter((id) => known.has(id)));
  }

  /** The steps before this one; it takes its place in its vessel. */
  take(at: number): Set<number> {
    const step = this.steps[at] as Step;
    if (
      (step.method ?? 'none') === 'none' &&
      PREHEATS.test(step.text) &&
      (this.named[at] as string[]).length === 0 &&
      minutesIn(step.text) === null
    ) {
      this.heatedOven = at;
      return new Set();
    }
    const lines = this.named[at] as string[];
    const holding = this.vessels.filter((vessel) => lines.some((id) => vessel.lines.has(id)));
    const fresh = lines.filter((id) => !this.vessels.some((vessel) => vessel.lines.has(id)));
    const into = this.vesselOf(at, holding, fresh);
    const joined = into ? [...new Set([into, ...holding, ...this.unclaimed(at, into)])] : [];
    const before = new Set(joined.flatMap(({ last }) => last));
    const method = step.method ?? 'none';
    if (this.heatedOven !== null && isInOven(step)) before.add(this.heatedOven);
    const vessel = into ?? this.open(at, method);
    for (const other of joined) if (other !== vessel) this.pourInto(vessel, other);
    for (const id of lines) vessel.lines.add(id);
    vessel.last = [at];
    if (WET.has(method) || (method === 'blend' && vessel.kind === 'pot')) vessel.wet = true;
    if (!this.main && (WET.has(method) || DRY.has(method)) && !isOfTable(step.stage) && !APART.test(step.text)) this.make(vessel);
    // What is blended apart is cream of nuts, not the soup; what is blended where no pot is is the soup.
    return before;
  }

  private open(at: number, method: string): Vessel {
    const step = this.steps[at] as Step;
    const { stage, text } = step;
    const isSide =
      isInOven(step) ||
      method === 'soak' ||
      isOfTable(stage) ||
      this.isBoardWork(at) ||
      (this.main !== null && method !== 'none') ||
      (this.main !== null && APART.test(text));
    const vessel: Vessel = { lines: new Set(), last: [], stage, wet: false, kind: isInOven(step) ? 'oven' : isSide ? 'side' : 'pot' };
    this.vessels.push(vessel);
    if (vessel.kind === 'pot' && !this.main) this.main = vessel;
    return vessel;
  }

  private make(vessel: Vessel) {
    this.main = vessel;
    vessel.kind = 'pot';
  }

  private pourInto(vessel: Vessel, other: Vessel) {
    for (const id of other.lines) vessel.lines.add(id);
    vessel.wet ||= other.wet;
    this.vessels.splice(this.vessels.indexOf(other), 1);
    if (other === this.main) this.make(vessel);
  }

  /** Where the step is done; null for a vessel of its own. */
  private vesselOf(at: number, holding: readonly Vessel[], fresh: readonly string[]): Vessel | null {
    const step = this.steps[at] as Step;
    const method = step.method ?? 'none';
    const joins = JOINS.test(step.text);
    const isNew = holding.length === 0 && fresh.length > 0;
    const { main } = this;
    if (isNew) return this.isOnItsOwn(at, joins) ? null : (main ?? this.vessels.at(-1) ?? null);
    if (holding.length === 0)
      return isInOven(step) ? (this.vessels.findLast(({ kind }) => kind === 'oven') ?? main) : (main ?? this.vessels.at(-1) ?? null);
    if (main && holding.includes(main)) return main;
    // What stands on a board or in a pan goes on there, until it is put into the pot.
    const only = holding[0] as Vessel;
    const goesOn =
      holding.length === 1 &&
      !joins &&
      (method === 'soak' || isInOven(step) || this.isBoardWork(at) || APART.test(step.text) || this.isPutInLater(at, [...only.lines]));
    if (goesOn || !main) return only;
    return main;
  }

  /** A step of fresh lines that goes on beside the pot. */
  private isOnItsOwn(at: number, joins: boolean): boolean {
    const step = this.steps[at] as Step;
    const { method = 'none', stage, text } = step;
    if (isInOven(step) || method === 'soak') return true;
    // 'Pour in the broth', and what it is poured on came out of the oven.
    if (!this.main) return !POURS.test(text) || this.vessels.length === 0;
    if (isOfTable(stage)) return method !== 'none' || !SERVES.test(text);
    if (joins && !APART.test(text)) return false;
    if (method === 'none') return this.isBoardWork(at) || (APART.test(text) && this.isPutInLater(at));
    if (APART.test(text)) return true;
    // 'Blend the cashews with the water' is a cream of its own; 'blend with the mint' is the soup.
    if (method === 'blend') return BLENDS_IT.test(text.trim()) && !WHOLE.test(text);
    return DRY.has(method) ? this.main.wet : this.isPutInLater(at);
  }

  private isBoardWork(at: number): boolean {
    const { method = 'none', text } = this.steps[at] as Step;
    return (method === 'none' || method === 'soak') && PREPARES.test(text.trim()) && !JOINS.test(text);
  }

  /** Whether a later step puts in what this one makes ready. */
  private isPutInLater(at: number, lines: readonly string[] = this.named[at] as string[]): boolean {
    return this.steps.some((step, later) => later > at && JOINS.test(step.text) && lines.some((id) => (this.named[later] as string[]).includes(id)));
  }

  /** Vessels whose lines no step names again go into the pot with what comes next. */
  private unclaimed(at: number, into: Vessel): Vessel[] {
    const { method = 'none', stage, text } = this.steps[at] as Step;
    if (into !== this.main) return [];
    const isLast = at === this.steps.length - 1;
    return this.vessels.filter((vessel) => {
      if (vessel === into || (isOfTable(vessel.stage) && !isLast)) return false;
      if (this.named.slice(at + 1).some((named) => named.some((id) => vessel.lines.has(id)))) return false;
      if (isOfTable(vessel.stage)) return stage === 'bowl' && vessel.stage === 'bowl';
      // What is made for the end waits for it; the rest goes into the blender.
      const isOfBlend = method === 'blend' && order(vessel.stage) <= order('blend');
      return (
        isLast ||
        isOfBlend ||
        WHOLE.test(text) ||
        (JOINS.test(text) && vessel.stage === stage) ||
        order(stage) > order(vessel.stage) ||
        (JOINS.test(text) && WET.has(method))
      );
    });
  }
}
