import type { Words } from '../concepts.js';

/** German: whole words and phrases. */
export const DE: Words = {
  nothing:
    'weinsaure|lab austauschstoff|mikrobielles lab|vegetarisches lab|pflanzliches lab|pflanzliche gelatine|pflanzliches fett|pflanzliche fette|pflanzenfett|kokosnuss|kokos|kokosmilch|johannisbrotkernmehl|reismehl|maismehl|kichererbsenmehl|buchweizenmehl|kartoffelmehl|kastanienmehl|johannisbrotmehl|guarkernmehl|linsenmehl|erbsenmehl|hirsemehl|kokosmehl|maronen|esskastanie|esskastanien|pinienkern|pinienkerne|muskat|essig|creme de cassis sirup|ochsenherz tomate|reiswaffel|reiswaffeln|reisnudeln|glasnudeln|maiswaffeln|sonnenblumenlecithin|rapslecithin|barlauch',
  'blue cheese': 'blauschimmelkase|edelpilzkase|blauschimmel',
  milk: 'milch|vollmilch|magermilch|rohmilch|kuhmilch|ziegenmilch|schafmilch|schafsmilch|molke|sahne|rahm|obers|schmand|butter|kase|quark|topfen|joghurt|jogurt|yoghurt|kefir|lactose|laktose|casein|kasein|caseinat|bechamel|creme fraiche|saure sahne|milchzucker|milcheiweiss|milcheiweisse|skyr|weisse schokolade|eiscreme|vanillesosse',
  'milk perhaps': 'schokolade|karamell|margarine|nougatcreme|zartbitterschokolade|kuverture',
  eggs: 'ei|eier|eigelb|eiweisspulver|huhnerei|huhnereier|huhnereiweiss|vollei|eiklar|eipulver|eierteigwaren|eiernudeln|lysozym|baiser|trockeneigelb|trockeneiweiss|volleipulver',
  'eggs perhaps': 'eiweiss|albumin',
  'raw egg': 'rohes ei|rohe eier|mousse au chocolat|tiramisu|zabaione',
  mayonnaise: 'mayonnaise|majonase|remoulade|aioli|sauce hollandaise|sauce bearnaise|salatmayonnaise',
  custard: 'pudding|vanillecreme|konditorcreme',
  wheat:
    'weizen|hartweizen|weizenmehl|weizenstarke|weizengluten|weizeneiweiss|weizenkleber|griess|hartweizengriess|weizengriess|couscous|bulgur|seitan|einkorn|emmer|weizenkleie|weizenkeime|weizenmalz',
  'of cereal':
    'mehl|vollkornmehl|paniermehl|semmelbrosel|brot|brotchen|semmel|toast|zwieback|knackebrot|keks|kekse|cracker|waffel|waffeln|nudeln|teigwaren|spatzle|blatterteig|murbeteig|hefeteig|biskuit|kuchen|lebkuchen|spekulatius|laugengeback|brezel|brezeln|brosel|croutons|panade|mehlschwitze|knodel|gebackstangen|salzstangen|backwaren|weissbrot|teig',
  'cereal perhaps': 'getreide|kleie|bierhefe|hefeextrakt|lakritz|lakritze|speisewurze',
  gluten: 'gluten|klebereiweiss',
  spelt: 'dinkel|dinkelmehl|grunkern|dinkelvollkornmehl',
  kamut: 'kamut|khorasan weizen',
  rye: 'roggen|roggenmehl|roggenbrot|pumpernickel|roggensauerteig',
  barley:
    'gerste|gerstenmalz|gerstenmehl|graupen|malz|malzextrakt|gerstenmalzextrakt|malzmehl|rollgerste|malzessig',
  oats: 'hafer|haferflocken|hafermehl|haferkleie|hafermilch|haferdrink',
  muesli: 'musli|granola',
  beer: 'bier|weissbier|weizenbier|schwarzbier|dunkelbier|starkbier|pils',
  crustaceans:
    'krebstier|krebstiere|krustentier|krustentiere|garnele|garnelen|krabbe|krabben|hummer|krebs|flusskrebs|flusskrebse|languste|langusten|shrimps|scampi|krill|kaisergranat',
  fish: 'fisch|fische|sardelle|sardellen|anchovis|anchovi|sardellenpaste|lachs|forelle|forellen|thunfisch|kabeljau|dorsch|makrele|makrelen|hering|heringe|matjes|aal|stor|kaviar|rogen|sardine|sardinen|sprotte|sprotten|seelachs|heilbutt|scholle|zander|karpfen|saibling|stockfisch|fischol|lodde|wels|renke|barsch',
  'smoked fish':
    'raucherlachs|raucherfisch|raucherforelle|geraucherter lachs|geraucherte forelle|raucheraal|graved lachs|bucklinge|buckling|sushi',
  surimi: 'surimi',
  'fish sauce': 'fischsauce|fischsosse|garum',
  worcester: 'worcestersauce|worcestershiresauce|worcester sauce|worcestersosse',
  peanuts: 'erdnuss|erdnusse|erdnussbutter|erdnussol|erdnussmus|erdnusskerne',
  soybeans:
    'soja|sojabohne|sojabohnen|sojalecithin|sojamilch|sojadrink|sojaol|sojaeiweiss|sojamehl|tofu|tempeh',
  'soy sauce': 'sojasauce|sojasosse|teriyaki',
  miso: 'miso',
  lecithin: 'lecithin|lecithine|lezithin',
  'vegetable protein':
    'pflanzeneiweiss|pflanzliches eiweiss|pflanzliches protein|hydrolysiertes pflanzeneiweiss',
  almond:
    'mandel|mandeln|marzipan|marzipanrohmasse|mandelmehl|mandelmus|mandelmilch|mandeldrink|amaretti|bittermandel|bittermandeln|makronen',
  nougat: 'turron|torrone|turkischer honig|weisser nougat|bethmannchen',
  hazelnut:
    'haselnuss|haselnusse|haselnusskerne|haselnussmark|haselnussmus|nougat|nussnougat|nuss nougat creme|nugat',
  gianduja: 'gianduja',
  praline: 'praline|pralinen|krokant|nusskrokant',
  walnut: 'walnuss|walnusse|walnusskerne|walnussol|baumnuss|baumnusse',
  cashew: 'cashew|cashews|cashewkern|cashewkerne|cashewnuss|cashewnusse|cashewmus|cashewmilch',
  pecan: 'pekannuss|pekannusse|pecannuss|pecannusse|pekan',
  'brazil nut': 'paranuss|paranusse',
  pistachio: 'pistazie|pistazien|pistazienkerne|pistazienmark',
  macadamia: 'macadamia|macadamianuss|macadamianusse|macadamias',
  nuts: 'nuss|nusse|schalenfruchte|schalenfrucht|nusskerne|nussmischung|nussmix|studentenfutter|nussol|nussmus',
  pesto: 'pesto',
  celery: 'sellerie|knollensellerie|staudensellerie|selleriesalz|selleriesaat|selleriesamen|selleriepulver',
  stock: 'bruhe|gemusebruhe|bruhwurfel|suppenwurze|gekornte bruhe|wurze',
  mustard:
    'senf|senfkorner|senfsaat|senfmehl|senfpulver|dijonsenf|senfsamen|mostrich|senfol|senffruchte|senfsauce',
  curry: 'curry|currypulver|currypaste',
  sesame: 'sesam|sesamsaat|sesamol|sesamkorner|sesampaste|sesammus|tahin|tahini|hummus|halva|gomasio|zatar',
  sulphites:
    'sulfit|sulfite|schwefeldioxid|schwefelig|schweflige saure|geschwefelt|metabisulfit|natriummetabisulfit|kaliummetabisulfit|natriumdisulfit|disulfit|hydrogensulfit|natriumsulfit',
  lupin: 'lupine|lupinen|lupinenmehl|susslupine|susslupinen|lupineneiweiss|lupinensamen',
  molluscs:
    'weichtier|weichtiere|muschel|muscheln|miesmuschel|miesmuscheln|auster|austern|tintenfisch|tintenfische|kalmar|kalmare|oktopus|krake|sepia|schnecke|schnecken|jakobsmuschel|jakobsmuscheln|venusmuschel|venusmuscheln|weinbergschnecken|sepiatinte',
  'oyster sauce': 'austernsauce|austernsosse',
  seafood: 'meeresfruchte|meeresfruchten',
  wine: 'wein|rotwein|weisswein|portwein|sherry|marsala|wermut|sekt|champagner|apfelwein|most|gluhwein|dessertwein|schaumwein|trester|weinhefe|cidre',
  spirit:
    'schnaps|weinbrand|obstler|kirschwasser|kirsch|rum|whisky|whiskey|cognac|wodka|gin|grappa|korn schnaps|obstbrand|tresterbrand|edelbrand|birnenbrand|zwetschgenwasser|absinth|spirituosen|calvados|marc|slibowitz|enzianschnaps',
  liqueur: 'likor|orangenlikor|krauterlikor|kirschlikor|kaffeelikor',
  'nut liqueur': 'amaretto|nusslikor|haselnusslikor|walnusslikor',
  'egg liqueur': 'eierlikor',
  alcohol: 'alkohol|ethanol|ethylalkohol|met|honigwein',
  pork: 'schwein|schweinefleisch|schweineleber|schweinebauch|schweinskopf|speck|bauchspeck|ruckenspeck|schinken|kochschinken|rohschinken|lachsschinken|schwarzwalder schinken|parmaschinken|serranoschinken|mortadella|leberkase|kasseler|eisbein|bratwurst|rostbratwurst|mettwurst|zwiebelmettwurst|mett|hackepeter|landjager|pancetta|guanciale|coppa|chorizo|schweinedarm|schweinegelatine|schwarte|schwarten|spanferkel|bacon|bauchfleisch|wammerl|sulze|presssack|schinkenwurst|bierschinken|jagdwurst|fleischwurst|lyoner|krakauer|kabanos|cabanossi|iberico|schweinehack|schweinemett|schaufele|haxe',
  'pork perhaps':
    'wurst|salami|leberwurst|pastete|terrine|teewurst|naturdarm|darm|wiener|frankfurter|gelbwurst|weisswurst|bierwurst|cervelat|cervelatwurst|aufschnitt|leber|hackfleisch|frikadelle|bockwurst|knackwurst|putensalami',
  'pork fat':
    'schmalz|schweineschmalz|griebenschmalz|schweinefett|grieben|flomen|lardo|speckwurfel|schweinespeck|griebe',
  'blood sausage': 'blutwurst|schwarzwurst|blunzen|rotwurst|thuringer rotwurst',
  beef: 'rindfleisch|rinder|vom rind|kalb|kalbfleisch|kalbsleber|rinderbruhe|bundnerfleisch|bresaola|rinderdarm|ochse|ochsenschwanz|rinderschinken|rindersalami|tafelspitz|corned beef|pastrami|rinderhack',
  'beef fat': 'talg|rindertalg|rinderfett|rindernierenfett|rindsfett',
  lamb: 'lamm|lammfleisch|hammel|schaffleisch|zicklein|schafsaitling|saitling|ziegenfleisch|lammsalami',
  poultry:
    'huhn|huhner|huhnerfleisch|hahnchen|hahnchenfleisch|pute|puten|putenfleisch|putenbrust|truthahn|ente|entenleber|gans|gansebrust|gansestopfleber|entenbrust|wachtel|geflugel|geflugelfleisch|geflugelleber|huhnerbruhe|entenfleisch|gansefleisch|putenschinken|poulet|truthahnschinken',
  'poultry fat': 'ganseschmalz|gansefett|entenschmalz|entenfett|huhnerfett',
  game: 'hirsch|hirschfleisch|reh|rehfleisch|hase|kaninchen|fasan|wild|wildfleisch|rebhuhn|pferd|pferdefleisch|rentier|strauss|wildsalami|gams|hirschsalami|wildbret',
  boar: 'wildschwein|wildschweinfleisch|wildschweinsalami',
  meat: 'fleisch|fleischextrakt|innereien|fleischbruhe|bratenfond|knochenbruhe|fleischeinlage',
  'animal fat': 'tierisches fett|tierische fette|tierfett|tierfette',
  'fat perhaps':
    'mono und diglyceride von speisefettsauren|mono und diglyceride|magnesiumstearat|stearinsaure|speisefettsauren',
  gelatine:
    'gelatine|speisegelatine|blattgelatine|gelatinepulver|aspik|gummibarchen|fruchtgummi|marshmallows|fleischgelee',
  'beef gelatine': 'rindergelatine|rindsgelatine|gelatine vom rind',
  'fish gelatine': 'fischgelatine|hausenblase',
  'animal rennet':
    'lab|tierisches lab|kalberlab|naturlab|labferment|lammlab|zickleinlab|kalbslab|labextrakt|labpulver|naturliches lab|tierlab',
  blood: 'blut|schweineblut|rinderblut|blutplasma',
  honey:
    'honig|bienenhonig|akazienhonig|waldhonig|blutenhonig|honigwabe|wabenhonig|gelee royale|propolis|lebkuchen|honigkuchen|kastanienhonig|honigwein|met',
  insect: 'karmin|cochenille|echtes karmin|schellack|bienenwachs|insekten|grillenmehl|mehlwurmer',
  fermented: 'sauerkraut|kimchi|fermentiertes gemuse|fermentierter kohl|milchsaures gemuse',
  sprouts: 'sprossen|sojasprossen|keimsprossen|alfalfasprossen|mungbohnensprossen|keimlinge',
};

