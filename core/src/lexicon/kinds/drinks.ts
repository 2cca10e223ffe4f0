/**
 * Drinks by the names that the trade and the law call them, one a line:
 *
 *     names | type abv sugar-g/l acid-g/l tannin bubbles body spice source
 *
 * Sources: `pdo` the registered specification, as far as type goes; `law` a reserved word (Regulation (EU) 2019/33); `use` common practice, no
 * source. The figures are typical of common practice, from memory.
 */
export const DRINKS = `
champagne brut, champagne, champagner | sparkling 12 8 7 0 9 5 0 pdo
crémant, crémant de loire, crémant d alsace, crémant de bourgogne | sparkling 12 8 6.5 0 8 4 0 pdo
prosecco, conegliano valdobbiadene | sparkling 11 12 5.5 0 7 3 0 pdo
cava | sparkling 11.5 8 6 0 8 4 0 pdo
franciacorta, trento, metodo classico, english sparkling, traditional method | sparkling 12.5 6 6.5 0 8 5 0 pdo
asti spumante, asti, moscato d asti, brachetto, clairette de die | sparkling 6.5 100 5.5 0 6 3 0 pdo
lambrusco | sparkling 11 15 6.5 3 6 4 0 pdo
winzersekt, sekt, spumante, mousseux, sparkling wine, schaumwein, perlwein, frizzante, pét nat, espumoso | sparkling 11.5 10 6 0 8 4 0 law
chablis | white 12.5 2 6.5 0 0 4.5 0 pdo
sancerre, pouilly fumé, sauvignon blanc, sauvignon | white 12.5 2 6.8 0 0 4 1 pdo
muscadet, picpoul, picpoul de pinet, vinho verde, txakoli, gros plant | white 11.5 2 6.8 0 1 3 0 pdo
meursault, puligny montrachet, white burgundy, bourgogne blanc, chardonnay, mâcon, pouilly fuissé | white 13 2 5.8 0.5 0 6.5 0 pdo
riesling trocken, riesling, riesling kabinett | white 11.5 8 7.5 0 0 4 0 law
riesling spätlese, spätlese | white 9 55 8 0 0 4.5 0 law
grüner veltliner, veltliner, silvaner, müller thurgau, gutedel, fendant, chasselas, welschriesling | white 12.5 2 5.8 0 0 4 2 law
gewürztraminer, traminer | white 13.5 10 4.8 0 0 6.5 6 law
pinot gris, grauburgunder, pinot grigio, weißburgunder, pinot blanc, pinot bianco | white 12.5 3 5.5 0 0 5 0 law
chenin blanc, vouvray, savennières | white 12.5 6 6.8 0 0 5 0 pdo
vin jaune, savagnin | white 14 2 6 0 0 7 4 pdo
viognier, condrieu, marsanne, roussanne, white rhône, côtes du rhône blanc | white 13.5 3 5 0 0 6.5 1 pdo
soave, gavi, verdicchio, vermentino, fiano, greco di tufo, falanghina, lugana, arneis, pecorino wine, albariño, rueda, verdejo, assyrtiko | white 12.5 2 5.8 0 0 4.5 0 pdo
white wine, weißwein, vin blanc, vino bianco, vino blanco, blanc de blancs | white 12.5 3 6 0 0 4.5 0 use
rosé, rose wine, côtes de provence, provence rosé, rosado, rosato, roséwein, weißherbst, tavel, bandol rosé | rosé 12.5 3 5.5 1 0 4 0 law
beaujolais, gamay, fleurie, morgon, brouilly | red 12.5 2 5.5 3 0 4.5 1 pdo
pinot noir, burgundy, bourgogne rouge, spätburgunder, blauburgunder, red burgundy | red 13 2 5.5 3.5 0 5 2 pdo
barolo, barbaresco, nebbiolo | red 14 2 5.8 8 0 7.5 3 pdo
chianti, chianti classico, sangiovese, brunello, brunello di montalcino, montepulciano | red 13.5 2 5.8 6 0 6.5 2 pdo
barbera, dolcetto, valpolicella, bardolino | red 13 3 6 3.5 0 5.5 1 pdo
amarone, ripasso | red 15 6 5.5 6 0 8.5 3 pdo
rioja reserva, rioja, tempranillo, ribera del duero, crianza | red 13.5 2 5.3 5.5 0 6.5 3 pdo
bordeaux, médoc, cabernet sauvignon, cabernet, merlot, saint émilion, pauillac, margaux, claret | red 13.5 2 5.3 6.5 0 7 2 pdo
côtes du rhône, chateauneuf du pape, grenache, gigondas, garnacha, priorat | red 14.5 2 5 5.5 0 7.5 4 pdo
syrah, shiraz, hermitage, crozes hermitage, cornas | red 14 2 5.3 6.5 0 7.5 6 law
malbec, cahors, madiran, tannat, primitivo, zinfandel, nero d avola | red 14 3 5.3 6.5 0 8 3 use
zweigelt, blaufränkisch, lemberger, dornfelder, trollinger, st laurent, cabernet franc, chinon | red 13 2 5.5 4.5 0 5.5 2 law
red wine, rotwein, vin rouge, vino rosso, vino tinto, tinto | red 13 3 5.3 5 0 6 2 use
sauternes, barsac, monbazillac | sweet 13.5 120 6.5 0 0 8 0 pdo
tokaji aszú, tokaji, tokaj, tokajer | sweet 11 140 8 0 0 8 1 pdo
beerenauslese, trockenbeerenauslese, eiswein, ice wine, auslese | sweet 9 150 8.5 0 0 7 0 law
vin santo, passito, recioto, jurançon, vin de paille, moelleux, late harvest, dessert wine, süßwein, moscatel | sweet 14 120 6 0 0 7.5 1 pdo
muscat de beaumes de venise, muscat de rivesaltes, rivesaltes, banyuls, maury | fortified 15.5 105 4.5 2 0 7.5 1 pdo
tawny port, tawny, white port, madeira, malmsey, marsala, bual | fortified 19.5 105 5.5 2 0 8 3 pdo
ruby port, port, vintage port, lbv, late bottled vintage, portwein, porto | fortified 19.5 100 4.8 5 0 8.5 2 pdo
fino sherry, fino, manzanilla sherry, manzanilla | fortified 15 2 4.5 0 0 4.5 2 pdo
amontillado, oloroso, palo cortado, dry sherry | fortified 18 5 5 0.5 0 6.5 3 pdo
pedro ximénez, cream sherry, px | fortified 17 350 4.5 0 0 9 2 pdo
sherry, jerez, vermouth, wermut, vermut | fortified 16 40 4.8 1 0 6 4 pdo
pineau des charentes, floc de gascogne, ratafia | fortified 17 130 5 0 0 7 1 pdo
dry cider, cidre brut, cider, cidre, sidra, apfelwein, most, apple wine | cider 5 15 5.5 1.5 6 4 0 use
cidre doux, sweet cider | cider 3 50 5 1 6 4 0 use
perry, poiré, birnenmost | cider 4.5 35 5 0.5 6 3.5 0 use
ice cider, cidre de glace | sweet 10 150 9 0 0 7 0 use
pilsner, pils, lager, helles, kölsch | beer 5 3 4.2 0 7 3 0 use
pale ale, ipa, india pale ale, bitter, best bitter | beer 5.5 4 4.2 0 6 4.5 3 use
wheat beer, weißbier, weizenbier, hefeweizen, witbier, wit, blanche | beer 5.3 5 4.5 0 8 4.5 3 use
belgian tripel, tripel, abbey ale, trappist ale, dubbel, quadrupel, belgian strong ale, blonde | beer 8.5 8 4.3 0 7 6.5 4 use
saison, farmhouse ale | beer 6.5 3 4.5 0 8 4 4 use
stout, porter, imperial stout, schwarzbier, dunkelbier, dunkles | beer 6 10 4.5 1 5 7 2 use
barley wine, doppelbock, bock, bockbier, old ale, scotch ale | beer 8.5 20 4.5 0 5 8 3 use
sour beer, lambic, gueuze, geuze, kriek, berliner weisse, gose | beer 5.5 6 8 0.5 8 4 1 use
brown ale, amber ale, märzen, altbier, beer, bier, bière, birra, cerveza, ale | beer 5.2 5 4.3 0 6 5 1 use
apple juice, apfelsaft, jus de pomme, succo di mela, zumo de manzana | no-alcohol 0 105 5.5 0 0 4 0 use
grape juice, traubensaft, jus de raisin, verjus | no-alcohol 0 160 5.5 1 0 5 0 use
juice, saft, jus, succo, zumo, pear juice, birnensaft, nectar, cordial, sirup, shrub, lemonade, limonade, ginger beer, elderflower cordial, kombucha, alcohol free wine, alkoholfreier wein, alkoholfreier sekt, alkoholfreies bier, alcohol free beer, dealcoholised, sparkling tea | no-alcohol 0 60 5 0 3 4 1 use
mineral water, mineralwasser, sparkling water, eau gazeuse, acqua, water, wasser | no-alcohol 0 0 0 0 6 1 0 use
green tea, grüner tee, white tea, weißer tee, sencha, thé vert | tea 0 0 3 3 0 2.5 0 use
black tea, schwarztee, darjeeling, assam, thé noir, earl grey, tee, tea, thé, pu erh, oolong, hojicha | tea 0 0 3 5 0 3.5 1 use
herbal tea, kräutertee, rooibos, tisane, infusion, chamomile | tea 0 0 3 1 0 2.5 1 use
`;
