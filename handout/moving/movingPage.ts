import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Goals, Movement } from '@/core/body';
import { AUDIENCE_WORDS } from '@/core/handout/audience';
import type { HomeworkForm, HomeworkSheet } from '@/core/handout/homeworkSheet';
import { phaseName } from '@/core/phases';
import { bodiesOf, type Practice, type Timeline, type TimelineEvent } from '@/core/practice';
import { looksNow } from '@/ui/figure/looks';
import { facesOf } from '../drawing/faces';
import { inksOf, PALETTES, type Light } from '../drawing/inks';
import type { MovingData, MovingForm, MovingStroke } from './data';

/** The page's own script, bundled before the application is built (scripts/player.mjs). */
const PLAYER = path.join(process.cwd(), '.player/player.js');

const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** Numbers of a body to a thousandth: nobody sees a tenth of a millimetre. */
const rounded = <Value>(value: Value): Value =>
  JSON.parse(
    JSON.stringify(value, (_, inner: unknown) =>
      typeof inner === 'number' ? Math.round(inner * 1000) / 1000 : inner,
    ),
  ) as Value;

/** Things told once each, by what they are; told again they are their number. */
function once<Value>() {
  const list: Value[] = [];
  const numbers = new Map<string, number>();
  return {
    list,
    numberOf: (value: Value): number => {
      const key = JSON.stringify(value);
      const known = numbers.get(key);
      if (known !== undefined) return known;
      numbers.set(key, list.length);
      return list.push(value) - 1;
    },
  };
}

/** Talk and settling are shorter at home: nobody explains, ms. */
const LONGEST_QUIET_MS = 4000;

const strokeOf = (event: TimelineEvent, movement: number, name: string): MovingStroke => ({
  ms: event.kind === 'stroke' ? event.lengthMs : Math.min(event.lengthMs, LONGEST_QUIET_MS),
  movement,
  breath: event.breath,
  // The name of the form stands there already.
  cue: event.cue === name ? '' : event.cue,
  ...(event.sound ? { sound: event.sound.written } : {}),
  count: event.repetition > 0 ? `${event.repetition} of ${event.repetitions}` : '',
});

function dataOf(sheet: HomeworkSheet, practice: Practice, timeline: Timeline): MovingData {
  const bodies = bodiesOf(practice, timeline);
  const goals = once<Goals>();
  const movements = once<MovingData['movements'][number]>();
  const numberOf = ({ keys, at }: Movement): number =>
    movements.numberOf({ keys: keys.map((key) => goals.numberOf(rounded(key))), at: rounded(at) });
  const forms = sheet.forms.map((form): MovingForm => {
    const events = timeline.events.filter(({ itemId, lengthMs }) => itemId === form.id && lengthMs > 0);
    const strokes = events.flatMap((event) => {
      const body = bodies[event.index];
      return body ? [strokeOf(event, numberOf(body), form.name)] : [];
    });
    const cycle = events.findIndex(({ part }) => part === 'cycle');
    return {
      name: form.name,
      view: form.form.view ?? 'front',
      strokes,
      still: [strokes[Math.max(0, cycle)]?.movement ?? 0, 1],
    };
  });
  const key = createHash('sha256')
    .update(`${sheet.title} ${sheet.weeks[0]?.first ?? ''}`)
    .digest('hex')
    .slice(0, 12);
  return { key, looks: looksNow(), forms, goals: goals.list, movements: movements.list, weeks: sheet.weeks };
}

const lightRules = (light: Light, phase: HomeworkSheet['phase']): string => {
  const palette = PALETTES[light];
  const scope = light === 'day' ? '' : '[data-light=lamp] ';
  const root = light === 'day' ? ':root' : ':root[data-light=lamp]';
  const inks = Object.entries(inksOf(palette, palette.phases[phase]))
    .filter(([name]) => name.startsWith('fig-'))
    .map(
      ([name, { fill, stroke }]) =>
        `${scope}.${name}{fill:${fill ?? 'none'}${stroke ? `;stroke:${stroke}` : ''}}`,
    );
  return `${root}{--paper:${palette.paper};--leaf:${palette.leaf};--ink:${palette.ink};--faded:${palette.faded};--hair:${palette.hairline};--pigment:${palette.phases[phase]}}${inks.join('')}`;
};

const STYLE = `*{box-sizing:border-box}body{margin:0;background:var(--paper);color:var(--ink);font:18px/1.5 'Navuren Sans',Hanzi,Ubuntu,Calibri,sans-serif}
main{max-width:46rem;margin:0 auto;padding:1rem 1rem 4rem}h1,h2,h3,#now{font-family:'Navuren Serif',Hanzi,Georgia,serif;font-weight:500;line-height:1.2;margin:0}
h1{font-style:italic;font-size:2rem}h2{font-size:1.4rem}.quiet{color:var(--faded)}.mark{color:var(--pigment);font-size:1.2em}
#top{background:var(--leaf);border:1px solid var(--hair);padding:1rem;margin:1rem 0}#top>svg{display:block;width:100%;height:min(58vh,26rem)}#top>svg#breaths{height:3.6rem}
#line{fill:none;stroke:var(--ink);stroke-width:2.5}#mark{fill:var(--pigment)}#said{min-height:6.2rem;text-align:center}#cue{font-size:1.35rem}#sound{font-size:2rem;font-weight:600}#now{font-size:1.5rem}
.row{display:flex;gap:.5rem;justify-content:center;margin:.6rem 0}.row button{flex:0 1 10rem}button{font:inherit;color:inherit;background:var(--leaf);border:1px solid var(--faded);min-height:3rem;min-width:3rem;padding:.4rem .6rem;border-radius:2px;cursor:pointer}
#go{background:var(--ink);color:var(--leaf);border-color:var(--ink);font-size:1.2rem}button[aria-pressed=true]{border-color:var(--ink);box-shadow:inset 0 -3px 0 var(--ink)}
button:focus-visible,input:focus-visible{outline:2px solid var(--ink);outline-offset:2px}
article{display:grid;grid-template-columns:8.5rem 1fr;gap:0 1rem;border-top:1px solid var(--hair);padding:.8rem 0;break-inside:avoid}article svg{width:8.5rem;height:11rem}article[aria-current]{border-left:4px solid var(--pigment);padding-left:.6rem}
article p{margin:.1rem 0}article button{min-height:2.6rem}.weeks label{display:inline-flex;align-items:center;gap:.2rem;min-width:3rem;min-height:2.6rem}.weeks input{width:1.5rem;height:1.5rem;accent-color:var(--ink)}.foot{border-top:1px solid var(--ink);margin-top:1.2rem;padding-top:.6rem}
@media(max-width:28rem){article{grid-template-columns:6rem 1fr}article svg{width:6rem;height:8rem}}
@media print{body{background:none;font-size:11pt}#top,.row,article button{display:none}article svg{width:5.5rem;height:7rem}}`;