/**
 * Parts of German words, which are put together as one likes: at the beginning or the end of a word, or inside where it is long. The longer is
 * found first, and what it covers is not looked at again: no wine in schwein.
 */
export const DE_PARTS: Words = {
  nothing:
    'kokosmilch|kokosnuss|kokosfett|reismilch|hanfmilch|kakaobutter|kokosbutter|sheabutter|apfelbutter|muskatnuss|muskatblute|betelnuss|kolanuss|erdmandel|buchweizen|johannisbrot|fruchtfleisch|fleischtomate|kokosfleisch|milchsaure|milchsaurekultur|milchsaurebakterien|honigmelone|honigtau|blutorange|weintraube|weinbeere|weinblatt|weinblatter|weinsaure|weinstein|weinstock|weinessig|branntweinessig|obstessig|apfelessig|sherryessig|austernpilz|austernseitling|reismehl|maismehl|kichererbsenmehl|kartoffelmehl|kastanienmehl|guarkernmehl|guarmehl|linsenmehl|erbsenmehl|hirsemehl|teffmehl|tapiokamehl|quinoamehl|maniokmehl|kokosmehl|maisbrot|reisbrot|feigenbrot|milchner|butterbohne|butternut|buttercup|butterpilz|buttersalat|butterblume|bierrettich|maltodextrin|malzzucker|lammsalat|vogelbeere|ochsenzunge pflanze|fischmelde|wildkrauter|wildkraut|wildblumen|wildbeeren|wildreis|sesamstrasse|senfkohl|rucola|pferdebohne|pferdekummel|gansebluhmchen|ganseblumchen|ganseblume|kuhschelle|blutampfer|honigkraut|speckig|kaseglocke|kaseleinen|kasepapier|reisessig|rindenwasche|rinde|mandarine|bierdeckel|pflanzenfett|pflanzenol|pflanzenlab',
  milk: 'milch|molke|sahne|rahm|butter|kase|quark|topfen|joghurt|jogurt|schmand|laktose|lactose|kasein|casein|butterschmalz|butterreinfett|mozzarella|gouda|emmentaler|parmesan|ziegenkase',
  eggs: 'vollei|huhnerei|eigelb|eiklar|eierteig|eiernudel|trockenei|eipulver|mayonnaise',
  wheat: 'weizen|hartweizen|griess',
  'of cereal':
    'semmelbrosel|paniermehl|vollkornmehl|vollkornbrot|weissbrot|bauernbrot|brotchen|zwieback|knackebrot|brosel|bisquit|keksbrosel|keks|kekse|waffel|nudel|nudeln|kuchen|torte|brot|teig|blatterteig|brotkrume|brotwurfel|mehlteig',
  gluten: 'gluten',
  spelt: 'dinkel|grunkern',
  rye: 'roggen',
  barley: 'gerste|gersten|malz',
  oats: 'hafer',
  beer: 'bier|starkbier',
  crustaceans: 'garnele|krabben|hummer|flusskrebs|krustentier|languste',
  fish: 'fisch|lachs|forelle|sardelle|thunfisch|hering|makrele|sardine|kabeljau|seelachs|heilbutt|kaviar|anchovis|matjes',
  'smoked fish': 'raucherlachs|raucherfisch|raucherforelle|raucheraal',
  'fish gelatine': 'fischgelatine',
  molluscs: 'tintenfisch|muschel|weichtier|austern|schnecken',
  peanuts: 'erdnuss|erdnusse',
  soybeans: 'soja|sojabohne|sojalecithin',
  almond: 'mandel|marzipan',
  hazelnut: 'haselnuss|haselnusse|nougat|nussnougat',
  walnut: 'walnuss|walnusse|baumnuss|baumnusse',
  cashew: 'cashew',
  pecan: 'pekannuss|pecannuss|pekannusse|pecannusse',
  'brazil nut': 'paranuss|paranusse',
  pistachio: 'pistazie',
  macadamia: 'macadamia',
  nuts: 'nuss|nusse|schalenfrucht',
  celery: 'sellerie',
  mustard: 'senf',
  sesame: 'sesam',
  sulphites: 'schwefeldioxid|sulfit',
  lupin: 'lupine',
  wine: 'wein|portwein|sekt',
  spirit: 'schnaps|brand|weinbrand|kirschwasser|branntwein',
  liqueur: 'likor',
  'egg liqueur': 'eierlikor',
  alcohol: 'alkohol',
  pork: 'schwein|schweine|schinken|speck|lachsschinken|bierschinken|mortadella|leberkase|bratwurst|mettwurst|schwarte|schweinelachs|nussschinken',
  'pork perhaps': 'wurst|salami|putenschinken|rinderschinken|truthahnschinken|leberpastete',
  'pork fat': 'schmalz|griebe|schweineschmalz',
  'poultry fat': 'ganseschmalz|entenschmalz|gansefett|entenfett',
  'blood sausage': 'blutwurst|rotwurst',
  beef: 'rindfleisch|rinder|kalb|kalbs|ochsen',
  'beef fat': 'rindertalg|talg',
  lamb: 'lammfleisch|lamm|hammel',
  poultry: 'huhner|hahnchen|puten|enten|ganse|geflugel|truthahn|wachtel',
  game: 'hirsch|kaninchen|pferdefleisch|wildfleisch|rehfleisch',
  boar: 'wildschwein',
  meat: 'fleisch',
  gelatine: 'gelatine',
  'beef gelatine': 'rindergelatine|rindsgelatine',
  'animal rennet': 'kalberlab|naturlab|kalbslab|lammlab',
  blood: 'blut',
  honey: 'honig',
  fermented: 'sauerkraut',
  sprouts: 'sprossen',
};
