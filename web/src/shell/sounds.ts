import { preference } from '../ui/preferences';

/** Three sounds that cannot be taken for one another: done, look here, no. */
const SOUNDS = {
  done: [{ pitch: 880, from: 0, length: 0.07 }],
  look: [
    { pitch: 660, from: 0, length: 0.09 },
    { pitch: 990, from: 0.11, length: 0.12 },
  ],
  no: [
    { pitch: 220, from: 0, length: 0.16 },
    { pitch: 165, from: 0.18, length: 0.22 },
  ],
};

export type Sound = keyof typeof SOUNDS;

let context: AudioContext | null = null;

export function play(sound: Sound): void {
  if (preference('sounds') !== 'on') return;
  context ??= new AudioContext();
  for (const tone of SOUNDS[sound]) {
    const oscillator = context.createOscillator();
    const gain = context.createGain();
    oscillator.type = sound === 'no' ? 'square' : 'sine';
    oscillator.frequency.value = tone.pitch;
    const begin = context.currentTime + tone.from;
    gain.gain.setValueAtTime(0.12, begin);
    gain.gain.exponentialRampToValueAtTime(0.001, begin + tone.length);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start(begin);
    oscillator.stop(begin + tone.length);
  }
}
