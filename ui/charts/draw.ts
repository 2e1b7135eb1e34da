import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { barsConfig, stepsConfig } from './config';
import type { ChartSpec, Inks } from './spec';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
);

/** The colours of the page as they are now; where the system chooses them, its own. */
function inksHere(element: Element): Inks {
  const style = getComputedStyle(element);
  const of = (name: string): string => style.getPropertyValue(`--${name}`).trim();
  const font = style.fontFamily;
  if (matchMedia('(forced-colors: active)').matches)
    return { ink: 'CanvasText', faded: 'CanvasText', hairline: 'GrayText', font };
  return { ink: of('ink'), faded: of('faded'), hairline: of('hairline'), font };
}

/** Draws a chart on a canvas, and anew when the light changes. Returns what takes it away. */
export function drawChart(canvas: HTMLCanvasElement, spec: ChartSpec): () => void {
  const put = () => {
    const inks = inksHere(canvas);
    return spec.kind === 'bars'
      ? new Chart(canvas, barsConfig(spec, inks))
      : new Chart(canvas, stepsConfig(spec, inks));
  };
  let chart = put();
  const again = (): void => {
    chart.destroy();
    chart = put();
  };
  const light = new MutationObserver(again);
  light.observe(document.documentElement, { attributeFilter: ['data-light', 'data-contrast'] });
  const forced = matchMedia('(forced-colors: active)');
  forced.addEventListener('change', again);
  return () => {
    light.disconnect();
    forced.removeEventListener('change', again);
    chart.destroy();
  };
}
