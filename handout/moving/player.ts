import { goalsAt, type Movement } from '@/core/body';
import { TONES, type Tone } from '@/core/lead/tones';
import { soundTone } from '@/ui/lead/soundTone';
import { lookLike } from '@/ui/figure/looks';
import { figureMarkup } from '@/ui/figure/markup';
import { patchMarkup } from '@/ui/figure/patch';
import { VIEWS, type View } from '@/ui/figure/view';
import type { MovingData, MovingForm, MovingStroke } from './data';

/**
 * The script of a page that moves. It stands alone in its file: no network, nothing kept but the ticks and the light, on this
 * device.
 */
const data = JSON.parse(document.getElementById('data')?.textContent ?? '{}') as MovingData;
lookLike(data.looks);
const movements = data.movements.map(({ keys, at }): Movement => ({
  keys: keys.flatMap((key) => data.goals[key] ?? []),
  at,
}));

const one = <Kind extends Element>(selector: string): Kind => {
  const found = document.querySelector<Kind>(selector);
  if (!found) throw new Error(`the page has no ${selector}`);
  return found;
};
const stage = one<SVGGElement>('#stage');
const cue = one<HTMLElement>('#cue');
const breathWord = one<HTMLElement>('#breath');
const sound = one<HTMLElement>('#sound');
const count = one<HTMLElement>('#count');
const formName = one<HTMLElement>('#now');
const line = one<SVGPathElement>('#line');
const mark = one<SVGCircleElement>('#mark');
const go = one<HTMLButtonElement>('#go');
const BREATHS = {
  in: 'breathe in',
  out: 'breathe out',
  hold: 'stay, or breathe on',
  free: 'as it comes',
} as const;
const stillness = matchMedia('(prefers-reduced-motion: reduce)');

/** What is kept on this device, where it keeps anything: a file opened from a stick may not. */
const keep = {
  get(name: string): string | null {
    try {
      return localStorage.getItem(`navuren ${data.key} ${name}`);
    } catch {
      return null;
    }
  },
  set(name: string, value: string): void {
    try {
      localStorage.setItem(`navuren ${data.key} ${name}`, value);
    } catch {
      // Then it stays as long as the page is open.
    }
  },
};

let [form, stroke, atMs] = [0, 0, 0];
let playing = false;
let mirrored = document.body.dataset['turn'] !== 'own';
let tones: AudioContext | undefined;

const viewOf = ({ view }: MovingForm): View => ({ ...VIEWS[view], mirrored });
const formAt = (index: number): MovingForm | undefined => data.forms[index];

function draw(
  into: SVGGElement,
  of: MovingForm,
  movement: number,
  share: number,
  detail: 'fingers' | 'folds',
): void {
  const moving = movements[movement];
  if (moving) patchMarkup(into, figureMarkup(goalsAt(moving, share), viewOf(of), { line: 2.8, detail }));
}

/** Height of the breath, 0 empty to 1 full, along a stroke that began at `from`. */
const levelAt = ({ breath }: MovingStroke, from: number, t: number): number => {
  const eased = t * t * (3 - 2 * t);
  if (breath === 'in') return from + (1 - from) * eased;
  if (breath === 'out') return from * (1 - eased);
  return breath === 'hold' ? from : Math.max(0, from * (1 - t)) + 0.1 * Math.sin(Math.PI * 2 * t) ** 2;
};

const WIDE = 600;
const [LOW, HIGH] = [52, 8];
const heightOf = (level: number): number => LOW - level * (LOW - HIGH);
let levels: number[] = [];
let shown = { from: 0, to: 0 };

/** The breath of the round that is done now, as a line. */
function drawLine(): void {
  const of = formAt(form);
  if (!of) return;
  const before = of.strokes.slice(0, stroke).reduce((sum, { ms }) => sum + ms, 0);
  // Half a minute at a time: what was, what is and what comes.
  const windowMs = 30_000;
  const from = Math.floor((before + atMs) / windowMs) * windowMs;
  shown = { from, to: from + windowMs };
  levels = [];
  let [ms, level, path] = [0, 0, ''];
  for (const each of of.strokes) {
    levels.push(level);
    const steps = 16;
    for (let step = 0; step <= steps; step += 1) {
      const x = ((ms + (each.ms * step) / steps - from) / windowMs) * WIDE;
      if (x < -80 || x > WIDE + 80) continue;
      path += `${path === '' ? 'M' : 'L'}${x.toFixed(1)} ${heightOf(levelAt(each, level, step / steps)).toFixed(1)}`;
    }
    level = levelAt(each, level, 1);
    ms += each.ms;
  }
  line.setAttribute('d', path);
}

