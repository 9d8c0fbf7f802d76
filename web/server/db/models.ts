import { DataTypes, Model, type InferAttributes, type InferCreationAttributes, type CreationOptional, type Sequelize } from 'sequelize'
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
  declare factsVersion: number
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

const id = { type: DataTypes.UUID, primaryKey: true }
const version = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 }
const document = { type: DataTypes.JSON, allowNull: false }
const updatedBy = { type: DataTypes.UUID, allowNull: true }

const bound = new WeakSet<Sequelize>()

/** The models, bound to the process's database on first use. */
export function models() {
  const sequelize = database()
  if (!bound.has(sequelize)) {
    const text = { type: DataTypes.STRING, allowNull: false }
    AccountRow.init({ id, name: text, email: text, role: text, passwordHash: text }, { sequelize, tableName: 'accounts' })
    TrailerRow.init({ id, stock: text, version, document, updatedBy }, { sequelize, tableName: 'trailers' })
    FactsRow.init(
      { trailerId: id, trailerVersion: version, factsVersion: version, facts: { type: DataTypes.TEXT('long'), allowNull: false } },
      { sequelize, tableName: 'trailer_facts', timestamps: false },
    )
    HouseholdRow.init({ id, name: text, version, document, updatedBy, updatedAt: DataTypes.DATE(3) }, { sequelize, tableName: 'households' })
    bound.add(sequelize)
  }
  return { AccountRow, TrailerRow, FactsRow, HouseholdRow }
}

/** A JSON column as a value: MariaDB hands JSON out as text. */
export const fromColumn = <T>(column: string | object): T => (typeof column === 'string' ? JSON.parse(column) : column) as T
