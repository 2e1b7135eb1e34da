const SVG = 'http://www.w3.org/2000/svg';
const TOKEN = /<(\/?)([a-zA-Z]+)([^>]*?)(\/?)>|([^<]+)/g;
const ATTRIBUTE = /([\w-]+)="([^"]*)"/g;

/** The attributes each element was last given, as text: most of a figure stands still most of the time. */
const given = new WeakMap<Element, string>();

/** Gives an element the attributes of its markup, touching only those that differ. */
function setAttributes(element: Element, text: string): void {
  if (given.get(element) === text) return;
  given.set(element, text);
  let count = 0;
  for (const [, name = '', value = ''] of text.matchAll(ATTRIBUTE)) {
    count += 1;
    if (element.getAttribute(name) !== value) element.setAttribute(name, value);
  }
  if (element.attributes.length === count) return;
  const wanted = new Set([...text.matchAll(ATTRIBUTE)].map(([, name]) => name));
  for (const { name } of [...element.attributes]) if (!wanted.has(name)) element.removeAttribute(name);
}

function childAt(parent: Element, index: number, tag: string): Element {
  const there = parent.children[index];
  if (there?.tagName === tag) return there;
  const fresh = document.createElementNS(SVG, tag);
  if (there) parent.replaceChild(fresh, there);
  else parent.append(fresh);
  return fresh;
}

function trim(parent: Element, count: number): void {
  while (parent.children.length > count) parent.lastElementChild?.remove();
}

/**
 * Makes the children of an element what the figure's markup says, keeping the elements there are: a frame
 * of a moving figure then only changes the outlines, which is several times cheaper than parsing it anew.
 * For the figure's own markup only: quoted attributes, no entities, text only in `text` elements.
 */
export function patchMarkup(root: Element, markup: string): void {
  const path: { readonly element: Element; next: number }[] = [{ element: root, next: 0 }];
  for (const [, closes, tag = '', attributes = '', alone, text] of markup.matchAll(TOKEN)) {
    const here = path[path.length - 1];
    if (!here) return;
    if (text !== undefined) {
      if (here.element.textContent !== text) here.element.textContent = text;
    } else if (closes) {
      trim(here.element, here.next);
      path.pop();
    } else {
      const element = childAt(here.element, here.next, tag);
      here.next += 1;
      setAttributes(element, attributes);
      if (alone) trim(element, 0);
      else path.push({ element, next: 0 });
    }
  }
  trim(root, path[0]?.next ?? 0);
}
