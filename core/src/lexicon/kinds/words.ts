/** Words beside the name of a style that tell one thing of it, in five languages, one value a line. Common practice, no source. */

/** words | animal. */
export const MILK_WORDS = `
cow, cows, kuh, kühe, kuhmilch, vache, mucca, vacca, vaccino, vaccina, vaca, bovin, bovino, cow s, koe, latte vaccino, lait de vache | cow
sheep, sheeps, ewe, ewes, schaf, schafe, schafs, schafmilch, schafsmilch, brebis, pecora, ovino, oveja, ovine, lait de brebis | sheep
goat, goats, ziege, ziegen, ziegenmilch, chèvre, capra, caprino, cabra, geit, lait de chèvre | goat
buffalo, büffel, büffelmilch, bufala, bufflonne, búfala, buffalo s, buffle | buffalo
`;
export const ANIMAL_WORDS = `
pork, schwein, schweine, schweinefleisch, porc, maiale, suino, cerdo, iberico, porco | pork
beef, rind, rinder, rindfleisch, boeuf, manzo, bovino, ternera, vacuno, veal, kalb, veau, vitello | beef
poultry, geflügel, duck, ente, enten, canard, anatra, pato, goose, gans, gänse, oie, oca, turkey, pute, puten, truthahn, dinde, tacchino, pavo, chicken, huhn, hühner, poulet, pollo, volaille | poultry
fish, fisch, salmon, lachs, saumon, salmone, salmón, trout, forelle, truite, trota, trucha, mackerel, makrele, tuna, thunfisch, thon, tonno, eel, aal, herring, hering, sardine, anguille, poisson | fish
game, wild, venison, hirsch, reh, cerf, chevreuil, cervo, ciervo, wild boar, wildschwein, sanglier, cinghiale, jabalí, boar, hare, hase, lièvre, donkey, esel, horse, cavallo, pferd, gibier, lamb, lamm, agneau, agnello, cordero, goat, ziege, capra | game
`;
/** words | treatment. */
export const TREATMENT_WORDS = `
raw, raw milk, unpasteurised, unpasteurized, rohmilch, roh, rohmilchkäse, lait cru, cru, crue, crudo, cruda, latte crudo, leche cruda, au lait cru, rm, a latte crudo, leite cru | raw
thermised, thermized, thermisé, thermisée, thermisiert, termizzato, termizado, termizada, lait thermisé, therm | thermised
pasteurised, pasteurized, pasteurisé, pasteurisée, pasteurisiert, past, pastorizzato, pastorizzata, pasteurizado, pasteurizada, lait pasteurisé, pm, pasteurisierte milch, pastorizz, pastor, pasteur | pasteurised
`;
/** words | rind. */
export const RIND_WORDS = `
ash, ashed, ash coated, asche, cendré, cendrée, cenere, ceniza, in asche | ash
cloth bound, clothbound, bandaged, cloth, tuchgereift | cloth
waxed, wax, gewachst, paraffiné, wachs, in cera | wax
`;
/**
 * words | age in days of a cheese whose family follows its age | how many times the usual age of any other. Common practice, no source.
 */
export const AGE_WORDS = `
young, jung, junger, junge, jeune, giovane, fresco, fresca, tierno, tierna, jong, mild, fresh, novello, doux, milder | 45 0.6
medium, mittelalt, mittelreif, semicurado, semi curado, semistagionato, belegen, entre deux, jong belegen, mi affiné | 120 1
reif, gereift, affiné, affinée, curado, curada, medium aged, ripe, rezent, würzig | 180 1.3
mature, matured, stagionato, stagionata, maturo, matura, affinage long | 270 1.4
old, alt, alter, alte, aged, vieux, vieille, vecchio, vecchia, viejo, vieja, oud, oude, extra mature, réserve, reserve, riserva, reserva, extra reif, höhlengereift, cave aged | 400 1.6
extra old, extra aged, stravecchio, stravecchia, añejo, añeja, überjährig, overjarig, vintage, extra vieille, extra vieux, very old, extra viejo | 700 2
`;
/** words | kind of good, of which nothing else is told. */
export const KIND_WORDS = `
cheese, käse, fromage, formaggio, queso, queijo, kaas, formaggi, fromages, cheeses, quesos | cheese
wurst, würste, charcuterie, salumi, salume, embutido, embutidos, cured meat, cured meats, meat, meats, fleisch, aufschnitt, viande, carne, fleischwaren, ham, fish, fisch, salaison, salaisons, meats and fish | meat
accompaniments, accompaniment, companions, companion, beilagen, condiments, condiment, extras, feinkost, épicerie, conserves, delicatessen, brot und gebäck, preserves, antipasti, dry goods, contorni, accompagnements, acompañamientos, fruit, obst, frutta, fruta, fruits, nuts | companion
drinks, drink, getränke, wine, wines, wein, weine, vins, vin, vini, vino, vinos, bevande, bebidas, boissons, beer and wine | drink
ware, wares, boards, equipment, zubehör, bretter, accessori, accessoires, utensilios, non food | ware
`;
/** From these words on a name says what is in or beside the thing, and not what it is. */
export const LINKS = new Set(
  'with mit avec aux au a al alla allo alle ai con in im en and und et e y from von o oder or'.split(' '),
);
/** Between these words the head of a name stands first: "jus de pomme". */
export const OF = new Set('de di del della dei du des d of vom da'.split(' '));
