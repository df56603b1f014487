import { createReadStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { RequestHandler } from 'express';
import { makeBackup } from '../backup/backup';

/** Everything as one zip, made and read through while the server goes on. */
export const backupDownload =
  (database: string, now: () => Date): RequestHandler =>
  async (_request, response, next) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'obrik-download-'));
    const gone = () => rmSync(folder, { recursive: true, force: true });
    try {
      const file = path.join(folder, 'backup.zip');
      await makeBackup(database, file, now());
      const day = now().toISOString().slice(0, 10);
      response
        .type('application/zip')
        .set('Cache-Control', 'no-store')
        .set('Content-Disposition', `attachment; filename="obrik-${day}.zip"`);
      response.on('close', gone);
      createReadStream(file).pipe(response);
    } catch (error) {
      gone();
      next(error);
    }
  };
