/**
 * How the export is cut into scripts. Expo puts whatever two pages share into the first script; here what pages share
 * becomes pieces of its own, each fetched only with a page that needs it, and side by side with that page's own script.
 */
const { mkdirSync, writeFileSync } = require('node:fs');
const { join, relative } = require('node:path');
const { precomputeChunkFilenames } = require('@expo/metro-config/build/serializer/computeChunkFilenames');
const serializeChunks = require('@expo/metro-config/build/serializer/serializeChunks');

const { graphToSerialAssetsAsync, Chunk } = serializeChunks;

/** Where the files of every part are told to the build (`scripts/lib/build.mjs`). */
const PARTS = '.expo/parts.json';

/** A page asks for so many shared pieces at most: a browser fetches six things at once. */
const MOST_PIECES = 10;

const resolved = (dependency) => dependency.absolutePath !== undefined && dependency.absolutePath !== null;

/** The files a chunk needs; one whose modules all lie in pieces has none of its own. */
const filesOf = (chunk, filenames) =>
  [...chunk.pieces, ...(chunk.deps.size > 0 ? [chunk] : [])].map((one) => `/${filenames.get(one)}`);

/** A chunk that may need pieces shared with others: its importers are told all of their files. */
class SplitChunk extends Chunk {
  /** Pieces that must be there before this chunk runs. */
  pieces = [];

  getAsyncChunkTargets(chunkByPath) {
    const targets = new Set(super.getAsyncChunkTargets(chunkByPath));
    for (const target of [...targets]) for (const piece of target.pieces ?? []) targets.add(piece);
    return targets;
  }

  getComputedPathsForAsyncDependencies(chunksByPath, filenames) {
    const paths = super.getComputedPathsForAsyncDependencies(chunksByPath, filenames);
    for (const path of Object.keys(paths ?? {})) {
      const chunk = chunksByPath.get(path);
      if (chunk.pieces?.length > 0) paths[path] = filesOf(chunk, filenames);
    }
    return paths;
  }
}

/** One chunk for every entry: what it imports at once, and the chunks it imports later. */
function gather(entry, preModules, graph, options) {
  const chunks = new Map();
  const importers = new Map();
  const add = (module, { isAsync, isWorker }) => {
    const known = chunks.get(module.path);
    if (known) return known;
    const own = isWorker || !isAsync;
    const chunk = new SplitChunk(module.path, new Set([module]), graph, options, isAsync, false, own);
    if (own) for (const one of preModules) chunk.preModules.add(one);
    if (isWorker) chunk.seal();
    chunks.set(module.path, chunk);
    const include = (from) => {
      for (const dependency of from.dependencies.values()) {
        const next = resolved(dependency) && graph.dependencies.get(dependency.absolutePath);
        if (!next) continue;
        const { asyncType } = dependency.data.data;
        if (asyncType) {
          const target = add(next, { isAsync: true, isWorker: asyncType === 'worker' });
          importers.set(target, (importers.get(target) ?? new Set()).add(chunk));
        } else if (!chunk.deps.has(next)) {
          chunk.deps.add(next);
          include(next);
        }
      }
    };
    include(module);
    return chunk;
  };
  const first = add(graph.dependencies.get(entry), { isAsync: false, isWorker: false });
  return { first, chunks: [...chunks.values()], importers };
}

/**
 * Leaves out of every chunk what is there already whenever it is asked for: in the first script, and in all chunks that
 * ask for it, with what was there for them.
 */
function leaveOutWhatIsThere(first, chunks, importers) {
  const later = chunks.filter((chunk) => chunk !== first && !chunk.sealed);
  const whole = new Map(later.map((chunk) => [chunk, new Set(chunk.deps)]));
  whole.set(first, new Set(first.deps));
  const there = new Map([[first, new Set()]]);
  for (let changed = true; changed;) {
    changed = false;
    for (const chunk of later) {
      let common;
      for (const importer of importers.get(chunk) ?? []) {
        // A worker has its own world.
        if (importer.sealed || importer === chunk) continue;
        const before = there.get(importer);
        // Not reached yet: it takes nothing away.
        if (!before) continue;
        const has = new Set([...before, ...whole.get(importer)]);
        common = common ? new Set([...common].filter((one) => has.has(one))) : has;
      }
      if (!common) continue;
      for (const one of first.deps) common.add(one);
      if (there.get(chunk)?.size === common.size) continue;
      there.set(chunk, common);
      changed = true;
    }
  }
  for (const chunk of later) for (const one of there.get(chunk) ?? []) chunk.deps.delete(one);
  return later.filter((chunk) => chunk.deps.size > 0);
}

const sizeOf = (module) => module.output.reduce((sum, { data }) => sum + (data.code?.length ?? 0), 0);

/** What several chunks hold, by who holds it. */
function sharedGroups(later) {
  const holders = new Map();
  later.forEach((chunk, i) => {
    for (const module of chunk.deps) holders.set(module, [...(holders.get(module) ?? []), i]);
  });
  const groups = new Map();
  for (const [module, of] of holders) {
    if (of.length < 2) continue;
    const group = groups.get(of.join()) ?? { of: new Set(of), modules: [], size: 0 };
    group.modules.push(module);
    group.size += sizeOf(module);
    groups.set(of.join(), group);
  }
  return [...groups.values()];
}

