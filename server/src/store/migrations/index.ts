import type { QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';
import { firstTables } from './0001-first-tables';
import { wholeInspection } from './0002-whole-inspection';
import { schools } from './0003-schools';
import { tools } from './0004-tools';
import { pieceSchools } from './0005-piece-schools';
import { routeVersion } from './0006-route-version';
import { aimWishes } from './0007-aim-wishes';
import { ledger } from './0008-ledger';
import { pairedDevices } from './0009-paired-devices';
import { recordId } from './0010-record-id';
import { builtPieces } from './0011-built-pieces';
import { asReceived } from './0012-as-received';

/** All migrations in order. Only ever added to; one that has landed is never edited. */
export const MIGRATIONS: readonly RunnableMigration<QueryInterface>[] = [
  firstTables,
  wholeInspection,
  schools,
  tools,
  pieceSchools,
  routeVersion,
  aimWishes,
  ledger,
  pairedDevices,
  recordId,
  builtPieces,
  asReceived,
];
