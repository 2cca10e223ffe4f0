/** Boards and tools by name, one a line: names | use material length width diameter height (mm, - where none). Common practice, no source. */
export const WARES = `
slate, schieferplatte, ardoise, ardesia, slate board | board slate 400 300 - 8
marble board, marmorplatte, marble | board marble 400 300 - 15
round board, rundes brett, planche ronde | board wood - - 350 18
board, brett, käsebrett, cheese board, wooden board, planche, tagliere, tabla, holzbrett, servierbrett | board wood 450 300 - 18
platter, platte, plateau, vassoio, bandeja | board ceramic 400 280 - 15
bowl, schale, schälchen, bol, ciotola, ramekin, dip bowl, cuenco, ramequin | bowl ceramic - - 90 40
glass, glas, verre, bicchiere, tumbler, vaso | glass glass - - 70 90
knife, käsemesser, messer, couteau, coltello, cheese knife, spreader, streichmesser, cuchillo, girolle | knife metal - - - -
spoon, löffel, honey dipper, cuillère, cucchiaio, tongs, zange, honiglöffel | spoon metal - - - -
marker, schildchen, label holder, étiquette, segnaposto, käsefähnchen, flags | marker other - - - -
cloche, glocke, käseglocke, bell, bell jar, cupola | bell glass - - 250 180
`;
