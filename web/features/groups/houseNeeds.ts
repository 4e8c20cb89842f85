import type { Settings } from '../../../contract/types.ts';
import type { Needs } from '../../../core/swap/needs.ts';

/** What the house counts as a tree nut holds for everybody at the table. */
export const houseNeeds = (needs: Needs, settings: Pick<Settings, 'coconutIsTreeNut' | 'chestnutIsTreeNut'> | undefined): Needs => ({
  ...needs,
  ...(settings?.coconutIsTreeNut ? { coconutIsTreeNut: true } : {}),
  ...(settings?.chestnutIsTreeNut ? { chestnutIsTreeNut: true } : {}),
});
