/**
 * The fit of the pairing's weights: a ranking loss over rows of pairs.csv. Where a row wants a companion among its kind is
 * held against its soft rank there; every weight keeps its rule's sign (it is its prior times e^theta, theta drawn to 0).
 */

/** The share of the kind that may stand before it (or must), a little stricter than the row asks, so that it holds with room. */
const WANTED = {
  top: { side: 1, share: 0.12 },
  half: { side: 1, share: 0.33 },
  'not top': { side: -1, share: 0.4 },
  bottom: { side: -1, share: 0.9 },
};

/** What of a row does not change while weights do: each rule's amount for each host and candidate, with its sign. */
export function prepared(row, rulesOf, facts) {
  const kind = row.candidates[0].kind;
  const rules = rulesOf(kind);
  return {
    ...row,
    kind,
    tables: row.goods.map((host) =>
      row.candidates.map((beside) => {
        const [h, b] = facts(host, beside);
        return Float64Array.from(rules, (rule) => rule.sign * rule.of(h, b));
      }),
    ),
    at: row.besides.map((beside) => row.candidates.indexOf(beside)),
  };
}

/** Points within which two scores are near. */
const NEAR = 0.5;
/** A weight stays within a factor (as its logarithm) of its prior. */
const FARTHEST = Math.log(2.5);
/** What is wanted should be praised, what is at the bottom blamed, by this margin. */
const PRAISED = 1;
const SIGNED = 0.4;
/** How steeply a rank on the wrong side of what is wanted is blamed. */
const STEEP = 8;

/** Loss of a row and its slope along each weight. A row must hold on all it means: the worst of it weighs most. */
function addRow(row, weights, slope, scale) {
  const parts = [];
  const { side, share } = WANTED[row.expected];
  for (const table of row.tables) {
    const scores = table.map((amounts) => {
      let s = 0;
      for (let k = 0; k < amounts.length; k++) s += weights[k] * amounts[k];
      return s;
    });
    const n = scores.length;
    for (const c of row.at) {
      let rank = 0;
      const g = new Float64Array(weights.length);
      for (let o = 0; o < n; o++) {
        if (o === c || (row.at.includes(o) && side > 0)) continue;
        const p = 1 / (1 + Math.exp(-(scores[o] - scores[c]) / NEAR));
        rank += p;
        const d = (p * (1 - p)) / NEAR;
        if (d > 1e-6) for (let k = 0; k < g.length; k++) g[k] += d * (table[o][k] - table[c][k]);
      }
      const m = Math.max(1, n - (side > 0 ? row.at.length : 1));
      const x = side * STEEP * (rank / m - share);
      const loss = x > 30 ? x : Math.log1p(Math.exp(x));
      const dx = (side * STEEP) / m / (1 + Math.exp(-x));
      for (let k = 0; k < g.length; k++) g[k] *= dx;
      const signed = row.expected !== 'not top' ? 1 : 0;
      const y = PRAISED - side * scores[c];
      const ey = signed * SIGNED * (y > 30 ? y : Math.log1p(Math.exp(y)));
      const dy = (-side * signed * SIGNED) / (1 + Math.exp(-y));
      for (let k = 0; k < g.length; k++) g[k] += dy * table[c][k];
      parts.push({ loss: loss + ey, g });
    }
  }
  // The mean, with the worse weighing more.
  let total = 0;
  for (const { loss } of parts) total += Math.exp(loss);
  let sum = 0;
  for (const { loss, g } of parts) {
    const w = Math.exp(loss) / total;
    sum += w * loss;
    for (let k = 0; k < g.length; k++) slope[k] += scale * w * g[k];
  }
  return scale * sum;
}

/** How hard it weighs that one thing comes first beside too many goods. */
const CROWDED = 1.5;
/** Stays a little under what is asked. */
const ROOM = 0.9;

/**
 * What is lost where one thing of a shelf is the first choice of too many goods: a model that always says the same says nothing.
 * @param shelf the tables of each good, the largest share that one of them may have, and which may win everywhere
 */
function addShelf({ tables, most, free }, weights, slope) {
  const n = tables[0].length;
  const shares = new Float64Array(n);
  const nears = [];
  const chances = tables.map((table) => {
    const scores = table.map((amounts) => {
      let s = 0;
      for (let k = 0; k < amounts.length; k++) s += weights[k] * amounts[k];
      return s;
    });
    const best = Math.max(...scores);
    const mean = scores.reduce((a, b) => a + b, 0) / n;
    // Nearness is relative to how far the shelf lies apart, so that small weights do not pass for variety.
    const near = 0.2 * Math.sqrt(scores.reduce((a, b) => a + (b - mean) ** 2, 0) / n) + 1e-3;
    nears.push(near);
    const raw = scores.map((s) => Math.exp((s - best) / near));
    const sum = raw.reduce((a, b) => a + b, 0);
    return raw.map((x, c) => {
      shares[c] += x / sum / tables.length;
      return x / sum;
    });
  });
  let loss = 0;
  const pull = new Float64Array(n);
  for (let c = 0; c < n; c++) {
    const over = Math.max(0, shares[c] - ROOM * most);
    if (free[c] || over === 0) continue;
    loss += CROWDED * over;
    pull[c] = CROWDED;
  }
  if (loss > 0)
    tables.forEach((table, h) => {
      const p = chances[h];
      let mean = 0;
      for (let c = 0; c < n; c++) mean += pull[c] * p[c];
      for (let c = 0; c < n; c++) {
        const g = (p[c] * (pull[c] - mean)) / nears[h] / tables.length;
        if (Math.abs(g) > 1e-9) for (let k = 0; k < slope.length; k++) slope[k] += g * table[c][k];
      }
    });
  return loss;
}

/**
 * Weights of one kind of company that hold its rows best.
 * @param rows prepared rows, one for each counter (as it is, and moved a little)
 * @param drawn how strongly weights are drawn to their priors
 */
export function fitted(rows, priors, { drawn, steps = 90, rate = 0.14, fixed = [], shelves = [] }) {
  const n = priors.length;
  const theta = new Float64Array(n);
  const [m, v] = [new Float64Array(n), new Float64Array(n)];
  const weights = new Float64Array(n);
  const scale = 1 / Math.max(1, rows.length);
  for (let step = 1; step <= steps; step++) {
    for (let k = 0; k < n; k++) weights[k] = priors[k] * Math.exp(theta[k]);
    const slope = new Float64Array(n);
    for (const row of rows) addRow(row, weights, slope, scale);
    for (const shelf of shelves) addShelf(shelf, weights, slope);
    const r = rate * (1 - 0.8 * (step / steps));
    for (let k = 0; k < n; k++) {
      if (fixed[k]) continue;
      const g = slope[k] * weights[k] + (2 * drawn * theta[k]) / n;
      m[k] = 0.9 * m[k] + 0.1 * g;
      v[k] = 0.99 * v[k] + 0.01 * g * g;
      const [mh, vh] = [m[k] / (1 - 0.9 ** step), v[k] / (1 - 0.99 ** step)];
      theta[k] = Math.max(-FARTHEST, Math.min(FARTHEST, theta[k] - (r * mh) / (Math.sqrt(vh) + 1e-8)));
    }
  }
  return Float64Array.from(theta, (t, k) => priors[k] * Math.exp(t));
}
