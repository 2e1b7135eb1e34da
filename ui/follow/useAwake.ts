import { useEffect, useState } from 'react';

/**
 * A phone at a plain http address has no wake lock. One that shows a film stays on on some platforms (from memory; a browser
 * may refuse): this is a film of a few still dots, made here, silent, and out of the way.
 */
function showFilm(): () => void {
  const canvas = document.createElement('canvas');
  canvas.width = 2;
  canvas.height = 2;
  const drawing = canvas.getContext('2d');
  if (!drawing || typeof canvas.captureStream !== 'function') return () => undefined;
  const film = document.createElement('video');
  film.muted = true;
  film.playsInline = true;
  film.setAttribute('aria-hidden', 'true');
  film.className = 'pointer-events-none fixed right-0 bottom-0 h-px w-px opacity-0';
  film.srcObject = canvas.captureStream(1);
  document.body.append(film);
  // Only what is drawn anew is a film.
  const drawn = setInterval(() => drawing.fillRect(0, 0, 2, 2), 1000);
  const play = (): void => void film.play().catch(() => undefined);
  play();
  // Some begin only after a touch.
  document.addEventListener('pointerdown', play, { once: true });
  return () => {
    clearInterval(drawn);
    document.removeEventListener('pointerdown', play);
    film.remove();
  };
}

/** Whether a screen can be told to stay on here; where it cannot, what helps on some is done while it is wanted. */
export function useAwake(wanted: boolean): boolean {
  const [canWake] = useState(() => 'wakeLock' in navigator);
  useEffect(() => (wanted && !canWake ? showFilm() : undefined), [canWake, wanted]);
  return canWake;
}
