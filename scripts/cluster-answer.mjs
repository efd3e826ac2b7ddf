// Whether a cluster answers: the only proof that it runs.
const PATIENCE_MS = 5000

/** Whether a server at this address lets us in, answers a question, and works in this folder. */
export const answersAt = async (url, folder) => {
  const { default: pg } = await import('pg')
  const client = new pg.Client({
    connectionString: url,
    connectionTimeoutMillis: PATIENCE_MS,
    query_timeout: PATIENCE_MS,
  })
  client.on('error', () => undefined)
  try {
    await client.connect()
    const { rows } = await client.query('SHOW data_directory')
    return rows[0]?.data_directory === folder
  } catch {
    return false
  } finally {
    // Of a server that is frozen, no farewell comes.
    await Promise.race([client.end().catch(() => undefined), new Promise((resolve) => setTimeout(resolve, 500))])
  }
}
