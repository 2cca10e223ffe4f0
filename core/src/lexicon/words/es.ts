import type { Words } from '../concepts.js';

/** Spanish. */
export const ES: Words = {
  nothing: [
    'leche de coco|leche de arroz|crema de coco|crema de arroz|crema de cacao|crema de vinagre balsamico|crema de castanas|crema de membrillo|manteca de cacao|manteca de karite|mantequilla de cacao|mantequilla de coco|mantequilla de manzana|cremor tartaro|nata de coco|acido lactico|fermentos lacticos|fermento lactico|bacterias lacticas|lactato de calcio|lactato de sodio',
    'nuez moscada|coco|pinon|pinones|castana|castanas|nuez de cola|chufa|chufas',
    'vinagre|vinagre de vino|vinagre de vino tinto|vinagre de vino blanco|vinagre de jerez|vinagre de sidra|vinagre de manzana|vinagre balsamico|vinagre de alcohol|vinagre de modena|hoja de parra|hojas de parra|acido tartarico|uva de vino|mosto de uva|mosto',
    'harina de arroz|harina de maiz|harina de garbanzo|harina de garbanzos|harina de trigo sarraceno|trigo sarraceno|alforfon|harina de sarraceno|harina de castana|harina de coco|harina de yuca|harina de tapioca|harina de quinoa|harina de mijo|harina de teff|harina de lentejas|harina de guisante|harina de guisantes|harina de algarroba|goma garrofin|almidon de maiz|fecula de patata|tortitas de maiz|tortitas de arroz|tortilla de maiz|fideos de arroz|pasta de arroz|pan de arroz|pan de higo|pasta de cacao|pasta de aceitunas|pasta de tomate|maltodextrina|pan de maiz',
    'naranja sanguina|naranjas sanguinas|tomate corazon de buey|seta de ostra|setas de ostra|melon miel|madreselva|cuajo vegetal|cuajo microbiano|coagulante vegetal|coagulante microbiano|flor de cardo|cardo|gelatina vegetal|grasa vegetal|grasas vegetales|grasa de coco|lecitina de girasol|lecitina de colza|ajo de oso|cerveza de jengibre|cerveza de raiz|manteca vegetal|huevas vegetales',
  ].join('|'),
  'blue cheese': 'queso azul|cabrales',
  milk: 'leche|leche entera|leche desnatada|leche semidesnatada|leche cruda|leche de vaca|leche de cabra|leche de oveja|leche de bufala|leche en polvo|leche condensada|leche evaporada|suero de leche|suero lacteo|lactosuero|suero|lactosa|nata|nata liquida|nata agria|crema de leche|crema agria|mantequilla|mantequilla anhidra|mazada|caseina|caseinato|caseinatos|caseinato sodico|caseinato de calcio|proteina de leche|proteinas de leche|proteina lactea|proteinas lacteas|grasa lactea|solidos lacteos|lacteo|lacteos|lactea|lacteas|queso|quesos|queso fresco|queso de cabra|queso de oveja|queso crema|yogur|requeson|cuajada|dulce de leche|bechamel|besamel|chocolate con leche|chocolate blanco|natillas|helado|manchego|idiazabal|mato|cuajada de leche|mozzarella|parmesano',
  'milk perhaps': 'chocolate|caramelo|margarina|toffee',
  eggs: 'tocino de cielo|huevo|huevos|huevo entero|clara de huevo|claras de huevo|yema de huevo|yema|yemas|clara|claras|huevo en polvo|ovoproducto|ovoproductos|ovoalbumina|albumina de huevo|lisozima|merengue|tortilla de patatas|tortilla espanola|tocino de cielo con huevo',
  'eggs perhaps': 'albumina|rebozado',
  'raw egg': 'huevo crudo|huevos crudos',
  mayonnaise: 'mayonesa|mahonesa|alioli|ali oli|salsa tartara|salsa rosa|ensaladilla',
  custard: 'crema pastelera|flan|crema catalana',
  wheat:
    'trigo|harina de trigo|trigo duro|trigo blando|semola|semola de trigo|semola de trigo duro|almidon de trigo|gluten de trigo|proteina de trigo|proteinas de trigo|germen de trigo|salvado de trigo|cuscus|bulgur|seitan|trigo candeal',
  'of cereal':
    'harina|harinas|harina integral|pan|pan rallado|pan de molde|pan tostado|panes|migas|picatostes|picos|regana|reganas|colines|galleta|galletas|biscote|biscotes|rosquilla|rosquillas|rosquilletas|hojaldre|masa quebrada|masa de pan|empanada|empanadilla|bizcocho|magdalena|barquillo|oblea|torta de aceite|pasta alimenticia|fideos|espaguetis|macarrones|croquetas|tostadas|croissant|churros|churro|crackers',
  'cereal perhaps': 'cereal|cereales|salvado|levadura de cerveza|extracto de levadura|regaliz',
  gluten: 'gluten',
  spelt: 'espelta|harina de espelta',
  kamut: 'kamut|khorasan',
  rye: 'centeno|harina de centeno|pan de centeno',
  barley:
    'cebada|cebada perlada|harina de cebada|malta|malta de cebada|cebada malteada|extracto de malta|harina de malta|jarabe de malta',
  oats: 'avena|copos de avena|harina de avena|salvado de avena|leche de avena|bebida de avena',
  muesli: 'muesli|granola',
  beer: 'cerveza|cerveza negra|cerveza rubia',
  crustaceans:
    'crustaceo|crustaceos|gamba|gambas|gambon|langostino|langostinos|camaron|camarones|cangrejo|cangrejos|bogavante|langosta|cigala|cigalas|buey de mar|necora|percebe|percebes|krill|quisquilla|centollo',
  fish: 'pescado|pescados|anchoa|anchoas|boqueron|boquerones|pasta de anchoas|salmon|trucha|atun|bonito|bonito del norte|bacalao|caballa|arenque|sardina|sardinas|anguila|esturion|caviar|huevas|huevas de pescado|merluza|lubina|dorada|rape|pez espada|mojama|ventresca|melva|aceite de pescado|pescadilla|lenguado|jurel|aceitunas rellenas de anchoa',
  'smoked fish': 'salmon ahumado|trucha ahumada|pescado ahumado|bacalao ahumado|anchoas ahumadas|ceviche',
  surimi: 'surimi|palitos de cangrejo|gulas',
  'fish sauce': 'salsa de pescado|garum',
  worcester: 'salsa inglesa|salsa worcestershire',
  peanuts:
    'cacahuete|cacahuetes|cacahuate|cacahuates|mani|manies|aceite de cacahuete|mantequilla de cacahuete|mantequilla de mani|crema de cacahuete|harina de cacahuete',
  soybeans:
    'soja|soya|habas de soja|leche de soja|bebida de soja|lecitina de soja|proteina de soja|proteinas de soja|harina de soja|aceite de soja|tofu|tempeh',
  'soy sauce': 'salsa de soja|salsa soja|salsa teriyaki',
  miso: 'miso',
  lecithin: 'lecitina|lecitinas',
  'vegetable protein': 'proteina vegetal|proteinas vegetales|proteina vegetal hidrolizada',
  almond:
    'almendra|almendras|harina de almendra|harina de almendras|pasta de almendra|pasta de almendras|leche de almendra|leche de almendras|bebida de almendra|bebida de almendras|aceite de almendra|mazapan|crema de almendras|crema de almendra|almendra marcona|peladillas|ajo blanco|ajoblanco|romesco|polvoron|polvorones|tarta de santiago|mantequilla de almendra',
  nougat: 'turron|turrones|guirlache|nougat',
  hazelnut:
    'avellana|avellanas|pasta de avellana|pasta de avellanas|crema de avellanas|aceite de avellana|crema de cacao y avellanas',
  gianduja: 'gianduja',
  praline: 'praline|pralines|crocante',
  walnut: 'nuez|nueces|nuez de california|aceite de nuez|aceite de nueces|nueces peladas|nuez pelada',
  cashew: 'anacardo|anacardos|maranon|crema de anacardos',
  pecan: 'nuez pecana|nueces pecanas|nuez pecan|nueces pecan|pecana|pecanas',
  'brazil nut':
    'nuez de brasil|nueces de brasil|nuez del brasil|nueces del brasil|castana de para|castanas de para|coquito de brasil',
  pistachio: 'pistacho|pistachos|crema de pistacho|pasta de pistacho|pistache',
  macadamia: 'nuez de macadamia|nueces de macadamia|macadamia|macadamias',
  nuts: 'fruto seco|frutos secos|frutos de cascara|fruto de cascara|frutos de cascara arborea',
  pesto: 'pesto',
  celery: 'apio|apio nabo|apionabo|sal de apio|semillas de apio|apio en polvo',
  stock: 'caldo|pastilla de caldo|caldo de verduras|cubito de caldo|caldo vegetal',
  mustard:
    'mostaza|semillas de mostaza|grano de mostaza|granos de mostaza|harina de mostaza|mostaza de dijon|mostaza antigua|mostaza en grano|aceite de mostaza',
  curry: 'curry',
  sesame:
    'sesamo|ajonjoli|semillas de sesamo|aceite de sesamo|tahini|tahina|pasta de sesamo|hummus|halva|gomasio',
  sulphites:
    'sulfito|sulfitos|anhidrido sulfuroso|dioxido de azufre|metabisulfito|metabisulfito sodico|metabisulfito de sodio|metabisulfito potasico|bisulfito|sulfito sodico|azufre',
  lupin: 'altramuz|altramuces|harina de altramuz|lupino|lupinos|chochos',
  molluscs:
    'molusco|moluscos|mejillon|mejillones|ostra|ostras|calamar|calamares|chipiron|chipirones|pulpo|sepia|almeja|almejas|berberecho|berberechos|vieira|vieiras|navaja|navajas|caracol|caracoles|tinta de calamar|tinta de sepia|zamburinas',
  'oyster sauce': 'salsa de ostras',
  seafood: 'marisco|mariscos|frutos de mar|paella',
  wine: 'vino|vino tinto|vino blanco|vino rosado|vino dulce|vino fino|jerez|oporto|moscatel|manzanilla vino|vermut|vermu|cava|champan|sidra|pedro ximenez|amontillado|oloroso|marsala|malaga dulce|rioja|lias|vino de jerez|vino de oporto',
  spirit:
    'brandy|cognac|conac|ron|whisky|orujo|aguardiente|ginebra|vodka|tequila|mezcal|anis|anisado|pacharan|pisco|kirsch',
  liqueur: 'licor|licores|licor de hierbas|marrasquino|curacao|licor de naranja',
  'nut liqueur': 'amaretto|licor de avellana|licor de bellota',
  'egg liqueur': 'ponche de huevo|rompope',
  alcohol: 'alcohol|alcohol etilico|etanol|hidromiel',
  pork: 'cerdo|carne de cerdo|magro de cerdo|higado de cerdo|panceta|jamon|jamon serrano|jamon iberico|jamon cocido|jamon york|chorizo|salchichon|sobrasada|lomo embuchado|lomo|cana de lomo|cabeza de lomo|fuet|butifarra|longaniza|lacon|papada|cochinillo|cecina de cerdo|iberico|tripa de cerdo|gelatina de cerdo|corteza de cerdo|cortezas de cerdo|chicharrones|torreznos|paleta iberica|paleta|bacon|beicon|porcino|morcon|mortadela|androlla|botillo|careta|paletilla de cerdo|cerdo iberico|carne de porcino|panceta iberica|chistorra',
  'pork perhaps':
    'salchicha|salchichas|salami|pate|embutido|embutidos|tripa|tripa natural|carne picada|albondigas|sobrasada de ave|hamburguesa|fiambre|higado',
  'pork fat':
    'manteca de cerdo|tocino|grasa de cerdo|manteca iberica|grasa porcina|tocino iberico|lardo|sain|manteca de cerdo iberico|pringue',
  'lard or butter': 'manteca',
  'blood sausage': 'morcilla|morcillas|botifarra negra|butifarra negra',
  beef: 'ternera|carne de ternera|vacuno|carne de vacuno|buey|carne de buey|cecina|cecina de vaca|tripa de vacuno|rabo de toro|vaca carne|carne de res|res|callos',
  'beef fat': 'sebo|grasa de vacuno|grasa de ternera|sebo de vacuno|grasa de buey',
  lamb: 'cordero|carne de cordero|lechazo|cabrito|tripa de cordero|carnero',
  poultry:
    'pollo|carne de pollo|pavo|carne de pavo|pato|oca|ganso|codorniz|foie gras|foie|higado de pato|higado de pollo|caldo de pollo|ave|carne de ave|gallina|jamon de pato|pechuga de pavo|magret',
  'poultry fat': 'grasa de pato|grasa de oca|grasa de pollo',
  game: 'ciervo|venado|corzo|liebre|conejo|faisan|perdiz|caza|carne de caza|caballo|carne de caballo|potro',
  boar: 'jabali|carne de jabali',
  meat: 'carne|carnes|extracto de carne|casqueria|caldo de carne',
  'animal fat': 'grasa animal|grasas animales|manteca animal',
  'fat perhaps':
    'mono y digliceridos de acidos grasos|mono y digliceridos|monogliceridos|estearato de magnesio|acido estearico',
  gelatine: 'gelatina|gelatina alimentaria|gelatina animal|cola de pescado|nubes de azucar|gominolas',
  'beef gelatine': 'gelatina bovina|gelatina de vacuno|gelatina de ternera',
  'fish gelatine': 'gelatina de pescado',
  'animal rennet':
    'cuajo animal|cuajo de cordero|cuajo de ternera|cuajo de cabrito|cuajo natural|cuajo de ternero|cuajo',
  blood: 'sangre|sangre de cerdo|sangre de vacuno|sangre deshidratada',
  honey: 'miel|miel de romero|miel de azahar|miel de flores|miel de brezo|panal|jalea real|propoleo',
  insect: 'carmin|carmines|cochinilla|goma laca|cera de abeja|cera de abejas|harina de grillo|insectos',
  fermented: 'chucrut|kimchi|col fermentada|verduras fermentadas',
  sprouts: 'brotes|brotes de soja|germinados|brotes de alfalfa|semillas germinadas',
};
