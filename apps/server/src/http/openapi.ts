import { recipeDifferences } from '@bold-heron/core'
import {
  csvReport,
  houseRulesInput,
  houseRulesRow,
  outlineInput,
  padWear,
  photoRow,
  pageOf,
  evidenceChange,
  pageQuery,
  planQuestion,
  pressLearning,
  problem,
  recipeFile,
  recipeJob,
  recipeNaming,
  recipeRow,
  runInput,
  runNote,
  runRow,
  setupInput,
  simulationAnswer,
  simulationFile,
  workshopFile,
} from '@bold-heron/schema'
import { z } from 'zod'
import { csvNames } from '../csv/tables.js'
import { resources } from './resources.js'

type Json = Record<string, unknown>

const schemaOf = (schema: z.ZodType, io: 'input' | 'output' = 'output'): Json => {
  const { $schema: _, ...json } = z.toJSONSchema(schema, { io, unrepresentable: 'any' }) as Json
  return json
}

const body = (schema: Json, type = 'application/json') => ({ required: true, content: { [type]: { schema } } })
const answer = (description: string, schema?: Json, type = 'application/json') => ({
  description,
  ...(schema ? { content: { [type]: { schema } } } : {}),
})
const problemAnswer = (description: string) =>
  answer(description, { $ref: '#/components/schemas/Problem' }, 'application/problem+json')
const refusals = { 422: problemAnswer('Fields that cannot be taken, each named'), 404: problemAnswer('Not there') }

const queryOf = (schema: z.ZodType): Json[] => {
  const { properties = {} } = schemaOf(schema, 'input') as { properties?: Record<string, Json> }
  return Object.entries(properties).map(([name, property]) => ({
    name,
    in: 'query',
    required: false,
    schema: property,
  }))
}
const idParameter = { name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } }
const versionHeader = {
  name: 'If-Match',
  in: 'header',
  required: true,
  schema: { type: 'string' },
  description: 'The version the change was made from, such as "3"',
}

const resourcePaths = ({
  name,
  one,
  input,
  row,
  filter,
  retirable,
}: (typeof resources)[keyof typeof resources]): Json => {
  const ref = { $ref: `#/components/schemas/${one}` }
  const marked = (summary: string) => ({
    post: {
      summary,
      parameters: [idParameter],
      responses: { 200: answer('The row as it is now', ref), 404: refusals[404] },
    },
  })
  return {
    [`/api/${name}`]: {
      get: {
        summary: `List ${name}`,
        parameters: [...queryOf(pageQuery), ...queryOf(filter)],
        responses: { 200: answer('One page', schemaOf(pageOf(row))), 422: refusals[422] },
      },
      post: {
        summary: `Add a ${one}`,
        requestBody: body(schemaOf(input, 'input')),
        responses: { 201: answer('The new row', ref), 422: refusals[422] },
      },
    },
    [`/api/${name}/{id}`]: {
      get: {
        summary: `One ${one}`,
        parameters: [idParameter],
        responses: { 200: answer('The row', ref), 404: refusals[404] },
      },
      put: {
        summary: `Save a ${one}`,
        parameters: [idParameter, versionHeader],
        requestBody: body(schemaOf(input, 'input')),
        responses: {
          200: answer('The row as saved', ref),
          ...refusals,
          412: problemAnswer('Saved elsewhere in the meantime'),
        },
      },
      delete: {
        summary: `Delete a ${one}; it can be restored`,
        parameters: [idParameter],
        responses: { 200: answer('The row as deleted', ref), 404: refusals[404] },
      },
    },
    [`/api/${name}/{id}/restore`]: marked(`Undo the deleting of a ${one}`),
    ...(retirable
      ? {
          [`/api/${name}/{id}/retire`]: marked(`Put a ${one} aside`),
          [`/api/${name}/{id}/return`]: marked(`Take a ${one} back into use`),
        }
      : {}),
  }
}

const csvPaths = (): Json =>
  Object.fromEntries(
    csvNames.map((name) => [
      `/api/csv/${name}`,
      {
        get: { summary: `${name} as CSV`, responses: { 200: answer('The table', { type: 'string' }, 'text/csv') } },
        post: {
          summary: `Read ${name} from CSV: every row or none`,
          requestBody: body({ type: 'string' }, 'text/csv'),
          responses: {
            200: answer('What came of it', schemaOf(csvReport)),
            422: answer('Refused rows', schemaOf(csvReport)),
          },
        },
      },
    ]),
  )

