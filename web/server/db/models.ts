import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type CreationOptional,
  type Sequelize,
} from 'sequelize'
import { database } from './database'

export class AccountRow extends Model<InferAttributes<AccountRow>, InferCreationAttributes<AccountRow>> {
  declare id: string
  declare name: string
  declare email: string
  declare role: string
  declare passwordHash: string
  declare secondFactor: CreationOptional<string | null>
  declare secondFactorStep: CreationOptional<number | null>
}

export class TrailerRow extends Model<InferAttributes<TrailerRow>, InferCreationAttributes<TrailerRow>> {
  declare id: string
  declare stock: string
  declare version: CreationOptional<number>
  declare document: string | object
  declare updatedBy: string | null
}

export class FactsRow extends Model<InferAttributes<FactsRow>, InferCreationAttributes<FactsRow>> {
  declare trailerId: string
  declare trailerVersion: number
  declare factsKey: string
  declare facts: string | null
  declare card: string | null
  declare failed: string | null
}

export class HouseholdRow extends Model<InferAttributes<HouseholdRow>, InferCreationAttributes<HouseholdRow>> {
  declare id: string
  declare name: string
  declare version: CreationOptional<number>
  declare document: string | object
  declare updatedBy: string | null
  declare broughtBy: CreationOptional<string | null>
  declare updatedAt: CreationOptional<Date>
  /** How it ended, once it has. */
  declare outcome: CreationOptional<string | object | null>
  declare closedAt: CreationOptional<Date | null>
}

/** Never changed once it is written. */
export class WalkEventRow extends Model<InferAttributes<WalkEventRow>, InferCreationAttributes<WalkEventRow>> {
  declare id: string
  declare stock: string
  declare householdId: string | null
  declare kind: string
  declare about: string
  declare note: string | object
  declare outcome: string | object
  declare notedAt: Date
  declare notedBy: string | null
}

/** A page that a household took home, as it was on that day. */
export class TakeHomeRow extends Model<InferAttributes<TakeHomeRow>, InferCreationAttributes<TakeHomeRow>> {
  declare id: string
  declare householdId: string
  declare stocks: string
  declare document: string
  declare madeBy: string | null
  declare createdAt: CreationOptional<Date>
  declare expiresAt: Date
  declare withdrawnAt: CreationOptional<Date | null>
  declare visits: CreationOptional<number>
  declare visitedAt: CreationOptional<Date | null>
}

export class ContactRow extends Model<InferAttributes<ContactRow>, InferCreationAttributes<ContactRow>> {
  declare householdId: string
  declare version: CreationOptional<number>
  declare document: string | object
  declare updatedBy: string | null
}

/** A message as it was to go out. */
export class OutgoingRow extends Model<InferAttributes<OutgoingRow>, InferCreationAttributes<OutgoingRow>> {
  declare id: string
  declare householdId: string | null
  declare channel: string
  declare recipient: string
  declare subject: string
  declare words: string
  declare page: string | null
  declare oneTimeLink: CreationOptional<string | null>
  declare madeBy: string | null
  declare createdAt: CreationOptional<Date>
}

export class FollowUpRow extends Model<InferAttributes<FollowUpRow>, InferCreationAttributes<FollowUpRow>> {
  declare id: string
  declare householdId: string
  /** ISO date. */
  declare dueOn: string
  declare why: string
  declare madeBy: string | null
  declare createdAt: CreationOptional<Date>
  declare doneAt: CreationOptional<Date | null>
  declare doneBy: CreationOptional<string | null>
}

// Made anew for each column: Sequelize writes the column's name into the object it is given.
const id = () => ({ type: DataTypes.UUID, primaryKey: true })
const text = () => ({ type: DataTypes.STRING, allowNull: false })
const longText = () => ({ type: DataTypes.TEXT('long'), allowNull: false })
const counter = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 })
const document = () => ({ type: DataTypes.JSON, allowNull: false })
const by = () => ({ type: DataTypes.UUID, allowNull: true })
const of = () => ({ type: DataTypes.UUID, allowNull: false })
const moment = () => ({ type: DataTypes.DATE(3), allowNull: true })

const bound = new WeakSet<Sequelize>()

/** The models, bound to the process's database on first use. */
export function models() {
  const sequelize = database()
  if (!bound.has(sequelize)) {
    AccountRow.init(
      {
        id: id(),
        name: text(),
        email: text(),
        role: text(),
        passwordHash: text(),
        secondFactor: { type: DataTypes.STRING(400), allowNull: true },
        secondFactorStep: { type: DataTypes.BIGINT, allowNull: true },
      },
      { sequelize, tableName: 'accounts' },
    )
    TrailerRow.init(
      { id: id(), stock: text(), version: counter(), document: document(), updatedBy: by() },
      { sequelize, tableName: 'trailers' },
    )
    FactsRow.init(
      {
        trailerId: id(),
        trailerVersion: counter(),
        factsKey: text(),
        facts: DataTypes.TEXT('long'),
        card: DataTypes.TEXT('long'),
        failed: DataTypes.STRING(80),
      },
      { sequelize, tableName: 'trailer_facts', timestamps: false },
    )
    HouseholdRow.init(
      {
        id: id(),
        name: text(),
        version: counter(),
        document: document(),
        updatedBy: by(),
        broughtBy: by(),
        updatedAt: DataTypes.DATE(3),
        outcome: { type: DataTypes.JSON, allowNull: true },
        closedAt: { type: DataTypes.DATE(3), allowNull: true },
      },
      { sequelize, tableName: 'households' },
    )
    WalkEventRow.init(
      {
        id: id(),
        stock: text(),
        householdId: by(),
        kind: text(),
        about: text(),
        note: document(),
        outcome: document(),
        notedAt: { type: DataTypes.DATE(3), allowNull: false },
        notedBy: by(),
      },
      { sequelize, tableName: 'walk_events', updatedAt: false },
    )
    TakeHomeRow.init(
      {
        id: id(),
        householdId: of(),
        stocks: text(),
        document: longText(),
        madeBy: by(),
        createdAt: DataTypes.DATE(3),
        expiresAt: { type: DataTypes.DATE(3), allowNull: false },
        withdrawnAt: moment(),
        visits: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
        visitedAt: moment(),
      },
      { sequelize, tableName: 'take_homes', updatedAt: false },
    )
    ContactRow.init(
      { householdId: id(), version: counter(), document: document(), updatedBy: by() },
      { sequelize, tableName: 'contacts' },
    )
    OutgoingRow.init(
      {
        id: id(),
        householdId: by(),
        channel: text(),
        recipient: text(),
        subject: text(),
        words: text(),
        page: by(),
        oneTimeLink: by(),
        madeBy: by(),
        createdAt: DataTypes.DATE(3),
      },
      { sequelize, tableName: 'outgoing', updatedAt: false },
    )
    FollowUpRow.init(
      {
        id: id(),
        householdId: of(),
        dueOn: { type: DataTypes.DATEONLY, allowNull: false },
        why: text(),
        madeBy: by(),
        createdAt: DataTypes.DATE(3),
        doneAt: moment(),
        doneBy: by(),
      },
      { sequelize, tableName: 'follow_ups', updatedAt: false },
    )
    bound.add(sequelize)
  }
  return {
    AccountRow,
    TrailerRow,
    FactsRow,
    HouseholdRow,
    WalkEventRow,
    TakeHomeRow,
    ContactRow,
    OutgoingRow,
    FollowUpRow,
  }
}

/** A JSON column as a value: MariaDB hands JSON out as text. */
export const fromColumn = <T>(column: string | object): T =>
  (typeof column === 'string' ? JSON.parse(column) : column) as T
