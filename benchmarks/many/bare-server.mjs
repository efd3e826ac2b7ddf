// The bare framework and driver: what asking and saving one row costs where nothing is checked, locked or told.
import express from 'express'
import pg from 'pg'

const pool = new pg.Pool({ connectionString: process.env['DATABASE_URL'], max: 8 })
const app = express()
app.disable('x-powered-by')
app.use(express.json())

app.get('/evenings/:id', async (request, response) => {
  const { rows } = await pool.query({
    name: 'row',
    text: 'SELECT * FROM evenings WHERE id = $1',
    values: [request.params.id],
  })
  response.json(rows[0])
})

app.post('/evenings/:id/claims', async (request, response) => {
  const { batchId, pressId, holder, plateIds } = request.body
  const { rows } = await pool.query({
    name: 'claim',
    text: `INSERT INTO bare_claims (evening_id, batch_id, press_id, holder, name, plate_ids, until)
           VALUES ($1, $2, $3, $4, '', $5, now() + interval '10 minutes')
           ON CONFLICT (evening_id, batch_id) DO UPDATE SET until = EXCLUDED.until, holder = EXCLUDED.holder
           RETURNING *`,
    values: [request.params.id, batchId, pressId, holder, JSON.stringify(plateIds)],
  })
  response.json(rows[0])
})

const server = app.listen(0, '127.0.0.1', () => console.log(`open at http://127.0.0.1:${server.address().port}/`))