/** The API as an OpenAPI 3.1 document, made from the same schemas that check the requests. */
export const openApiDocument = (): Json => {
  const rows = Object.values(resources).map(({ one, row }) => [one, schemaOf(row)] as const)
  return {
    openapi: '3.1.0',
    info: {
      title: 'Bold Heron',
      version: '1',
      description:
        'Stacks, passes and the log of a die-cutting workshop. Lengths in mm. Where the database does not answer, every address answers 503, and says of a change whether it was saved, was not, or whether that is not known; where it has no room, 507.',
    },
    components: { schemas: { ...Object.fromEntries(rows), Problem: schemaOf(problem) } },
    paths: {
      ...Object.assign({}, ...Object.values(resources).map(resourcePaths)),
      ...csvPaths(),
      '/api/house-rules': {
        get: { summary: 'House rules', responses: { 200: answer('The rules', schemaOf(houseRulesRow)) } },
        put: {
          summary: 'Save the house rules',
          parameters: [versionHeader],
          requestBody: body(schemaOf(houseRulesInput, 'input')),
          responses: {
            200: answer('As saved', schemaOf(houseRulesRow)),
            422: refusals[422],
            412: problemAnswer('Stale'),
          },
        },
      },
      '/api/setups': {
        post: {
          summary: 'Put in a first press with its plates, a die and a sheet: all of it or nothing',
          requestBody: body(schemaOf(setupInput, 'input')),
          responses: { 201: answer('The job made for them', schemaOf(resources.jobs.row)), 422: refusals[422] },
        },
      },
      '/api/plans': {
        post: {
          summary: 'Work out the stacks for a cut',
          requestBody: body(schemaOf(planQuestion, 'input')),
          responses: {
            200: answer('The plan: window, best stack with its ledger, alternatives', { type: 'object' }),
            ...refusals,
          },
        },
      },
      '/api/simulations': {
        post: {
          summary: 'Press dies in a simulated press; with Accept: application/x-ndjson also hear how far it is',
          requestBody: body(schemaOf(simulationFile, 'input')),
          responses: { 200: answer('What each pass does', schemaOf(simulationAnswer)), 422: refusals[422] },
        },
      },
      '/api/jobs/{id}/plan-request': {
        get: {
          summary: 'Everything the planner needs for a job',
          parameters: [
            idParameter,
            {
              name: 'except',
              in: 'query',
              required: false,
              schema: { type: 'string' },
              description: 'Runs not to be learnt from, by id, commas between',
            },
            {
              name: 'run',
              in: 'query',
              required: false,
              schema: { type: 'string' },
              description: 'Which of the job’s press runs; left out, the one in hand',
            },
          ],
          responses: { 200: answer('The planner’s input', { type: 'object' }), 404: refusals[404] },
        },
      },
      '/api/presses/{id}/learning': {
        get: {
          summary: 'What has been learnt of a press from its runs',
          parameters: [idParameter],
          responses: {
            200: answer('What all runs say together, and each alone', schemaOf(pressLearning)),
            404: refusals[404],
          },
        },
      },
      '/api/presses/{id}/forget': {
        post: {
          summary: 'Sets every run of a press aside as evidence, to start afresh; the log itself stays',
          parameters: [idParameter],
          responses: { 200: answer('How many were set aside', { type: 'object' }), 404: refusals[404] },
        },
      },
      '/api/runs/{id}/evidence': {
        put: {
          summary: 'Sets a run aside as evidence, or takes it back',
          parameters: [idParameter],
          requestBody: body(schemaOf(evidenceChange, 'input')),
          responses: { 200: answer('The run', schemaOf(runRow)), ...refusals },
        },
      },
      '/api/bench-runs/{id}': {
        put: {
          summary:
            'A run as it is being made: the same state twice is once, and an older state never undoes a newer one',
          parameters: [idParameter],
          requestBody: body(schemaOf(runInput, 'input')),
          responses: {
            200: answer('The run as it stands', schemaOf(runRow)),
            201: answer('The new run', schemaOf(runRow)),
            422: refusals[422],
          },
        },
      },
      '/api/runs/{id}/photos': {
        get: {
          summary: 'The photos of a run',
          parameters: [idParameter],
          responses: { 200: answer('The photos', schemaOf(z.array(photoRow))) },
        },
        post: {
          summary: 'Keeps a photo of a run: a JPEG, PNG or WebP by its content, made small and without metadata',
          parameters: [idParameter],
          requestBody: body({ type: 'string', format: 'binary' }, 'image/*'),
          responses: {
            201: answer('The photo', schemaOf(photoRow)),
            415: problemAnswer('No photo'),
            ...refusals,
          },
        },
      },
      '/api/photos/{id}': {
        get: {
          summary: 'A photo',
          parameters: [idParameter],
          responses: {
            200: answer('The photo', { type: 'string', format: 'binary' }, 'image/jpeg'),
            404: refusals[404],
          },
        },
        delete: {
          summary: 'Delete a photo; it can be restored',
          parameters: [idParameter],
          responses: { 200: answer('The photo', schemaOf(photoRow)), 404: refusals[404] },
        },
      },
      '/api/photos/{id}/restore': {
        post: {
          summary: 'Undo the deleting of a photo',
          parameters: [idParameter],
          responses: { 200: answer('The photo', schemaOf(photoRow)), 404: refusals[404] },
        },
      },
      '/api/runs/{id}/note': {
        put: {
          summary: 'Writes a note to a run; nothing else of it changes',
          parameters: [idParameter],
          requestBody: body(schemaOf(runNote, 'input')),
          responses: { 200: answer('The run', schemaOf(runRow)), ...refusals },
        },
      },
      '/api/runs/{id}/recipe': {
        post: {
          summary: 'Keeps a run that came out clean as a recipe',
          parameters: [idParameter],
          requestBody: body(schemaOf(recipeNaming, 'input')),
          responses: { 201: answer('The new recipe', schemaOf(recipeRow)), ...refusals },
        },
      },
      '/api/recipes/{id}/file': {
        get: {
          summary: 'A recipe as a file to give away',
          parameters: [idParameter],
          responses: { 200: answer('The file', schemaOf(recipeFile)), 404: refusals[404] },
        },
      },
      '/api/recipe-files': {
        post: {
          summary: 'Takes a recipe in from a file',
          requestBody: body(schemaOf(recipeFile, 'input')),
          responses: { 201: answer('The new recipe', schemaOf(recipeRow)), 422: refusals[422] },
        },
      },
      '/api/jobs/{id}/place-request': {
        get: {
          summary:
            'Everything Place needs for a job: the planner’s input without a placement, all dies with their lines, all sheets',
          parameters: [idParameter],
          responses: { 200: answer('Request, dies and sheets', { type: 'object' }), 404: refusals[404] },
        },
      },
      '/api/recipes/{id}/plan-request': {
        get: {
          summary: 'Everything the planner needs to carry a recipe over to a press of this workshop',
          parameters: [idParameter, { name: 'pressId', in: 'query', required: true, schema: { type: 'string' } }],
          responses: { 200: answer('The planner’s input', { type: 'object' }), ...refusals },
        },
      },
      '/api/recipes/{id}/jobs': {
        post: {
          summary: 'Makes a job of a recipe; dies and a sheet that the shelf has not got come along',
          parameters: [idParameter],
          requestBody: body(schemaOf(recipeJob, 'input')),
          responses: { 201: answer('The new job', schemaOf(resources.jobs.row)), ...refusals },
        },
      },
      '/api/jobs/{id}/recipes': {
        get: {
          summary: 'Recipes that fit a job, the nearest first, each with what is different',
          parameters: [idParameter],
          responses: {
            200: answer(
              'The recipes',
              schemaOf(z.array(z.object({ recipe: recipeRow, differences: z.array(z.enum(recipeDifferences)) }))),
            ),
            404: refusals[404],
          },
        },
      },
      '/api/devices': {
        get: {
          summary: 'Devices that the page can speak to: the simulated caliper’s WebSocket, or null',
          responses: { 200: answer('The devices', { type: 'object' }) },
        },
      },
      '/api/pad-wear': {
        get: {
          summary: 'What every cutting pad has borne, by the log',
          responses: { 200: answer('The pads', schemaOf(z.array(padWear))) },
        },
      },
      '/api/dies/{id}/outline': {
        get: {
          summary: 'The cutting lines of a die that has its own',
          parameters: [idParameter],
          responses: { 200: answer('The lines, mm', schemaOf(outlineInput)), 404: refusals[404] },
        },
      },
      '/api/workshop': {
        get: {
          summary: 'The whole workshop as one file',
          responses: { 200: answer('The file', schemaOf(workshopFile)) },
        },
        put: {
          summary: 'Replace the whole workshop by a file: all of it or nothing',
          requestBody: body(schemaOf(workshopFile, 'input')),
          responses: { 200: answer('How many rows were read', { type: 'object' }), 422: refusals[422] },
        },
      },
    },
  }
}