/** Pages that are loaded at the mill, where what is fetched in vain counts more. */
const AT_THE_MILL =
  /(StationPage|FeaturePage|TaskScreen|TouchAgainPage|MoveList|(datum|zAndTools|boreAndFace|alignment|verify)\/Screen)\.tsx$/;
const WEIGHT = 20;

/** What is fetched in vain where two groups become one piece, by whom. */
function waste(a, b, weights) {
  const only = (x, y) => [...x].reduce((sum, one) => (y.has(one) ? sum : sum + weights[one]), 0);
  return a.size * only(b.of, a.of) + b.size * only(a.of, b.of);
}

/** Joins the groups that cost least together, until no chunk needs too many. */
function joined(groups, weights) {
  const left = [...groups];
  const crowded = () => {
    const counts = new Map();
    for (const { of } of left) for (const one of of) counts.set(one, (counts.get(one) ?? 0) + 1);
    return new Set([...counts].filter(([, count]) => count > MOST_PIECES).map(([one]) => one));
  };
  for (let full = crowded(); full.size > 0; full = crowded()) {
    let best;
    for (let i = 0; i < left.length; i += 1) {
      for (let k = i + 1; k < left.length; k += 1) {
        if (![...left[i].of].some((one) => full.has(one) && left[k].of.has(one))) continue;
        const cost = waste(left[i], left[k], weights);
        if (!best || cost < best.cost) best = { cost, i, k };
      }
    }
    const [b] = left.splice(best.k, 1);
    const a = left[best.i];
    left[best.i] = { of: new Set([...a.of, ...b.of]), modules: [...a.modules, ...b.modules], size: a.size + b.size };
  }
  return left;
}

function splitPieces(later, graph, options) {
  const weights = later.map(({ name }) => (AT_THE_MILL.test(name) ? WEIGHT : 1));
  const groups = joined(sharedGroups(later), weights).sort((a, b) => b.size - a.size);
  return groups.map(({ of, modules }, i) => {
    const piece = new SplitChunk(`/shared-${i + 1}.js`, new Set(modules), graph, options, true);
    for (const one of of) {
      for (const module of modules) later[one].deps.delete(module);
      later[one].pieces.push(piece);
    }
    return piece;
  });
}

/** By the path of a module: the chunk it is asked for by, else the one it lies in. */
function chunksByPath(chunks) {
  const found = new Map();
  const put = (path, chunk) => found.has(path) || found.set(path, chunk);
  for (const chunk of chunks) for (const { path } of chunk.entries) put(path, chunk);
  for (const sealed of [false, true])
    for (const chunk of chunks) if (chunk.sealed === sealed) for (const { path } of chunk.deps) put(path, chunk);
  return found;
}

/** Writes which files each part needs, by its module from `src`: the first page asks for them before the first script runs. */
function tellParts(later, filenames, projectRoot) {
  const source = join(projectRoot, 'src');
  const parts = later.map((chunk) => {
    const [{ path }] = chunk.entries;
    return [relative(source, path), filesOf(chunk, filenames)];
  });
  mkdirSync(join(projectRoot, '.expo'), { recursive: true });
  writeFileSync(join(projectRoot, PARTS), JSON.stringify(Object.fromEntries(parts)));
}

async function toAssets(config, chunkOptions, entry, preModules, graph, options) {
  const { first, chunks, importers } = gather(entry, preModules, graph, options);
  const later = leaveOutWhatIsThere(first, chunks, importers);
  const pieces = splitPieces(later, graph, options);
  // A page whose modules all lie in pieces still has its name.
  const all = new Set([first, ...later, ...chunks.filter(({ sealed }) => sealed), ...pieces]);
  for (const piece of pieces) piece.entries = new Set();
  const byPath = chunksByPath(all);
  const filenames = precomputeChunkFilenames({
    chunks: all,
    chunksByPath: byPath,
    serializerConfig: config.serializer,
    recomputeChunkNames: true,
  });
  tellParts(later, filenames, options.projectRoot);
  const assets = await Promise.all(
    [...all]
      .filter(({ deps }) => deps.size > 0)
      .map((chunk) => chunk.serializeToAssetsAsync(config.serializer, byPath, filenames, chunkOptions)),
  );
  return assets.flat();
}

/** Cuts the scripts of an export our way; everything else of it stays Expo's. */
function withSplitChunks(config) {
  serializeChunks.graphToSerialAssetsAsync = async (own, chunkOptions, entry, preModules, graph, options) => {
    const splits = graph.transformOptions.platform === 'web' && !options.dev && chunkOptions.splitChunks;
    const theirs = splits ? { ...chunkOptions, includeSourceMaps: false } : chunkOptions;
    const whole = await graphToSerialAssetsAsync(own, theirs, entry, preModules, graph, options);
    if (!splits) return whole;
    const scripts = await toAssets(own, chunkOptions, entry, preModules, graph, options);
    return { ...whole, artifacts: [...scripts, ...whole.artifacts.filter(({ type }) => type === 'css')] };
  };
  return config;
}

module.exports = { withSplitChunks };
