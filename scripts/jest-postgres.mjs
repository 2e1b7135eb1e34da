// For the tests that run against a real server: one for all of them, made before the first and gone after the last.
import { makePostgres } from './postgres.mjs';

export default async function start() {
  const running = await makePostgres();
  process.env.NAVUREN_TEST_POSTGRES = running.address();
  process.env.NAVUREN_TEST_POSTGRES_DATA = running.data;
  globalThis.navurenPostgres = running;
}
