/** A colour somebody would accept for a name: ranges of L*, C* and h in degrees; h may wrap. */
export interface AcceptedColour {
  value: readonly [number, number];
  chroma: readonly [number, number];
  /** null where any hue is right */
  hue: readonly [number, number] | null;
}

/** A name of a pot, written before there was a reader of names, and what somebody would accept. */
export interface BlindName {
  name: string;
  kinds: readonly string[];
  finish?: string;
  /** null where it is clear; undefined where the name tells no colour */
  colour?: AcceptedColour | null;
}

const lch = (
  value: readonly [number, number],
  chroma: readonly [number, number],
  hue: readonly [number, number] | null,
): AcceptedColour => ({ value, chroma, hue });

const paint = (name: string, colour: AcceptedColour, finish?: string): BlindName => ({
  name,
  kinds: ['paint'],
  colour,
  ...(finish && { finish }),
});

const of = (kinds: string, name: string, colour?: AcceptedColour | null, finish?: string) => ({
  name,
  kinds: kinds.split('/'),
  ...(colour !== undefined && { colour }),
  ...(finish && { finish }),
});

export const blindNames: readonly BlindName[] = [
  paint('cornflower blue', lch([45, 72], [30, 65], [255, 292])),
  paint('Denim', lch([28, 55], [12, 40], [250, 285])),
  paint('midnight blue', lch([6, 28], [8, 55], [255, 305])),
  paint('powder blue', lch([70, 92], [6, 28], [200, 275])),
  paint('indigo', lch([10, 36], [18, 70], [275, 315])),
  paint('pale turquoise', lch([70, 93], [12, 40], [175, 220])),
  paint('Petrol blue', lch([22, 48], [10, 36], [200, 255])),
  paint('slate', lch([32, 58], [0, 18], null)),
  paint('steel grey (for boots)', lch([35, 66], [0, 14], null)),
  paint('blue-grey', lch([42, 70], [4, 24], [230, 290])),
  paint('Storm grey', lch([32, 62], [0, 14], null)),
  paint('charcoal', lch([12, 36], [0, 10], null)),
  paint('off black', lch([6, 24], [0, 9], null)),
  paint('off-white', lch([84, 98], [0, 14], null)),
  paint('parchment', lch([76, 94], [8, 30], [70, 105])),
  paint('linen', lch([78, 95], [4, 24], [65, 105])),
  paint('cream white', lch([86, 98], [4, 28], [75, 110])),
  paint('Buttermilk', lch([84, 97], [10, 40], [80, 108])),
  paint('mustard', lch([55, 78], [42, 85], [70, 95])),
  paint('honey yellow', lch([60, 84], [45, 90], [65, 92])),
  paint('Canary', lch([82, 98], [50, 100], [88, 112])),
  paint('straw yellow', lch([72, 92], [26, 65], [80, 102])),
  paint('amber', lch([58, 84], [60, 100], [60, 88])),
  paint('pumpkin', lch([52, 74], [58, 100], [45, 70])),
  paint('Tangerine', lch([58, 78], [65, 110], [45, 70])),
  paint('terracotta', lch([38, 62], [28, 62], [35, 62])),
  paint('brick red', lch([28, 50], [26, 60], [22, 48])),
  paint('scarlet', lch([36, 56], [66, 108], [25, 46])),
  paint('Crimson', lch([26, 50], [42, 80], [6, 34])),
  paint('cherry red', lch([28, 50], [48, 85], [15, 38])),
  paint('burgundy', lch([14, 36], [20, 48], [0, 34])),
  paint('maroon', lch([14, 36], [22, 55], [10, 42])),
  paint('oxblood', lch([16, 36], [20, 52], [14, 42])),
  paint('wine red', lch([16, 38], [24, 56], [0, 32])),
  paint('salmon pink', lch([62, 82], [24, 55], [20, 52])),
  paint('rose', lch([48, 80], [18, 65], [345, 25])),
  paint('hot pink', lch([48, 70], [55, 95], [340, 15])),
  paint('magenta', lch([36, 64], [55, 115], [320, 358])),
  paint('fuchsia', lch([40, 66], [55, 115], [320, 358])),
  paint('plum', lch([20, 46], [16, 52], [315, 358])),
  paint('aubergine', lch([10, 32], [10, 42], [305, 358])),
  paint('lavender', lch([62, 90], [10, 42], [285, 322])),
  paint('lilac', lch([62, 86], [14, 45], [300, 335])),
  paint('deep purple', lch([14, 36], [28, 75], [298, 330])),
  paint('mauve', lch([50, 78], [14, 45], [300, 350])),
  paint('emerald green', lch([36, 68], [35, 75], [138, 172])),
  paint('jade', lch([42, 72], [22, 58], [145, 180])),
  paint('mint', lch([76, 95], [12, 45], [145, 180])),
  paint('sage green', lch([52, 76], [8, 30], [100, 145])),
  paint('moss green', lch([36, 62], [20, 55], [95, 128])),
  paint('forest green', lch([18, 46], [14, 50], [120, 165])),
  paint('bottle green', lch([14, 38], [12, 46], [135, 175])),
  paint('lime green', lch([68, 92], [55, 110], [105, 135])),
  paint('apple green', lch([55, 82], [45, 92], [105, 140])),
  paint('pea green', lch([52, 76], [34, 75], [98, 128])),
  paint('grass green', lch([40, 66], [32, 75], [112, 142])),
  paint('olive drab', lch([28, 52], [12, 42], [80, 115])),
  paint('khaki', lch([48, 76], [12, 42], [78, 108])),
  paint('field grey', lch([36, 60], [2, 18], [95, 200])),
  paint('teal', lch([34, 58], [18, 42], [185, 225])),
  paint('chocolate brown', lch([16, 42], [8, 40], [40, 78])),
  paint('chestnut', lch([24, 48], [20, 52], [30, 62])),
  paint('walnut', lch([22, 48], [10, 36], [45, 80])),
  paint('leather brown', lch([28, 54], [16, 48], [45, 76])),
  paint('tan', lch([55, 78], [16, 46], [60, 86])),
  paint('camel', lch([54, 76], [22, 50], [62, 86])),
  paint('caramel', lch([42, 68], [28, 62], [52, 80])),
  paint('Burnt sienna', lch([28, 50], [24, 62], [35, 62])),
  paint('raw umber', lch([22, 46], [8, 36], [55, 90])),
  paint('yellow ochre', lch([52, 74], [38, 75], [68, 90])),
  paint('mahogany', lch([18, 42], [18, 50], [22, 55])),
  paint('driftwood', lch([44, 72], [4, 26], [55, 100])),
  paint('stone grey', lch([48, 76], [0, 16], null)),
  paint('light flesh', lch([72, 90], [12, 40], [40, 80])),
  paint('dark skin', lch([22, 50], [12, 42], [35, 72])),
  paint('Lt. grey', lch([64, 88], [0, 10], null)),
  paint('dk red', lch([14, 38], [28, 70], [15, 45])),
  paint('silver', lch([60, 88], [0, 8], null), 'metallic'),
  paint('Gunmetal', lch([22, 56], [0, 10], null), 'metallic'),
  paint('old gold', lch([48, 74], [28, 68], [68, 95]), 'metallic'),
  paint('bronze', lch([32, 58], [18, 50], [48, 86]), 'metallic'),
  paint('copper', lch([38, 64], [24, 56], [38, 68]), 'metallic'),
  paint('metallic blue', lch([28, 62], [20, 65], [245, 295]), 'metallic'),
  paint('Chrome', lch([62, 92], [0, 8], null), 'metallic'),
  paint('fluo yellow', lch([82, 100], [70, 125], [95, 120]), 'fluorescent'),
  paint('satin black', lch([6, 26], [0, 8], null), 'satin'),
  paint('gloss red', lch([28, 54], [46, 92], [18, 45]), 'gloss'),
  of('wash', 'sepia wash', lch([14, 48], [6, 46], [45, 85])),
  of('wash', 'black shade', lch([4, 30], [0, 10], null)),
  of('wash', 'Green wash', lch([18, 58], [15, 65], [110, 170])),
  of('ink', 'Turquoise ink', lch([35, 72], [20, 55], [175, 222])),
  of('one-coat', 'one coat blood red', lch([20, 48], [35, 85], [15, 45])),
  of('primer', 'grey primer', lch([40, 80], [0, 10], null)),
  of('primer', 'Black undercoat spray', lch([4, 26], [0, 8], null)),
  of('varnish', 'ultra matt varnish', null, 'matt'),
  of('varnish', 'semi gloss clear coat', null, 'satin'),
  of('medium', 'airbrush thinner', null),
  of('paint', 'Grandpa’s secret', undefined),
  of('paint', 'number 14', undefined),
  of('paint', 'Redoubt', undefined),
];
