import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './run.mjs';

const SKIP = /^(node_modules|dist|\.expo|testing)$|\.test\.tsx?$/;

const filesBelow = (place) => {
  const full = path.join(ROOT, place);
  if (!existsSync(full)) return [];
  if (statSync(full).isFile()) return [place];
  return readdirSync(full)
    .filter((name) => !SKIP.test(name))
    .sort()
    .flatMap((name) => filesBelow(path.join(place, name)));
};

/** Hash over the names and contents of everything below the given places. */
export const fingerprint = (places) => {
  const hash = createHash('sha256');
  for (const file of places.flatMap(filesBelow)) {
    hash
      .update(file)
      .update('\0')
      .update(readFileSync(path.join(ROOT, file)));
  }
  return hash.digest('hex');
};

/**
 * Does a piece of work only when what it depends on has changed since last time.
 * The mark is written after the work has succeeded.
 */
export const whenStale = async (mark, places, work) => {
  const file = path.join(ROOT, mark);
  const now = fingerprint(places);
  if (existsSync(file) && readFileSync(file, 'utf8') === now) return false;
  await work();
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, now);
  return true;
};
