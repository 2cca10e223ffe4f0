import type { Words } from '../concepts.js';

/** Italian. */
export const IT: Words = {
  nothing: [
    'latte di cocco|latte di riso|crema di riso|crema di marroni|crema di castagne|crema di cocco|burro di cacao|burro di karite|burro di cocco|burro di mele|cremor tartaro|cremortartaro|lattuga|acido lattico|fermenti lattici|batteri lattici|lattato di calcio|lattato di sodio|panna di riso|panna di cocco',
    'noce moscata|noce di cocco|pinolo|pinoli|castagna|castagne|marroni|noce di cola|noce del prosciutto',
    'aceto|aceto di vino|aceto di vino rosso|aceto di vino bianco|aceto di mele|aceto balsamico|aceto balsamico di modena|aceto di alcol|uva da vino|foglie di vite|acido tartarico|mosto d uva|mosto cotto|mosto d uva cotto|saba',
    'farina di riso|farina di mais|farina di ceci|farina di castagne|farina di grano saraceno|grano saraceno|farina di cocco|farina di tapioca|farina di miglio|farina di quinoa|farina di teff|farina di lenticchie|farina di piselli|farina di carrube|farina di semi di carrube|farina di guar|amido di mais|fecola di patate|pasta di riso|pasta di mais|pasta di lenticchie|pane di riso|gallette di riso|gallette di mais|polenta|maltodestrine|grano turco|granturco',
    'pasta di cacao|pasta di olive|pasta di peperoncino|pasta di pomodoro|pasta di zucchero|crema di cacao|crema di carciofi|crema di olive|crema di peperoni|crema di limone|crema di aceto|crema di balsamico|pane di fichi',
    'arancia sanguinella|arance sanguinelle|arancia rossa|pomodoro cuore di bue|fungo ostrica|melone miele|caprifoglio|caglio vegetale|caglio microbico|coagulante vegetale|coagulante microbico|gelatina vegetale|gelatina di frutta|gelatina di mele|gelatina di uva|grassi vegetali|grasso vegetale|lecitina di girasole|lecitina di colza|barba di frate|uva passa|mele cotogne',
  ].join('|'),
  'blue cheese': 'gorgonzola|formaggio erborinato|erborinato',
  milk: 'latte|latte intero|latte scremato|latte parzialmente scremato|latte crudo|latte vaccino|latte di vacca|latte di capra|latte di pecora|latte ovino|latte caprino|latte di bufala|latte in polvere|latte condensato|siero di latte|siero del latte|siero|lattosio|panna|panna fresca|panna da cucina|panna acida|burro|burro anidro|burro chiarificato|latticello|latticini|latticino|caseina|caseinato|caseinati|caseinato di sodio|proteine del latte|proteine di latte|derivati del latte|formaggio|formaggi|formaggio fresco|yogurt|ricotta|mascarpone|mozzarella|parmigiano|parmigiano reggiano|grana padano|grana|pecorino|pecorino romano|provolone|taleggio|asiago|fontina|stracchino|robiola|scamorza|caciocavallo|burrata|stracciatella|crescenza|cagliata|besciamella|cioccolato al latte|cioccolato bianco|panna cotta|gelato|caciotta|toma|squacquerone',
  'milk perhaps': 'cioccolato|caramello|margarina|mou',
  eggs: 'uovo|uova|uova intere|uova fresche|albume|albumi|albume d uovo|tuorlo|tuorli|tuorlo d uovo|tuorlo di uovo|ovoprodotti|lisozima|pasta all uovo|uova in polvere|albume in polvere|proteine dell uovo|lisozima da uovo|meringa|savoiardi',
  'eggs perhaps': 'albumina',
  'raw egg': 'uovo crudo|uova crude|zabaione|zabaglione|tiramisu',
  mayonnaise: 'maionese|salsa tartara|salsa tonnata|aioli',
  custard: 'crema pasticcera|crema pasticciera',
  wheat:
    'grano|grano duro|grano tenero|frumento|farina di grano|farina di grano tenero|farina di frumento|semola|semola di grano duro|semolino|crusca di grano|crusca di frumento|germe di grano|germe di frumento|amido di frumento|amido di grano|glutine di frumento|proteine del frumento|cuscus|couscous|bulgur|seitan|farina 00|farina 0|farina manitoba|monococco|grano arso',
  'of cereal':
    'farina|farine|farina integrale|pangrattato|pan grattato|pane|pane grattugiato|pancarre|pan carre|fette biscottate|biscotto|biscotti|cracker|crackers|grissini|grissino|taralli|tarallo|crostini|crostino|pasta fresca|spaghetti|penne|lasagne|tagliatelle|focaccia|ciabatta|piadina|pane carasau|carasau|schiacciata|friselle|pasta sfoglia|sfoglia|pasta frolla|pan di spagna|wafer|panettone|colomba|torta|schiacciatine|pane toscano|bruschetta|bruschette',
  'cereal perhaps': 'cereale|cereali|crusca|lievito di birra|estratto di lievito|liquirizia',
  gluten: 'glutine',
  spelt: 'farro|farina di farro|spelta|farro spelta',
  kamut: 'kamut|khorasan',
  rye: 'segale|farina di segale|pane di segale',
  barley:
    'orzo|orzo perlato|farina d orzo|farina di orzo|malto|malto d orzo|malto di orzo|estratto di malto|farina di malto|orzo maltato',
  oats: 'avena|fiocchi d avena|fiocchi di avena|farina d avena|farina di avena|crusca d avena|latte di avena|latte d avena|bevanda di avena',
  muesli: 'muesli|granola',
  beer: 'birra|birra scura|birra chiara',
  crustaceans:
    'crostaceo|crostacei|gambero|gamberi|gamberetto|gamberetti|gamberone|gamberoni|granchio|granchi|aragosta|astice|scampo|scampi|mazzancolle|krill|canocchie',
  fish: 'pesce|pesci|acciuga|acciughe|alice|alici|pasta di acciughe|pasta d acciughe|salmone|trota|tonno|merluzzo|baccala|stoccafisso|sgombro|aringa|sardina|sardine|sarda|sarde|anguilla|storione|caviale|bottarga|uova di pesce|uova di salmone|nasello|branzino|orata|pesce spada|coda di rospo|platessa|olio di pesce|bianchetti',
  'smoked fish': 'salmone affumicato|trota affumicata|pesce affumicato|tonno affumicato',
  surimi: 'surimi',
  'fish sauce': 'colatura di alici|colatura|salsa di pesce|garum',
  peanuts:
    'arachide|arachidi|burro di arachidi|burro d arachidi|olio di arachidi|olio di semi di arachide|olio di arachide|pasta di arachidi|noccioline|noccioline americane|spagnolette',
  soybeans:
    'soia|semi di soia|latte di soia|lecitina di soia|proteine di soia|farina di soia|olio di soia|bevanda di soia|tofu|tempeh|panna di soia',
  'soy sauce': 'salsa di soia|salsa soia',
  miso: 'miso',
  lecithin: 'lecitina|lecitine',
  'vegetable protein': 'proteine vegetali|proteine vegetali idrolizzate',
  almond:
    'mandorla|mandorle|farina di mandorle|pasta di mandorle|pasta di mandorla|latte di mandorla|latte di mandorle|olio di mandorle|marzapane|amaretti|amaretto biscotto|crema di mandorle|confetti|frangipane|cantucci|cantuccini|orzata|ricciarelli|granella di mandorle',
  nougat: 'torrone|torroncino|croccante',
  hazelnut:
    'nocciola|nocciole|pasta di nocciole|pasta di nocciola|crema di nocciole|crema alla nocciola|olio di nocciola|granella di nocciole|farina di nocciole|nocciolato',
  gianduja: 'gianduia|gianduja|gianduiotto|gianduiotti',
  praline: 'pralina|praline|pralinato',
  walnut:
    'noce|noci|gherigli|gherigli di noce|gherigli di noci|olio di noci|olio di noce|salsa di noci|farina di noci|crema di noci',
  cashew: 'anacardo|anacardi|crema di anacardi',
  pecan: 'noce pecan|noci pecan|pecan',
  'brazil nut': 'noce del brasile|noci del brasile|noce brasiliana',
  pistachio:
    'pistacchio|pistacchi|crema di pistacchio|crema di pistacchi|pasta di pistacchio|pasta di pistacchi|granella di pistacchio|granella di pistacchi|farina di pistacchi',
  macadamia: 'noce di macadamia|noci di macadamia|noci macadamia|macadamia',
  nuts: 'frutta a guscio|frutta in guscio|frutta secca in guscio|frutta secca a guscio',
  pesto: 'pesto|pesto alla genovese|pesto genovese',
  celery: 'sedano|sedano rapa|sale di sedano|semi di sedano|sedano in polvere',
  stock: 'dado|dado da brodo|brodo|brodo vegetale|dado vegetale|preparato per brodo|soffritto',
  mustard:
    'senape|semi di senape|farina di senape|olio di senape|mostarda|mostarda di cremona|mostarda di frutta|essenza di senape',
  curry: 'curry',
  sesame: 'sesamo|semi di sesamo|olio di sesamo|tahina|tahin|tahini|hummus|gomasio|crema di sesamo',
  sulphites:
    'solfito|solfiti|anidride solforosa|diossido di zolfo|biossido di zolfo|metabisolfito|metabisolfito di sodio|metabisolfito di potassio|bisolfito|solforosa',
  lupin: 'lupino|lupini|farina di lupini|farina di lupino',
  molluscs:
    'mollusco|molluschi|cozza|cozze|ostrica|ostriche|calamaro|calamari|totano|totani|polpo|polpi|seppia|seppie|vongola|vongole|capasanta|capesante|lumaca|lumache|nero di seppia|moscardini|fasolari|telline',
  'oyster sauce': 'salsa di ostriche',
  seafood: 'frutti di mare',
  wine: 'vino|vino rosso|vino bianco|vino cotto|vino liquoroso|marsala|porto|sherry|vermut|vermouth|prosecco|spumante|vin santo|vinsanto|passito|sidro|barolo|lambrusco|moscato|chianti|vinacce|vinaccia|feccia di vino|barbera|amarone',
  spirit: 'grappa|rum|rhum|cognac|brandy|acquavite|whisky|vodka|gin|kirsch|distillato|sambuca|mistra',
  liqueur: 'liquore|liquori|limoncello|alchermes|maraschino|amaro|mirto|sassolino|anice liquore',
  'nut liqueur': 'amaretto|nocino|liquore alle nocciole',
  alcohol: 'alcol|alcool|alcol etilico|alcool etilico|etanolo|idromele',
  pork: 'suino|suina|suini|suine|carne suina|carne di suino|maiale|carne di maiale|fegato di suino|fegato suino|cotenna|cotenne|gelatina suina|budello suino|prosciutto|prosciutto crudo|prosciutto cotto|pancetta|guanciale|speck|coppa|capocollo|culatello|mortadella|cotechino|zampone|porchetta|salsiccia|luganega|nduja|soppressata|finocchiona|lonza|bacon|ciccioli|cotica|suinetto|coscia di suino|spalla di suino|pancia di suino|guanciola|fiocco',
  'pork perhaps':
    'salame|salami|salumi|insaccati|wurstel|budello|budello naturale|ragu|polpette|pate|pate di fegato|salamella|salamino|carne macinata',
  'pork fat':
    'strutto|lardo|sugna|grasso di suino|grasso suino|grasso di maiale|lardo di suino|grasso suino raffinato',
  'blood sausage': 'sanguinaccio|sanguinacci',
  beef: 'manzo|bue|lingua di bue|bovino|bovina|carne bovina|carne di bovino|carne di manzo|vitello|vitellone|bresaola|budello bovino|carne salada|midollo|fesa di manzo|lingua di vitello',
  'beef fat': 'sego|grasso bovino|grasso di manzo|grasso di bovino',
  lamb: 'agnello|carne di agnello|pecora carne|montone|capretto|castrato|budello ovino|budello di montone',
  poultry:
    'pollo|carne di pollo|tacchino|carne di tacchino|anatra|oca|quaglia|faraona|fegatini|fegato d oca|foie gras|petto d oca|brodo di pollo|gallina|cappone',
  'poultry fat': 'grasso d oca|grasso di oca|grasso d anatra|grasso di anatra',
  game: 'cervo|capriolo|lepre|coniglio|fagiano|selvaggina|cavallo|carne equina|sfilacci|daino|camoscio|carne di cavallo',
  boar: 'cinghiale|carne di cinghiale',
  meat: 'carne|carni|estratto di carne|frattaglie|brodo di carne',
  'animal fat': 'grasso animale|grassi animali',
  'fat perhaps':
    'mono e digliceridi degli acidi grassi|mono e digliceridi|stearato di magnesio|acido stearico',
  gelatine: 'gelatina|gelatina alimentare|gelatina animale|colla di pesce|aspic',
  'beef gelatine': 'gelatina bovina',
  'fish gelatine': 'gelatina di pesce|gelatina ittica|ittiocolla',
  'animal rennet':
    'caglio animale|caglio di vitello|caglio di agnello|caglio di capretto|caglio in pasta|caglio in pasta di agnello|caglio bovino|caglio',
  blood: 'sangue|sangue di maiale|sangue suino',
  honey:
    'miele|miele di acacia|miele di castagno|miele millefiori|favo|pappa reale|propoli|panforte|croccante al miele',
  insect: 'carminio|cocciniglia|gommalacca|cera d api|farina di grillo|insetti',
  fermented: 'crauti|kimchi|verdure fermentate|cavolo fermentato',
  sprouts: 'germogli|germogli di soia|germogli di alfalfa|semi germogliati',
};
