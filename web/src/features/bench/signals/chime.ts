const offKey = 'yellow-ledger.chime-off';

/** Whether something dry is to be heard. */
export const chimeSetting = {
  isOn: () => localStorage.getItem(offKey) === null,
  turn(on: boolean) {
    if (on) localStorage.removeItem(offKey);
    else localStorage.setItem(offKey, 'off');
  },
};

let sounds: AudioContext | null = null;

/** Two soft notes; silent where the browser has not been touched yet, or sound is turned off. */
export function chime(): void {
  if (!chimeSetting.isOn()) return;
  try {
    sounds ??= new AudioContext();
    if (sounds.state === 'suspended') void sounds.resume();
    [660, 880].forEach((pitch, index) => note(sounds as AudioContext, pitch, index * 0.22));
  } catch {
    // A device without sound: the title of the page says it.
  }
}

function note(context: AudioContext, pitch: number, after: number): void {
  const tone = context.createOscillator();
  const loudness = context.createGain();
  const start = context.currentTime + after;
  tone.frequency.value = pitch;
  loudness.gain.setValueAtTime(0, start);
  loudness.gain.linearRampToValueAtTime(0.2, start + 0.02);
  loudness.gain.exponentialRampToValueAtTime(0.001, start + 0.5);
  tone.connect(loudness).connect(context.destination);
  tone.start(start);
  tone.stop(start + 0.55);
}