const formMarkup = ({ name, hanzi, pinyin, dose, words, sound, mind }: HomeworkForm): string =>
  `<article data-form><svg viewBox="-150 -425 300 452" aria-hidden="true"><g data-still></g></svg><div><h2>${escaped(name)}${hanzi ? ` <span lang="zh-Hant" class="quiet">${escaped(hanzi)}</span>` : ''}${pinyin ? ` <small class="quiet">${escaped(pinyin)}</small>` : ''}</h2><p><strong>${escaped(dose)}</strong>${sound ? ` · ${escaped(sound)}` : ''}</p>${words
    .map(
      ({ breath, text }) =>
        `<p>${breath === 'free' ? '' : `<em class="quiet">${breath}</em> `}${escaped(text)}</p>`,
    )
    .join(
      '',
    )}${mind.length > 0 ? `<p class="quiet">Mind: ${escaped(mind.join(' '))}</p>` : ''}<button type="button" data-go>Show it<span hidden> ${escaped(name)}</span></button></div></article>`;

const weeksMarkup = ({ weeks, how }: HomeworkSheet): string =>
  weeks.length === 0
    ? ''
    : `<section class="weeks" aria-label="Done"><h2>Done</h2><p>${escaped(how)} What you tick stays on this device.</p>${weeks
        .map(
          ({ label, days }) =>
            `<fieldset><legend>${escaped(label)}</legend>${days
              .map(
                ({ day, letter }) =>
                  `<label>${letter}<input type="checkbox" data-day="${day}" aria-label="done on ${day}"></label>`,
              )
              .join('')}</fieldset>`,
        )
        .join('')}</section>`;

function bodyOf(sheet: HomeworkSheet): string {
  const { title, phase, minutes, how, chosen, intention, forms, foot, audience } = sheet;
  const about = [`${minutes} minutes`, how.replace(/\.$/, ''), chosen].filter(Boolean).join(' · ');
  return `<main><h1>${escaped(title)}</h1><p><span class="mark" lang="zh-Hant">${phaseName(phase).hanzi}</span> ${escaped(about)}</p>${intention ? `<p><em>${escaped(intention)}</em></p>` : ''}
<section id="top" aria-label="The figure"><svg viewBox="-190 -432 380 464" role="img" aria-label="The figure, moving as the words say"><g id="stage"></g></svg>
<svg id="breaths" viewBox="0 0 600 60" preserveAspectRatio="none" aria-hidden="true"><path id="line" d=""/><circle id="mark" r="6"/></svg>
<div id="said"><div id="now"></div><div><span id="breath" class="quiet"></span> <span id="count" class="quiet"></span></div><div id="sound"></div><div id="cue"></div></div>
<div class="row"><button type="button" id="back">Form before</button><button type="button" id="go">Begin</button><button type="button" id="next">Next form</button></div>
<div class="row"><button type="button" id="tones" aria-pressed="false">Tones</button><button type="button" id="mirror" aria-pressed="true">As in a mirror</button><button type="button" id="lamp" aria-pressed="false">Lamplight</button></div></section>
${forms.map(formMarkup).join('\n')}
${weeksMarkup(sheet)}
<p class="foot">${escaped(foot.join(' '))}</p><p class="quiet"><small>${AUDIENCE_WORDS[audience]}</small></p></main>`;
}

const hashOf = (text: string): string => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;

/**
 * A practice as one page that moves, in one file: the figure, its breath, its words and its tones, and boxes to tick. It needs
 * no network and may reach none: its own policy lets in its one script and its one style and nothing else.
 */
export async function movingPage(
  sheet: HomeworkSheet,
  practice: Practice,
  timeline: Timeline,
  turn: 'mirror' | 'own',
): Promise<string> {
  const script = readFileSync(PLAYER, 'utf8');
  const body = bodyOf(sheet);
  const style = `${await facesOf(body.replace(/<[^>]*>/g, ''))}${lightRules('day', sheet.phase)}${lightRules('lamp', sheet.phase)}${STYLE}`;
  const policy = `default-src 'none'; script-src ${hashOf(script)}; style-src ${hashOf(style)}; font-src data:; base-uri 'none'; form-action 'none'`;
  const data = JSON.stringify(dataOf(sheet, practice, timeline)).replaceAll('<', '\\u003c');
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="${policy}">
<meta name="viewport" content="width=device-width,initial-scale=1"><meta name="referrer" content="no-referrer"><title>${escaped(sheet.title)}</title>
<style>${style}</style></head><body data-turn="${turn}">${body}
<script type="application/json" id="data">${data}</script><script>${script}</script></body></html>
`;
}
