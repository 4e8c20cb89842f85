import type { Settings } from '../../../contract/types.ts';
import type { Kitchen } from '../../../core/plan/tasks.ts';
import { blenderRow } from '../../../core/vocabulary/blender.ts';

/** A jar where the house has said nothing of its blender, ml. */
export const USUAL_JAR_ML = 1500;
const USUAL = { cooks: 1, rings: 4, ovens: 1 } as const;

/** What a plan may count on in this house. */
export const kitchenOf = ({ cooks, rings, ovens, blender, potDiameterCm, ringKw, trays, coldBaths }: Settings): Kitchen => ({
  cooks: cooks ?? USUAL.cooks,
  rings: rings ?? USUAL.rings,
  ovens: ovens ?? USUAL.ovens,
  blenderJarMl: blender && !blenderRow(blender.kind).jar ? 0 : (blender?.jarMl ?? USUAL_JAR_ML),
  potDiameterCm,
  ...(ringKw === null ? {} : { ringKw }),
  ...(typeof trays === 'number' ? { trays } : {}),
  ...(coldBaths === undefined ? {} : { coldBaths }),
});