function show(): void {
  const of = formAt(form);
  const now = of?.strokes[stroke];
  if (!of || !now) return;
  formName.textContent = of.name;
  cue.textContent = now.cue;
  breathWord.textContent = BREATHS[now.breath];
  sound.textContent = now.sound ?? '';
  count.textContent = now.count;
  draw(stage, of, now.movement, stillness.matches ? 1 : atMs / now.ms, 'fingers');
  const before = of.strokes.slice(0, stroke).reduce((sum, { ms }) => sum + ms, 0) + atMs;
  if (before < shown.from || before >= shown.to || levels.length !== of.strokes.length) drawLine();
  mark.setAttribute('cx', (((before - shown.from) / (shown.to - shown.from)) * WIDE).toFixed(1));
  mark.setAttribute('cy', heightOf(levelAt(now, levels[stroke] ?? 0, atMs / now.ms)).toFixed(1));
  document.querySelectorAll('[data-form]').forEach((each, index) => {
    if (index === form) each.setAttribute('aria-current', 'step');
    else each.removeAttribute('aria-current');
  });
}

/** A page is heard from a small loudspeaker: twice as loud as the hall. */
const LOUDER = 2;
function play(tone: Tone): void {
  if (tones) soundTone(tones, tone, LOUDER);
}

function heard(): void {
  const breath = formAt(form)?.strokes[stroke]?.breath;
  if (breath === 'in' || breath === 'out') TONES[breath].forEach(play);
  if (breath === 'hold') TONES.stay.forEach(play);
}

function goTo(next: number): void {
  form = (next + data.forms.length) % data.forms.length;
  [stroke, atMs, levels] = [0, 0, []];
  show();
}

function step(passed: number): void {
  atMs += passed;
  for (let now = formAt(form)?.strokes[stroke]; now && atMs >= now.ms; now = formAt(form)?.strokes[stroke]) {
    atMs -= now.ms;
    stroke += 1;
    if (stroke >= (formAt(form)?.strokes.length ?? 0)) {
      if (form + 1 >= data.forms.length) {
        stop();
        goTo(0);
        TONES.bell.forEach(play);
        return;
      }
      [form, stroke, levels] = [form + 1, 0, []];
      TONES.change.forEach(play);
    }
    heard();
  }
  show();
}

let last: number | undefined;
function frame(at: number): void {
  if (!playing) return;
  // A page that slept goes on where it was.
  step(last === undefined ? 0 : Math.min(250, at - last));
  last = at;
  requestAnimationFrame(frame);
}

function stop(): void {
  playing = false;
  go.textContent = 'Go on';
}

go.addEventListener('click', () => {
  if (playing) return stop();
  playing = true;
  last = undefined;
  go.textContent = 'Hold still';
  heard();
  requestAnimationFrame(frame);
});
one('#back').addEventListener('click', () => goTo(form - 1));
one('#next').addEventListener('click', () => goTo(form + 1));

function toggle(selector: string, isOn: () => boolean, change: () => void): void {
  const button = one<HTMLButtonElement>(selector);
  const told = (): void => button.setAttribute('aria-pressed', String(isOn()));
  told();
  button.addEventListener('click', () => {
    change();
    told();
  });
}

toggle(
  '#tones',
  () => tones !== undefined,
  () => {
    if (tones) void tones.close();
    tones = tones ? undefined : new AudioContext();
  },
);
const root = document.documentElement;
root.dataset['light'] =
  keep.get('light') ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'day');
toggle(
  '#lamp',
  () => root.dataset['light'] === 'lamp',
  () => {
    root.dataset['light'] = root.dataset['light'] === 'lamp' ? 'day' : 'lamp';
    keep.set('light', root.dataset['light']);
  },
);
toggle(
  '#mirror',
  () => mirrored,
  () => {
    mirrored = !mirrored;
    stills();
    show();
  },
);

/** The small pictures beside the words, drawn once; they are what is printed. */
function stills(): void {
  document.querySelectorAll<SVGGElement>('[data-still]').forEach((into, index) => {
    const of = formAt(index);
    if (of) draw(into, of, of.still[0], of.still[1], 'folds');
  });
}

document.querySelectorAll<HTMLButtonElement>('[data-go]').forEach((button, index) => {
  button.addEventListener('click', () => {
    goTo(index);
    one('#top').scrollIntoView({ behavior: stillness.matches ? 'auto' : 'smooth' });
  });
});
document.querySelectorAll<HTMLInputElement>('input[data-day]').forEach((box) => {
  const day = box.dataset['day'] ?? '';
  box.checked = keep.get(day) === '1';
  box.addEventListener('change', () => keep.set(day, box.checked ? '1' : '0'));
});
stills();
goTo(0);
