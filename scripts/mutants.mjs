// npm run mutants [-- folder … --count 20 --seed 1]: puts small bugs into the code, one at a time, and runs the unit
// tests that stand near. Tells which were noticed; what survives is a test that is missing. No part of the checks.
import { execFileSync, spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { root } from './lib.mjs';

const DEFAULT_FOLDERS = [
  'core/time',
  'core/practice',
  'core/log',
  'core/formats',
  'core/desk',
  'core/documents',
];
const args = process.argv.slice(2);
const option = (name, otherwise) => {
  const at = args.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(args[at + 1]);
};
const chosen = args.filter((arg, at) => !arg.startsWith('--') && !args[at - 1]?.startsWith('--'));
const folders = chosen.length > 0 ? chosen : DEFAULT_FOLDERS;
const [count, seed] = [option('count', 20), option('seed', 1)];
/** A test run that takes longer than this has been noticed: the bug made something endless. */
const PATIENCE_MS = 300_000;

/** Small bugs of an operator: each a thing a tired hand writes. */
const SWAPPED = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);

/** Every place of a file where a small bug can be put, with what would stand there. */
function placesIn(file) {
  const text = readFileSync(path.join(root, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const places = [];
  const put = (node, by) =>
    places.push({ file, from: node.getStart(source), to: node.getEnd(), by, was: node.getText(source) });
  const visit = (node) => {
    // Types hold no bugs that a test could notice.
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node) && SWAPPED.has(node.operatorToken.kind))
      put(node.operatorToken, SWAPPED.get(node.operatorToken.kind));
    else if (ts.isNumericLiteral(node)) put(node, String(Number(node.text.replaceAll('_', '')) + 1));
    else if (node.kind === ts.SyntaxKind.TrueKeyword) put(node, 'false');
    else if (node.kind === ts.SyntaxKind.FalseKeyword) put(node, 'true');
    else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      put(node, node.operand.getText(source));
    else if (ts.isPropertyAccessExpression(node) && node.expression.getText(source) === 'Math') {
      if (node.name.text === 'min') put(node.name, 'max');
      if (node.name.text === 'max') put(node.name, 'min');
      if (node.name.text === 'round') put(node.name, 'floor');
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return places;
}

/** The same bugs for the same seed. */
function drawn(places, many) {
  let state = seed;
  const next = () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
  const left = [...places];
  const taken = [];
  while (taken.length < many && left.length > 0)
    taken.push(...left.splice(Math.floor(next() * left.length), 1));
  return taken;
}

/** Whether the tests of a folder notice the code as it stands. */
function isNoticed(folder) {
  const jest = path.join(root, 'node_modules/jest/bin/jest.js');
  const run = spawnSync(
    process.execPath,
    ['--experimental-vm-modules', '--no-warnings', jest, '--bail', '--silent', `${folder}/`],
    { cwd: root, stdio: 'ignore', timeout: PATIENCE_MS },
  );
  return run.status !== 0;
}

const tracked = execFileSync('git', ['status', '--porcelain', ...folders], { cwd: root, encoding: 'utf8' });
if (tracked.trim() !== '') {
  console.error('Commit first: this writes into the files it tries, and puts them back as they were.');
  process.exit(1);
}
for (const folder of folders) {
  const files = execFileSync('git', ['ls-files', `${folder}/**.ts`, `${folder}/*.ts`], {
    cwd: root,
    encoding: 'utf8',
  })
    .split('\n')
    .filter((file) => file !== '' && !/\.test\./.test(file) && !file.endsWith('index.ts'));
  const bugs = drawn([...new Set(files)].flatMap(placesIn), count);
  let noticed = 0;
  for (const { file, from, to, by, was } of bugs) {
    const whole = path.join(root, file);
    const text = readFileSync(whole, 'utf8');
    const line = text.slice(0, from).split('\n').length;
    try {
      writeFileSync(whole, text.slice(0, from) + by + text.slice(to));
      if (isNoticed(folder)) noticed += 1;
      else console.log(`survived  ${file}:${line}  ${was} → ${by}`);
    } finally {
      writeFileSync(whole, text);
    }
  }
  const share = bugs.length === 0 ? 100 : Math.round((100 * noticed) / bugs.length);
  console.log(`${folder}: ${noticed} of ${bugs.length} noticed (${share} %)`);
}
