/**
 * Styles of cheese by the names that the trade and the law call them, one a line:
 *
 *     names, in any language | family milk treatment age-days rind shape kg cm strength source [ages|generic]
 *
 * `cm` is the height of what lies flat and the thickness of a log; `?` is not told; `ages`: the family follows the age that is said;
 * `generic`: a kind of which many styles are made, so that a family word beside it counts for more.
 * Sources: `pdo` the specification registered under Regulation (EU) 2024/1143 (or the national register of the country), as far as milk,
 * treatment and family go; `codex` the standards CXS 262 to 283; `cfr` 21 CFR part 133; `use` common practice, no source. Ages, sizes and
 * strengths are typical values of common practice throughout, from memory.
 */
export const CHEESES = `
# France
roquefort | blue sheep raw 120 none drum 2.7 9.5 8 pdo
comté | hard cow raw 360 natural wheel 38 11 5.5 pdo
beaufort | hard cow raw 270 natural wheel 42 13 6 pdo
abondance | firm cow raw 150 natural wheel 10 8 5 pdo
emmental de savoie, emmental grand cru, emmental français | firm cow raw 90 natural wheel 70 20 4 pdo
brie de meaux | bloomy cow raw 49 bloomy wheel 2.8 2.8 5 pdo
brie de melun | bloomy cow raw 56 bloomy wheel 1.6 3.5 6.5 pdo
brie, briekäse | bloomy cow past 35 bloomy wheel 2.5 3 4 codex
coulommiers | bloomy cow ? 35 bloomy wheel 0.5 3 4.5 codex
camembert de normandie | bloomy cow raw 35 bloomy drum 0.25 3 6 pdo
camembert | bloomy cow past 28 bloomy drum 0.25 3 4 codex
chaource | bloomy cow ? 30 bloomy drum 0.5 6 4 pdo
neufchâtel coeur, coeur de neufchâtel, neufchâtel | bloomy cow ? 25 bloomy block 0.2 3 4 pdo
brillat savarin | bloomy cow past 21 bloomy drum 0.5 5 3.5 pdo
triple cream, triple crème, dreifachrahm | bloomy cow past 25 bloomy drum 0.4 5 3.5 use
double cream, double crème | bloomy cow past 25 bloomy drum 0.4 5 3.5 use
explorateur, saint andré, saint felicien | bloomy cow past 21 bloomy drum 0.25 4 3.5 use
saint marcellin | soft cow ? 20 natural drum 0.08 2.5 4 pdo
carré de l est, carré | bloomy cow past 30 bloomy square 0.25 2.5 4.5 use
époisses | washed cow ? 45 washed drum 0.25 4 8 pdo
munster géromé, munster fermier, munster aop, munster | washed cow ? 40 washed drum 0.6 4 7.5 pdo
livarot | washed cow ? 50 washed drum 0.45 4.5 7.5 pdo
pont l évêque | washed cow ? 40 washed square 0.36 3 6 pdo
reblochon | washed cow raw 30 washed drum 0.5 3.5 5 pdo
maroilles, vieux lille, gris de lille | washed cow ? 60 washed square 0.72 6 7.5 pdo
langres | washed cow ? 30 washed drum 0.18 5 6.5 pdo
soumaintrain | washed cow ? 30 washed drum 0.4 3.5 6 pdo
affidélice, ami du chambertin, berthaut | washed cow past 35 washed drum 0.25 4 7 use
mont d or, vacherin mont d or, vacherin du haut doubs | washed cow ? 40 bark wheel 0.5 4 5.5 pdo
saint nectaire | semi-soft cow ? 50 natural wheel 1.7 5 5 pdo
morbier | semi-soft cow raw 60 washed wheel 7 7 4.5 pdo
raclette de savoie | semi-soft cow ? 80 washed wheel 6.5 7 5 pdo
raclette, raclettekäse | semi-soft cow ? 90 washed wheel 6 7 4.5 use
tomme de savoie | semi-soft cow ? 75 natural wheel 1.5 6 4 pdo
tomme des bauges | semi-soft cow raw 75 natural wheel 1.2 5 5 pdo
tomme, toma, tome | semi-soft cow ? 75 natural wheel 1.8 7 4 use generic
tomme de brebis | firm sheep ? 120 natural wheel 4 9 4.5 use
tomme de chèvre | semi-soft goat ? 60 natural wheel 1.8 7 4.5 use
cantal jeune | semi-soft cow ? 45 natural drum 40 40 3.5 pdo
cantal, cantal entre deux | firm cow ? 150 natural drum 40 40 5 pdo
cantal vieux | firm cow ? 270 natural drum 40 40 6.5 pdo
salers | firm cow raw 180 natural drum 40 40 6 pdo
laguiole | firm cow raw 180 natural drum 45 38 5.5 pdo
ossau iraty | firm sheep ? 150 natural wheel 4.5 12 4.5 pdo
ardi gasna, brebis basque, brebis des pyrénées, petit basque | firm sheep ? 120 natural wheel 4 10 4.5 use
tomme des pyrénées | semi-soft cow ? 60 natural wheel 4.5 10 3.5 pdo
fourme d ambert | blue cow ? 60 natural drum 2 19 5.5 pdo
fourme de montbrison | blue cow ? 50 natural drum 2.3 19 5.5 pdo
bleu d auvergne | blue cow ? 60 none drum 2.5 9 7 pdo
bleu des causses | blue cow ? 90 none drum 2.5 9 7 pdo
bleu de gex, bleu du haut jura | blue cow raw 60 natural wheel 7.5 9 5.5 pdo
bleu du vercors sassenage | blue cow ? 45 natural wheel 4.5 9 5 pdo
bleu de bresse, bresse bleu | blue cow past 30 bloomy drum 0.3 6 4.5 use
bleu de brebis | blue sheep ? 90 none drum 2.5 9 7 use
bleu de chèvre | blue goat ? 75 natural drum 1.5 9 6.5 use
crottin de chavignol, chavignol | soft goat raw 25 natural drum 0.06 3 5 pdo
crottin | soft goat ? 20 natural drum 0.06 3 4.5 use
sainte maure de touraine | soft goat raw 24 ash log 0.25 4.5 5 pdo
sainte maure | soft goat ? 20 ash log 0.25 4.5 4.5 use
valençay | soft goat raw 24 ash pyramid 0.22 7 5 pdo
selles sur cher | soft goat raw 20 ash drum 0.15 3 4.5 pdo
pouligny saint pierre | soft goat raw 25 natural pyramid 0.25 11 5 pdo
rocamadour, cabécou | soft goat raw 15 natural drum 0.035 1.5 4 pdo
picodon | soft goat raw 25 natural drum 0.06 2 5 pdo
pélardon | soft goat raw 18 natural drum 0.06 2.5 4.5 pdo
chabichou du poitou, chabichou | soft goat ? 20 natural drum 0.15 6 4.5 pdo
charolais, mâconnais | soft goat raw 25 natural drum 0.25 7 5 pdo
banon | soft goat raw 20 leaf drum 0.1 2.5 5 pdo
brique de chèvre, briquette de chèvre | soft goat ? 20 natural block 0.15 3 4.5 use
bûche de chèvre, bûche, ziegenrolle, ziegenkäserolle, goat s log, goat log, goats log, rulo de cabra, tronchetto di capra, tronchetto | soft goat past 14 bloomy log 1 6.5 4 use
goat pyramid, pyramide de chèvre, ziegenpyramide | soft goat ? 22 ash pyramid 0.22 7 5 use
goat s cheese, goat cheese, goats cheese, chèvre, ziegenkäse, ziegenweichkäse, queso de cabra, caprino, formaggio di capra, geitenkaas | soft goat ? 20 natural drum 0.15 4 4.5 use generic
fromage frais de chèvre, chèvre frais, fresh goat cheese, fresh goat s cheese, ziegenfrischkäse, queso fresco de cabra, caprino fresco | fresh goat past 7 none tub 0.15 4 2.5 use
brocciu, brousse | fresh sheep past 5 none tub 0.5 9 2 pdo
faisselle, fromage blanc | fresh cow past 3 none tub 0.5 9 1.5 use
boursin, garlic and herb cheese | fresh cow past 10 none tub 0.15 4 3.5 use
petit suisse | fresh cow past 5 none tub 0.06 4 1.5 codex
mimolette, boule de lille | hard cow past 360 natural ball 3 15 5 use ages
saint paulin, port salut | semi-soft cow past 30 washed wheel 2 5 3 codex
chaumes | washed cow past 28 washed wheel 2 4 4.5 use
trappiste, abbaye, abbey cheese, trappist cheese | semi-soft cow ? 60 washed wheel 2 6 4.5 use generic
gratte paille, pierre robert | bloomy cow past 25 bloomy drum 0.35 6 3.5 use
niolo, venaco | washed sheep raw 90 washed square 0.45 5 7.5 use
fleur du maquis, brin d amour | soft sheep ? 45 rubbed square 0.6 5 4.5 use
# Italy
parmigiano reggiano, parmigiano, parmesan, parmesankäse | very-hard cow raw 720 natural drum 38 22 6.8 pdo
grana padano, grana | very-hard cow raw 480 natural drum 36 20 6 pdo
trentingrana | very-hard cow raw 600 natural drum 36 20 6.5 pdo
pecorino romano | very-hard sheep th 270 natural drum 28 28 8 pdo
pecorino toscano | firm sheep past 120 natural wheel 2 9 4.5 pdo ages
pecorino sardo | firm sheep th 120 natural wheel 3 11 5 pdo ages
pecorino siciliano | hard sheep raw 150 natural drum 9 15 7 pdo
pecorino di filiano | hard sheep raw 210 natural wheel 4 13 6.5 pdo
fiore sardo | hard sheep raw 180 natural wheel 3 12 6.5 pdo
pecorino di pienza | firm sheep ? 120 rubbed wheel 1.5 9 5 use ages
pecorino | firm sheep ? 150 natural wheel 2 10 5.5 use ages
gorgonzola dolce, gorgonzola cremoso | blue cow past 60 natural drum 12 18 5 pdo
gorgonzola piccante, gorgonzola naturale | blue cow past 120 natural drum 12 18 7.8 pdo
gorgonzola | blue cow past 80 natural drum 12 18 6.5 pdo
strachitunt | blue cow raw 80 natural drum 5 16 6.5 pdo
blu di bufala | blue buffalo past 75 natural wheel 4 9 6 use
erborinato di capra | blue goat ? 75 natural drum 2 10 6.5 use
taleggio | washed cow ? 40 washed square 2 5.5 5.5 pdo
quartirolo lombardo | soft cow ? 20 none square 2.5 6 3 pdo
salva cremasco | semi-soft cow raw 80 washed square 2.5 12 4.5 pdo
fontina, fontina valle d aosta | semi-soft cow raw 90 washed wheel 8.5 8 4.8 pdo
fontal | semi-soft cow past 45 washed wheel 10 9 3 use
asiago pressato, asiago fresco | semi-soft cow past 30 natural wheel 13 13 3 pdo
asiago d allevo, asiago stagionato, asiago vecchio | hard cow raw 300 natural wheel 9 10 5.5 pdo
asiago | firm cow ? 120 natural wheel 10 11 4.5 pdo ages
montasio | firm cow ? 120 natural wheel 7 8 4.5 pdo ages
piave | hard cow past 240 natural wheel 6.5 8 5.5 pdo ages
provolone valpadana piccante, provolone piccante | hard cow raw 240 wax drum 12 35 7 pdo
provolone valpadana dolce, provolone dolce | semi-soft cow past 60 wax drum 5 30 3.5 pdo
provolone | firm cow past 120 wax drum 5 30 4.5 codex
caciocavallo silano, caciocavallo, ragusano | firm cow ? 120 natural ball 2 18 5 pdo
mozzarella di bufala campana, mozzarella di bufala, bufala, buffalo mozzarella, büffelmozzarella, mozzarella de búfala | fresh buffalo past 2 none ball 0.125 6 2 pdo
mozzarella, fior di latte, bocconcini | fresh cow past 3 none ball 0.125 6 1.5 codex
burrata, burratina | fresh cow past 2 none ball 0.2 8 2 use
stracciatella di bufala | fresh buffalo past 2 none tub 0.25 6 2 use
stracciatella | fresh cow past 2 none tub 0.25 6 2 use
ricotta di bufala | fresh buffalo past 2 none tub 0.3 8 1.5 pdo
ricotta romana, ricotta di pecora | fresh sheep past 3 none tub 0.5 9 2 pdo
ricotta salata | firm sheep past 90 none wheel 3 12 3.5 use
ricotta | fresh cow past 3 none tub 0.5 9 1.5 use
mascarpone | fresh cow past 3 none tub 0.5 9 1.5 use
stracchino, crescenza, squacquerone, squacquerone di romagna | fresh cow past 7 none square 0.3 4 2 use
robiola di roccaverano | soft goat raw 15 natural drum 0.3 4 4 pdo
robiola | soft cow ? 15 bloomy drum 0.3 4 3.5 use
la tur | soft cow past 15 bloomy drum 0.2 5 4 use
castelmagno | firm cow raw 120 natural drum 5.5 17 6.5 pdo
bra duro | hard cow ? 200 natural wheel 7 9 6 pdo
bra tenero | semi-soft cow ? 60 natural wheel 7 9 4 pdo
raschera | semi-soft cow ? 60 natural square 8 10 4.5 pdo
murazzano | soft sheep ? 15 none drum 0.35 4 3.5 pdo
toma piemontese | semi-soft cow ? 60 natural wheel 6 9 4 pdo
bitto | hard cow raw 200 natural wheel 12 10 5.8 pdo
storico ribelle | very-hard cow raw 900 natural wheel 12 10 8 use
formai de mut | firm cow raw 90 natural wheel 10 9 4.5 pdo
valtellina casera | semi-soft cow raw 90 natural wheel 9 9 4 pdo
bagoss, silter, nostrano valtrompia | very-hard cow raw 540 natural wheel 16 11 6.5 pdo
puzzone di moena | washed cow raw 120 washed wheel 9 10 7 pdo
spressa delle giudicarie | semi-soft cow raw 90 natural wheel 8 9 4 pdo
stelvio, stilfser | semi-soft cow past 75 washed wheel 9 9 4.5 pdo
monte veronese d allevo | hard cow raw 200 natural wheel 7 8 5.5 pdo
monte veronese | semi-soft cow ? 40 natural wheel 8 9 3.5 pdo
casatella trevigiana | fresh cow past 6 none drum 0.5 5 2 pdo
ubriaco, formaggio ubriaco | firm cow ? 150 rubbed wheel 7 8 5 use
scamorza affumicata | semi-soft cow past 20 none ball 0.3 9 3.5 use
scamorza | semi-soft cow past 15 none ball 0.3 9 2.5 use
canestrato pugliese, canestrato | hard sheep raw 150 natural wheel 9 12 6.5 pdo
caciotta | semi-soft cow past 25 natural wheel 1 6 3 use
casciotta d urbino | semi-soft sheep past 25 natural wheel 1 6 3 pdo
formaggio di fossa, fossa di sogliano | hard sheep ? 180 none wheel 1.2 8 7.5 pdo
sottocenere, sottocenere al tartufo | semi-soft cow past 100 ash wheel 5 12 4.5 use
latteria | semi-soft cow ? 60 natural wheel 6 8 3.5 use
vezzena | very-hard cow raw 500 natural wheel 9 10 6.5 use
primo sale | fresh sheep past 7 none wheel 1 9 2 use
# Spain and Portugal
manchego | firm sheep ? 150 natural wheel 3 11 5.5 pdo ages
mahón, mahon menorca | firm cow ? 120 rubbed square 2.5 8 5 pdo ages
idiazábal | firm sheep raw 120 natural wheel 2 10 5.8 pdo ages
cabrales | blue cow raw 120 natural drum 3 12 8.8 pdo
gamonéu, gamonedo | blue cow raw 90 natural drum 4 12 7.5 pdo
picón bejes tresviso, picon | blue cow raw 90 none drum 2 11 8.5 pdo
valdeón, queso azul | blue cow past 75 leaf drum 2.5 11 7.5 pdo
tetilla | semi-soft cow past 20 natural ball 0.8 11 3 pdo
arzúa ulloa | semi-soft cow ? 20 natural wheel 1 7 3 pdo
san simón da costa, san simón | semi-soft cow ? 40 natural ball 1 12 4 pdo
cebreiro | fresh cow past 10 none drum 1 9 3 pdo
zamorano | hard sheep ? 210 natural wheel 3 11 6 pdo
castellano, queso castellano | firm sheep ? 150 natural wheel 3 11 5.5 pdo ages
roncal | hard sheep raw 150 natural wheel 2.5 10 6 pdo
torta del casar, torta de la serena, queso de la serena, torta | soft sheep raw 60 natural wheel 0.8 5 6 pdo
murcia al vino, queso de murcia al vino | semi-soft goat past 50 washed wheel 2 8 4 pdo
garrotxa | semi-soft goat past 60 natural wheel 1 7 4.5 use
majorero | firm goat ? 75 rubbed wheel 4 9 5 pdo ages
palmero | semi-soft goat raw 60 natural wheel 8 11 4.5 pdo
ibores | semi-soft goat raw 75 rubbed wheel 1 7 4.5 pdo
payoyo | firm goat ? 120 rubbed wheel 2.2 9 5.5 use ages
afuega l pitu | soft cow ? 30 natural ball 0.4 9 5.5 pdo
quesucos de liébana | semi-soft cow ? 30 natural wheel 0.5 6 4 pdo
l alt urgell, cerdanya | semi-soft cow past 60 washed wheel 2.5 7 4 pdo
iberico, queso ibérico, mezcla, queso mezcla | firm cow ? 120 plastic wheel 3 11 4.5 use ages
queso de oveja, oveja | firm sheep ? 150 natural wheel 3 11 5.5 use ages
queso fresco, burgos, queso de burgos | fresh cow past 3 none drum 0.5 6 1.5 use
serra da estrela | soft sheep raw 45 natural wheel 1 5 6 pdo
azeitão | soft sheep raw 30 natural drum 0.25 5 6 pdo
serpa | soft sheep raw 40 natural wheel 1.2 5 6.5 pdo
nisa, évora | firm sheep raw 90 natural drum 0.3 4 6.5 pdo
são jorge | hard cow raw 150 natural wheel 9 13 6 pdo
# Alps, Germany, Austria
gruyère, greyerzer | hard cow raw 300 natural wheel 35 11 5.8 pdo
emmentaler, emmental, swiss cheese, schweizer emmentaler | firm cow raw 150 natural wheel 95 22 4 codex
appenzeller | firm cow raw 150 washed wheel 6.5 8 5.8 use
tête de moine, mönchskopf | firm cow raw 100 washed drum 0.85 9 5.8 pdo
sbrinz | very-hard cow raw 720 natural wheel 40 13 6.5 pdo
vacherin fribourgeois, freiburger vacherin | semi-soft cow ? 90 washed wheel 7.5 8 5 pdo
tilsiter, tilsit, tilsiter schnittkäse | semi-soft cow ? 90 washed wheel 4.5 8 4.8 codex
schabziger | very-hard cow past 120 none drum 0.1 5 8 use
belper knolle | hard cow raw 70 rubbed ball 0.05 5 7 use
etivaz, l etivaz | hard cow raw 270 natural wheel 25 10 6 pdo
formaggio d alpe ticinese | firm cow raw 120 natural wheel 6 9 5 pdo
berner alpkäse, berner hobelkäse, hobelkäse | very-hard cow raw 600 natural wheel 10 9 7 pdo
bündner bergkäse | firm cow ? 150 washed wheel 5 9 5 use
allgäuer bergkäse | hard cow raw 240 natural wheel 30 10 5.8 pdo
allgäuer emmentaler | firm cow raw 100 natural wheel 80 20 4 pdo
vorarlberger bergkäse | hard cow raw 270 natural wheel 30 11 6 pdo
vorarlberger alpkäse, tiroler alpkäse, alpkäse, alpkaese, alpage | hard cow raw 210 natural wheel 28 11 6 pdo
tiroler bergkäse, gailtaler almkäse | hard cow raw 210 natural wheel 15 11 5.5 pdo
bergkäse, mountain cheese, formaggio di montagna, fromage de montagne | hard cow raw 240 natural wheel 25 10 5.5 use
heumilchkäse | firm cow ? 120 natural wheel 7 9 4.5 use
tiroler graukäse, graukäse | washed cow past 20 none block 1 9 7 pdo
limburger | washed cow past 35 washed block 0.4 5 7.5 use
romadur | washed cow past 25 washed block 0.1 4 6.5 use
harzer, handkäse, handkas, mainzer, olmützer quargel, quargel | washed cow past 10 none log 0.2 4 6.8 codex
weißlacker | washed cow past 150 none square 1.5 9 8.5 pdo
butterkäse | semi-soft cow past 30 plastic block 2.5 10 2 use
steinbuscher | semi-soft cow past 45 washed square 0.7 6 4.5 use
wilstermarschkäse | semi-soft cow past 40 natural wheel 5 9 3.5 use
holsteiner tilsiter | semi-soft cow past 60 washed wheel 4.5 8 4.5 pdo
altenburger ziegenkäse | bloomy goat past 28 bloomy drum 0.25 3 4 pdo
cambozola, blue brie, blauschimmel weichkäse | blue cow past 40 bloomy wheel 2.2 5 4 use
bavaria blu | blue cow past 40 bloomy wheel 1.2 5 4 use
weinkäse | semi-soft cow ? 45 washed wheel 2 7 4 use
quark, topfen | fresh cow past 2 none tub 0.25 7 1 use
schichtkäse | fresh cow past 3 none tub 0.25 7 1 use
kochkäse | fresh cow past 7 none tub 0.2 5 4 use
obatzda, obatzter | soft cow past 5 none tub 0.2 5 4.5 pdo
nieheimer käse | firm cow past 60 none drum 0.04 3 6.5 pdo
# Low Countries and the North
gouda, noord hollandse gouda | firm cow past 120 wax wheel 12 11 4.3 codex ages
boerenkaas, farmhouse gouda, bauerngouda | firm cow raw 150 natural wheel 10 11 5 use ages
edam, edamer | semi-soft cow past 60 wax ball 1.7 14 3 codex ages
maasdammer, maasdam, leerdam | semi-soft cow past 45 natural wheel 12 12 3 use
leidse komijnekaas, komijnekaas, leyden, boeren leidse, cumin cheese, leidse kaas | firm cow ? 150 wax wheel 8 10 5 pdo
kernhem | washed cow past 35 washed wheel 1.8 4 4.5 use
schapenkaas | firm sheep ? 150 wax wheel 5 11 5 use ages
ziegengouda, goat gouda | firm goat past 120 wax wheel 5 11 4.5 use ages
herve | washed cow ? 50 washed square 0.2 5 7.5 pdo
passendale, nazareth | semi-soft cow past 40 natural wheel 3 9 3 use
danablu, danish blue | blue cow past 75 none drum 3 10 7 pdo
esrom | semi-soft cow past 25 washed block 1.5 6 4 pdo
danbo | semi-soft cow past 40 washed square 6 8 3.5 pdo
havarti | semi-soft cow past 40 none block 4 10 3 pdo
samsø | semi-soft cow past 60 wax wheel 14 10 3.5 codex
fynbo, maribo | semi-soft cow past 40 wax wheel 10 9 3 use
västerbotten | very-hard cow past 420 wax drum 18 16 6.5 use
prästost, herrgård, grevé, svecia | firm cow past 120 wax wheel 13 12 4 use
jarlsberg type, norwegian style | semi-soft cow past 90 wax wheel 10 10 3 use
brunost, gjetost, geitost, brown cheese | firm cow past 3 none block 0.5 7 4.5 use
leipäjuusto, bread cheese | fresh cow past 5 none wheel 0.5 2 1.5 use
# Britain and Ireland
cheddar, west country farmhouse cheddar | hard cow ? 300 cloth drum 24 28 5.5 codex ages
red leicester | firm cow ? 150 cloth wheel 10 12 4.3 use
double gloucester | firm cow ? 150 cloth wheel 8 12 4.5 use
single gloucester | firm cow ? 90 natural wheel 4 9 3.5 pdo
cheshire | firm cow ? 75 cloth drum 8 20 4 use
lancashire | firm cow ? 75 cloth drum 9 20 4 pdo
wensleydale | firm cow ? 60 cloth drum 4 15 3.3 pdo
caerphilly | firm cow ? 60 natural wheel 4 8 4 pdo
derby, sage derby, dovedale | firm cow past 90 natural wheel 4 9 3.5 use
dorset blue, blue vinny | blue cow ? 100 natural drum 6 25 6.5 pdo
stilton | blue cow past 90 natural drum 7.5 28 7.5 pdo
white stilton | firm cow past 40 none drum 7.5 28 3.5 pdo
shropshire blue | blue cow past 85 natural drum 7.5 28 7 use
swaledale sheep | firm sheep raw 60 natural drum 2.3 10 4.5 pdo
swaledale | firm cow raw 60 natural drum 2.3 10 4.5 pdo
bonchester, teviotdale | bloomy cow raw 40 bloomy wheel 0.3 4 4.5 pdo
dunlop | firm cow ? 150 cloth drum 5 15 4.5 pdo
cornish yarg, yarg, nettle cheese | firm cow past 45 leaf wheel 3 8 4 use
berkswell style | hard sheep ? 150 natural ball 3 18 6 use
crowdie | fresh cow past 3 none tub 0.2 6 2 pdo
imokilly, irish cheddar | hard cow past 240 none block 20 20 5 pdo
smoked cheddar, cheddar fumé | firm cow past 150 none block 5 15 5 use
mild cheddar, cheddar doux | firm cow past 90 none block 5 15 3.5 use
mature cheddar, sharp cheddar, aged cheddar | hard cow ? 365 cloth drum 24 28 6 use
# Americas
monterey jack, jack cheese, pepper jack | semi-soft cow past 30 none block 4.5 9 2.8 cfr
dry jack | very-hard cow past 300 rubbed wheel 4 9 6 use
colby, colby jack | semi-soft cow past 45 none block 4.5 9 3 cfr
brick, brick cheese | semi-soft cow past 60 washed block 2.3 8 4.3 cfr
muenster style, american muenster | semi-soft cow past 20 none block 2.5 9 2.5 cfr
cream cheese, frischkäse, doppelrahmfrischkäse, fromage frais, fromage à tartiner, formaggio spalmabile, queso crema | fresh cow past 5 none tub 0.2 5 2 codex
cottage cheese, körniger frischkäse, hüttenkäse | fresh cow past 3 none tub 0.2 7 1 codex
teleme | soft cow past 20 none square 2.5 6 3 use
cotija | firm cow past 120 natural block 4 12 5.5 use
oaxaca, quesillo | semi-soft cow past 5 none ball 0.5 9 2 use
panela | fresh cow past 3 none drum 0.5 6 1.5 use
queso blanco | fresh cow past 5 none block 2 8 2 use
reggianito, sartori style | very-hard cow past 240 natural drum 6.5 15 6 codex
string cheese | semi-soft cow past 5 none log 0.03 2 1.5 use
cheese curds | fresh cow past 1 none tub 0.2 6 1.5 use
humboldt style | bloomy goat past 35 ash wheel 2.2 9 4.5 use
# Greece, the East
feta | fresh sheep past 75 none block 1 9 4 pdo
halloumi, hellim, grillkäse | semi-soft sheep past 20 none block 0.25 3 3 pdo
graviera kritis, graviera | hard sheep ? 180 natural wheel 14 11 5 pdo
graviera naxou | hard cow past 150 natural wheel 10 11 5 pdo
kefalotyri, kefalograviera | hard sheep ? 150 natural wheel 9 11 6 pdo
kasseri | semi-soft sheep ? 120 natural wheel 5 10 4 pdo
manouri | fresh sheep past 7 none log 1 9 2 pdo
anthotyro, mizithra | fresh sheep past 5 none ball 0.5 10 2 use
ladotyri | hard sheep ? 120 natural drum 1 10 6 pdo
metsovone | firm cow past 120 wax log 3 12 5 pdo
galotyri, kopanisti | soft sheep past 60 none tub 0.5 7 5.5 pdo
sirene, telemea, beyaz peynir, white brined cheese, salzlakenkäse, hirtenkäse, schafskäse in lake | fresh sheep past 60 none block 1 9 4 use
kashkaval | firm sheep past 90 none wheel 7 11 4.5 use
oscypek | semi-soft sheep raw 30 none ball 0.7 10 4.5 pdo
bryndza, brynza, liptauer | fresh sheep past 30 none tub 0.25 5 5 pdo
paški sir | hard sheep past 180 natural wheel 3 9 6 pdo
trappista | semi-soft cow past 30 plastic wheel 1.5 6 3 use
labneh, labne, labaneh | fresh cow past 2 none tub 0.25 6 2 use
paneer | fresh cow past 2 none block 0.5 5 1 use
akkawi, nabulsi | fresh cow past 10 none block 0.5 5 3 use
suluguni | fresh cow past 7 none wheel 1 5 3 use
# Kinds of cheese that are no single style
farmhouse cheese, hofkäse, bauernkäse | firm cow ? 100 natural wheel 5 9 4.5 use generic
ewe s milk cheese, ewes milk cheese, sheep s cheese, sheep cheese, schafkäse, schafskäse, fromage de brebis, brebis, formaggio di pecora | firm sheep ? 120 natural wheel 3 10 5 use generic
smoked cheese, räucherkäse, fromage fumé, formaggio affumicato, queso ahumado | semi-soft cow past 40 none wheel 1.5 8 4 use generic
rotschmierkäse | washed cow ? 45 washed drum 0.5 4 6.5 use
truffle cheese, trüffelkäse, pecorino al tartufo, tartufo | firm sheep ? 90 natural wheel 1 8 5 use generic
büffelkäse, buffalo cheese | semi-soft buffalo past 40 natural wheel 2 8 3.5 use generic
`;

