/** Files of one workspace that import one another in a circle, types included: there may be none. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import ts from 'typescript';
import { root } from './project.mjs';

const sources = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
    .map((name) => join(folder, name));

/** Files that a file imports, as far as they are its own workspace's. */
function importsOf(file) {
  const { importedFiles } = ts.preProcessFile(readFileSync(file, 'utf8'), true, true);
  return importedFiles
    .filter(({ fileName }) => fileName.startsWith('.'))
    .map(({ fileName }) => join(dirname(file), fileName))
    .flatMap(
      (path) => ['.ts', '.tsx', ''].map((end) => path + end).find((f) => /\.tsx?$/.test(f) && existsSync(f)) ?? [],
    );
}

/** Every circle there is in a workspace, as the files along it. */
export function circles(workspace) {
  const graph = new Map(sources(join(root, workspace, 'src')).map((file) => [file, importsOf(file)]));
  const done = new Set();
  const found = [];
  const visit = (file, path) => {
    const at = path.indexOf(file);
    if (at >= 0) found.push([...path.slice(at), file].map((f) => relative(root, f)));
    if (at >= 0 || done.has(file)) return;
    for (const next of graph.get(file) ?? []) visit(next, [...path, file]);
    done.add(file);
  };
  for (const file of graph.keys()) visit(file, []);
  return found;
}

if (process.argv[1]?.endsWith('circles.mjs')) {
  const all = ['core', 'server', 'web'].flatMap(circles);
  for (const circle of all) console.error(circle.join('\n  → '));
  process.exit(all.length ? 1 : 0);
}
