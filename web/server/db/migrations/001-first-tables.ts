import { DataTypes, type QueryInterface } from 'sequelize'

const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false }
const moment = { type: DataTypes.DATE(3), allowNull: false }
const document = { type: DataTypes.JSON, allowNull: false }
const counter = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 }
const by = { type: DataTypes.UUID, allowNull: true }

/** People who sign in, stock with its stored facts, households. Ids are UUIDv7 made by the application. */
export async function up({ context: tables }: { context: QueryInterface }): Promise<void> {
  await tables.createTable('accounts', {
    id,
    name: { type: DataTypes.STRING(80), allowNull: false },
    email: { type: DataTypes.STRING(190), allowNull: false, unique: true },
    role: { type: DataTypes.STRING(20), allowNull: false },
    password_hash: { type: DataTypes.STRING(255), allowNull: false },
    created_at: moment,
    updated_at: moment,
  })
  await tables.createTable('trailers', {
    id,
    stock: { type: DataTypes.STRING(20), allowNull: false, unique: true },
    version: counter,
    document,
    updated_by: by,
    created_at: moment,
    updated_at: moment,
  })
  await tables.createTable('trailer_facts', {
    trailer_id: { ...id, references: { model: 'trailers', key: 'id' }, onDelete: 'CASCADE' },
    trailer_version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    facts_version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    facts: { type: DataTypes.TEXT('long'), allowNull: false },
  })
  await tables.createTable('households', {
    id,
    name: { type: DataTypes.STRING(80), allowNull: false },
    version: counter,
    document,
    updated_by: by,
    created_at: moment,
    updated_at: moment,
  })
  await tables.addIndex('households', ['updated_at'])
}
