// Says to server/open.test.data.ts that this file's databases are made on the server of scripts/jest-postgres.mjs.
process.env.NAVUREN_TEST_ON = 'server';
