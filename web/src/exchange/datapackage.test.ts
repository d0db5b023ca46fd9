import { readFileSync } from 'node:fs';
import { validate } from 'datapackage';
import { describe, expect, it } from 'vitest';

/** What every package says of itself; the server's tests keep it as it is written. */
const DESCRIBED = JSON.parse(readFileSync('../docs/datapackage.json', 'utf8'));

describe('what a package says of its tables', () => {
  it('is a tabular data package by the published schema', async () => {
    const { valid, errors } = await validate(DESCRIBED);
    expect(errors).toEqual([]);
    expect(valid).toBe(true);
  });

  it('would be told if a table lost its columns, or a column had a type that nobody knows', async () => {
    const [first, ...others] = DESCRIBED.resources;
    const bare = { ...first, schema: { ...first.schema, fields: undefined } };
    expect((await validate({ ...DESCRIBED, resources: [bare, ...others] })).valid).toBe(false);
    const odd = { ...first.schema.fields[0], type: 'soil' };
    const strange = { ...first, schema: { ...first.schema, fields: [odd] } };
    expect((await validate({ ...DESCRIBED, resources: [strange, ...others] })).valid).toBe(false);
  });

  it('refers only to tables and columns that are there', () => {
    const columns = new Map<string, string[]>(
      DESCRIBED.resources.map((one: { name: string; schema: { fields: { name: string }[] } }) => [
        one.name,
        one.schema.fields.map((field) => field.name),
      ]),
    );
    const keys = DESCRIBED.resources.flatMap(
      (one: {
        schema: { foreignKeys?: { fields: string; reference: { resource: string; fields: string } }[] };
      }) => one.schema.foreignKeys ?? [],
    );
    expect(keys.length).toBeGreaterThan(20);
    for (const key of keys) expect(columns.get(key.reference.resource)).toContain(key.reference.fields);
  });
});
