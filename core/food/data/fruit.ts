/** Fruit, juices and zest. Recalled from the USDA Standard Reference (memory). */
import type { FoodRow } from './row.ts';

const FRUIT = { category: 'fruit', state: 'raw' } as const;

export const FRUIT_ROWS: readonly FoodRow[] = [
  { ...FRUIT, id: 'apple', name: 'Apple', aliases: 'apple, apples, cooking apple, cooking apples, eating apple, bramley apple, tart apple', ndb: '09003', edible: 0.9, cup: 125, cupVaries: 0.1, each: [['small', 149, 125, 165], ['medium', 182, 155, 210], ['large', 223, 200, 260], ['each', 182, 130, 240]], f: [52, 85.56, 0.26, 0.17, 0.028, 13.81, 2.4, 10.39, 1, 107, 6, 11, 0], more: { vitaminCMg: 4.6 } },
  { ...FRUIT, id: 'pear', name: 'Pear', aliases: 'pear, pears', ndb: '09252', edible: 0.9, cup: 140, cupVaries: 0.1, each: [['each', 178, 130, 240], ['medium', 178, 150, 210]], f: [57, 83.96, 0.36, 0.14, 0.022, 15.23, 3.1, 9.75, 1, 116, 9, 12, 0], more: { vitaminCMg: 4.3 } },
  { ...FRUIT, id: 'avocado', name: 'Avocado', aliases: 'avocado, ripe avocado', ndb: '09037', edible: 0.74, cup: 150, cupVaries: 0.1, each: [['each', 201, 130, 260], ['medium', 201, 150, 240]], fatForm: 'dispersed', f: [160, 73.23, 2, 14.66, 2.126, 8.53, 6.7, 0.66, 7, 485, 12, 52, 0] },
  { ...FRUIT, id: 'orange', name: 'Orange', aliases: 'oranges, fresh orange', ndb: '09200', edible: 0.73, cup: 180, cupVaries: 0.1, each: [['each', 131, 95, 185]], f: [47, 86.75, 0.94, 0.12, 0.015, 11.75, 2.4, 9.35, 0, 181, 40, 14, 0], more: { vitaminCMg: 53.2 } },
  { ...FRUIT, id: 'lemon-zest', name: 'Lemon zest', aliases: 'lemon zest, lemon peel, grated lemon zest, zest of lemon', ndb: '09156', cup: 96, cupVaries: 0.2, each: [['each', 6, 3, 9], ['tablespoon', 6, 4.5, 7.5], ['teaspoon', 2, 1.5, 2.5]], f: [47, 81.6, 1.5, 0.3, 0.039, 16, 10.6, 4.17, 6, 160, 134, 12, 0], more: { vitaminCMg: 129 } },
  { ...FRUIT, id: 'banana-raw', name: 'Banana', aliases: 'bananas, ripe banana', ndb: '09040', edible: 0.64, cup: 150, cupVaries: 0.1, each: [['each', 118, 90, 150]], f: [89, 74.91, 1.09, 0.33, 0.112, 22.84, 2.6, 12.23, 1, 358, 5, 22, 0], more: { starchG: 5.4, vitaminCMg: 8.7 } },
  { ...FRUIT, id: 'mango-raw', name: 'Mango', aliases: 'mangoes, fresh mango, ripe mango', ndb: '09176', edible: 0.69, cup: 165, cupVaries: 0.1, each: [['each', 200, 150, 330]], f: [60, 83.46, 0.82, 0.38, 0.092, 14.98, 1.6, 13.66, 1, 168, 11, 14, 0], more: { vitaminCMg: 36.4 } },
  { ...FRUIT, id: 'apricots-dried', name: 'Apricots, dried', aliases: 'dried apricot, apricots dried', state: 'dry', ndb: '09032', cup: 130, cupVaries: 0.1, checks: [['sulphite', 'dried fruit is often treated with sulphites']], f: [241, 30.89, 3.39, 0.51, 0.017, 62.64, 7.3, 53.44, 10, 1162, 55, 71, 0] },
  { ...FRUIT, id: 'prunes', name: 'Prunes', aliases: 'prunes, dried plums', state: 'dry', ndb: '09291', cup: 174, cupVaries: 0.1, each: [['each', 9.5, 7, 12]], f: [240, 30.92, 2.18, 0.38, 0.088, 63.88, 7.1, 38.13, 2, 732, 43, 69, 0] },
  { ...FRUIT, id: 'dates-dried', name: 'Dates, dried', aliases: 'dried dates, pitted dates', state: 'dry', ndb: '09087', cup: 147, cupVaries: 0.1, each: [['each', 7.1, 5, 24]], f: [282, 20.53, 2.45, 0.39, 0.032, 75.03, 8, 63.35, 2, 656, 39, 62, 0] },
  { id: 'orange-juice', name: 'Orange juice', aliases: 'orange juice, fresh orange juice', category: 'fruit', state: 'processed', ndb: '09206', cup: 248, pourable: true, flags: ['acidic'], each: [['each', 86, 60, 110]], f: [45, 88.3, 0.7, 0.2, 0.024, 10.4, 0.2, 8.4, 1, 200, 11, 17, 0], more: { vitaminCMg: 50 } },
  { id: 'apple-juice', name: 'Apple juice', aliases: 'apple juice, cloudy apple juice', category: 'fruit', state: 'processed', ndb: '09400', cup: 248, pourable: true, flags: ['acidic'], f: [46, 88.24, 0.1, 0.13, 0.022, 11.3, 0.2, 9.62, 4, 101, 8, 7, 0] },
];
