import type { Words } from '../concepts.js';

/** French. */
export const FR: Words = {
  nothing: [
    'lait de coco|lait de riz|lait de chanvre|creme de coco|creme de marron|creme de marrons|creme de riz|creme de tartre|creme de balsamique|creme de vinaigre balsamique|beurre de cacao|beurre de karite|beurre de pomme|beurre de coco',
    'noix de coco|noix de muscade|noix muscade|muscade|chataigne|marron|pignon|pignon de pin|pignons de pin|noix de kola|pain de singe',
    'vinaigre de vin|vinaigre de vin rouge|vinaigre de vin blanc|vinaigre de cidre|vinaigre de xeres|vinaigre balsamique|vinaigre d alcool|vinaigre de champagne|vinaigre|feuille de vigne|raisin de cuve|acide tartrique',
    'farine de riz|farine de mais|farine de pois chiche|farine de pois chiches|farine de sarrasin|farine de chataigne|farine de chataignes|farine de manioc|farine de coco|farine de quinoa|farine de millet|farine de teff|farine de pois|farine de lentille|farine de lentilles|sarrasin|ble noir|fecule de pomme de terre|amidon de mais|galette de riz|pates de riz|vermicelle de riz',
    'acide lactique|ferment lactique|ferments lactiques|lactate de calcium|lactate de sodium|bacterie lactique|bacteries lactiques|gomme de caroube|caroube',
    'orange sanguine|tomate coeur de boeuf|pomme d amour|aubergine|pleurote|pleurote en forme d huitre|barbe de capucin|presure vegetale|presure microbienne|coagulant vegetal|coagulant microbien|ail des ours|patte d ours|fenouil|melon miel|chevrefeuille',
    'gelatine vegetale|matiere grasse vegetale|graisse vegetale|graisse de coco|lecithine de tournesol|lecithine de colza|biere de gingembre|limonade',
  ].join('|'),
  'blue cheese': 'bleu|fromage bleu|bleu d auvergne|fourme d ambert|roquefort',
  milk: 'lait|lait entier|lait ecreme|lait demi ecreme|lait cru|lait de vache|lait de chevre|lait de brebis|lait de bufflonne|poudre de lait|lait en poudre|lait concentre|petit lait|petitlait|lactoserum|serum de lait|lactose|creme|creme fraiche|creme entiere|creme liquide|creme chantilly|creme anglaise|creme glacee|chantilly|beurre|beurre concentre|beurre sale|beurre demi sel|babeurre|caseine|caseinate|caseinate de calcium|caseinate de sodium|proteine de lait|proteines de lait|proteine laitiere|matiere grasse laitiere|matiere grasse butyrique|laitier|laitiere|fromage|fromage blanc|fromage frais|fromage de chevre|yaourt|yoghourt|faisselle|caille|bechamel|chocolat au lait|chocolat blanc|crottin|tomme|comte|emmental|gruyere|reblochon|munster|chaource|livarot|maroilles|confiture de lait|brebis|chevre',
  'milk perhaps': 'chocolat|caramel|margarine|praline au chocolat',
  eggs: 'oeuf|oeufs|oeuf entier|jaune d oeuf|jaunes d oeufs|blanc d oeuf|blancs d oeufs|oeuf en poudre|ovoproduit|ovoproduits|albumine d oeuf|ovalbumine|lysozyme|meringue|blanc d oeufs|jaune d oeufs',
  'eggs perhaps': 'albumine|brioche|quenelle',
  'raw egg': 'oeuf cru|oeufs crus|sabayon|mousse au chocolat',
  mayonnaise: 'mayonnaise|aioli|sauce tartare|sauce hollandaise|sauce bearnaise|rouille|remoulade',
  custard: 'creme patissiere|flan|creme brulee',
  wheat:
    'ble|farine de ble|farine de froment|froment|ble dur|ble tendre|semoule|semoule de ble|semoule de ble dur|amidon de ble|gluten de ble|proteine de ble|proteines de ble|germe de ble|son de ble|boulgour|couscous|engrain|petit epeautre|seitan',
  'of cereal':
    'farine|farine blanche|farine complete|farine t55|chapelure|pain|pain de mie|pain complet|baguette|biscotte|biscottes|crouton|croutons|biscuit|biscuits|cracker|crackers|galette|gressin|gressins|pate brisee|pate feuilletee|pate sablee|feuillete|pates alimentaires|pates fraiches|vermicelle|nouilles|brioche|croissant|gateau|madeleine|gaufre|gaufrette|crepe|tartine craquante|pain d epices|panure|toast|toasts|bretzel|sable',
  'cereal perhaps': 'cereale|cereales|levure de biere|extrait de levure|reglisse',
  gluten: 'gluten',
  spelt: 'epeautre|farine d epeautre|grand epeautre',
  kamut: 'kamut|khorasan',
  rye: 'seigle|farine de seigle|pain de seigle',
  barley:
    'orge|orge perle|farine d orge|malt|malt d orge|orge malte|orge maltee|extrait de malt|farine de malt|sirop de malt',
  oats: 'avoine|flocons d avoine|farine d avoine|son d avoine|lait d avoine|boisson a l avoine|boisson avoine',
  muesli: 'muesli|granola',
  beer: 'biere|biere blonde|biere brune|biere ambree',
  crustaceans:
    'crustace|crustaces|crevette|crevettes|crabe|tourteau|homard|ecrevisse|ecrevisses|langoustine|langoustines|langouste|gambas|krill|bisque|bisque de homard',
  fish: 'poisson|poissons|anchois|saumon|truite|thon|cabillaud|morue|maquereau|hareng|sardine|sardines|anguille|esturgeon|caviar|oeufs de poisson|oeufs de saumon|oeufs de lompe|tarama|brandade|colin|colin d alaska|merlu|lieu noir|bar|dorade|lotte|sole|rouget|raie|sprat|fumet de poisson|soupe de poisson|bouillabaisse|anchoiade|tapenade aux anchois|espadon|fletan|poutargue|huile de poisson|pissaladiere',
  'smoked fish': 'saumon fume|truite fumee|hareng fume|haddock|maquereau fume|ceviche|sushi',
  surimi: 'surimi',
  'fish sauce': 'sauce de poisson|nuoc mam|pissalat|garum',
  peanuts:
    'arachide|arachides|cacahuete|cacahuetes|cacahouete|cacahouetes|huile d arachide|beurre de cacahuete|beurre de cacahuetes|beurre d arachide|pate d arachide',
  soybeans:
    'soja|soya|feve de soja|feves de soja|lait de soja|boisson au soja|lecithine de soja|proteine de soja|proteines de soja|farine de soja|huile de soja|tofu|tempeh|creme de soja|graines de soja',
  'soy sauce': 'sauce soja|sauce de soja|sauce teriyaki',
  miso: 'miso',
  lecithin: 'lecithine|lecithines',
  'vegetable protein': 'proteine vegetale|proteines vegetales',
  almond:
    'amande|amandes|poudre d amande|poudre d amandes|lait d amande|lait d amandes|pate d amande|pate d amandes|huile d amande|massepain|frangipane|calisson|calissons|amandes effilees|nougatine|sirop d orgeat|orgeat|macaron|macarons|financier',
  nougat: 'nougat|turron',
  hazelnut:
    'noisette|noisettes|pate de noisette|pate de noisettes|huile de noisette|poudre de noisettes|pate a tartiner|beurre de noisette',
  gianduja: 'gianduja',
  praline: 'praline|pralin|pralines',
  walnut:
    'noix|cerneau|cerneaux|cerneaux de noix|huile de noix|cerneau de noix|noix de grenoble|brou de noix',
  cashew: 'noix de cajou|cajou|cajous',
  pecan: 'noix de pecan|pecan|noix de pecans',
  'brazil nut': 'noix du bresil|noix de bresil',
  pistachio: 'pistache|pistaches|pate de pistache',
  macadamia: 'noix de macadamia|macadamia',
  nuts: 'fruit a coque|fruits a coque|fruits a coques|fruits secs a coque|melange de noix|oleagineux',
  pesto: 'pesto|pistou au fromage',
  celery: 'celeri|celeri rave|celeri branche|sel de celeri|graines de celeri|poudre de celeri',
  stock: 'bouillon|bouillon cube|bouillon de legumes|court bouillon',
  mustard:
    'moutarde|moutarde de dijon|graines de moutarde|graine de moutarde|farine de moutarde|moutarde a l ancienne|poudre de moutarde|savora|huile de moutarde',
  curry: 'curry|cari',
  sesame:
    'sesame|graines de sesame|graine de sesame|huile de sesame|tahin|tahini|puree de sesame|creme de sesame|halva|houmous|gomasio|zaatar',
  sulphites:
    'sulfite|sulfites|anhydride sulfureux|dioxyde de soufre|metabisulfite|metabisulfite de sodium|metabisulfite de potassium|bisulfite|disulfite|soufre',
  lupin: 'lupin|lupins|farine de lupin|graines de lupin',
  molluscs:
    'mollusque|mollusques|moule|moules|huitre|huitres|calmar|calmars|calamar|encornet|encornets|poulpe|seiche|petoncle|petoncles|coquille saint jacques|coquilles saint jacques|noix de saint jacques|palourde|palourdes|bulot|bulots|bigorneau|couteau de mer|escargot|escargots|encre de seiche|praire',
  'oyster sauce': 'sauce huitre|sauce d huitre',
  seafood: 'fruits de mer',
  wine: 'vin|vin rouge|vin blanc|vin rose|vin doux|porto|xeres|madere|marsala|vermouth|champagne|cremant|cidre|poire cidre|vin jaune|vin cuit|banyuls|muscat de rivesaltes|sauternes|pommeau|pineau',
  spirit:
    'cognac|armagnac|calvados|rhum|whisky|eau de vie|marc|marc de bourgogne|kirsch|gin|vodka|pastis|absinthe|genepi|fine champagne|spiritueux|tequila|alcool de poire',
  liqueur: 'liqueur|creme de cassis|creme de mure|curacao|anisette',
  'nut liqueur': 'amaretto|liqueur de noix|liqueur de noisette',
  alcohol: 'alcool|alcool ethylique|ethanol|hydromel',
  pork: 'porc|viande de porc|cochon|maigre de porc|foie de porc|gorge de porc|poitrine de porc|jambon|jambon cru|jambon sec|jambon cuit|lardon|lardons|poitrine fumee|couenne|gelatine de porc|andouille|andouillette|chorizo|coppa|pancetta|speck|mortadelle|rosette|saucisson|saucisson sec|fromage de tete|pied de porc|boyau de porc|lonzo|figatelli|noix de jambon|echine|porcelet|bacon|travers de porc|petit sale',
  'pork perhaps':
    'saucisse|saucisses|salami|rillettes|pate de campagne|terrine|terrine de campagne|boyau|boyau naturel|boyaux|charcuterie|boudin blanc|quenelle de viande|chair a saucisse|farce|cervelas',
  'pork fat': 'saindoux|gras de porc|lard|bardiere|barde de lard|graisse de porc|panne|lard gras',
  'blood sausage': 'boudin noir|boudin',
  beef: 'boeuf|viande de boeuf|veau|viande de veau|foie de veau|pied de veau|boyau de boeuf|viande des grisons|joue de boeuf|moelle|ris de veau|noix de veau|fond de veau|langue de boeuf',
  'beef fat': 'suif|graisse de boeuf|blanc de boeuf',
  lamb: 'agneau|mouton|viande de mouton|boyau de mouton|merguez|chevreau',
  poultry:
    'poulet|volaille|dinde|canard|oie|caille|pintade|foie gras|foie gras de canard|foie gras d oie|foie de volaille|magret|gesier|gesiers|bouillon de poulet|viande de volaille|foie de canard|chapon|pigeon',
  'poultry fat': 'graisse de canard|graisse d oie|graisse de volaille|graisse de poulet',
  game: 'chevreuil|cerf|lievre|lapin|faisan|gibier|biche|perdrix|cheval|viande de cheval|bison|autruche',
  boar: 'sanglier|marcassin',
  meat: 'viande|viandes|extrait de viande|abats|bouillon de viande|demi glace',
  'animal fat': 'graisse animale|matiere grasse animale|graisses animales|matieres grasses animales',
  'fat perhaps':
    'mono et diglycerides d acides gras|mono et diglycerides|stearate de magnesium|acide stearique',
  gelatine: 'gelatine|gelatine alimentaire|guimauve|gelee de viande|aspic|bonbon gelifie',
  'beef gelatine': 'gelatine bovine|gelatine de boeuf',
  'fish gelatine': 'gelatine de poisson|ichtyocolle',
  'animal rennet':
    'presure|presure animale|presure de veau|presure d agneau|presure de chevreau|presure naturelle|caillette',
  blood: 'sang|sang de porc|sang de boeuf',
  honey:
    'miel|miel de fleurs|miel d acacia|miel de lavande|miel toutes fleurs|rayon de miel|pain d epices|gelee royale|propolis',
  insect: 'carmin|cochenille|gomme laque|shellac|cire d abeille|insecte|poudre de grillon',
  fermented: 'choucroute|kimchi|chou fermente|legumes lactofermentes|legumes fermentes',
  sprouts: 'germes de soja|graines germees|pousses germees|germe de luzerne|alfalfa',
};
