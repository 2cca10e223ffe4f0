import { mainMilk, type Aroma, type Companion, type Main, type Meat } from '../../counter/index.js';

/**
 * The families that a custom of the table is about: what a monger would call a good before naming it. Told by texture,
 * build, animal and aroma, and by how hot, fat or loud it is; a good may be of several.
 */
const CHEESE_FAMILIES = [
  'fresh',
  'tangy',
  'brined',
  'soft',
  'herbed',
  'bloomy',
  'truffled',
  'washed',
  'semi-soft',
  'firm',
  'mountain',
  'sheep',
  'caramelly',
  'savoury hard',
  'hard',
  'very hard',
  'blue',
  'mild blue',
  'smoked',
  'wine-washed',
] as const;
/** A cheese may be peppered too. */
export const MEAT_FAMILIES = [
  'peppered',
  'whole muscle',
  'lean',
  'game',
  'coarse',
  'fine',
  'fennel',
  'hot',
  'cooked',
  'spread',
  'fish',
] as const;
export const HOST_FAMILIES = [...CHEESE_FAMILIES, ...MEAT_FAMILIES, 'chocolate'] as const;
export type MeatFamily = (typeof MEAT_FAMILIES)[number];
export type HostFamily = (typeof HOST_FAMILIES)[number];

type Eaten = Main | Companion;

/** As hot as makes the whole bite hot; as lean as dried beef; as mild as cooked ham. */
const HOT = 5;
const LEAN = 3.2;
const MILD = 4.2;
/** From here on a blue is no mild one. */
const LOUD = 6.6;

const isCheese = (of: (cheese: Extract<Main, { kind: 'cheese' }>) => boolean) => (host: Eaten) =>
  host.kind === 'cheese' && of(host);
const isOfTexture = (texture: string) => isCheese((cheese) => cheese.texture === texture);
const leads = (...aromas: readonly Aroma[]) => isCheese((cheese) => aromas.includes(cheese.aromas[0]!));

const isFish = ({ animals }: Meat) => animals.some(({ animal }) => animal === 'fish');
const isMeat = (of: (meat: Meat) => boolean) => (host: Eaten) =>
  host.kind === 'meat' && !isFish(host) && of(host);
const isMildMeat = ({ sense, build }: Meat) => sense.intensity < MILD && build !== 'spreadable';
const isBuilt = (build: Meat['build']) => isMeat((meat) => meat.build === build && !isMildMeat(meat));
const isLean = ({ sense }: Meat) => sense.fat < LEAN;

const OF: Readonly<Record<HostFamily, (host: Eaten) => boolean>> = {
  fresh: isOfTexture('fresh'),
  tangy: isCheese(({ texture, aromas }) => ['fresh', 'soft'].includes(texture) && aromas.includes('citrus')),
  brined: isCheese(({ texture, aromas }) => texture === 'fresh' && aromas.includes('sea')),
  soft: isOfTexture('soft'),
  herbed: isCheese(
    ({ texture, aromas }) =>
      ['fresh', 'soft'].includes(texture) && (aromas.includes('herb') || aromas.includes('anise')),
  ),
  bloomy: isOfTexture('bloomy'),
  truffled: isCheese(({ texture, aromas }) => ['soft', 'bloomy'].includes(texture) && aromas[0] === 'earth'),
  washed: isOfTexture('washed'),
  'semi-soft': isOfTexture('semi-soft'),
  firm: isOfTexture('firm'),
  mountain: isCheese(
    (cheese) =>
      ['firm', 'hard'].includes(cheese.texture) && cheese.aromas[0] === 'nut' && mainMilk(cheese) === 'cow',
  ),
  sheep: isCheese(
    (cheese) => ['firm', 'hard', 'very hard'].includes(cheese.texture) && mainMilk(cheese) === 'sheep',
  ),
  caramelly: isCheese(
    ({ texture, aromas }) =>
      ['firm', 'hard'].includes(texture) && aromas[0] === 'caramel' && !aromas.includes('savoury'),
  ),
  'savoury hard': isCheese(
    ({ texture, aromas: [lead, ...others] }) =>
      ['firm', 'hard'].includes(texture) &&
      (lead === 'savoury' || (lead !== 'nut' && others.includes('savoury'))),
  ),
  hard: isOfTexture('hard'),
  'very hard': isOfTexture('very hard'),
  blue: isOfTexture('blue'),
  'mild blue': isCheese(({ texture, sense }) => texture === 'blue' && sense.intensity < LOUD),
  smoked: leads('smoke'),
  peppered: (host) => host.kind !== 'companion' && host.aromas[0] === 'pepper' && host.sense.heat < HOT,
  'wine-washed': leads('berry'),
  'whole muscle': isMeat((meat) => meat.build === 'whole muscle' && !isMildMeat(meat) && !isLean(meat)),
  lean: isMeat((meat) => meat.build === 'whole muscle' && !isMildMeat(meat) && isLean(meat)),
  game: isMeat(({ aromas, build }) => aromas[0] === 'game' && build !== 'spreadable'),
  coarse: isBuilt('coarse'),
  fine: isBuilt('fine'),
  fennel: isMeat(({ aromas }) => aromas[0] === 'anise'),
  hot: isMeat(({ sense }) => sense.heat >= HOT),
  cooked: isMeat(isMildMeat),
  spread: isMeat(({ build }) => build === 'spreadable'),
  fish: (host) => host.kind === 'meat' && isFish(host),
  chocolate: (host) => host.kind === 'companion',
};

/** The families of a good, in the order of the list. */
export const familiesOf = (host: Eaten): HostFamily[] => HOST_FAMILIES.filter((family) => OF[family](host));
