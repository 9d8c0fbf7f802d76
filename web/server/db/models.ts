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
  declare facts: string
}

export class HouseholdRow extends Model<InferAttributes<HouseholdRow>, InferCreationAttributes<HouseholdRow>> {
  declare id: string
  declare name: string
  declare version: CreationOptional<number>
  declare document: string | object
  declare updatedBy: string | null
  declare updatedAt: CreationOptional<Date>
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

// Made anew for each column: Sequelize writes the column's name into the object it is given.
const id = () => ({ type: DataTypes.UUID, primaryKey: true })
const text = () => ({ type: DataTypes.STRING, allowNull: false })
const longText = () => ({ type: DataTypes.TEXT('long'), allowNull: false })
const counter = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 })
const document = () => ({ type: DataTypes.JSON, allowNull: false })
const by = () => ({ type: DataTypes.UUID, allowNull: true })

const bound = new WeakSet<Sequelize>()

/** The models, bound to the process's database on first use. */
export function models() {
  const sequelize = database()
  if (!bound.has(sequelize)) {
    AccountRow.init(
      { id: id(), name: text(), email: text(), role: text(), passwordHash: text() },
      { sequelize, tableName: 'accounts' },
    )
    TrailerRow.init(
      { id: id(), stock: text(), version: counter(), document: document(), updatedBy: by() },
      { sequelize, tableName: 'trailers' },
    )
    FactsRow.init(
      { trailerId: id(), trailerVersion: counter(), factsKey: text(), facts: longText() },
      { sequelize, tableName: 'trailer_facts', timestamps: false },
    )
    HouseholdRow.init(
      {
        id: id(),
        name: text(),
        version: counter(),
        document: document(),
        updatedBy: by(),
        updatedAt: DataTypes.DATE(3),
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
    bound.add(sequelize)
  }
  return { AccountRow, TrailerRow, FactsRow, HouseholdRow, WalkEventRow }
}

/** A JSON column as a value: MariaDB hands JSON out as text. */
export const fromColumn = <T>(column: string | object): T =>
  (typeof column === 'string' ? JSON.parse(column) : column) as T
