import type { CompanyFamily } from './company.js';
import type { HostFamily } from './families.js';

/** What is named first, what is good too, what is rather left, what is kept apart. */
export interface Custom {
  readonly first: readonly CompanyFamily[];
  readonly good: readonly CompanyFamily[];
  readonly rather?: readonly CompanyFamily[];
  readonly never?: readonly CompanyFamily[];
}

/**
 * What has long been eaten together, by family. Common practice, no source. It says which families
 * are named together; how much that weighs is fitted, and what happens in the mouth speaks beside it.
 */
// prettier-ignore
export const CUSTOMS: Readonly<Record<HostFamily, Custom>> = {
  fresh: {
    first: ['crisp white', 'mild honey', 'tomato', 'dried apricot or cherry', 'plain bread', 'green oil', 'meat, whole muscle'],
    good: ['sparkling', 'rosé', 'scented white', 'pale beer', 'tart spritz', 'flower spritz', 'berry', 'stone fruit', 'citrus', 'green vegetable',
      'berry preserve', 'cherry preserve', 'plain cracker', 'citrus oil', 'pepper', 'salt', 'seed crumble', 'pepper dip', 'meat, cooked', 'meat, fish',
      'oil-cured vegetable', 'green nut', 'balsamic', 'fresh fig', 'scented honey', 'earthy nut', 'radish'],
    rather: ['rich white', 'sweet fortified', 'dark beer', 'onion chutney', 'coarse mustard', 'pickled nut', 'smoked salt', 'meat, coarse', 'meat, smoky',
      'meat, game', 'meat, peppered'],
    never: ['full red', 'strong red', 'smoked tea', 'dark honey', 'hot honey', 'hot mustard', 'herb bread', 'smoked nut', 'meat, hot'],
  },
  tangy: {
    first: ['crisp white', 'tart spritz', 'radish', 'dried apricot or cherry', 'cherry preserve', 'mild honey', 'pepper', 'beet pickle', 'scented honey'],
    good: ['cider', 'berry', 'citrus preserve', 'green vegetable', 'fresh fig', 'sweet nut', 'nut oil', 'green nut', 'earthy nut', 'rosé', 'sparkling', 'grape',
      'orchard fruit', 'stone fruit', 'tomato', 'oil-cured vegetable', 'olive', 'green oil', 'fig preserve', 'onion chutney', 'fruit bread', 'nut bread',
      'plain cracker', 'plain bread', 'scented white'],
    never: ['full red', 'rich white', 'strong red'],
  },
  brined: {
    first: ['crisp white', 'olive', 'tomato', 'melon', 'green oil', 'seed crumble'],
    good: ['rosé', 'dry fortified', 'green vegetable', 'fresh fig', 'bean dip', 'cool dip', 'pepper dip', 'pepper', 'scented honey', 'earthy nut',
      'oil-cured vegetable', 'grape', 'beet pickle', 'plain cracker', 'plain bread', 'balsamic', 'sweet nut'],
    rather: ['full red', 'salt', 'smoked salt'],
  },
  soft: {
    first: ['sparkling', 'berry', 'plain bread', 'meat, whole muscle'],
    good: ['crisp white', 'light red', 'flower spritz', 'orchard fruit', 'stone fruit', 'fig preserve', 'cherry preserve', 'mild honey', 'plain cracker',
      'pepper', 'nut oil', 'meat, cooked', 'green vegetable', 'radish', 'pale beer', 'berry preserve', 'roast nut', 'green nut', 'scented honey',
      'milk chocolate'],
    rather: ['dark beer', 'coarse mustard', 'herb bread', 'smoked nut', 'meat, hot'],
    never: ['full red', 'strong red', 'hot mustard'],
  },
  herbed: {
    first: ['crisp white', 'green vegetable', 'plain cracker', 'meat, peppered', 'radish', 'scented honey'],
    good: ['rosé', 'pale beer', 'tomato', 'green oil', 'meat, cooked', 'beet pickle', 'plain bread', 'sparkling', 'scented white', 'olive', 'sweet root',
      'meat, whole muscle', 'flower spritz'],
    rather: ['fruit bread', 'dark honey'],
  },
  bloomy: {
    first: ['sparkling', 'cider', 'berry', 'orchard fruit', 'fig preserve', 'plain bread', 'meat, whole muscle'],
    good: ['light red', 'rich white', 'flower spritz', 'orchard juice', 'grape', 'fresh fig', 'berry preserve', 'cherry preserve', 'mild honey',
      'scented honey', 'earthy nut', 'sweet nut', 'plain cracker', 'onion chutney', 'nut oil', 'salt', 'pepper', 'meat, cooked', 'meat, fennel',
      'green vegetable', 'bitter leaf', 'roast nut', 'dried apricot or cherry', 'date or dried fig', 'nut bread', 'fruit bread', 'fruit chutney'],
    rather: ['dry fortified', 'olive', 'coarse mustard', 'herb bread', 'meat, hot'],
    never: ['full red', 'spiced red', 'strong red', 'spice brew', 'smoked tea', 'hot mustard'],
  },
  truffled: {
    first: ['sparkling', 'mild honey', 'salt'],
    good: ['light red', 'rich white', 'earthy nut', 'plain bread', 'roast nut', 'orchard fruit', 'grape', 'meat, whole muscle', 'plain cracker'],
    rather: ['citrus', 'berry'],
  },
  washed: {
    first: ['scented white', 'strong ale', 'citrus', 'scented honey', 'onion pickle', 'seed crumble'],
    good: ['cider', 'amber ale', 'hop brew', 'spice brew', 'orchard juice', 'orchard fruit', 'grape', 'dark bread', 'plain bread', 'pickle', 'fig preserve',
      'onion chutney', 'dark honey', 'meat, smoky', 'meat, cooked', 'meat, coarse', 'bitter leaf', 'orchard preserve', 'earthy nut', 'plain cracker',
      'coarse mustard', 'light red', 'sweet wine', 'nut bread'],
    rather: ['rosé', 'full red', 'crisp white', 'tart spritz'],
    never: ['strong red'],
  },
  'semi-soft': {
    first: ['pale beer', 'pickle', 'meat, cooked', 'hop brew'],
    good: ['crisp white', 'light red', 'cider', 'amber ale', 'orchard juice', 'orchard fruit', 'grape', 'onion pickle', 'plain bread', 'pepper',
      'seed crumble', 'cool dip', 'meat, fine', 'meat, coarse', 'meat, smoky', 'tomato', 'radish', 'sweet root', 'buttery nut', 'roast nut', 'scented honey',
      'plain cracker', 'coarse mustard', 'berry preserve', 'dark bread', 'sweet nut'],
  },
  firm: {
    first: ['nutty white', 'dry fortified', 'onion pickle', 'meat, whole muscle', 'meat, lean', 'buttery nut',
      'roast nut', 'quince preserve'],
    good: ['crisp white', 'scented white', 'amber ale', 'full red', 'light red', 'sweet nut', 'cherry preserve', 'fig preserve', 'fresh fig',
      'orchard fruit', 'grape', 'olive', 'pickle', 'onion chutney', 'dark bread', 'nut bread', 'pepper dip', 'green oil', 'pepper', 'meat, coarse',
      'meat, fennel', 'meat, fine', 'tomato', 'green vegetable', 'plain cracker', 'seed cracker', 'earthy nut', 'orchard preserve', 'coarse mustard',
      'pale beer', 'radish', 'dried apricot or cherry', 'fruit chutney', 'hop brew'],
  },
  mountain: {
    first: ['nutty white', 'crisp white', 'pickle', 'onion pickle', 'orchard fruit', 'roast nut', 'earthy nut', 'dark bread', 'meat, lean'],
    good: ['scented white', 'light red', 'sparkling', 'amber ale', 'cider', 'grape', 'dried pear', 'coarse mustard',
      'onion chutney', 'cherry preserve', 'orchard preserve', 'fig preserve', 'mild honey', 'dark honey', 'nut bread', 'plain bread', 'milk chocolate',
      'meat, cooked', 'meat, whole muscle', 'meat, coarse', 'meat, smoky', 'pepper', 'butter', 'hop brew'],
    rather: ['strong red'],
  },
  sheep: {
    first: ['quince preserve', 'dry fortified', 'cherry preserve', 'buttery nut', 'meat, whole muscle'],
    good: ['full red', 'crisp white', 'olive', 'date or dried fig', 'dried apricot or cherry', 'fresh fig', 'fig preserve', 'grape',
      'orchard fruit', 'orchard preserve', 'mild honey', 'scented honey', 'dark honey', 'green oil', 'pepper dip', 'tomato preserve', 'tomato', 'earthy nut',
      'plain bread', 'pepper', 'bitter leaf', 'meat, coarse', 'meat, hot', 'meat, lean'],
  },
  caramelly: {
    first: ['sweet fortified', 'dark beer', 'strong ale', 'fig preserve', 'sweet nut'],
    good: ['amber ale', 'full red', 'dry fortified', 'smoked tea', 'orchard preserve', 'orchard fruit', 'date or dried fig', 'dark chocolate', 'dark bread',
      'salt', 'sweet root', 'onion pickle', 'scented honey', 'roast nut', 'quince preserve', 'milk chocolate', 'dried apricot or cherry', 'coarse mustard',
      'nut bread', 'fruit bread', 'hop brew', 'pickle', 'meat, smoky', 'meat, coarse', 'grape', 'plain bread', 'pickled nut'],
    rather: ['crisp white', 'rosé'],
  },
  'savoury hard': {
    first: ['amber ale', 'cider', 'spiced red', 'onion chutney', 'fruit chutney', 'coarse mustard', 'orchard fruit', 'orchard preserve', 'earthy nut',
      'onion pickle'],
    good: ['full red', 'dark beer', 'sweet fortified', 'orchard juice', 'smoked tea', 'pickled nut', 'pickle', 'berry', 'plain bread', 'meat, coarse',
      'meat, cooked', 'green vegetable', 'tomato preserve', 'sweet root', 'sweet nut', 'plain cracker', 'quince preserve', 'grape', 
      'dark bread', 'seed cracker', 'hop brew', 'date or dried fig', 'citrus preserve', 'strong ale', 'roast nut', 'nut bread', 'meat, smoky',
      'meat, whole muscle', 'dark honey'],
  },
  hard: {
    first: ['full red', 'sweet fortified', 'amber ale', 'orchard fruit', 'orchard preserve', 'earthy nut', 'meat, coarse'],
    good: ['dark beer', 'strong ale', 'dry fortified', 'spiced red', 'hop brew', 'sweet nut', 'onion chutney', 'fruit chutney', 'coarse mustard',
      'onion pickle', 'dark honey', 'dried apricot or cherry', 'grape', 'dark bread', 'nut bread', 'pepper', 'pepper dip', 'meat, lean', 'meat, whole muscle',
      'meat, smoky', 'meat, hot', 'cherry preserve', 'pickled nut', 'sweet root', 'roast nut', 'fig preserve', 'plain cracker', 'seed cracker',
      'quince preserve', 'scented honey', 'date or dried fig', 'pickle'],
    rather: ['rosé', 'flower spritz'],
  },
  'very hard': {
    first: ['sparkling', 'balsamic', 'earthy nut', 'orchard fruit', 'dark honey', 'green oil', 'meat, whole muscle', 'meat, lean'],
    good: ['dry fortified', 'full red', 'nutty white', 'sweet fortified', 'sweet nut', 'grape', 'date or dried fig', 'fig preserve',
      'scented honey', 'onion pickle', 'onion chutney', 'olive', 'plain bread', 'pepper', 'meat, fine', 'meat, cooked', 'green vegetable', 'bitter leaf',
      'oil-cured vegetable', 'orchard preserve', 'tomato', 'roast nut', 'plain cracker', 'quince preserve', 'fresh fig', 'meat, coarse', 'crisp white',
      'light red', 'dark bread', 'pickle', 'dried apricot or cherry', 'tart spritz', 'orchard juice'],
    rather: ['rosé', 'salt', 'smoked salt'],
  },
  blue: {
    first: ['sweet wine', 'sweet fortified', 'orchard juice', 'scented honey', 'orchard fruit', 'date or dried fig', 'fig preserve', 'earthy nut',
      'green vegetable', 'bitter leaf'],
    good: ['dark beer', 'strong ale', 'mild honey', 'dark honey', 'sweet nut', 'dried pear', 'fresh fig', 'grape', 'dark chocolate', 'orchard preserve',
      'fruit bread', 'nut bread', 'dark bread', 'butter', 'nut oil', 'meat, whole muscle', 'meat, lean', 'pickled nut', 'green nut', 'plain cracker',
      'seed cracker', 'quince preserve', 'beet pickle', 'cherry preserve', 'dried apricot or cherry', 'roast nut', 
      'meat, smoky', 'plain bread'],
    rather: ['crisp white', 'tart spritz', 'pickle', 'olive', 'citrus', 'salt', 'smoked salt', 'meat, hot', 'meat, fine'],
    never: ['pale beer', 'rosé', 'full red', 'strong red', 'coarse mustard', 'hot mustard', 'onion pickle'],
  },
  'mild blue': {
    first: ['mild honey', 'orchard fruit', 'sparkling'],
    good: ['light red', 'scented white', 'cider', 'fresh fig', 'berry', 'sweet nut', 'plain bread', 'flower spritz'],
    rather: ['dark honey'],
  },
  smoked: {
    first: ['amber ale', 'smoked tea', 'orchard preserve', 'orchard fruit'],
    good: ['dark beer', 'cider', 'hop brew', 'onion chutney', 'coarse mustard', 'pickle', 'sweet nut', 'cool dip', 'sweet root', 'beet pickle', 'seed cracker',
      'onion pickle', 'roast nut', 'earthy nut', 'full red', 'meat, cooked', 'dark bread', 'fruit chutney', 'pale beer', 'grape'],
    rather: ['smoked nut', 'smoked salt', 'sweet wine', 'meat, smoky'],
  },
  peppered: {
    first: ['full red', 'green vegetable'],
    good: ['pale beer', 'light red', 'hop brew', 'grape', 'melon', 'berry', 'berry preserve', 'cherry preserve'],
    rather: ['spice brew', 'hot honey', 'pepper'],
  },
  'wine-washed': {
    first: ['light red', 'berry', 'berry preserve'],
    good: ['full red', 'cherry preserve', 'grape', 'dark chocolate', 'fig preserve', 'dried apricot or cherry', 'roast nut', 'buttery nut',
      'meat, whole muscle'],
  },
  'whole muscle': {
    first: ['sparkling', 'dry fortified', 'crisp white', 'melon', 'fresh fig', 'oil-cured vegetable'],
    good: ['rosé', 'light red', 'scented white', 'tart spritz', 'grape', 'orchard fruit', 'stone fruit', 'fig preserve', 'olive', 'pickle', 'plain bread',
      'butter', 'date or dried fig', 'green oil', 'pepper', 'tomato', 'green vegetable', 'scented honey', 'orchard preserve', 'buttery nut', 'roast nut',
      'mild honey', 'quince preserve', 'plain cracker', 'balsamic', 'bitter leaf', 'pale beer'],
    rather: ['strong red', 'sweet fortified', 'hot mustard', 'salt'],
  },
  lean: {
    first: ['full red', 'green oil', 'bitter leaf'],
    good: ['light red', 'dry fortified', 'crisp white', 'smoked tea', 'berry preserve', 'onion pickle', 'citrus oil', 'orchard fruit', 'grape', 'plain bread',
      'butter', 'fresh fig', 'pepper', 'radish', 'oil-cured vegetable', 'coarse mustard', 'dark bread', 'cool dip', 
      'plain cracker'],
    rather: ['salt'],
  },
  game: {
    first: ['full red', 'berry preserve'],
    good: ['smoked tea', 'berry', 'cherry preserve', 'dried apricot or cherry', 'onion chutney', 'dark bread', 'beet pickle', 'sweet root', 'earthy nut',
      'dark beer', 'spiced red', 'pickle', 'orchard fruit', 'fig preserve', 'onion pickle', 'plain bread'],
  },
  coarse: {
    first: ['light red', 'pickle', 'plain bread', 'radish'],
    good: ['full red', 'pale beer', 'sparkling', 'rosé', 'hop brew', 'tart spritz', 'olive', 'coarse mustard', 'onion pickle', 'butter', 'fresh fig', 'grape',
      'bean dip', 'pepper dip', 'tomato', 'hot honey', 'oil-cured vegetable', 'tomato preserve', 'cherry preserve', 'green nut', 'mild honey', 
      'roast nut', 'plain cracker', 'dark bread', 'amber ale', 'spiced red'],
    rather: ['sweet wine', 'salt'],
  },
  fine: {
    first: ['pickle', 'light red'],
    good: ['pale beer', 'full red', 'hop brew', 'coarse mustard', 'olive', 'plain bread', 'butter', 'grape', 'bean dip', 'radish', 'green vegetable',
      'hot honey', 'oil-cured vegetable', 'cherry preserve', 'green nut', 'rosé', 'plain cracker', 'dark bread', 'onion pickle'],
    rather: ['sweet wine', 'salt'],
  },
  fennel: {
    first: ['light red', 'citrus'],
    good: ['crisp white', 'orchard fruit', 'grape', 'olive', 'green vegetable', 'citrus oil', 'bean dip', 'pale beer', 'rosé', 'green oil',
      'fresh fig', 'plain bread'],
  },
  hot: {
    first: ['scented white', 'pale beer', 'olive', 'cool dip', 'green vegetable'],
    good: ['rosé', 'cider', 'orchard juice', 'melon', 'orchard fruit', 'mild honey', 'plain bread', 'bean dip', 'sweet root', 'tomato preserve',
      'orchard preserve', 'pickle', 'scented honey', 'light red', 'sparkling', 'grape', 'butter', 'plain cracker'],
    rather: ['full red', 'spice brew', 'dry fortified', 'hot honey', 'pepper', 'pepper dip'],
    never: ['strong red', 'spiced red', 'hot mustard'],
  },
  cooked: {
    first: ['sparkling', 'coarse mustard', 'honey mustard', 'pickle', 'pale beer', 'green nut', 'hop brew'],
    good: ['cider', 'light red', 'crisp white', 'rosé', 'orchard juice', 'fruit chutney', 'onion chutney', 'onion pickle', 'orchard fruit', 'plain bread',
      'butter', 'pepper', 'cool dip', 'radish', 'green vegetable', 'beet pickle', 'mild honey', 'dark bread', 'amber ale', 'stone fruit', 'melon', 'citrus',
      'fruit bread'],
    rather: ['full red', 'strong red'],
  },
  spread: {
    first: ['sweet wine', 'pickle', 'onion chutney', 'plain bread', 'salt'],
    good: ['light red', 'scented white', 'sparkling', 'tart spritz', 'orchard juice', 'berry preserve', 'fig preserve', 'fruit chutney', 'coarse mustard',
      'onion pickle', 'fruit bread', 'cherry preserve', 'pepper', 'radish', 'bitter leaf', 'beet pickle', 'green nut', 'fresh fig', 'grape', 'orchard fruit',
      'dark bread', 'dried apricot or cherry', 'sweet fortified', 'plain cracker'],
    rather: ['olive'],
  },
  fish: {
    first: ['crisp white', 'caper', 'dark bread', 'pepper', 'cool dip', 'green vegetable', 'beet pickle'],
    good: ['sparkling', 'scented white', 'pale beer', 'dry fortified', 'tart spritz', 'citrus', 'pickle', 'onion pickle', 'radish', 'butter', 'citrus oil',
      'honey mustard', 'plain cracker', 'plain bread', 'flower spritz', 'cider', 'rosé'],
    rather: ['salt', 'smoked salt'],
    never: ['full red', 'strong red', 'spiced red', 'sweet fortified', 'hot honey'],
  },
  chocolate: {
    first: ['sweet fortified', 'dried apricot or cherry', 'cherry preserve', 'salt', 'roast nut'],
    good: ['dark beer', 'strong ale', 'candied citrus', 'berry', 'citrus preserve', 'sweet nut', 'berry preserve', 'full red', 'buttery nut', 'citrus',
      'orchard fruit', 'earthy nut', 'stone fruit', 'smoked tea', 'green nut', 'sweet wine', 'date or dried fig'],
    never: ['sparkling', 'crisp white', 'rosé', 'pale beer', 'pickle', 'olive'],
  },
};
