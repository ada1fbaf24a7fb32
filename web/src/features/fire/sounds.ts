/** Three short tones, made here, and felt where the device can; off until someone asks for them. */
const KEY = 'geminal.sounds';

export type Sound = 'ready' | 'turn' | 'cold';

const TONES: Record<Sound, readonly (readonly [hertz: number, atS: number])[]> = {
  ready: [
    [660, 0],
    [880, 0.18],
  ],
  turn: [[520, 0]],
  cold: [
    [300, 0],
    [300, 0.2],
    [300, 0.4],
  ],
};

/** Milliseconds of vibration and of rest, in turn. */
const FELT: Record<Sound, readonly number[]> = {
  ready: [200, 80, 400],
  turn: [200],
  cold: [150, 100, 150, 100, 150],
};

export const soundsOn = () => localStorage.getItem(KEY) === 'on';
export const setSounds = (on: boolean) => localStorage.setItem(KEY, on ? 'on' : 'off');

let context: AudioContext | null = null;

export function play(sound: Sound) {
  if (!soundsOn()) return;
  // Safari has none.
  if ('vibrate' in navigator) navigator.vibrate([...FELT[sound]]);
  context ??= new AudioContext();
  const { currentTime } = context;
  for (const [hertz, atS] of TONES[sound]) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(0.2, currentTime + atS);
    volume.gain.exponentialRampToValueAtTime(0.001, currentTime + atS + 0.16);
    tone.connect(volume).connect(context.destination);
    tone.start(currentTime + atS);
    tone.stop(currentTime + atS + 0.17);
  }
}
