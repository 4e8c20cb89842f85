/**
 * A second recollection of composites, made blind and written down before it was compared: kcal, protein, fat, saturated fat, carbohydrate,
 * fibre (g), sodium, potassium (mg), per 100 g, from memory. A dash is a figure that was not recalled.
 */
export const COMPOSITES_AGAIN = `
small-fish-fresh        130 19 5.5 1.3 0 0 110 330
halloumi                320 22 25 16 2 0 1000 60
labneh                  160 8 12 8 5 0 90 150
cheese-other            350 23 28 18 2 0 750 90
shredded-cheese-mix     360 23 28 17 4 0 700 90
dashi                   2 0.3 0 0 0.2 0 60 20
ham-stock               8 1 0.4 0.1 0.2 0 350 40
seafood-stock           8 1 0.2 0 0.5 0 280 60
clam-juice              2 0.4 0 0 0.1 0 215 150
fish-stock-cube         240 15 14 7 15 1 21000 400
meat-stock-cube         240 13 14 7 18 1 20000 400
pork-stock-cube         240 12 15 7 17 1 20000 350
condensed-mushroom-soup 90 1.5 6 1.5 8 0.6 700 70
condensed-celery-soup 75 1.5 5 1.2 7.5 0.6 680 95
condensed-chicken-soup  95 2.5 6 1.7 8 0.5 700 60
couscous                112 3.8 0.2 0 23 1.4 5 58
wheat-grains            340 12 2 0.4 72 12 4 400
small-pasta             371 13 1.5 0.3 75 3.2 6 223
egg-noodles             384 14 4.4 1.2 71 3.3 21 244
instant-noodles         440 10 17 8 62 3 1700 150
soba-noodles            336 14.4 0.7 0.1 74.6 3 790 250
filled-pasta            290 11 7 3 45 2 400 100
gnocchi                 150 4 0.5 0.1 33 2 400 200
hominy                  72 1.5 0.9 0.1 14 2.5 345 9
crackers                420 9 10 2 73 3 950 150
wheat-crackers          450 8 17 3 68 6 650 200
pretzels                384 10 3 0.6 80 3 1250 150
oatcakes                430 10 17 5 58 8 500 300
popcorn                 387 13 4.5 0.6 78 14.5 8 329
naan                    290 9 6 1.5 50 2.2 460 125
brioche                 350 9 13 7 48 2 400 130
flour-tortilla          305 8 7.5 2.5 50 3 700 130
puff-pastry             550 7 38 10 45 1.5 250 60
spelt-flour             340 14 2.3 0.4 68 9 5 380
cassava-flour           350 1.5 0.5 0.1 85 5 10 300
tapioca-pearls          358 0.2 0 0 88.7 0.9 1 11
gluten-free-flour       350 4 1.5 0.3 79 3 10 150
instant-mash            354 8.3 0.4 0.1 81 6.6 77 994
baked-beans             94 4.8 0.4 0.1 21 4 340 250
refried-beans           90 5 1.5 0.5 14 4.5 370 300
textured-soya           330 51 1.2 0.1 34 17 20 2380
lupin-flour             370 40 9 1 40 35 15 1000
bacon-fat               898 0 99.5 39 0 0 150 0
suet                    854 1.5 94 52 0 0 7 16
shortening              884 0 100 25 0 0 0 0
seed-oil-other          884 0 100 13 0 0 0 0
herb-oil                860 0.2 97 13 0.3 0 5 10
truffle-oil             884 0 100 14 0 0 0 0
kimchi                  15 1.1 0.5 0.1 2.4 1.6 498 151
pickled-gherkins        12 0.5 0.2 0 2.3 1.2 810 117
mushrooms-wild          32 2 0.5 0.1 6 3.5 9 430
salsa                   29 1.5 0.2 0 6.6 1.9 711 275
tomato-pasta-sauce      50 1.4 1.5 0.2 8 1.8 450 320
barbecue-sauce          172 0.8 0.6 0 41 0.9 1030 230
hoisin-sauce            220 3.3 3.4 0.6 44 2.8 1615 119
teriyaki-sauce          89 5.9 0 0 15.6 0.1 3833 225
curry-paste-green       130 2.5 6 1 15 4 3500 300
curry-paste-yellow      140 3 6 1 17 4 3000 300
fried-onions            590 6 44 20 41 4 500 200
mixed-nuts              600 18 53 7 22 8 300 600
vermouth                140 0.1 0 0 10 0 10 40
mirin                   240 0.3 0 0 45 0 10 10
jam                     260 0.4 0.1 0 66 1 30 77
`
  .trim()
  .split('\n')
  .map((line) => {
    const [id = '', ...figures] = line.trim().split(/\s+/);
    return { id, figures: figures.map((figure) => (figure === '-' ? null : Number(figure))) };
  });
