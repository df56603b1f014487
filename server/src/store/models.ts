import type { Shop } from '@obrik/core/piece';
import type { KeptSteps } from '@obrik/core/route';
import { DataTypes, type Model, type ModelStatic, type Sequelize } from 'sequelize';

/**
 * A line of the record as stored. What was received is text that is read row by row: one that can't
 * be read leaves the others alone.
 */
export interface EntryRow {
  seq: number;
  id: string;
  pieceId: string | null;
  /** Kind of its change, as its sender named it. */
  kind: string;
  /** The entry as it was received, as JSON. */
  sent: string;
  /** Of what was received; null in lines of before that was kept. */
  hash: string | null;
  receivedAt: string;
  /** Ticket number of the piece that it takes in. */
  number: number | null;
}

/** The fold of a piece's entries: a cache that can be made again from them. */
export interface SnapshotRow {
  pieceId: string;
  /** Version of the form that it is in. */
  form: number;
  number: number;
  /** Place in the record of the piece's last entry. */
  seq: number;
  ledger: string;
  /** What a list says of the piece, but for what is planned. */
  summary: string;
  /** What was planned for the list last. */
  planned: string | null;
  /** What it was planned as: places of the last entries about the piece and about the shop. */
  plannedAs: string | null;
}

export interface RouteRow {
  id: number;
  pieceId: string;
  pieceRevision: number;
  plannedAt: string;
  /** Version of the form that shop and route are in. */
  version: number;
  shop: Shop;
  route: KeptSteps;
}

export interface PhotoRow {
  id: string;
  pieceId: string;
  width: number;
  height: number;
  bytes: Buffer;
  takenInAt: string;
}

/** A device that may come in over the network. */
export interface DeviceRow {
  id: string;
  name: string;
  tokenHash: string;
  pairedAt: string;
}

/** What is true of the database as a whole, by name. */
export interface FactRow {
  key: string;
  value: string;
}

export type EntryModel = Model<EntryRow, Omit<EntryRow, 'seq'>>;

export interface Models {
  readonly entries: ModelStatic<EntryModel>;
  readonly snapshots: ModelStatic<Model<SnapshotRow>>;
  readonly devices: ModelStatic<Model<DeviceRow>>;
  readonly facts: ModelStatic<Model<FactRow>>;
  readonly photos: ModelStatic<Model<PhotoRow>>;
  readonly routes: ModelStatic<Model<RouteRow, Omit<RouteRow, 'id'>>>;
}

const { BLOB, TEXT, INTEGER, JSON: JSON_TYPE } = DataTypes;
/** Made anew for each column: Sequelize writes into what it is given. */
const key = () => ({ type: TEXT, primaryKey: true });
const serial = () => ({ type: INTEGER, primaryKey: true, autoIncrement: true });

/** The tables as Sequelize sees them; their shape is made by the migrations. */
export const defineModels = (sequelize: Sequelize): Models => {
  const options = (tableName: string) => ({ tableName, timestamps: false });
  return {
    entries: sequelize.define(
      'entry',
      {
        seq: serial(),
        id: TEXT,
        pieceId: TEXT,
        kind: TEXT,
        sent: TEXT,
        hash: TEXT,
        receivedAt: TEXT,
        number: INTEGER,
      },
      options('entries'),
    ),
    snapshots: sequelize.define(
      'snapshot',
      {
        pieceId: key(),
        form: INTEGER,
        number: INTEGER,
        seq: INTEGER,
        ledger: TEXT,
        summary: TEXT,
        planned: TEXT,
        plannedAs: TEXT,
      },
      options('snapshots'),
    ),
    devices: sequelize.define(
      'device',
      { id: key(), name: TEXT, tokenHash: TEXT, pairedAt: TEXT },
      options('devices'),
    ),
    facts: sequelize.define('fact', { key: key(), value: TEXT }, options('facts')),
    photos: sequelize.define(
      'photo',
      {
        id: key(),
        pieceId: TEXT,
        width: INTEGER,
        height: INTEGER,
        bytes: BLOB,
        takenInAt: TEXT,
      },
      options('photos'),
    ),
    routes: sequelize.define(
      'route',
      {
        id: serial(),
        pieceId: TEXT,
        pieceRevision: INTEGER,
        plannedAt: TEXT,
        version: INTEGER,
        shop: JSON_TYPE,
        route: JSON_TYPE,
      },
      options('routes'),
    ),
  };
};
