import type { Knex } from 'knex'

/**
 * The envelope of a record in columns of its own; what it says stays one JSON body. The post and the set-up that it
 * belongs to are read out of the body by the database, so that they cannot differ from it.
 */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('records', 'clock')) return
  await knex.raw(`ALTER TABLE records
    ADD made_at VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL,
    ADD device VARCHAR(40) NULL,
    ADD device_seq BIGINT UNSIGNED NULL,
    ADD who VARCHAR(60) NULL,
    ADD clock CHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL,
    ADD plan_revision INT UNSIGNED NULL,
    ADD body JSON NULL,
    ADD post_id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin AS (
      IF(JSON_VALUE(body, '$.target') LIKE 'spot-%', NULL,
        COALESCE(JSON_VALUE(body, '$.post'), JSON_VALUE(body, '$.target')))) PERSISTENT,
    ADD setup_id VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin AS (JSON_VALUE(body, '$.setup')) PERSISTENT`)
}

export const down = (): Promise<void> => Promise.resolve()
