const HEARD = 'sectum.heard';

const KEPT = 60;

function all(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(HEARD) ?? '[]');
    return Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [];
  } catch {
    return [];
  }
}

/** Whether a hand on this tablet has answered it; kept over reloads and sleep. */
export function heard(key: string): boolean {
  return all().includes(key);
}

export function hear(key: string) {
  localStorage.setItem(HEARD, JSON.stringify([...all().filter((one) => one !== key), key].slice(-KEPT)));
}

/** Two tones and a shake, where the tablet has them and somebody has touched it before. */
export function ring() {
  try {
    navigator.vibrate?.([200, 100, 200]);
    const audio = new AudioContext();
    for (const [i, tone] of [660, 880].entries()) {
      const voice = audio.createOscillator();
      const level = audio.createGain();
      voice.frequency.value = tone;
      level.gain.value = 0.2;
      voice.connect(level).connect(audio.destination);
      voice.start(audio.currentTime + 0.35 * i);
      voice.stop(audio.currentTime + 0.35 * i + 0.3);
    }
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // A tablet without a voice shows the words all the same.
  }
}