/**
 * Words that name a family and no style, one a line: words | family. They hold where no style is named.
 * Common practice, no source.
 */
export const FAMILY_WORDS = `
frischkäse, fresh cheese, fromage frais, formaggio fresco, queso fresco, pâte fraîche, fresh, pasta fresca, fresco | fresh
weichkäse, soft cheese, pâte molle, pasta molle, pasta blanda, soft, weich, molle | soft
weichkäse mit weißschimmel, weißschimmelkäse, weißschimmel, bloomy, bloomy rind, croûte fleurie, crosta fiorita, corteza enmohecida, white mould, white rind | bloomy
rotschmier, rotschmierkäse, rotkultur, gewaschene rinde, washed rind, washed, croûte lavée, crosta lavata, corteza lavada, smear ripened, geschmierte rinde | washed
halbfester schnittkäse, halbfest, semi soft, semisoft, pâte demi dure, pasta semidura, halbhart, schnittkäse jung, pâte pressée, pâte pressée non cuite, semi dure | semi-soft
schnittkäse, halbhartkäse, firm, semi hard, semihard, pasta semicotta, demi dure, fester schnittkäse, pressed, prensada, semidura, semiduro | firm
hartkäse, hard cheese, hard, pâte dure, pâte pressée cuite, pâte cuite, pasta dura, pasta cotta, pasta dura cotta, dur, duro, hart | hard
reibkäse, extra hard, extrahartkäse, grating cheese, very hard, extra dur, pasta extra dura | very-hard
blauschimmel, blauschimmelkäse, edelpilzkäse, edelpilz, blue, blue cheese, blue veined, bleu, pâte persillée, persillé, erborinato, erborinata, azul, queso azul, pasta azul, blauader, blu | blue
`;

/** What a family usually is where no style is named: family | treatment age-days rind shape kg cm strength. Common practice, no source. */
export const FAMILIES = `
fresh | ? 7 none tub 0.2 5 2
soft | ? 21 natural drum 0.25 4 4
bloomy | ? 35 bloomy wheel 1 4 4
washed | ? 45 washed drum 0.4 4 6
semi-soft | ? 60 natural wheel 3 8 4
firm | ? 120 natural wheel 4 9 4.5
hard | ? 300 natural wheel 8 11 6
very-hard | ? 600 natural drum 30 20 7
blue | ? 80 natural drum 2.5 10 7
`;
