import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream, statSync } from 'node:fs';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import yauzl from 'yauzl';
import yazl from 'yazl';

/** SHA-256 of a file's bytes, in hexadecimal. */
export const checksumOf = async (file: string): Promise<string> => {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(file)) hash.update(chunk as Buffer);
  return hash.digest('hex');
};

/** What goes into a zip: a file of the disk, or a text, under a name. */
export type Packed =
  | { readonly name: string; readonly file: string }
  | { readonly name: string; readonly text: string };

/** Packs files into a zip. */
export const packZip = async (target: string, contents: readonly Packed[]): Promise<void> => {
  const zip = new yazl.ZipFile();
  for (const it of contents) {
    if ('file' in it) zip.addFile(it.file, it.name);
    else zip.addBuffer(Buffer.from(it.text), it.name);
  }
  zip.end();
  await pipeline(zip.outputStream as Readable, createWriteStream(target));
};

/**
 * Takes files out of a zip; of those that are not asked for nothing is written.
 * @param places where each file goes, by its name in the zip
 * @returns names that were found
 * @throws Error where it is no zip, or a broken one
 */
export const unpackZip = (
  source: string,
  places: Readonly<Record<string, string>>,
): Promise<readonly string[]> =>
  new Promise((resolve, reject) => {
    if (statSync(source).size === 0) return reject(new Error('It is empty.'));
    yauzl.open(source, { lazyEntries: true, autoClose: true }, (error, zip) => {
      if (error) return reject(error);
      const found: string[] = [];
      zip.on('error', reject);
      zip.on('end', () => resolve(found));
      zip.on('entry', (entry: yauzl.Entry) => {
        const place = places[entry.fileName];
        if (place === undefined) return zip.readEntry();
        zip.openReadStream(entry, (failure, stream) => {
          if (failure) return reject(failure);
          pipeline(stream, createWriteStream(place)).then(() => {
            found.push(entry.fileName);
            zip.readEntry();
          }, reject);
        });
      });
      zip.readEntry();
    });
  });
