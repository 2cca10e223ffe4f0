/**
 * Styles of cured and cooked meat and fish by the names that the trade and the law call them, one a line:
 *
 *     names | process build calibre animal age-days shape kg cm slice-mm strength source
 *
 * `cm` is the thickness of the piece; calibre `l`, `m`, `s`. Sources: `pdo` the registered specification, as far as animal and process go;
 * `use` common practice, no source. Ages, sizes and strengths are typical values of common practice throughout, from memory.
 */
export const MEATS = `
prosciutto di parma, parma ham, parmaschinken, jambon de parme, jamón de parma | air-dried whole-muscle l pork 480 piece 7 16 1 5 pdo
prosciutto san daniele, san daniele | air-dried whole-muscle l pork 450 piece 7 16 1 5 pdo
prosciutto toscano, prosciutto di norcia, prosciutto di modena | air-dried whole-muscle l pork 400 piece 7 16 1 5.5 pdo
prosciutto cotto | cooked whole-muscle l pork 0 piece 7 17 1.5 3 use
prosciutto crudo, prosciutto, rohschinken, luftgetrockneter schinken, dry cured ham, air dried ham, jambon cru, jambon sec, raw ham | air-dried whole-muscle l pork 365 piece 6.5 16 1 5 use
culatello di zibello, culatello | air-dried whole-muscle l pork 360 piece 4 14 1 6 pdo
fiocco, fiocchetto | air-dried whole-muscle m pork 210 piece 2 11 1 5 use
jamón ibérico de bellota, jamón ibérico, iberico ham, ibérico, iberischer schinken, pata negra | air-dried whole-muscle l pork 1000 piece 7 14 1 7 pdo
jamón serrano, serrano, serranoschinken, serrano ham, jamón curado, jamón | air-dried whole-muscle l pork 400 piece 7 15 1 5.5 pdo
jamón cocido, jamón york | cooked whole-muscle l pork 0 piece 6 16 1.5 3 use
paleta ibérica, paleta | air-dried whole-muscle m pork 600 piece 4.5 12 1 6.5 use
cecina de león, cecina | air-dried whole-muscle m beef 210 piece 3 11 1 6 pdo
lomo embuchado, caña de lomo, lomo ibérico, lomo | air-dried whole-muscle s pork 120 piece 1 6 1.5 5 use
jambon de bayonne | air-dried whole-muscle l pork 300 piece 7 15 1 5 pdo
jambon blanc, jambon de paris, jambon cuit, kochschinken, cooked ham, boiled ham, honey roast ham, saftschinken, beinschinken | cooked whole-muscle l pork 0 piece 6 16 1.5 3 use
jambon persillé | pate coarse l pork 0 block 2 9 8 4 use
coppa di testa, testa in cassetta, head cheese, presskopf, sülze, fromage de tête | cooked coarse l pork 0 block 2.5 10 2 4 use
coppa piacentina, coppa di parma, capocollo, coppa, capicola, coppa stagionata | air-dried whole-muscle m pork 180 piece 1.8 9 1 5.5 pdo
pancetta arrotolata, pancetta piacentina, pancetta, ventrèche, panceta | air-dried whole-muscle m pork 90 piece 2.5 12 1 5 pdo
pancetta affumicata | cold-smoked whole-muscle m pork 90 piece 2.5 8 1 5.5 use
guanciale | air-dried whole-muscle m pork 90 piece 1.3 7 1.5 5 use
lardo di colonnata, lardo, lard de colonnata | air-dried whole-muscle m pork 180 block 2 5 1 4 pdo
speck alto adige, südtiroler speck, speck, tiroler speck | cold-smoked whole-muscle m pork 150 block 4.5 8 1 5.5 pdo
schwarzwälder schinken, black forest ham, jambon de forêt noire | cold-smoked whole-muscle l pork 90 block 5 9 1 6 pdo
westfälischer schinken, katenschinken, holsteiner katenschinken, knochenschinken, ammerländer schinken, räucherschinken, smoked ham, jambon fumé, jambon des ardennes | cold-smoked whole-muscle l pork 120 piece 6 14 1 5.5 pdo
lachsschinken, nussschinken | cold-smoked whole-muscle s pork 30 piece 1 8 1 4 use
bauchspeck, geräucherter bauch, bacon, streaky bacon, lardons | cold-smoked whole-muscle m pork 20 block 3 5 1.5 5 use
schinkenspeck | cold-smoked whole-muscle m pork 40 block 2.5 8 1 5 use
bresaola della valtellina, bresaola | air-dried whole-muscle m beef 90 piece 3 11 1 4.8 pdo
bresaola di cavallo | air-dried whole-muscle m game 90 piece 2.5 10 1 5 use
bündnerfleisch, viande des grisons, viande séchée du valais, walliser trockenfleisch, dried beef, rindertrockenfleisch | air-dried whole-muscle m beef 110 piece 1.5 8 0.8 5.3 pdo
pastirma, pastrma, basturma | air-dried whole-muscle m beef 45 piece 1.5 6 1 7 use
biltong, beef jerky, jerky | air-dried whole-muscle s beef 10 sliced 0.2 1 2 6.5 use
violino di capra, capra secca | air-dried whole-muscle m game 90 piece 1.2 9 1 6 use
hirschschinken, wildschinken, venison ham, cerf séché, rehschinken | cold-smoked whole-muscle m game 60 piece 1.2 8 1 6 use
wildschweinschinken, wild boar ham, prosciutto di cinghiale | air-dried whole-muscle m game 150 piece 3 10 1 6 use
hirschsalami, wildsalami, venison salami, salame di cervo, saucisson de cerf, salami vom hirsch | fermented coarse m game 60 sausage 0.4 5 2 5.5 use
wildschweinsalami, wild boar salami, salame di cinghiale, saucisson de sanglier, salami vom wildschwein | fermented coarse m game 60 sausage 0.4 5 2 5.8 use
salame di turgia | fermented fine m beef 50 sausage 0.5 5 2 5 use
salame milano, mailänder salami, milano | fermented fine l pork 90 sausage 3 10 1.5 4.3 use
salame felino, felino | fermented coarse m pork 60 sausage 0.9 6 2 4.5 pdo
salame di varzi, varzi | fermented coarse m pork 90 sausage 1 7 2 5 pdo
salame cacciatore, cacciatore, cacciatorino, salamini italiani alla cacciatora | fermented coarse s pork 30 sausage 0.2 4 3 4.5 pdo
soppressata, sopressa, soppressata calabrese, soppressa vicentina | fermented coarse l pork 90 sausage 1 8 2 5.5 pdo
ventricina | fermented coarse l pork 120 ball 1.5 12 2 6.5 use
spianata, spianata piccante, spianata calabra | fermented coarse l pork 60 sausage 2 10 1.5 6.5 use
finocchiona, fenchelsalami, fennel salami, sbriciolona | fermented coarse l pork 75 sausage 2.5 10 2 5 pdo
ciauscolo | raw-spreadable spreadable m pork 20 sausage 0.6 6 10 5 pdo
nduja | raw-spreadable spreadable m pork 60 sausage 0.4 7 10 8 use
salame napoli, salame ungherese, ungarische salami, hungarian salami, winter salami, wintersalami, szeged | fermented fine l pork 90 sausage 1 7 1.5 5 use
salame, salami, salame nostrano, dauerwurst, luftgetrocknete salami, italian salami | fermented coarse m pork 60 sausage 0.8 6 2 4.8 use
trüffelsalami, truffle salami, salame al tartufo | fermented coarse m pork 45 sausage 0.4 5 2 5.5 use
rindersalami, beef salami, salami de boeuf | fermented fine m beef 45 sausage 0.8 6 2 5 use
geflügelsalami, turkey salami, putensalami, truthahnsalami, chicken salami | fermented fine m poultry 30 sausage 0.6 6 2 3.5 use
eselsalami, salame d asino | fermented coarse m game 60 sausage 0.4 5 2 5.5 use
gänsesalami, salame d oca, goose salami | fermented coarse m poultry 60 sausage 0.5 6 2 5 use
ahle wurst, eichsfelder feldgieker, stracke, feldkieker, mettwurst luftgetrocknet | fermented coarse m pork 120 sausage 0.8 6 3 5.5 pdo
saucisson sec, saucisson, rosette de lyon, rosette, saucisse sèche, jésus de lyon, saucisson d ardèche | fermented coarse m pork 45 sausage 0.3 5 3 5 use
saucisson d âne | fermented coarse m game 45 sausage 0.3 5 3 5.5 use
saucisson cuit, cervelas, cervelat, lyoner saucisson | cooked coarse m pork 0 sausage 0.6 6 3 3.5 use
figatellu, figatelli | cold-smoked coarse s pork 60 sausage 0.3 3 4 7 use
coppa de corse, lonzu, lonza, lonzino | air-dried whole-muscle m pork 120 piece 1 8 1 5.3 pdo
chorizo ibérico, chorizo de bellota | fermented coarse m pork 120 sausage 1 6 2 6.5 use
chorizo picante, chorizo, chorizo dulce | fermented coarse m pork 60 sausage 0.3 4 3 6 use
salchichón de vic, salchichón, llonganissa de vic, longaniza | fermented coarse m pork 60 sausage 0.5 5 2 5 pdo
fuet, espetec | fermented coarse s pork 30 sausage 0.17 3.5 3 4.2 use
secallona, somalla | fermented coarse s pork 30 sausage 0.15 3 3 4.5 use
morcón | fermented coarse l pork 120 sausage 1.2 10 2 6 use
sobrasada de mallorca, sobrasada, sobrassada | raw-spreadable spreadable m pork 60 sausage 0.5 7 10 6.3 pdo
morcilla, blutwurst, boudin noir, black pudding, sanguinaccio, blood sausage, rotwurst | cooked coarse m pork 0 sausage 0.5 5 8 5.5 use
botifarra, butifarra | cooked coarse m pork 0 sausage 0.3 4 8 4 use
linguiça, paio, chouriço | cold-smoked coarse s pork 45 sausage 0.3 4 3 6 use
presunto | air-dried whole-muscle l pork 365 piece 7 15 1 5.5 use
landjäger, kaminwurzen, kaminwurz, gendarme, mettenden, pfefferbeißer, kabanos, cabanossi, kabanossi, peitschenstecken | cold-smoked coarse s pork 15 sausage 0.1 2 20 5.5 use
rauchwurst, knacker, geräucherte mettwurst, krainer, hauswürstel, smoked sausage, debreziner | hot-smoked coarse s pork 0 sausage 0.15 3 8 5 use
teewurst, mettwurst, streichmettwurst, zwiebelmettwurst, streichwurst | raw-spreadable spreadable s pork 5 sausage 0.15 4 10 5 use
leberwurst, leberpastete, liverwurst, liver sausage, kalbsleberwurst, foie de porc, liver pâté | pate spreadable m pork 0 sausage 0.3 5 10 5 use
leberkäse, fleischkäse | cooked fine l pork 0 block 2 9 8 3 use
bierschinken, lyoner, fleischwurst, jagdwurst, gelbwurst, bologna, extrawurst, parizer | cooked fine l pork 0 sausage 1.5 9 1.5 3 use
mortadella bologna, mortadella | cooked fine l pork 0 sausage 6 18 1 3 pdo
kielbasa, krakauer, wiejska, krakowska | hot-smoked coarse m pork 5 sausage 0.7 5 3 5 use
pulled pork, roast pork, porchetta, schweinebraten, rôti de porc, kassler | cooked whole-muscle l pork 0 piece 3 12 2 4 use
roast beef, roastbeef, rosbif, rôti de boeuf | cooked whole-muscle l beef 0 piece 2.5 12 1.5 4 use
pastrami | hot-smoked whole-muscle l beef 10 block 2.5 9 1.5 6 use
corned beef, salt beef, bollito | cooked whole-muscle l beef 5 block 2 9 1.5 4.5 use
ochsenzunge, rinderzunge, ox tongue, langue de boeuf | cooked whole-muscle m beef 5 piece 1.2 9 2 4 use
vitello, kalbsbraten, roast veal | cooked whole-muscle l beef 0 piece 2 11 1.5 3 use
pâté de campagne, landpastete, country pâté, farmhouse pâté, coarse pâté, terrine de campagne, terrine, pâté, pastete | pate coarse l pork 0 block 1.5 8 10 5 use
pâté en croûte | pate coarse l pork 0 block 1.5 9 10 5 use
terrine de canard, duck terrine, duck pâté, pâté de canard, entenpastete, mousse de canard, duck mousse, duck liver mousse | pate fine l poultry 0 block 1.2 8 10 5 use
chicken liver pâté, chicken liver parfait, geflügelleberpastete, mousse de foie, geflügelleber | pate spreadable l poultry 0 block 1 7 10 5 use
terrine de lièvre, wildpastete, game pâté, venison pâté, pâté de sanglier, terrine de sanglier, game terrine, wildterrine | pate coarse l game 0 block 1.2 8 10 6 use
pâté ardennes, ardennes pâté, brussels pâté | pate fine l pork 0 block 1.5 8 10 5 use
foie gras de canard, foie gras d oie, foie gras, gänsestopfleber, bloc de foie gras | pate whole-muscle m poultry 0 sausage 0.5 7 10 5 use
rillettes de canard, rillettes d oie, entenrillettes, duck rillettes, gänserillettes, rillettes de poulet | pate spreadable m poultry 0 tub 0.2 6 10 4.8 use
rillettes de porc, rillettes du mans, rillettes de tours, rillettes, schmalzfleisch, grammelschmalz | pate spreadable m pork 0 tub 0.2 6 10 4.8 use
rillettes de saumon, rillettes de thon, rillettes de sardine, smoked mackerel pâté, salmon pâté, fish pâté, lachspastete, forellencreme | pate spreadable m fish 0 tub 0.2 6 10 4.8 use
magret fumé, magret de canard fumé, smoked duck breast, smoked duck, geräucherte entenbrust, petto d anatra affumicato | hot-smoked whole-muscle s poultry 15 piece 0.35 6 1.5 5 use
magret séché, magret de canard séché, cured duck breast, duck prosciutto, prosciutto d oca | air-dried whole-muscle s poultry 30 piece 0.35 6 1.5 5 use
putenbrust, turkey breast, roast turkey, blanc de dinde, hähnchenbrust, chicken breast, tacchino, pavo | cooked whole-muscle l poultry 0 piece 2.5 12 1.5 2.5 use
geräucherte gänsebrust, smoked goose breast, gänsebrust | cold-smoked whole-muscle m poultry 20 piece 0.6 6 1.5 5.5 use
smoked chicken, geräucherte putenbrust, smoked turkey | hot-smoked whole-muscle m poultry 0 piece 1 9 1.5 4 use
räucherlachs, smoked salmon, saumon fumé, salmone affumicato, salmón ahumado, lachs geräuchert | cold-smoked whole-muscle m fish 3 sliced 1 4 2 4.8 use
gravlax, graved lachs, gravadlax, gravad lax | air-dried whole-muscle m fish 3 sliced 1 4 2 4.5 use
smoked trout, räucherforelle, truite fumée, geräucherte forelle, trota affumicata, forellenfilet, trucha ahumada | hot-smoked whole-muscle s fish 2 sliced 0.125 1.5 8 4.8 use
smoked mackerel, räuchermakrele, maquereau fumé, pfeffermakrele | hot-smoked whole-muscle s fish 2 sliced 0.2 2 8 6 use
smoked eel, räucheraal, anguille fumée | hot-smoked whole-muscle s fish 2 sliced 0.3 3 8 6 use
stremellachs, hot smoked salmon, kippered salmon | hot-smoked whole-muscle s fish 2 sliced 0.2 3 10 5 use
bottarga, mojama, muxama | air-dried whole-muscle s fish 60 block 0.12 3 1 7.5 use
smoked tuna, thunfisch geräuchert, smoked swordfish, pesce spada affumicato | cold-smoked whole-muscle m fish 5 sliced 0.5 5 1 5 use
schinken, ham, jambon | air-dried whole-muscle l pork 180 piece 6 15 1 5 use
`;

