import { useEffect, useRef, useState } from 'react';
import type { ScriptLine } from '@/core/script';
import { toSay } from '@/core/script/speaking';

const isEnglish = ({ lang }: SpeechSynthesisVoice): boolean => lang.toLowerCase().startsWith('en');
/** The voice the words are said by: one on this machine; what would send the words elsewhere is none. */
export function voiceHere(): SpeechSynthesisVoice | undefined {
  if (typeof speechSynthesis === 'undefined') return undefined;
  return speechSynthesis.getVoices().find((voice) => voice.localService && isEnglish(voice));
}

/**
 * Says the script by the browser's own voice, while `on`. Tells whether there is one: nothing is fetched, and where none is
 * installed nothing is said.
 */
export function useVoice(on: boolean, running: boolean, lines: readonly ScriptLine[], atMs: number): boolean {
  const [voice, setVoice] = useState<SpeechSynthesisVoice | undefined>(voiceHere);
  useEffect(() => {
    if (typeof speechSynthesis === 'undefined') return undefined;
    const loaded = (): void => setVoice(voiceHere());
    speechSynthesis.addEventListener('voiceschanged', loaded);
    return () => {
      speechSynthesis.removeEventListener('voiceschanged', loaded);
      speechSynthesis.cancel();
    };
  }, []);
  const saidTo = useRef(-1);
  const isSpeaking = on && running && voice !== undefined;
  useEffect(() => {
    if (voice !== undefined && !isSpeaking) speechSynthesis.cancel();
  }, [isSpeaking, voice]);
  useEffect(() => {
    if (!isSpeaking) return;
    const now = toSay(lines, saidTo.current, atMs);
    if (!now) return;
    saidTo.current = now.saidTo;
    if (now.text === '') return;
    const said = new SpeechSynthesisUtterance(now.text);
    said.voice = voice;
    said.rate = now.rate;
    // What was not finished gives way to what is done now.
    speechSynthesis.cancel();
    speechSynthesis.speak(said);
  }, [atMs, isSpeaking, lines, voice]);
  return voice !== undefined;
}
