import type { Words } from '../concepts.js';

/** English. */
export const EN: Words = {
  nothing: [
    'coconut milk|coconut cream|coconut butter|coconut|coconut meat|coconut flour|rice milk|rice drink|rice cream|hemp milk|plant milk|pea milk',
    'cocoa butter|cacao butter|shea butter|apple butter|pear butter|plum butter|pumpkin butter|fruit butter|body butter|bread and butter pickle|butter bean|butter lettuce|butterhead|butternut|butternut squash|buttercup squash|butterfly pea',
    'cream of tartar|cream soda|creamed coconut|creamed corn|milk thistle|milkweed|lactic acid|lactic culture|lactic ferment|lactobacillus|lactic acid bacteria|calcium lactate|sodium lactate|potassium lactate',
    'nutmeg|pine nut|pine kernel|chestnut|chestnut flour|water chestnut|tiger nut|betel nut|kola nut|cola nut|corn nut|nut grass|nutritional yeast|soap nut|grape nut|chestnut mushroom|hazel wood|walnut wood',
    'wine vinegar|red wine vinegar|white wine vinegar|cider vinegar|apple cider vinegar|sherry vinegar|champagne vinegar|rice wine vinegar|spirit vinegar|distilled vinegar|balsamic vinegar|vinegar|wine grape|wine acid|vine leaf|vine leaves|wine leaf',
    'ginger beer|root beer|ginger ale|birch beer|port salut|portobello|sour cherry|spirit of salt',
    'eggplant|egg plant|egg fruit|crab apple|oyster mushroom|oyster plant|fish mint|fishwort|beef tomato|beefsteak tomato|blood orange|horse chestnut|goose berry|gooseberry|chicken of the woods|hen of the woods|lamb s lettuce|lambs lettuce|goat s beard|ox eye|bear s garlic',
    'rice flour|maize flour|corn flour|cornflour|cornstarch|chickpea flour|gram flour|buckwheat flour|buckwheat|potato flour|tapioca flour|millet flour|quinoa flour|sorghum flour|lentil flour|pea flour|teff flour|banana flour|cassava flour|arrowroot flour|rice bran|rice noodle|rice cracker|rice cake|glass noodle|corn tortilla|polenta|rice pasta|corn pasta|lentil pasta|maltodextrin|maltitol|maltose',
    'honeydew|honeydew melon|honey melon|honeysuckle|honeybush|honey fungus|cheesecloth|cheese cloth|cheese plant|custard apple|locust bean gum|carob bean|sesame street|free range',
    'vegetable gelatine|vegetarian gelatine|vegan gelatine|agar|vegetable rennet|microbial rennet|vegetarian rennet|thistle rennet|fermentation produced chymosin|plant rennet|non animal rennet|coconut fat|vegetable fat|sunflower lecithin|rapeseed lecithin|vegetable glycerine|wild garlic|wild rice|wild thyme|wild herb|wild mushroom|wild berry|wild blueberry|wild flower|pan fried|pan seared|pan roasted|flour sack',
  ].join('|'),
  'blue cheese': 'blue cheese|gorgonzola|roquefort|stilton|danish blue|blue cheese dip|blue cheese dressing',
  milk: [
    'milk|cow milk|cows milk|cow s milk|goat milk|goats milk|sheep milk|ewe milk|ewe s milk|buffalo milk|skimmed milk|whole milk|milk powder|milk solid|milk fat|milk protein|milk sugar|condensed milk|evaporated milk|whey|whey powder|whey protein|lactose|cream|double cream|single cream|sour cream|soured cream|clotted cream|whipping cream|ice cream|creme fraiche|butter|butterfat|butter fat|butter oil|butter powder|buttermilk|ghee|casein|caseinate|sodium caseinate|calcium caseinate|curd|cheese curd|lactalbumin|lactoglobulin|dairy',
    'cheese|cream cheese|cottage cheese|goat cheese|cheddar|gouda|edam|emmental|emmentaler|gruyere|parmesan|parmigiano|parmigiano reggiano|grana padano|grana|pecorino|ricotta|mozzarella|mascarpone|provolone|asiago|feta|halloumi|brie|camembert|manchego|comte|raclette|taleggio|fontina|burrata|stracciatella|paneer|quark|fromage frais|skyr|yoghurt|yogurt|kefir|labneh|tzatziki|dulce de leche|milk chocolate|white chocolate|fudge|butterscotch|bechamel|cream sauce|alfredo',
  ].join('|'),
  'milk perhaps':
    'caramel|toffee|chocolate|chocolate chip|margarine|non dairy creamer|tiramisu|ganache|ranch',
  eggs: 'egg|egg white|egg yolk|whole egg|egg powder|dried egg|free range egg|hen egg|quail egg|duck egg|ovalbumin|albumen|egg albumin|lysozyme|meringue|egg noodle|egg pasta|egg wash|omelette|frittata|ovomucoid|livetin|egg lecithin',
  'eggs perhaps': 'albumin|marshmallow|sponge cake|brioche',
  'raw egg': 'raw egg|zabaglione|sabayon|mousse|tiramisu',
  mayonnaise:
    'mayonnaise|mayo|aioli|remoulade|tartar sauce|tartare sauce|hollandaise|bearnaise|rouille|coleslaw',
  caesar: 'caesar dressing|caesar sauce',
  custard: 'custard|creme patissiere|pastry cream|lemon curd',
  wheat:
    'wheat|wheat flour|wheatflour|wholewheat|wheat germ|wheatgerm|wheat bran|wheat starch|wheat gluten|wheat protein|wheat semolina|durum|durum wheat|semolina|couscous|bulgur|bulgar|bulghur|freekeh|seitan|einkorn|emmer|triticale|farina|graham flour|atta|matzo|matzah|panko|udon|orzo pasta',
  'of cereal':
    'flour|plain flour|bread flour|self raising flour|white flour|wholemeal flour|wholemeal|breadcrumb|bread crumb|bread|sourdough|baguette|ciabatta|focaccia|rusk|crouton|biscuit|cookie|cracker|water biscuit|crispbread|wafer|pretzel|pasta|noodle|spaghetti|pastry|puff pastry|shortcrust|filo|phyllo|pie crust|batter|breaded|tortilla|pitta|pita|naan|cake|muffin|doughnut|donut|croissant|crumpet|bagel|breadstick|grissini|crostini|gingerbread|tempura|roux',
  'cereal perhaps':
    'cereal|bran|brewer s yeast|brewers yeast|yeast extract|hydrolysed cereal protein|licorice|liquorice|malt flavouring',
  gluten: 'gluten',
  spelt: 'spelt|spelt flour|dinkel|farro',
  kamut: 'kamut|khorasan|khorasan wheat',
  rye: 'rye|rye flour|rye bread|pumpernickel|rye malt',
  barley:
    'barley|pearl barley|barley flour|malt|malted barley|barley malt|malt extract|malt syrup|malt vinegar|malt flour',
  oats: 'oat|oats|oatmeal|oat flour|oat bran|oat milk|oat drink|oat cream|oat fibre|rolled oat|porridge|oatcake|flapjack',
  muesli: 'muesli|granola',
  beer: 'beer|ale|stout|lager|porter beer|pilsner|wheat beer|brown ale|pale ale|beer vinegar|bitter ale',
  crustaceans:
    'crustacean|shrimp|prawn|crab|lobster|crayfish|crawfish|langoustine|scampi|krill|king prawn|shrimp paste|barnacle',
  fish: 'butterfish|fish|anchovy|anchovies|salmon|trout|tuna|cod|haddock|mackerel|herring|sardine|pilchard|sprat|eel|sturgeon|caviar|roe|fish roe|cod liver oil|fish oil|pollock|hake|halibut|plaice|sea bass|sea bream|monkfish|swordfish|tilapia|whitebait|bottarga|taramasalata|isinglass|bonito|dashi|perch|pike|carp|turbot|skate|whiting|snapper|fish paste|fish stock|bouillabaisse|gravadlax|gravlax|kipper|puttanesca',
  'smoked fish':
    'smoked salmon|smoked trout|smoked fish|smoked mackerel|smoked eel|lox|ceviche|sashimi|sushi',
  surimi: 'surimi|crab stick|seafood stick',
  'fish sauce': 'fish sauce|nam pla|garum|colatura|oyster and fish sauce',
  worcester: 'worcestershire sauce|worcester sauce|worcestershire|worcester',
  peanuts:
    'peanut|peanut butter|peanut oil|peanut flour|groundnut|groundnut oil|ground nut|monkey nut|arachis|arachis oil|earth nut|earthnut|beer nut',
  satay: 'satay|satay sauce',
  soybeans:
    'soy|soya|soybean|soya bean|soy bean|soybean oil|soya oil|soy flour|soya flour|soy milk|soya milk|soya drink|soy lecithin|soya lecithin|soy protein|soya protein|tofu|tempeh|edamame|natto|tamari|bean curd|okara|yuba',
  'soy sauce': 'soy sauce|soya sauce|shoyu|teriyaki|teriyaki sauce|hoisin|hoisin sauce',
  miso: 'miso|miso paste|black bean sauce|gochujang|doenjang',
  lecithin: 'lecithin|lecithins',
  'vegetable protein':
    'vegetable protein|hydrolysed vegetable protein|hydrolyzed vegetable protein|textured vegetable protein|plant protein|tvp|hvp',
  almond:
    'almond|almond flour|almond meal|almond milk|almond drink|almond butter|almond oil|ground almond|marzipan|frangipane|amaretti|amaretti biscuit|orgeat|almond paste|bakewell',
  nougat: 'nougat|turron|torrone|macaroon|macaron|florentine',
  hazelnut: 'hazelnut|hazel nut|hazelnut oil|filbert|cobnut|cob nut|hazelnut paste|hazelnut spread',
  gianduja: 'gianduja|gianduia|chocolate hazelnut spread|hazelnut chocolate spread',
  praline: 'praline|pralines|krokant|brittle',
  walnut: 'walnut|walnut oil|walnut half|walnut halves|candied walnut',
  cashew: 'cashew|cashew nut|cashew butter|cashew milk|cashewnut|korma',
  pecan: 'pecan|pecan nut',
  'brazil nut': 'brazil nut|brazilnut|brazil',
  pistachio: 'pistachio|pistachio nut|pistachio kernel|pistachios|baklava',
  macadamia: 'macadamia|macadamia nut|queensland nut',
  nuts: 'nut|nuts|tree nut|treenut|nut butter|nut oil|nut paste|mixed nut|nut mix|nut flour|trail mix|nut flake|roasted nut|candied nut',
  pesto: 'pesto|pesto alla genovese|basil pesto',
  celery: 'celery|celeriac|celery salt|celery seed|celery root|celery powder|waldorf',
  stock:
    'stock cube|bouillon|stock powder|vegetable stock|gravy|gravy granule|vegetable bouillon|seasoning mix',
  mustard:
    'mustard|mustard seed|mustard flour|mustard powder|mustard oil|dijon|dijon mustard|mustard leaf|mustard greens|piccalilli|mostarda|mustard fruit|honey mustard|wholegrain mustard',
  curry: 'curry|curry powder|curry paste|garam masala|masala',
  sesame:
    'sesame|sesame seed|sesame oil|tahini|tahina|tahin|halva|halvah|gomasio|hummus|houmous|hoummous|zaatar|za atar|benne seed|gingelly|sesame paste',
  dukkah: 'dukkah|duqqa|dukka',
  sulphites:
    'sulphite|sulfite|sulphur dioxide|sulfur dioxide|sulphured|sulfured|metabisulphite|metabisulfite|sodium metabisulphite|sodium metabisulfite|potassium metabisulphite|potassium metabisulfite|bisulphite|bisulfite|sodium sulphite|sodium sulfite|so2|sulphiting agent',
  lupin: 'lupin|lupine|lupin flour|lupin bean|lupin seed|lupini',
  molluscs:
    'mollusc|mollusk|mussel|oyster|squid|calamari|octopus|cuttlefish|scallop|clam|cockle|whelk|winkle|abalone|snail|escargot|squid ink|cuttlefish ink|sea snail|limpet|periwinkle',
  'oyster sauce': 'oyster sauce',
  seafood: 'seafood|shellfish|fruits de mer|paella',
  wine: 'wine|red wine|white wine|sparkling wine|rose wine|cooking wine|port|port wine|sherry|madeira|marsala|vermouth|champagne|prosecco|cava|grape must wine|mulled wine|burgundy wine|rice wine|sake|mirin|vin santo|perry|cider|hard cider|sauternes|wine lees',
  spirit:
    'brandy|cognac|armagnac|calvados|grappa|marc|rum|whisky|whiskey|bourbon|scotch|vodka|gin|tequila|mezcal|kirsch|schnapps|aquavit|akvavit|absinthe|pastis|ouzo|raki|pisco|cachaca|spirit|spirits|grape spirit|eau de vie|applejack|moonshine|slivovitz|poitin|bitters',
  liqueur: 'liqueur|limoncello|curacao|triple sec|sloe gin|cassis liqueur|creme de cassis|sambuca|campari',
  'nut liqueur': 'amaretto|nocino|frangelico|walnut liqueur',
  'egg liqueur': 'advocaat|eggnog|egg nog',
  'cream liqueur': 'cream liqueur|irish cream',
  alcohol: 'alcohol|ethanol|ethyl alcohol|mead|liquor',
  pork: 'pork|pork meat|pig|pig s|piglet|suckling pig|bacon|ham|gammon|pancetta|guanciale|prosciutto|parma ham|serrano|serrano ham|iberico|speck|lardon|crackling|pork rind|pork skin|pork belly|pork liver|pork blood|chorizo|nduja|n duja|mortadella|coppa|capocollo|soppressata|salumi|saucisson|bratwurst|trotter|hock|chitterling|spare rib|pulled pork|pork scratching|culatello|lonza|lomo|sobrasada|pork casing|hog casing|pork gelatine|pork gelatin|porcine|porcine gelatine|jamon|cotechino|andouille|kielbasa|chipolata',
  'pork perhaps':
    'salami|salame|pepperoni|sausage|sausage meat|hot dog|frankfurter|wiener|pate|terrine|rillettes|turkey ham|beef ham|luncheon meat|liver|casing|charcuterie|meatball|haggis|boudin',
  'pork fat':
    'lard|pork fat|pork lard|leaf lard|back fat|backfat|pork dripping|lardo|fatback|strutto|bacon fat|bacon dripping|ham fat',
  'blood sausage': 'black pudding|blood sausage|blood pudding|morcilla|boudin noir',
  beef: 'beef|veal|calf|oxtail|ox tongue|corned beef|pastrami|bresaola|biltong|jerky|steak|brisket|beef casing|bone marrow|tripe',
  'beef fat': 'tallow|suet|beef fat|beef dripping|dripping|beef tallow',
  lamb: 'lamb|mutton|hogget|goat meat|kid goat|lamb casing|sheep casing',
  poultry:
    'chicken|turkey|duck|goose|quail|guinea fowl|pigeon|foie gras|chicken stock|chicken liver|chicken broth|duck liver|duck breast|poultry|hen meat|capon',
  'poultry fat': 'duck fat|goose fat|chicken fat|schmaltz',
  game: 'venison|deer|hare|rabbit|pheasant|partridge|grouse|game|reindeer|elk|kangaroo|ostrich|horse meat|horsemeat|bison',
  boar: 'boar|wild boar',
  meat: 'meat|meat extract|meat broth|bone broth|demi glace|offal|kidney|tongue meat|bolognese',
  'animal fat': 'animal fat|animal shortening|cooking fat of animal origin',
  'fat perhaps':
    'shortening|mono and diglycerides|monoglyceride|diglyceride|stearic acid|magnesium stearate|glycerol monostearate|lipase|pepsin|glycerine|natural flavouring of animal origin',
  gelatine: 'wine gum|gelatine|gelatin|gelatine powder|aspic|marshmallow|gummy|gummies|wine gums',
  'beef gelatine': 'beef gelatine|beef gelatin|bovine gelatine|bovine gelatin|halal gelatine|halal gelatin',
  'fish gelatine': 'fish gelatine|fish gelatin',
  'animal rennet':
    'animal rennet|calf rennet|calves rennet|lamb rennet|kid rennet|goat rennet|bovine rennet|traditional rennet|calf s rennet|rennet paste|veal rennet',
  blood: 'blood|pig blood|beef blood|blood plasma|plasma powder|haemoglobin|hemoglobin',
  honey: 'honey|honeycomb|royal jelly|propolis|creamed honey|honey powder|acacia honey|heather honey',
  insect: 'carmine|cochineal|shellac|confectioner s glaze|beeswax|insect|cricket flour|mealworm',
  fermented: 'sauerkraut|kimchi|fermented cabbage|fermented vegetable|yeast extract|marmite|kombucha',
  sprouts:
    'sprout|sprouted seed|beansprout|bean sprout|alfalfa sprout|alfalfa|mung bean sprout|radish sprout|cress sprout',
};
