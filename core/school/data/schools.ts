/**
 * Ways of a kitchen, family by family: what is done, what it gives, what it asks care for. Common practice of kitchens, no source, but where
 * another is named.
 */
export interface School {
  id: string;
  name: string;
  does: string;
  gives: string;
  care?: string;
  source?: string;
}

export interface Family {
  name: string;
  schools: readonly School[];
}

const FAMILIES = {
  thickening: {
    name: 'What thickens it',
    schools: [
      { id: 'itself', name: 'The vegetable itself', does: 'More of the vegetable and less liquid, nothing else.', gives: 'Its own taste at its clearest; brings nothing new to declare.', care: 'More of its potassium and fibre in a bowl.' },
      { id: 'roux', name: 'A roux', does: 'Flour cooked in as much butter, apart, whisked in and simmered.', gives: 'Smooth, holds when it is kept warm; cream can follow.', care: 'Wheat. Five minutes at a simmer, or it tastes of flour.' },
      { id: 'slurry', name: 'A slurry', does: 'Starch slaked in cold water, in at the end.', gives: 'Glossy and quick; half the weight of flour does.', care: 'Thins again when it is boiled long or frozen.' },
      { id: 'cream-flour', name: 'Cream and flour', does: 'Flour whisked into the cold cream, stirred in and simmered.', gives: 'No roux to make; the cream will not split.', care: 'Wheat. Whisk it free of lumps while it is cold.' },
      { id: 'potato', name: 'Potato', does: 'Potato simmered along and blended.', gives: 'Body without flour; plain, so the soup keeps its taste.', care: 'Starch and potassium. Blend briefly: overworked it turns gluey.' },
      { id: 'pulses', name: 'Pulses', does: 'White beans blended with a ladle of the liquid.', gives: 'Protein and fibre with the body.', care: 'Tell the table: it has beans in it.' },
      { id: 'nuts', name: 'Nuts', does: 'Cashews soaked and blended to a cream.', gives: 'Rich without milk.', care: 'Tree nuts: tell the table. Energy and phosphorus.' },
      { id: 'bread', name: 'Bread', does: 'Bread softened in the pot and blended.', gives: 'Uses up what is left; a rustic body.', care: 'Wheat, and salt of its own.' },
      { id: 'yolk', name: 'Egg yolk', does: 'Yolks whisked with hot soup, stirred in off the boil.', gives: 'Velvety.', care: 'Egg; 71 to 74 C for the young, old, pregnant or frail, and never the boil.' },
      { id: 'cheese', name: 'Cheese', does: 'Cheese melted in off the heat.', gives: 'Savour and body in one.', care: 'Milk, salt and saturated fat; a hard boil makes it stringy.' },
    ],
  },
  stock: {
    name: 'What it is cooked in',
    schools: [
      { id: 'bought', name: 'Bought stock', does: 'Vegetable broth from a carton.', gives: 'Savour without work.', care: 'Most of the salt of many soups; celery by the label.' },
      { id: 'water', name: 'Water and aromatic vegetables', does: 'Water, with onion, carrot and celery blended in, 240 g a litre.', gives: 'As good as stock to most tongues, and no salt but the cook\u2019s own.', care: 'Celery and onion.' },
      { id: 'home', name: 'Home-made vegetable stock, strained', does: 'Aromatic vegetables simmered an hour and strained; the solids are thrown away.', gives: 'Savour without salt.', care: 'What reaches the stock is an estimate. Celery.' },
      { id: 'kelp', name: 'Kelp stock', does: 'Kelp steeped in water below the boil, then taken out.', gives: 'Savour without meat or celery.', care: 'Much iodine: not for whoever must keep it low.' },
      { id: 'mushroom', name: 'Mushroom stock', does: 'Dried mushrooms steeped, the liquid strained for grit.', gives: 'Deep savour without meat.', care: 'Colours a pale soup.' },
      { id: 'milk', name: 'Milk', does: 'Half of the liquid as milk.', gives: 'Mild and filling: protein and calcium.', care: 'Milk; low heat, it catches and can split with acid.' },
    ],
  },
  base: {
    name: 'How it begins',
    schools: [
      { id: 'sweat', name: 'Sweat without colour', does: 'Vegetables in fat over low heat under a lid.', gives: 'Sweet and pale; the colour of the soup stays its own.' },
      { id: 'brown', name: 'Brown', does: 'Vegetables fried until they take colour.', gives: 'Deeper, a little bitter, darker.', care: 'In one layer: crowded, they steam.' },
      { id: 'roast', name: 'Roast first', does: 'Vegetables roasted at 220 C, then into the pot.', gives: 'Sweeter and deeper; less water in them.', care: 'An oven, a tray, and half an hour more.' },
      { id: 'raw', name: 'Raw into the pot', does: 'Everything simmered from raw.', gives: 'Cleanest taste; no fat is needed, and one step less.', care: 'Onion simmered from raw stays sharper.' },
    ],
  },
  spice: {
    name: 'Spice',
    schools: [
      { id: 'bloom', name: 'Bloomed in the fat', does: 'Ground spice warmed a minute in the fat before the liquid.', gives: 'Rounder; what is soluble in fat comes out.', care: 'Medium heat: burnt it is bitter.' },
      { id: 'strewn', name: 'Strewn in late', does: 'Spice stirred in for the last five minutes.', gives: 'Fresher and sharper; needs no fat.' },
    ],
  },
  garlic: {
    name: 'Garlic',
    schools: [
      { id: 'first', name: 'From the start', does: 'Garlic with the onions.', gives: 'Mild and sweet.', care: 'It burns before onions colour.' },
      { id: 'late', name: 'In the last minute', does: 'Garlic when the onions are soft, for a minute.', gives: 'Clearer garlic; cannot burn.' },
    ],
  },
  acid: {
    name: 'Acid',
    schools: [
      { id: 'early', name: 'With the liquid', does: 'Lemon, vinegar or wine simmered along.', gives: 'Rounder, and less of it is tasted.', care: 'Acid slows softening: twenty minutes can become forty-five.' },
      { id: 'late', name: 'At the end', does: 'Stirred in off the heat, in small steps.', gives: 'Brightens; less salt is missed; nothing stays hard.', care: 'After the cream it can split a light one: off the heat.' },
    ],
  },
  lid: {
    name: 'Lid',
    schools: [
      { id: 'on', name: 'Lid on', does: 'Simmered under a lid.', gives: 'Keeps the water: the bowls that were reckoned.', care: 'It boils over.' },
      { id: 'off', name: 'Lid off', does: 'Simmered open.', gives: 'Reduces: thicker and saltier.', care: 'Fewer or smaller bowls; salt after it.' },
    ],
  },
  peel: {
    name: 'Peel',
    schools: [
      { id: 'first', name: 'Peel first', does: 'Peeled and cut raw.', gives: 'Small pieces, soon soft.', care: 'Hard on weak hands: ready-cut is sold.' },
      { id: 'after', name: 'Peel after roasting', does: 'Roasted in halves in the skin, the flesh scooped out.', gives: 'No hard peeling; deeper taste.', care: 'Three quarters of an hour in the oven, and hot to handle.' },
    ],
  },
  blending: {
    name: 'How it is blended',
    schools: [
      { id: 'stick', name: 'Stick in the pot', does: 'Blended in the pot off the heat.', gives: 'Nothing hot is poured; one thing to wash.', care: 'Not as fine as a jar: skins and strings stay.' },
      { id: 'jar-hot', name: 'Jar, hot, with a vent', does: 'Blended hot in a jar filled to half, vent open under a folded cloth.', gives: 'Very smooth, no waiting.', care: 'Steam bursts a sealed jar: half full, vent open, start slow.' },
      { id: 'jar-cooled', name: 'Jar, after cooling', does: 'Cooled half an hour, blended, warmed again.', gives: 'Very smooth, nobody is scalded.', care: 'Half an hour, and a second heating: right through.' },
      { id: 'sieve', name: 'Blended and sieved', does: 'Passed through a fine sieve after the blender.', gives: 'No skins, strings or seeds.', care: 'What stays in the sieve is not counted out here: fibre is somewhat less.' },
      { id: 'apart', name: 'Solids apart', does: 'Solids blended with little liquid, the rest back by degrees.', gives: 'Smoother, and thickness is met exactly.', care: 'Lifting out of a hot pot.' },
      { id: 'cold', name: 'Cold, then heated', does: 'Cooled right down, blended cold, heated again.', gives: 'Safe to seal a jar; fits a day made ahead.', care: 'Cooling to the rule of the house; reheated right through.' },
      { id: 'half', name: 'Half of it', does: 'Half is blended, half stays in pieces.', gives: 'Something to chew; thinner between.', care: 'Not smooth: not for whoever needs it so.' },
    ],
  },
  salt: {
    name: 'Salt',
    schools: [
      { id: 'layers', name: 'In layers', does: 'A third in the base, a third with the liquid, a third at the end.', gives: 'Draws water from onions and seasons what is inside.', care: 'What reduces later gets saltier.' },
      { id: 'end', name: 'At the end', does: 'All of it at the end, tasting.', gives: 'Nothing is over-salted by reducing.', care: 'Easily more than written: weigh what goes in.' },
      { id: 'target', name: 'By measured target', does: 'Weighed to the house\u2019s per cent of the pot.', gives: 'The same bowl every time; the label\u2019s figure holds.', care: 'The pot must be weighed, or its yield trusted.' },
    ],
  },
  cream: {
    name: 'Cream',
    schools: [
      { id: 'boil', name: 'On the boil', does: 'Cream simmered along with the liquid.', gives: 'Rounder; it thickens as it reduces.', care: 'Only cream of 30 per cent fat and more, or creme fraiche, stands it.' },
      { id: 'off', name: 'Off the boil', does: 'Stirred in when the pot is off the boil.', gives: 'Fresh taste; light creams do not split.', care: 'Do not let it boil again.' },
      { id: 'bowl', name: 'In the bowl', does: 'A spoon on each bowl.', gives: 'The pot stays without it: whoever must not have it eats from the same pot, and the pot freezes better.', care: 'Counted by the bowl: measure the spoon.' },
    ],
  },
} as const satisfies Record<string, Family>;

export type FamilyId = keyof typeof FAMILIES;
export const FAMILY_IDS = Object.keys(FAMILIES) as readonly FamilyId[];
export const SCHOOLS: Readonly<Record<FamilyId, Family>> = FAMILIES;
