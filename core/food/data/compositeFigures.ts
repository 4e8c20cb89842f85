/**
 * Figures of composites that are much alike from make to make, by the order of `f` in row.ts. Recalled from the USDA Standard Reference
 * (the row's number where sure) or from typical packages, from memory. A composite stands for many makes: each figure varies by its share
 * in VARIES where `range` gives no bounds of its own.
 */
import type { StoredNutrient } from '../../vocabulary/nutrient.ts';
import { type FoodRow, LIMITED } from './row.ts';

export type CompositeFigures = Pick<FoodRow, 'f' | 'ash' | 'alcohol' | 'ndb'> & { range?: FoodRow['range'] };

/** Low and high (central 95 %) as shares of the figure (a judgement by packages compared, no source). */
const VARIES: readonly [number, number] = [0.7, 1.35];
const SODIUM_VARIES: readonly [number, number] = [0.5, 1.6];

const FIGURES: Readonly<Record<string, CompositeFigures>> = {
  // Meat, fish, shellfish
  'smoked-sausage': { f: [306, 53.9, 13.3, 27, 9.9, 2.2, 0, 1.5, 1076, 271, 44, 148, 67], range: { fatG: [17, 34], saturatedFatG: [6, 13], sodiumMg: [700, 1600], carbohydrateG: [0.5, 5], sugarsG: [0, 3] } },
  frankfurters: { f: [310, 54, 11.7, 28, 11.2, 2.8, 0, 1.2, 950, 160, 14, 140, 56], range: { fatG: [18, 32], saturatedFatG: [6, 13.5], sodiumMg: [650, 1300], phosphorusMg: [90, 230], carbohydrateG: [0.5, 6] } },
  meatballs: { f: [286, 52.5, 14.4, 22.2, 7.8, 8.1, 1.5, 3.5, 666, 290, 60, 146, 66], range: { fatG: [10, 26], saturatedFatG: [3.5, 11] } },
  'garlic-puree': { f: [188, 63.6, 4, 12, 1.4, 17, 2.5, 1.5, 900, 260, 18, 80, 0], range: { fatG: [0, 26], saturatedFatG: [0, 3], carbohydrateG: [10, 28], sugarsG: [0, 6], proteinG: [2.5, 6], sodiumMg: [100, 2000], potassiumMg: [150, 420], phosphorusMg: [50, 150] } },
  'salt-pork': { ndb: '10165', f: [748, 7.9, 5.1, 80.5, 29.4, 0, 0, 0, 2684, 66, 6, 52, 86], range: { fatG: [50, 82], saturatedFatG: [18, 30], sodiumMg: [1200, 3000], proteinG: [4, 14], potassiumMg: [50, 250], phosphorusMg: [40, 160] } },
  'corned-beef': { f: [243, 56, 27.1, 14.9, 6.2, 0, 0, 0, 1000, 136, 12, 111, 86], range: { fatG: [10, 19], saturatedFatG: [4, 8.5], sodiumMg: [750, 1250] } },
  'game-meat': { f: [120, 73.6, 22.5, 2.9, 1.1, 0, 0, 0, 55, 318, 8, 202, 85], range: { fatG: [1, 12], saturatedFatG: [0.4, 5], proteinG: [18, 24], cholesterolMg: [50, 110] } },
  'duck-meat': { f: [132, 73.6, 18.3, 6, 2.3, 0.9, 0, 0, 74, 271, 11, 203, 77], range: { fatG: [4, 35], saturatedFatG: [1.5, 12], proteinG: [12, 20], sodiumMg: [55, 900] } },
  'turkey-mince': { f: [148, 71.9, 19.7, 7.7, 2, 0, 0, 0, 62, 237, 19, 200, 69], range: { fatG: [2, 16], saturatedFatG: [0.6, 4.5], sodiumMg: [50, 700] } },
  'poultry-sausage': { f: [170, 67, 17, 10.5, 3, 2, 0.3, 1, 750, 220, 30, 170, 75], range: { fatG: [6, 18], saturatedFatG: [1.5, 5], sodiumMg: [500, 1100] } },
  squid: { ndb: '15166', f: [82, 80.3, 14.9, 1.04, 0.23, 2.2, 0, 0, 230, 350, 53, 186, 48], range: { sodiumMg: [100, 700], potassiumMg: [130, 420], phosphorusMg: [60, 260], proteinG: [11, 18], cholesterolMg: [40, 120] } },
  'mixed-seafood': { f: [85, 78.5, 16, 1.4, 0.3, 2, 0, 0, 350, 250, 50, 190, 110], range: { sodiumMg: [150, 750], phosphorusMg: [110, 280], cholesterolMg: [60, 200], potassiumMg: [120, 350] } },
  'crab-canned': { f: [79, 79.2, 17.9, 0.74, 0.2, 0, 0, 0, 480, 259, 90, 200, 97], range: { sodiumMg: [300, 750], phosphorusMg: [150, 270] } },
  'clams-canned': { ndb: '15160', f: [140, 64, 25, 1.95, 0.2, 5.1, 0, 0, 300, 628, 92, 338, 67], range: { sodiumMg: [90, 1100], potassiumMg: [150, 650], phosphorusMg: [150, 360], proteinG: [13, 26] } },
  'smoked-trout': { f: [141, 67.5, 22.5, 5.5, 1.3, 0.3, 0, 0, 1000, 330, 20, 240, 65], range: { fatG: [3, 28], saturatedFatG: [0.7, 7], sodiumMg: [600, 1700] } },
  'small-fish-fresh': { f: [137, 72, 20, 6.2, 1.6, 0, 0, 0, 100, 350, 80, 250, 60], range: { fatG: [2.5, 12], saturatedFatG: [0.7, 3.5], calciumMg: [40, 350], phosphorusMg: [170, 420] } },
  // Cheese and cream
  halloumi: { f: [321, 45.5, 22, 25, 16.5, 2, 0, 1.8, 1100, 80, 750, 500, 70], range: { sodiumMg: [700, 1500], saturatedFatG: [13, 19] } },
  labneh: { f: [155, 73.5, 7.5, 11, 7, 6, 0, 4.5, 250, 160, 130, 120, 40], range: { fatG: [6, 22], saturatedFatG: [4, 15], sodiumMg: [40, 700] } },
  'cheese-other': { f: [361, 40, 23, 29, 18, 2, 0, 1, 700, 90, 680, 480, 95], range: { fatG: [15, 36], saturatedFatG: [9, 23], sodiumMg: [200, 1600], calciumMg: [100, 1100], phosphorusMg: [200, 750], proteinG: [14, 34] } },
  'shredded-cheese-mix': { f: [363, 40.2, 23.5, 28.3, 16.2, 3.5, 0, 0.6, 620, 85, 659, 438, 90], range: { sodiumMg: [450, 850] } },
  // Stocks
  dashi: { f: [3, 99.2, 0.4, 0, 0, 0.3, 0, 0, 100, 50, 3, 8, 0], range: { sodiumMg: [20, 450], potassiumMg: [15, 90] } },
  'mushroom-broth': { f: [8, 97.8, 0.5, 0.2, 0.03, 1, 0.1, 0.5, 260, 60, 3, 12, 0], range: { sodiumMg: [30, 400], potassiumMg: [20, 130] } },
  'game-stock': { f: [10, 97.1, 1.2, 0.4, 0.15, 0.4, 0, 0.2, 250, 60, 5, 14, 2], range: { sodiumMg: [20, 450], potassiumMg: [20, 140] } },
  'ham-stock': { f: [9, 97.3, 1, 0.4, 0.15, 0.3, 0, 0.2, 350, 40, 4, 10, 2], range: { sodiumMg: [100, 700] } },
  'seafood-stock': { alcohol: 0.1, f: [8, 97.8, 0.9, 0.3, 0.05, 0.4, 0, 0.2, 300, 60, 6, 20, 2], range: { alcoholG: [0, 0.5], sodiumMg: [100, 450], potassiumMg: [20, 140] } },
  'clam-juice': { ndb: '15162', f: [2, 97.7, 0.4, 0.02, 0, 0.1, 0, 0, 215, 149, 13, 100, 3], range: { sodiumMg: [120, 600], potassiumMg: [40, 180], phosphorusMg: [10, 120] } },
  'fish-stock-cube': { f: [170, 3.3, 14, 6, 3, 16, 0.5, 8, 23000, 400, 80, 200, 4], ash: 58, range: { fibreG: [0, 2], sodiumMg: [13000, 26000], potassiumMg: [200, 1300], fatG: [1, 14], saturatedFatG: [0.5, 8], sugarsG: [2, 16] } },
  'meat-stock-cube': { f: [180, 3.3, 14, 7, 3.5, 16, 0.5, 8, 22500, 400, 60, 200, 4], ash: 57, range: { fibreG: [0, 2], sodiumMg: [13000, 26000], potassiumMg: [200, 1300], fatG: [1, 16], saturatedFatG: [0.5, 9], sugarsG: [2, 16] } },
  'pork-stock-cube': { f: [180, 3.3, 14, 7, 3, 16, 0.5, 8, 22500, 400, 60, 200, 6], ash: 57, range: { fibreG: [0, 2], sodiumMg: [10000, 26000], potassiumMg: [200, 1300], fatG: [1, 16], saturatedFatG: [0.5, 8], sugarsG: [2, 16] } },
  'condensed-mushroom-soup': { f: [102, 81.5, 1.6, 7.3, 2, 7.4, 0.4, 0.8, 710, 62, 26, 36, 1], range: { fatG: [4, 9], saturatedFatG: [1, 3.5], sodiumMg: [450, 850] } },
  'condensed-chicken-soup': { f: [92, 82.2, 2.4, 5.9, 1.7, 7.4, 0.2, 0.6, 660, 49, 27, 36, 8], range: { fatG: [4, 8], sodiumMg: [450, 850] } },
  'condensed-celery-soup': { f: [73, 84.6, 1.3, 4.5, 1.1, 7, 0.6, 1.4, 650, 98, 32, 30, 11], range: { fatG: [3, 7], sodiumMg: [400, 850] } },
  // Grains, bread, starch
  couscous: { ndb: '20028', f: [376, 8.6, 12.8, 0.64, 0.12, 77.4, 5, null, 10, 166, 24, 170, 0], range: { sodiumMg: [2, 20] } },
  'wheat-grains': { f: [342, 10, 13.5, 2, 0.35, 72.5, 11, 2.5, 10, 400, 32, 350, 0], range: { fibreG: [6, 18], phosphorusMg: [250, 450], sodiumMg: [2, 25] } },
  'small-pasta': { ndb: '20120', f: [371, 9.9, 13, 1.5, 0.28, 74.7, 3.2, 2.7, 6, 223, 21, 189, 0] },
  'egg-noodles': { ndb: '20109', f: [384, 9, 14.2, 4.4, 1.2, 71.3, 3.3, 1.9, 21, 244, 35, 241, 84], range: { cholesterolMg: [30, 110] } },
  'instant-noodles': { f: [445, 6, 9.5, 18, 8, 63, 2.5, 1.8, 900, 180, 20, 110, 0], range: { fatG: [1, 22], saturatedFatG: [0.2, 10], sodiumMg: [400, 1900] } },
  'soba-noodles': { ndb: '20115', f: [336, 6.8, 14.4, 0.71, 0.14, 74.6, 3, null, 792, 252, 35, 254, 0], range: { sodiumMg: [10, 1000], fibreG: [1, 7] } },
  'filled-pasta': { f: [307, 31, 13.5, 7.2, 3.6, 47, 1.9, 1.5, 345, 90, 150, 210, 42], range: { fatG: [3, 12], saturatedFatG: [1, 6], calciumMg: [40, 220] } },
  gnocchi: { f: [152, 60, 3.8, 0.5, 0.1, 33, 2, 1, 450, 180, 15, 50, 0], range: { sodiumMg: [200, 650], fatG: [0.2, 4] } },
  hominy: { f: [72, 82.5, 1.5, 0.88, 0.12, 14.3, 2.5, 1.8, 345, 9, 10, 35, 0], range: { sodiumMg: [150, 420] } },
  crackers: { f: [418, 5, 9.5, 8.6, 2, 74.3, 4, 1.5, 700, 190, 25, 140, 0], range: { fatG: [1, 26], saturatedFatG: [0.2, 8], fibreG: [1, 17], sodiumMg: [50, 1100], potassiumMg: [90, 420], phosphorusMg: [70, 330] } },
  'wheat-crackers': { ndb: '18228', f: [418, 5, 9.5, 8.6, 2.1, 74.2, 2.8, 1.3, 941, 152, 19, 102, 0], range: { fibreG: [1.5, 7], sodiumMg: [450, 1150], fatG: [6, 17], saturatedFatG: [1, 7] } },
  pretzels: { f: [384, 3.3, 10, 2.9, 0.5, 79.8, 3.4, 2.8, 1240, 223, 29, 122, 0], range: { sodiumMg: [500, 1700], fatG: [1, 6] } },
  oatcakes: { f: [447, 5, 10.5, 18, 5.5, 63, 8, 1.5, 600, 340, 50, 330, 0], range: { fatG: [13, 23], saturatedFatG: [2, 9], sodiumMg: [300, 900] } },
  popcorn: { ndb: '19034', f: [387, 3.3, 12.9, 4.5, 0.64, 77.8, 14.5, 0.9, 8, 329, 7, 358, 0], range: { sodiumMg: [5, 900], fatG: [3.5, 30], saturatedFatG: [0.5, 8] } },
  naan: { f: [291, 32, 9.6, 5.7, 1.2, 50.4, 2.2, 3.6, 465, 125, 84, 110, 4], range: { fatG: [3, 11], saturatedFatG: [0.5, 4] } },
  brioche: { f: [321, 31, 9, 11, 5.5, 46.5, 2, 8, 430, 115, 70, 106, 70], range: { fatG: [5, 22], saturatedFatG: [1.5, 13], sugarsG: [2, 14], cholesterolMg: [20, 160] } },
  'flour-tortilla': { f: [303, 31, 8.2, 7.6, 2.6, 50.5, 3.1, 3, 690, 120, 145, 205, 0], range: { fatG: [4, 10], saturatedFatG: [0.8, 4.5], sodiumMg: [400, 900], calciumMg: [20, 220] } },
  'puff-pastry': { f: [552, 8, 7.3, 38.1, 12, 45.1, 1.5, 0.7, 249, 61, 10, 59, 0], range: { fatG: [20, 40], saturatedFatG: [8, 22], sodiumMg: [150, 600] } },
  'spelt-flour': { f: [345, 11, 14.6, 2.4, 0.4, 70.2, 8, null, 8, 330, 27, 330, 0], range: { fibreG: [2.5, 11], potassiumMg: [140, 400], phosphorusMg: [120, 410], sodiumMg: [1, 12] } },
  'cassava-flour': { f: [358, 9.3, 1.4, 0.5, 0.1, 87, 5, 3, 15, 400, 50, 50, 0], range: { fibreG: [2, 8], potassiumMg: [150, 700], sodiumMg: [2, 30] } },
  'tapioca-pearls': { ndb: '20068', f: [358, 11, 0.2, 0.02, 0.01, 88.7, 0.9, 3.4, 1, 11, 20, 7, 0] },
  'gluten-free-flour': { f: [355, 12, 5, 1.5, 0.4, 80.5, 3, 1, 10, 150, 15, 130, 0], range: { fibreG: [1, 7], proteinG: [2, 9], sodiumMg: [2, 300], phosphorusMg: [40, 220], potassiumMg: [40, 300] } },
  'instant-mash': { ndb: '11378', f: [354, 6.6, 8.3, 0.4, 0.1, 81.2, 6.6, 3.2, 77, 1060, 25, 160, 0], range: { sodiumMg: [40, 1500], fatG: [0.2, 6] } },
  // Pulses
  'baked-beans': { f: [98, 72.5, 4.8, 0.4, 0.1, 20.5, 4.1, 8, 343, 260, 45, 90, 0], range: { sodiumMg: [200, 450], sugarsG: [3, 11] } },
  'refried-beans': { f: [92, 77.5, 5, 2, 0.6, 13.6, 4.5, 0.5, 444, 330, 34, 100, 2], range: { fatG: [0.5, 4], saturatedFatG: [0.1, 1.6] } },
  'textured-soya': { f: [345, 7.3, 50.5, 1.2, 0.2, 34.5, 17.5, 14, 20, 2384, 241, 674, 0], range: { sodiumMg: [4, 60] } },
  'lupin-flour': { f: [371, 10.4, 36.2, 9.7, 1.2, 40.4, 18.9, null, 15, 1013, 176, 440, 0], range: { fibreG: [18, 37] } },
  // Fats
  'bacon-fat': { f: [897, 0, 0.1, 99.5, 36, 0, 0, 0, 150, 0, 0, 0, 95], range: { saturatedFatG: [27, 40], sodiumMg: [0, 300], cholesterolMg: [80, 105] } },
  suet: { ndb: '13335', f: [854, 4, 1.5, 94, 52.3, 0, 0, 0, 7, 16, 2, 15, 68], range: { fatG: [85, 96], saturatedFatG: [40, 55] } },
  shortening: { f: [884, 0, 0, 100, 25, 0, 0, 0, 0, 0, 0, 0, 0], range: { saturatedFatG: [20, 50] } },
  'seed-oil-other': { f: [884, 0, 0, 100, 12, 0, 0, 0, 0, 0, 0, 0, 0], range: { saturatedFatG: [6, 22] } },
  'herb-oil': { f: [884, 0, 0, 100, 13, 0, 0, 0, 0, 0, 0, 0, 0], range: { saturatedFatG: [7, 16], fatG: [85, 100] } },
  'truffle-oil': { f: [884, 0, 0, 100, 14, 0, 0, 0, 0, 0, 0, 0, 0], range: { saturatedFatG: [10, 17] } },
  // Vegetables, mushrooms, sauces
  kimchi: { ndb: '11989', f: [15, 94.3, 1.1, 0.5, 0.07, 2.4, 1.6, 1.1, 498, 151, 33, 24, 0], range: { sodiumMg: [350, 950] } },
  'pickled-gherkins': { f: [14, 95, 0.5, 0.3, 0.05, 2.4, 1, 1.1, 809, 100, 45, 18, 0], range: { sodiumMg: [300, 1300], carbohydrateG: [1.5, 12], sugarsG: [0.5, 10] } },
  'mushrooms-wild': { f: [33, 89.9, 1.9, 0.5, 0.1, 6.7, 3.5, 1.2, 9, 450, 12, 70, 0], range: { potassiumMg: [250, 520], proteinG: [1.3, 3.5], phosphorusMg: [50, 200] } },
  salsa: { ndb: '06164', f: [29, 89.3, 1.5, 0.17, 0.03, 6.6, 1.9, 4, 711, 275, 30, 33, 0], range: { sodiumMg: [300, 800] } },
  'tomato-pasta-sauce': { f: [51, 87, 1.4, 1.5, 0.2, 8, 1.8, 5.5, 420, 319, 27, 36, 0], range: { fatG: [0.5, 5], saturatedFatG: [0.1, 1], sodiumMg: [200, 550] } },
  'barbecue-sauce': { ndb: '06150', f: [172, 54.7, 0.8, 0.63, 0.05, 40.8, 0.9, 33.2, 1027, 232, 33, 20, 0], range: { sodiumMg: [600, 1300] } },
  'hoisin-sauce': { ndb: '06175', f: [220, 44.2, 3.3, 3.4, 0.57, 44.1, 2.8, 27.3, 1615, 119, 32, 38, 0] },
  'teriyaki-sauce': { ndb: '06112', alcohol: 0.5, f: [89, 67.7, 5.9, 0.02, 0, 15.6, 0.1, 14.1, 3833, 225, 25, 154, 0], ash: 10.8, range: { alcoholG: [0, 3], sodiumMg: [1800, 4200], carbohydrateG: [12, 40], sugarsG: [10, 36] } },
  'curry-paste-green': { f: [125, 67, 2.5, 5, 0.8, 17.5, 5, 6, 3200, 350, 60, 50, 0], ash: 8, range: { proteinG: [1, 5], fatG: [0.5, 12], saturatedFatG: [0.1, 3], carbohydrateG: [8, 26], fibreG: [2, 10], sugarsG: [2, 12], sodiumMg: [1500, 8000], potassiumMg: [150, 600], calciumMg: [20, 150], phosphorusMg: [20, 100], cholesterolMg: [0, 8] } },
  'curry-paste-yellow': { f: [125, 67, 2.5, 5, 0.8, 17.5, 5, 6, 3200, 350, 60, 50, 0], ash: 8, range: { proteinG: [1, 5], fatG: [0.5, 12], saturatedFatG: [0.1, 3], carbohydrateG: [8, 26], fibreG: [2, 10], sugarsG: [2, 12], sodiumMg: [1500, 8000], potassiumMg: [150, 600], calciumMg: [20, 150], phosphorusMg: [20, 100], cholesterolMg: [0, 8] } },
  'fried-onions': { f: [590, 4, 6, 44, 20, 43.5, 5, 9, 450, 250, 40, 80, 0], range: { fatG: [38, 50], saturatedFatG: [3, 24], sodiumMg: [150, 800] } },
  'mixed-nuts': { f: [617, 2, 17.3, 52, 6.9, 25.8, 8.5, 4.3, 12, 600, 85, 440, 0], range: { sodiumMg: [2, 450], saturatedFatG: [4.5, 9] } },
  // Wines and sweet things
  vermouth: { f: [112, 82.5, 0.1, 0, 0, 3, 0, 3, 9, 70, 8, 10, 0], alcohol: 14.3, range: { carbohydrateG: [1.5, 15], sugarsG: [1.5, 15] } },
  mirin: { f: [239, 47, 0.3, 0, 0, 43, 0, 41, 4, 7, 2, 7, 0], alcohol: 9.5, range: { carbohydrateG: [35, 60], sugarsG: [33, 55], sodiumMg: [0, 400] } },
  jam: { ndb: '19297', f: [278, 30.5, 0.4, 0.07, 0.01, 68.9, 1.1, 48.5, 32, 77, 20, 15, 0], range: { sugarsG: [40, 66] } },
};

/** The figures of a composite, every figure with its range; undefined where it has none. */
export function compositeFigures(id: string): (CompositeFigures & { range: NonNullable<FoodRow['range']> }) | undefined {
  const row = FIGURES[id];
  if (!row) return undefined;
  const range: Partial<Record<StoredNutrient, readonly [number, number]>> = {};
  LIMITED.forEach((key, at) => {
    const value = row.f[at + 1];
    const [low, high] = key === 'sodiumMg' ? SODIUM_VARIES : VARIES;
    if (typeof value === 'number' && key !== 'waterG') range[key] = [value * low, value * high];
  });
  // Of pure fat there is no more than all of it.
  if (row.f[3] === 100) range.fatG = [98, 100];
  return { ...row, range: { ...range, ...row.range } };
}

export const COMPOSITES_WITH_FIGURES: readonly string[] = Object.keys(FIGURES);
