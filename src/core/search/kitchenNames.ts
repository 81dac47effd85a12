/** What a short kitchen word may mean, the likeliest first; one meaning is an answer, several are asked about. */
export interface KitchenName {
  readonly ids: readonly string[];
  /** The first of them is drunk: measured by the `ml`, or already by the `cup`, it is the drink and nothing else. */
  readonly drinkBy?: "ml" | "cup";
}

const OILS = ["coconut-oil", "sesame-oil", "olive-oil", "castor-oil", "almond-oil", "sunflower-oil", "mustard-oil"];
const SCENTS = [
  "lavender-essential-oil",
  "rosemary-essential-oil",
  "peppermint-essential-oil",
  "tea-tree-essential-oil",
];
const CLAYS = ["kaolin", "bentonite", "fullers-earth", "rhassoul", "green-clay", "red-clay"];
const METHI = ["fenugreek-seed", "fenugreek-seed-whole", "fenugreek-leaf"];
const ALOE = ["aloe-gel", "aloe-powder", "aloe-leaf"];
const ROSE = ["rose-petal", "rose-petal-whole", "rose-water"];
const FLAX = ["flax-seed", "flax-seed-whole", "flax-gel"];

/**
 * Short names as kitchens write them, singular, folded. A name of one of these stands before every name in the
 * tables: "tea" is the drink, "oil" is a question. Common practice.
 */
export const KITCHEN_NAMES: Readonly<Record<string, KitchenName>> = {
  tea: { ids: ["black-tea", "black-tea-leaf", "green-tea-brew"], drinkBy: "cup" },
  chai: { ids: ["black-tea", "black-tea-leaf"], drinkBy: "cup" },
  "tea leaf": { ids: ["black-tea-leaf"] },
  "black tea leaf": { ids: ["black-tea-leaf"] },
  "black coffee": { ids: ["coffee-brew"] },
  "clove garlic": { ids: ["garlic"] },
  "garlic clove": { ids: ["garlic"] },
  // Sold under this name: indigo, henna with something in it, and hair dye that burns.
  "black henna": { ids: ["indigo", "henna"] },
  "strong tea": { ids: ["black-tea"] },
  "green tea": { ids: ["green-tea-brew", "green-tea", "green-tea-whole"], drinkBy: "cup" },
  coffee: { ids: ["coffee-brew", "coffee-grounds"], drinkBy: "ml" },
  "coffee powder": { ids: ["coffee-grounds", "coffee-brew"] },
  "rosemary water": { ids: ["rosemary-tea"] },
  rosewater: { ids: ["rose-water"] },
  "tap water": { ids: ["water"] },
  acv: { ids: ["cider-vinegar"] },
  "apple cider vinegar": { ids: ["cider-vinegar"] },
  vinegar: { ids: ["cider-vinegar", "white-vinegar"] },
  evoo: { ids: ["olive-oil"] },
  oil: { ids: OILS },
  "carrier oil": { ids: OILS },
  "essential oil": { ids: SCENTS },
  eo: { ids: SCENTS },
  "tea tree": { ids: ["tea-tree-essential-oil"] },
  "tea tree oil": { ids: ["tea-tree-essential-oil"] },
  "tea tree eo": { ids: ["tea-tree-essential-oil"] },
  "lavender oil": { ids: ["lavender-essential-oil"] },
  "lavender eo": { ids: ["lavender-essential-oil"] },
  "peppermint oil": { ids: ["peppermint-essential-oil"] },
  "peppermint eo": { ids: ["peppermint-essential-oil"] },
  "rosemary eo": { ids: ["rosemary-essential-oil"] },
  "cedarwood oil": { ids: ["cedarwood-essential-oil"] },
  "clove oil": { ids: ["clove-essential-oil"] },
  clay: { ids: CLAYS },
  kaolin: { ids: ["kaolin"] },
  bentonite: { ids: ["bentonite"] },
  aloe: { ids: ALOE },
  "aloe vera": { ids: ALOE },
  "aloe vera gel": { ids: ["aloe-gel"] },
  "aloe vera powder": { ids: ["aloe-powder"] },
  coconut: { ids: ["coconut-milk", "coconut-oil", "coconut-water", "coconut-cream", "coconut-flesh"] },
  "cream of coconut": { ids: ["coconut-cream"] },
  methi: { ids: METHI },
  fenugreek: { ids: METHI },
  hibiscus: { ids: ["hibiscus-flower", "hibiscus-flower-whole", "hibiscus-flower-fresh", "hibiscus-leaf"] },
  rose: { ids: ROSE },
  flax: { ids: FLAX },
  flaxseed: { ids: FLAX },
  linseed: { ids: FLAX },
  "flaxseed gel": { ids: ["flax-gel"] },
  moringa: { ids: ["moringa-leaf", "moringa-leaf-fresh"] },
  rice: { ids: ["rice-flour", "rice-grain"] },
  "rice powder": { ids: ["rice-flour"] },
  orange: { ids: ["orange-juice", "orange-peel"] },
  flour: { ids: ["gram-flour", "rice-flour", "oat-flour"] },
  starch: { ids: ["cornstarch", "arrowroot", "tapioca-starch"] },
  "corn starch": { ids: ["cornstarch"] },
  "corn flour": { ids: ["cornstarch"] },
  soda: { ids: ["baking-soda"] },
  bicarb: { ids: ["baking-soda"] },
  "vitamin e oil": { ids: ["vitamin-e"] },
};