/** Words that name a process or build and no style, one a line: words | process build. Common practice, no source. */
export const MEAT_WORDS = `
luftgetrocknet, air dried, dry cured, stagionato, séché, curado, getrocknet, cured | air-dried whole-muscle
kaltgeräuchert, cold smoked, geräuchert, smoked, fumé, affumicato, ahumado | cold-smoked whole-muscle
heißgeräuchert, hot smoked | hot-smoked whole-muscle
rohwurst, fermented, fermentiert, insaccato, embutido, wurst | fermented coarse
gekocht, gegart, cooked, cotto, cuit, cocido, kochpökelware, brühwurst | cooked whole-muscle
streichfähig, spreadable, spalmabile, para untar | raw-spreadable spreadable
pastete, pâté, terrine, kochwurst | pate coarse
`;

/** What a process usually is where no style is named: process | age-days shape kg cm slice-mm strength calibre. Common practice, no source. */
export const PROCESSES_USUAL = `
air-dried | 240 piece 4 13 1 5 l
fermented | 60 sausage 0.8 6 2 5 m
cooked | 0 piece 4 13 1.5 3 l
hot-smoked | 5 piece 0.8 7 1.5 5 m
cold-smoked | 60 block 3 8 1 5.5 m
raw-spreadable | 30 sausage 0.4 6 10 6 m
pate | 0 block 1.5 8 10 5 l
`;
