import type {
  Aim,
  Confirmation,
  Finding,
  Hardware,
  Observation,
  PaintLayer,
  Piece,
  Shop,
} from '@obrik/core/piece';
import type { KeptSteps } from '@obrik/core/route';
import { DataTypes, type Model, type ModelStatic, type Sequelize } from 'sequelize';

/** A row as stored: the thing itself, whose piece it belongs to, and its place in the list. */
type Listed<T> = T & { pieceId: string; position: number };

export interface PieceRow extends Omit<
  Piece,
  'observations' | 'confirmations' | 'findings' | 'layers' | 'hardware' | 'aims'
> {
  number: number;
  revision: number;
  createdAt: string;
  updatedAt: string;
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
export interface ShopRow extends Shop {
  id: number;
}

export interface Models {
  readonly pieces: ModelStatic<Model<PieceRow>>;
  readonly observations: ModelStatic<Model<Listed<Observation>>>;
  readonly confirmations: ModelStatic<Model<Listed<Confirmation>>>;
  readonly findings: ModelStatic<Model<Listed<Finding>>>;
  readonly layers: ModelStatic<Model<Listed<PaintLayer>>>;
  readonly hardware: ModelStatic<Model<Listed<Hardware>>>;
  readonly photos: ModelStatic<Model<PhotoRow>>;
  readonly aims: ModelStatic<Model<Listed<Aim>>>;
  readonly routes: ModelStatic<Model<RouteRow, Omit<RouteRow, 'id'>>>;
  readonly shop: ModelStatic<Model<ShopRow>>;
}

const { BLOB, TEXT, INTEGER, DOUBLE, JSON: JSON_TYPE, BOOLEAN } = DataTypes;
/** Made anew for each column: Sequelize writes into what it is given. */
const key = () => ({ type: TEXT, primaryKey: true });

/** The tables as Sequelize sees them; their shape is made by the migrations. */
export const defineModels = (sequelize: Sequelize): Models => {
  const options = (tableName: string) => ({ tableName, timestamps: false });
  return {
    pieces: sequelize.define(
      'piece',
      {
        id: key(),
        number: INTEGER,
        revision: INTEGER,
        name: TEXT,
        templateId: TEXT,
        measures: JSON_TYPE,
        yearFrom: INTEGER,
        yearTo: INTEGER,
        childsRoom: BOOLEAN,
        origin: TEXT,
        keep: TEXT,
        schools: JSON_TYPE,
        archived: BOOLEAN,
        createdAt: TEXT,
        updatedAt: TEXT,
      },
      options('pieces'),
    ),
    observations: sequelize.define(
      'observation',
      {
        pieceId: key(),
        id: key(),
        position: INTEGER,
        surfaceId: TEXT,
        testId: TEXT,
        outcome: TEXT,
        value: DOUBLE,
        layer: INTEGER,
        at: TEXT,
        by: TEXT,
      },
      options('observations'),
    ),
    confirmations: sequelize.define(
      'confirmation',
      {
        pieceId: key(),
        surfaceId: key(),
        variable: key(),
        position: INTEGER,
        value: TEXT,
        at: TEXT,
      },
      options('confirmations'),
    ),
    findings: sequelize.define(
      'finding',
      {
        pieceId: key(),
        id: key(),
        position: INTEGER,
        surfaceId: TEXT,
        damage: TEXT,
        count: INTEGER,
        lengthMm: DOUBLE,
        widthMm: DOUBLE,
        depthMm: DOUBLE,
        direction: TEXT,
        place: JSON_TYPE,
        photoId: TEXT,
        note: TEXT,
        at: TEXT,
      },
      options('findings'),
    ),
    layers: sequelize.define(
      'layer',
      {
        pieceId: key(),
        surfaceId: key(),
        layer: { type: INTEGER, primaryKey: true },
        position: INTEGER,
        colour: TEXT,
        feel: TEXT,
        thicknessUm: DOUBLE,
      },
      options('layers'),
    ),
    hardware: sequelize.define(
      'hardware',
      {
        pieceId: key(),
        id: key(),
        position: INTEGER,
        kind: TEXT,
        name: TEXT,
        count: INTEGER,
        missing: INTEGER,
        holeSpacingMm: DOUBLE,
        bag: TEXT,
        disposition: TEXT,
        note: TEXT,
      },
      options('hardware'),
    ),
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
    aims: sequelize.define(
      'aim',
      {
        pieceId: key(),
        surfaceId: key(),
        position: INTEGER,
        scheme: JSON_TYPE,
        stripWish: TEXT,
        applicator: TEXT,
        newPart: TEXT,
      },
      options('aims'),
    ),
    routes: sequelize.define(
      'route',
      {
        id: { type: INTEGER, primaryKey: true, autoIncrement: true },
        pieceId: TEXT,
        pieceRevision: INTEGER,
        plannedAt: TEXT,
        version: INTEGER,
        shop: JSON_TYPE,
        route: JSON_TYPE,
      },
      options('routes'),
    ),
    shop: sequelize.define(
      'shop',
      {
        id: { type: INTEGER, primaryKey: true },
        units: TEXT,
        leadCutoffYear: INTEGER,
        airCelsius: DOUBLE,
        airHumidity: DOUBLE,
        schools: JSON_TYPE,
        tools: JSON_TYPE,
      },
      options('shop'),
    ),
  };
};