/**
 * Plants that kitchens have loose as often as ground: their name alone does not say which. Of all others a maker of
 * pastes has the powder. Common practice.
 */
export const LOOSE_TOO: readonly string[] = [
  "rosemary-leaf",
  "sage-leaf",
  "thyme-leaf",
  "peppermint-leaf",
  "chamomile",
  "calendula",
  "linden-flower",
  "clove",
  "cinnamon",
  "ginger",
  "nettle-leaf",
  "horsetail",
  "rose-petal",
  "orange-peel",
  "lemon-peel",
  "rosehip",
  "marshmallow-root",
  "beetroot",
  "fenugreek-seed",
  "flax-seed",
  "black-seed",
  "mustard-seed",
  "roselle",
  "curry-leaf",
];

/** Words that say how a thing is, and not what it is. */
export const ADJECTIVES: readonly string[] = [
  "plain",
  "natural",
  "organic",
  "pure",
  "raw",
  "warm",
  "hot",
  "cold",
  "cool",
  "lukewarm",
  "tepid",
  "boiled",
  "boiling",
  "filtered",
  "distilled",
  "fine",
  "finely",
  "sifted",
  "sieved",
  "ripe",
  "thick",
  "pressed",
  "extra",
  "virgin",
  "unrefined",
  "refined",
  "melted",
  "beaten",
  "mashed",
  "full",
  "fat",
  "low",
  "unsweetened",
  "canned",
  "freshly",
  "squeezed",
  "good",
  "quality",
  "large",
  "small",
  "big",
  "medium",
  "the",
  "of",
  "my",
  "our",
  "some",
  "homemade",
  "leftover",
  "bottled",
  "soft",
  "hair",
  "vegetable",
  "a",
  "an",
  "chopped",
  "grated",
  "crushed",
  "clear",
  "runny",
];
/** Words for the form a thing comes in. */
export const FORM_WORDS: Readonly<Record<string, "powder" | "dried" | "fresh" | "drink" | "soaked">> = {
  powder: "powder",
  powdered: "powder",
  ground: "powder",
  pwd: "powder",
  pdr: "powder",
  churna: "powder",
  churan: "powder",
  dried: "dried",
  dry: "dried",
  whole: "dried",
  loose: "dried",
  fresh: "fresh",
  brewed: "drink",
  brew: "drink",
  strong: "drink",
  steeped: "drink",
  infusion: "drink",
  soaked: "soaked",
};
/** More than one of a part of a plant is not its powder. */
export const PARTS_OF_PLANTS =
  /\b(?:seeds|leaves|flowers|petals|pods|roots|sticks|nuts|hips|peels|strips|pieces|berries|tops|cloves)\b/;
export const SPELLINGS: Readonly<Record<string, string>> = {
  yogurt: "yoghurt",
  yogourt: "yoghurt",
  yoghourt: "yoghurt",
  glycerine: "glycerin",
  indego: "indigo",
};
