/**
 * The dependency rules of the architecture (docs/architecture.md).
 * ROOMS is the working order of core: a room may import only rooms that stand before it.
 */
const ROOMS = [
  'units',
  'lexicon',
  'counter',
  'care',
  'stage',
  'brief',
  'sense',
  'amount',
  'balance',
  'solve',
  'pick',
  'pair',
  'cut',
  'portion',
  'plate',
  'walk',
  'menu',
  'lay',
  'clock',
  'ledger',
  'order',
  'papers',
  'searches',
  'api',
];

const roomRules = ROOMS.slice(0, -1).map((room, i) => ({
  name: `core-${room}-imports-only-rooms-above`,
  comment: `${room}/ may not know what a later room decides.`,
  severity: 'error',
  from: { path: `^core/src/${room}/` },
  to: { path: `^core/src/(${ROOMS.slice(i + 1).join('|')}|index\\.ts)` },
}));

/** Rooms of the web, as in core: the stages and the pages stand side by side, `app` puts them together. */
const WEB_ROOMS = [
  'language',
  'ui',
  'words',
  'api',
  'wheel',
  'optimiser',
  'devices',
  'drawing',
  'frame',
  '(brief|pick|portion|cut|pair|walk|lay|clock|papers|book|counter|house|tasting)',
  'app',
];
const webRules = WEB_ROOMS.map((room, i) => ({
  name: `web-${i + 1}-imports-only-rooms-above`,
  comment: `${room}/ may not know what stands on top of it; a stage or page knows no other.`,
  severity: 'error',
  from: { path: `^web/src/${room}/` },
  to: {
    path: `^web/src/(${WEB_ROOMS.slice(room.startsWith('(') ? i : i + 1).join('|')})/`,
    // Its own room is no arrow.
    pathNot: room.startsWith('(') ? '^web/src/$1/' : '^$',
  },
})).filter((_, i) => i < WEB_ROOMS.length - 1);

/** Rooms of the server: below, what stores; then what answers by HTTP; then documents, what computes of them, and the demo. */
const SERVER_ROOMS = ['database', 'http', '(counter|house|orders|tastings|copies)', 'planning', 'demo'];
const serverRules = SERVER_ROOMS.slice(0, -1).map((room, i) => ({
  name: `server-${i + 1}-imports-only-rooms-above`,
  comment: `${room}/ may not know what stands on top of it.`,
  severity: 'error',
  from: { path: `^server/src/${room}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^server/src/(${SERVER_ROOMS.slice(i + 1).join('|')})/` },
}));

module.exports = {
  forbidden: [
    ...roomRules,
    ...webRules,
    ...serverRules,
    {
      name: 'core-is-pure',
      comment:
        'core imports no interface, server, or I/O code: only itself, zod and small pure libraries (tests may use node and fast-check).',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: {
        pathNot: '^(core/src/|node_modules/(zod|tinyqueue|d3-color|culori|bessel|safe-stable-stringify)/)',
      },
    },
    {
      name: 'solve-knows-nothing-of-cheese',
      comment: 'The optimiser takes columns of numbers; what they mean is said in pick/.',
      severity: 'error',
      from: { path: '^core/src/solve/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/', pathNot: '^core/src/(solve|units)/' },
    },
    {
      name: 'testing-is-for-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|/testing/)' },
      to: { path: '/testing/' },
    },
    {
      name: 'server-does-not-import-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^web/' },
    },
    {
      name: 'web-does-not-import-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^server/' },
    },
    {
      name: 'web-ui-knows-no-stage',
      comment: 'The shared parts in web/src/ui are below the screens.',
      severity: 'error',
      from: { path: '^web/src/ui/' },
      to: {
        path: '^web/src/(app|book|brief|counter|cut|house|order|pair|papers|pick|portion|tasting|walk|lay)/',
      },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'not-to-unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(/dist/|\\.css$|^web/src/vite-env\\.d\\.ts$)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.depcruise.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
