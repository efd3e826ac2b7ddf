import type { QueryInterface } from 'sequelize'

/** Devices that were let in, what was done to rights and to everything at once, and which device a run was made on. */
export const pairedDevices = {
  name: '0030-paired-devices',
  async up({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      `CREATE TABLE paired_devices (
         id uuid PRIMARY KEY,
         name text NOT NULL,
         role text NOT NULL CHECK (role IN ('bench', 'helper', 'owner')),
         token_hash text NOT NULL UNIQUE,
         paired_at timestamptz NOT NULL,
         seen_at timestamptz NOT NULL);
       CREATE TABLE audited_deeds (
         id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
         at timestamptz NOT NULL,
         who text NOT NULL,
         deed text NOT NULL,
         about text NOT NULL);
       ALTER TABLE runs ADD COLUMN device_id uuid REFERENCES paired_devices ON DELETE SET NULL`,
    )
  },
  async down({ context }: { context: QueryInterface }): Promise<void> {
    await context.sequelize.query(
      'ALTER TABLE runs DROP COLUMN device_id; DROP TABLE audited_deeds; DROP TABLE paired_devices',
    )
  },
}
