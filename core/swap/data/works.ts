/** Work that several swaps share, in the words of a cook. */
import type { SwapWork } from './swap.ts';

export const SEASON: SwapWork = { text: 'Taste and season again at the end.', when: 'finish' };
export const SIMMER_POTATO: SwapWork = { text: 'Simmer the potato in the pot until a knife slides in, 15 to 20 minutes, before blending.', when: 'before' };
export const SIMMER_RICE: SwapWork = { text: 'Simmer the rice in the pot until quite soft, 20 minutes, before blending.', when: 'before' };
export const BLEND_BEANS: SwapWork = { text: 'Blend the beans with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' };
export const SOAK_CASHEWS: SwapWork = { text: 'Soak the cashews 2 to 4 hours, or boil them 15 minutes; drain.', when: 'before' };
export const SOAK_MUSHROOMS: SwapWork = { text: 'Soak the dried mushrooms 30 minutes in the hot water; pass the liquid through a cloth for grit, chop the mushrooms into the pot.', when: 'before' };
export const SLAKE: SwapWork = { text: 'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.', when: 'finish' };
export const offBoil = (what: string): SwapWork => ({ text: `Stir the ${what} in off the boil.`, when: 'finish' });
