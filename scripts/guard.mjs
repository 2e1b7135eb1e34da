// What is turned away before the framework sees it: requests it would answer with an error of its own.

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'OPTIONS']);
const LONGEST_ADDRESS = 8000;

/** Headers only the framework’s own pages send, and what they look like when they do. */
const ROUTER_HEADERS = {
  'next-router-state-tree': isTree,
  'next-router-prefetch': (value) => /^[0-9]{1,2}$/.test(value),
  'next-router-segment-prefetch': (value) => /^[\w/$!.()[\]%@:=~-]{1,400}$/.test(value),
  'next-hmr-refresh': (value) => /^[01]$/.test(value),
  'next-url': (value) => /^\/[^\s]{0,2000}$/.test(value),
  rsc: (value) => /^[0-9]{1,2}$/.test(value),
};
/** There are no server actions here, and no proxy in front: whoever sends these is no page of ours. */
const NEVER = [
  'next-action',
  'x-middleware-subrequest',
  'x-invoke-path',
  'x-invoke-query',
  'x-invoke-output',
];

/** A tree as the router writes it: nested lists of a segment, its children by name, and up to a few words. */
function isTree(value) {
  try {
    const isSegment = (one) =>
      typeof one === 'string' || (Array.isArray(one) && one.length >= 3 && one.length <= 5);
    const good = (node, depth) =>
      depth < 20 &&
      Array.isArray(node) &&
      node.length >= 2 &&
      node.length <= 8 &&
      isSegment(node[0]) &&
      typeof node[1] === 'object' &&
      node[1] !== null &&
      !Array.isArray(node[1]) &&
      Object.values(node[1]).every((child) => good(child, depth + 1));
    return good(JSON.parse(decodeURIComponent(value)), 0);
  } catch {
    return false;
  }
}

/** Whether an address can be read: percent signs in pairs, whole characters, nothing no name may hold. */
function readable(address) {
  try {
    const text = decodeURIComponent(address.split('?')[0] ?? '');
    return (
      !text.includes('\0') &&
      !text.includes('\\') &&
      !/[\ud800-\udfff](?![\udc00-\udfff])/.test(text.replace(/[\ud800-\udbff][\udc00-\udfff]/g, ''))
    );
  } catch {
    return false;
  }
}

/** Why a request is turned away: a status and a sentence; undefined where it may go on. */
export function turnedAway({ method, url, headers }) {
  if (!METHODS.has(method ?? '')) return [405, 'Navuren does not know that kind of request.'];
  const address = url ?? '';
  if (!address.startsWith('/') || address.startsWith('//')) return [400, 'That is no address of Navuren.'];
  if (address.length > LONGEST_ADDRESS) return [414, 'That address is longer than any of Navuren.'];
  if (!readable(address))
    return [400, 'That address cannot be read: a percent sign stands wrong, or a character is no whole one.'];
  if (NEVER.some((name) => headers[name] !== undefined))
    return [400, 'That request was not made by a page of Navuren.'];
  for (const [name, looksRight] of Object.entries(ROUTER_HEADERS)) {
    const value = headers[name];
    if (value !== undefined && (Array.isArray(value) || !looksRight(value)))
      return [400, `The header ${name} is not as a page of Navuren sends it.`];
  }
  return undefined;
}

/** Answers what is turned away, in the form every refusal has. */
export function refuse(response, [status, message]) {
  response.writeHead(status, {
    'content-type': 'application/json; charset=utf-8',
    'cache-control': 'no-store',
    'x-content-type-options': 'nosniff',
    ...(status === 405 ? { allow: [...METHODS].join(', ') } : {}),
  });
  response.end(JSON.stringify({ problem: { message } }));
}
