import { useEffect, useRef } from 'react';

/** Keeps the screen on while the kitchen is on it, where the device can. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const keep = async () => {
      if (document.visibilityState === 'visible' && 'wakeLock' in navigator) {
        try {
          lock = await navigator.wakeLock.request('screen');
        } catch {
          // low battery, or not allowed: the screen goes off as it always does
        }
      }
    };
    void keep();
    document.addEventListener('visibilitychange', keep);
    return () => {
      document.removeEventListener('visibilitychange', keep);
      void lock?.release();
    };
  }, []);
}

/** Three short tones, again every ten seconds while something rings; on a page nobody has touched yet from the first touch on. */
export function useRinging(rings: boolean) {
  useEffect(() => {
    if (!rings || typeof AudioContext === 'undefined') {
      return;
    }
    let audio: AudioContext | undefined;
    const ring = () => {
      // a browser lets no page sound before that, and complains of one that tries
      if (navigator.userActivation?.hasBeenActive === false) {
        return;
      }
      audio ??= new AudioContext();
      for (const beat of [0, 0.35, 0.7]) {
        const tone = audio.createOscillator();
        const loud = audio.createGain();
        tone.frequency.value = 880;
        loud.gain.value = 0.2;
        tone.connect(loud).connect(audio.destination);
        tone.start(audio.currentTime + beat);
        tone.stop(audio.currentTime + beat + 0.2);
      }
    };
    const touched = () => {
      if (!audio) {
        ring();
      }
    };
    ring();
    const again = setInterval(ring, 10_000);
    document.addEventListener('click', touched);
    return () => {
      clearInterval(again);
      document.removeEventListener('click', touched);
      void audio?.close();
    };
  }, [rings]);
}

/** Says it aloud when it changes, where the device can. */
export function useSpoken(words: string, on: boolean) {
  const said = useRef('');
  useEffect(() => {
    if (on && words !== said.current && 'speechSynthesis' in window) {
      window.speechSynthesis.cancel();
      window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    }
    said.current = words;
  }, [words, on]);
}
