/** United Kingdom: Regulations 1169/2011 and 1924/2006 as retained; keeping by the food hygiene regulations and guidance. From memory. */
import { EU_ALLERGENS, EU_CLAIMS, EU_ENERGY, EU_LABEL } from './eu.ts';
import type { RegimeRules } from './types.ts';

export const uk = {
  name: 'United Kingdom',
  energy: { ...EU_ENERGY, source: 'retained Regulation 1169/2011, Annex XIV' },
  oatsHoldGluten: true,
  inulinIsFibre: true,
  declaredAllergens: EU_ALLERGENS,
  label: EU_LABEL,
  claims: EU_CLAIMS,
  keeping: {
    hotHoldC: 63,
    coldHoldC: 8,
    // Good practice: chilled within an hour and a half.
    cooling: [{ fromC: 63, toC: 8, withinMin: 90 }],
    reheat: { celsius: 70, minutes: 2 },
    core: { poultry: '70 C for 2 minutes', mince: '70 C for 2 minutes', fish: '70 C for 2 minutes' },
    mostDays: 3,
    keptDays: '2 to 3 days (guidance)',
    source: 'Food Safety and Hygiene Regulations 2013, schedule 4, and guidance (memory); Scotland reheats to 82 C',
  },
} as const satisfies RegimeRules;
