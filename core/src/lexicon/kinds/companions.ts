/**
 * Companions by the names that the trade calls them, one a line:
 *
 *     names | role strength crunch juice pack grams source [contains a, b]
 *
 * `pack`: jar, loose, pack (sealed) or piece. `contains` is what the thing is by definition (wheat in a baguette); what is only usual in it is
 * not said here. Common practice, no source, but for `law`: a reserved name of Regulation (EU) 1169/2011, Directives 2001/110/EC (honey),
 * 2001/113/EC (jams) or 2000/36/EC (chocolate).
 */
export const COMPANIONS = `
acacia honey, akazienhonig, miel d acacia, miele di acacia, miel de acacia, blossom honey, blütenhonig, clover honey, miel toutes fleurs, millefiori, lindenhonig, orangenblütenhonig, orange blossom honey, rapshonig | honey 4 0 2 jar 250 law
chestnut honey, kastanienhonig, miel de châtaignier, miele di castagno, waldhonig, tannenhonig, forest honey, heather honey, heidehonig, buchweizenhonig, buckwheat honey, miel de sapin, thyme honey, thymianhonig | honey 6 0 2 jar 250 law
honeycomb, wabenhonig, comb honey, miel en rayon, favo | honey 4.5 1 2 pack 200 law
truffle honey, trüffelhonig, miele al tartufo | honey 6 0 2 jar 120 use
honey, honig, miel, miele | honey 4.5 0 2 jar 250 law
quince paste, membrillo, dulce de membrillo, quittenbrot, quittenpaste, cotognata, pâte de coing, quince cheese, marmelada | preserve 5 0 3 pack 300 use
fig jam, feigenkonfitüre, confiture de figues, confettura di fichi, feigenmarmelade, mermelada de higos, fig preserve, fig spread | preserve 5 0 4 jar 250 law
black cherry jam, confiture de cerises noires, kirschkonfitüre, cherry preserve, confettura di ciliegie | preserve 4.5 0 4 jar 250 law
jam, konfitüre, marmelade, confiture, confettura, marmellata, mermelada, preserve, fruchtaufstrich, gelee, jelly, fruit butter, pear butter, birnenkraut, apfelkraut, compote, kompott, coulis | preserve 4.5 0 4 jar 250 law
onion jam, onion marmalade, zwiebelmarmelade, zwiebelkonfitüre, confit d oignons, confettura di cipolle, oignons confits, mermelada de cebolla | preserve 5 0 4 jar 250 use
pear paste, guava paste, fruit paste, pâte de fruits, damson paste, damson cheese, pflaumenmus, powidl | preserve 5 0 3 pack 200 use
fig salami, feigenbrot, pan de higo, salame di fichi, panforte di fichi, fig cake | dried fruit 4.5 1 1 pack 200 use
fig mustard, feigensenf, moutarde aux figues | mustard 6 0 3 jar 150 use contains mustard
mostarda, mostarda di cremona, senffrüchte, mostarda di frutta | mustard 7 1 4 jar 250 use contains mustard
wholegrain mustard, körniger senf, moutarde à l ancienne, dijon mustard, dijonsenf, dijon, moutarde, mustard, senf, senape, mostaza, süßer senf | mustard 6.5 0 2 jar 200 use contains mustard
chutney, mango chutney, apple chutney, apfelchutney, tomatenchutney, tomato chutney, relish, onion chutney, zwiebelchutney, fig chutney, feigenchutney, pear chutney, birnenchutney | chutney 5 0 4 jar 200 use
piccalilli | chutney 6 2 4 jar 250 use contains mustard
pepper jelly, chilli jam, chili jam, chilimarmelade | preserve 6 0 4 jar 200 use
tapenade, olive paste, olivenpaste, pâté di olive, olivada | savoury spread 6 0 2 jar 130 use
pesto, pesto genovese | savoury spread 6 0 2 jar 130 use contains milk
romesco, ajvar, artichoke paste, artischockencreme, crema di carciofi, caponata, tomato spread, tomatenaufstrich, harissa, bruschetta topping, aufstrich | savoury spread 5.5 0 3 jar 180 use
anchovies, sardellen, anchois, acciughe, anchoas | savoury spread 8 0 2 jar 100 use contains fish
hummus, houmous | dip 4 0 3 pack 200 use contains sesame
tzatziki, labneh dip, yoghurt dip | dip 4 0 5 pack 200 use contains milk
guacamole, baba ganoush, dip, salsa | dip 4 0 5 pack 200 use
mayonnaise, aioli, alioli | dip 4.5 0 2 jar 200 use contains eggs
olive oil, olivenöl, huile d olive, olio d oliva, olio extravergine, aceite de oliva | oil 5 0 1 pack 500 use
truffle oil, trüffelöl, nut oil, walnut oil, walnussöl, huile de noix | oil 6 0 1 pack 250 use
balsamic vinegar, balsamico, aceto balsamico, crema di balsamico, balsamic glaze, vinaigre balsamique | seasoning 7 0 1 pack 250 use
sea salt, meersalz, flor de sal, fleur de sel, salt flakes, salzflocken, fiocchi di sale | seasoning 6 3 0 jar 150 use
pepper, pfeffer, black pepper, pepe nero, poivre | seasoning 6 2 0 jar 80 use
cornichons, gherkins, essiggurken, gewürzgurken, cetriolini, pepinillos, cornichon, pickled cucumbers, pickles | brine 5 6 5 jar 350 use
caper berries, kapernäpfel, capers, kapern, câpres, capperi, alcaparras, cucunci | brine 7 2 4 jar 150 use
castelvetrano olives, nocellara, green olives, grüne oliven, olives vertes, olive verdi, aceitunas verdes, gordal, manzanilla olives, picholine, lucques, cerignola | brine 4.5 1 3 loose 250 use
kalamata olives, black olives, schwarze oliven, olives noires, taggiasca, taggiasche, olive nere, aceitunas negras, niçoise olives | brine 6 1 3 loose 250 use
olives, oliven, olive, aceitunas, mixed olives | brine 5.5 1 3 loose 250 use
pickled onions, silberzwiebeln, perlzwiebeln, cipolline, balsamic onions, borettane, pearl onions, cebollitas | brine 5.5 4 5 jar 200 use
peppadew, sweet peppers, pickled peppers, pimientos, guindilla, banderillas, eingelegte paprika, peperoncini, piparras | brine 6 3 5 jar 200 use
artichoke hearts, artischocken, artischockenherzen, carciofi, alcachofas, coeurs d artichaut | brine 5 1 4 jar 200 use
sun dried tomatoes, getrocknete tomaten, pomodori secchi, tomates séchées, tomates secos | brine 6 1 2 jar 200 use
sauerkraut, kimchi | brine 6 4 6 jar 350 use
grissini, bread sticks, breadsticks, grissino, taralli, gressins, picos, regañás | cracker 2 8 0 pack 200 use contains wheat
oatcakes, haferkekse, oat cakes, oat crackers | cracker 2.5 7 0 pack 200 use contains oats
charcoal crackers, seed crackers, saatencracker, körnercracker, rosemary crackers, rosmarincracker | cracker 3 8 0 pack 150 use
rice crackers, reiscracker, corn crackers, maiscracker, polenta crisps | cracker 1.5 8 0 pack 100 use
knäckebrot, crispbread, rye crackers, roggencracker, roggenknäcke | cracker 3 8 0 pack 200 use contains rye
water biscuits, crackers, cracker, carta di musica, pane carasau, matzo, flatbread crackers, lingue, schüttelbrot, crostini, croccantini, biscuits salés, croûtons, crostini toasts, kräcker | cracker 2 8 0 pack 150 use contains wheat
sourdough baguette, baguette, stangenbrot, french stick, ficelle | bread 2 4 1 piece 250 use contains wheat
sourdough, sauerteigbrot, pain au levain, levain, pane casereccio, country loaf, pain de campagne, landbrot, bauernbrot, hogaza | bread 3 4 1 piece 750 use contains wheat
ciabatta, focaccia, foccacia, pane pugliese, schiacciata | bread 2.5 3 1 piece 400 use contains wheat
rye bread, roggenbrot, pumpernickel, pain de seigle, schwarzbrot, pane di segale, pan de centeno | bread 4 3 1 piece 500 use contains rye
walnut bread, nussbrot, walnussbrot, pain aux noix, pane alle noci, pan de nueces | bread 3.5 4 1 piece 400 use contains wheat, walnut
fruit bread, früchtebrot, fig bread, raisin bread, pain aux fruits, pain aux raisins, cranberry bread, kletzenbrot, pan de pasas | bread 3.5 3 1 piece 400 use
brioche, milk bread | bread 2.5 1 1 piece 400 use contains wheat, eggs
bread, brot, pain, pane, pan, rolls, brötchen, semmeln, bread rolls, weißbrot | bread 2.5 3 1 piece 500 use
walnuts, walnusskerne, walnüsse, noix, noci, nueces, walnut halves, cerneaux de noix, walnut | nut 4 6 0 loose 200 use contains walnut
almonds, mandeln, amandes, mandorle, almendras, marcona almonds, almond, smoked almonds, rauchmandeln, salzmandeln | nut 3 7 0 loose 200 use contains almond
hazelnuts, haselnüsse, noisettes, nocciole, avellanas, haselnusskerne | nut 3.5 7 0 loose 200 use contains hazelnut
pecans, pecan nuts, pekannüsse, noix de pécan, candied pecans, pecannüsse | nut 3.5 6 0 loose 200 use contains pecan
pistachios, pistazien, pistaches, pistacchi, pistachos | nut 3 6 0 loose 200 use contains pistachio
cashews, cashewkerne, noix de cajou, anacardi, anacardos | nut 2.5 5 0 loose 200 use contains cashew
macadamias, macadamia nuts, macadamianüsse | nut 3 6 0 loose 200 use contains macadamia
peanuts, erdnüsse, cacahuètes, arachidi | nut 3.5 6 0 loose 200 use contains peanuts
mixed nuts, nussmischung, nuts, nüsse, candied nuts, spiced nuts, frutti secchi | nut 3.5 6 0 loose 200 use
pine nuts, pinienkerne, pignons, pinoli, sunflower seeds, pumpkin seeds, kürbiskerne | nut 3 4 0 loose 100 use
corn nuts, roasted chickpeas, maíz tostado, quicos | nut 3.5 9 0 loose 150 use
medjool dates, medjool, datteln, dates, dattes, datteri, dátiles, medjool datteln | dried fruit 4 0 1 loose 250 use
dried apricots, aprikosen getrocknet, getrocknete aprikosen, abricots secs, albicocche secche, orejones, soft apricots | dried fruit 4.5 0 1 loose 200 use
dried figs, getrocknete feigen, figues sèches, fichi secchi, higos secos | dried fruit 4.5 1 1 loose 250 use
dried cranberries, cranberries getrocknet, dried cherries, raisins, rosinen, sultanas, uvetta, pasas, getrocknete cranberries, prunes, dörrpflaumen, pruneaux, dried pears, getrocknete birnen, apple rings, apfelringe, raisins on the vine, muscatels, dried mango | dried fruit 4 0 1 loose 200 use
red grapes, rote trauben, raisin noir, uva rossa, black grapes, blaue trauben | fruit 3 2 9 loose 500 use
green grapes, white grapes, grapes, trauben, weintrauben, raisin, raisin blanc, uva, uvas, raisins frais | fruit 2.5 2 9 loose 500 use
figs, feigen, figues, fichi, higos, fresh figs, frische feigen | fruit 3.5 0 7 loose 300 use
pears, birnen, poires, pere, peras, pear, birne, conference pears | fruit 2.5 3 8 loose 400 use
apples, äpfel, pommes, mele, manzanas, apple | fruit 3 6 8 loose 400 use
strawberries, erdbeeren, fraises, fragole, fresas | fruit 3 0 9 loose 250 use
blueberries, heidelbeeren, myrtilles, mirtilli, arándanos, raspberries, himbeeren, framboises, lamponi, frambuesas, blackberries, brombeeren, mûres, blackcurrants, redcurrants, johannisbeeren, groseilles, cherries, kirschen, cerises, ciliegie, cerezas, physalis, berries, beeren | fruit 3 0 9 loose 150 use
peaches, pfirsiche, pêches, pesche, nectarines, apricots, aprikosen, abricots, albicocche, plums, pflaumen, zwetschgen, prunes fraîches, prugne, melocotones | fruit 3 0 9 loose 400 use
melon, melone, cantaloupe, watermelon | fruit 2.5 1 9 piece 900 use
clementines, mandarinen, oranges, orangen, clementine, lemon, zitrone, kumquats, pomegranate, granatapfel, grenade, persimmon, kaki, quince, quitte, mango, kiwi, ananas, pineapple | fruit 3 0 9 loose 400 use
cherry tomatoes, kirschtomaten, tomates cerises, pomodorini, tomates cherry, tomatoes, tomaten | vegetable 2.5 1 9 loose 250 use
radishes, radieschen, radis, ravanelli, rábanos | vegetable 4 8 8 loose 150 use
celery, staudensellerie, céleri, sedano, apio, celery sticks | vegetable 3 8 9 loose 300 use contains celery
carrots, karotten, möhren, carottes, carote, zanahorias, baby carrots | vegetable 2.5 8 7 loose 300 use
cucumber, gurke, concombre, cetriolo, pepino, mini cucumbers | vegetable 1.5 5 9 piece 300 use
peppers, paprika, poivrons, peperoni dolci, pimientos frescos, chicory, chicorée, endive, fennel, fenchel, fenouil, finocchio, snap peas, sugar snaps, zuckerschoten, broccoli, cauliflower, blumenkohl | vegetable 2.5 7 8 loose 300 use
dark chocolate, zartbitterschokolade, chocolat noir, cioccolato fondente, chocolate negro, bitterschokolade, edelbitter | chocolate 6 5 0 pack 100 law
milk chocolate, milchschokolade, vollmilchschokolade, chocolat au lait, cioccolato al latte | chocolate 4.5 4 0 pack 100 law contains milk
white chocolate, weiße schokolade, chocolat blanc | chocolate 3.5 4 0 pack 100 law contains milk
chocolate, schokolade, chocolat, cioccolato | chocolate 5.5 4 0 pack 100 law
salted butter, salzbutter, beurre salé, butter, beurre, burro, mantequilla, beurre demi sel, cultured butter | butter 3 0 1 pack 250 law contains milk
rosemary, rosmarin, thyme, thymian, basil, basilikum, mint, minze, parsley, petersilie, sage leaves, bay leaves, lorbeer, dill, romarin, basilic, rosmarino, basilico, romero, edible flowers, essbare blüten, fresh herbs, kräuter, herbs | garnish 3 0 1 loose 30 use
`;
